import type { PieceContext } from '../../context/index.ts';
import type { Backdrop } from '../../piece/index.ts';
import { figure, type Reckoning, sourced, type Term, termFrom, type Verdict } from '../../reckoning/index.ts';
import { BACKDROP } from '../builtFigures.ts';
import type { Placed } from '../plan/standing.ts';
import { outOfPicture } from './camera.ts';

const NAMES: Readonly<Record<keyof Backdrop, string>> = {
  sensorMm: 'Picture on the sensor, wide',
  sensorHighMm: 'Picture on the sensor, high',
  focalMm: 'Focal length',
  awayMm: 'From the camera to what is sharp',
  behindMm: 'From there to the board',
  fNumber: 'Stop of the lens',
  marginPct: 'More than is seen, each way',
  sheetMm: 'A sheet, wide',
  fromDeg: 'The camera lies, from the front',
};

function entry(
  backdrop: Backdrop,
  symbol: string,
  field: keyof Backdrop,
  unit: Term['quantity']['unit'] = 'mm',
): Term {
  return {
    symbol,
    name: NAMES[field],
    quantity: { value: backdrop[field], unit },
    origin: { kind: 'entry', path: ['backdrop', field] },
  };
}

/** Angle that a lens takes in across a picture, °. */
export function angleOf(acrossMm: number, focalMm: number): number {
  return (2 * Math.atan(acrossMm / (2 * focalMm)) * 180) / Math.PI;
}

/** Focal length that takes in an angle across a picture, mm. */
export function focalOf(acrossMm: number, angleDeg: number): number {
  return acrossMm / (2 * Math.tan((angleDeg * Math.PI) / 360));
}

/** What of the width of a picture a point of the board is spread over, % (thin lens, in focus before it). */
export function blurPct({ sensorMm: s, focalMm: f, awayMm: a, behindMm: b, fNumber: n }: Backdrop): number {
  return (100 * f ** 2 * b) / (n * (a + b) * (a - f)) / s;
}

/** How far behind a board has to stand to be so soft; null where it never is. */
export function behindFor(
  { sensorMm: s, focalMm: f, awayMm: a, fNumber: n }: Backdrop,
  pct: number,
): number | null {
  const spread = (pct / 100) * s * n * (a - f);
  return f ** 2 > spread ? (spread * a) / (f ** 2 - spread) : null;
}

/** Whether a join of the board is seen. */
function judgeJoins(backdrop: Backdrop, sheets: number, soft: number, melts: number): Verdict {
  const say = (level: Verdict['level'], says: string, waysOut: Verdict['waysOut'] = []): Verdict => ({
    level,
    wording: 'state',
    says,
    waysOut,
  });
  if (sheets <= 1) return say('good', 'one sheet: there is no join');
  if (soft >= melts) return say('good', 'its joins melt away');
  const behind = behindFor(backdrop, melts);
  return say('doubtful', 'its joins are seen', [
    ...(behind === null
      ? []
      : [
          {
            says: `stand it ${Math.ceil(behind)} mm behind what is sharp`,
            change: { path: ['backdrop', 'behindMm'], value: Math.ceil(behind) },
          },
        ]),
    { says: 'open the lens, by a smaller number of its stop' },
    { says: 'one sheet without a join, or a join behind something that stands' },
  ]);
}

/** What stands on the plan and is not in the picture. */
function reckonOutside(backdrop: Backdrop, placed: readonly Placed[], terms: readonly Term[]): Reckoning {
  const out = outOfPicture(backdrop, placed);
  const names = [...new Set(out.map(({ print }) => print.name))];
  return figure(BACKDROP.outside, {
    part: null,
    value: out.length,
    terms,
    verdict:
      out.length === 0
        ? { level: 'good', wording: 'state', says: 'all that stands is in the picture', waysOut: [] }
        : {
            level: 'doubtful',
            wording: 'state',
            says: `${names.slice(0, 4).join(', ')}${names.length > 4 ? ` and ${names.length - 4} more` : ''} not wholly in the picture`,
            waysOut: [
              {
                says: 'the camera farther off, by a quarter',
                change: { path: ['backdrop', 'awayMm'], value: Math.ceil(backdrop.awayMm * 1.25) },
              },
              { says: 'a lens of a shorter focal length' },
            ],
          },
  });
}

/** How large a board behind it all has to be for a camera, of how many sheets, and whether its joins are seen. */
export function reckonBackdrop(
  { own, piece: { backdrop } }: PieceContext,
  placed: readonly Placed[],
): Reckoning[] {
  if (!backdrop) return [];
  const { focalMm, awayMm } = backdrop;
  if (awayMm <= focalMm)
    return [
      figure(BACKDROP.width, {
        part: null,
        value: 0,
        formula: 'W = 0',
        terms: [],
        verdict: {
          level: 'stop',
          wording: 'state',
          says: 'the camera is nearer than its own focal length: nothing is sharp',
          waysOut: [
            { says: 'ten focal lengths away', change: { path: ['backdrop', 'awayMm'], value: 10 * focalMm } },
          ],
        },
      }),
    ];
  const [a, b, f, m] = [
    entry(backdrop, 'a', 'awayMm'),
    entry(backdrop, 'b', 'behindMm'),
    entry(backdrop, 'f', 'focalMm'),
    entry(backdrop, 'm', 'marginPct', '%'),
  ];
  const s = entry(backdrop, 's', 'sensorMm');
  const to = backdrop.awayMm + backdrop.behindMm;
  const across = (mm: number) => ((to * mm) / focalMm) * (1 + backdrop.marginPct / 100);
  const width = figure(BACKDROP.width, {
    part: null,
    value: across(backdrop.sensorMm),
    terms: [a, b, s, f, m],
  });
  const height = figure(BACKDROP.height, {
    part: null,
    value: across(backdrop.sensorHighMm),
    terms: [a, b, entry(backdrop, 's', 'sensorHighMm'), f, m],
  });
  const count = Math.ceil(width.quantity.value / backdrop.sheetMm - 1e-9);
  const sheets = figure(BACKDROP.sheets, {
    part: null,
    value: count,
    terms: [termFrom('W', width), entry(backdrop, 'w', 'sheetMm')],
    note: `A support behind each join and at either end: ${count + 1}.`,
  });
  const melts = sourced('backdrop.melts', own);
  const soft = blurPct(backdrop);
  const blur = figure(BACKDROP.blur, {
    part: null,
    value: soft,
    terms: [a, b, f, s, entry(backdrop, 'N', 'fNumber', ''), melts.term('p')],
    verdict: judgeJoins(backdrop, count, soft, melts.value),
  });
  const [covers, coats] = [sourced('backdrop.paint', own), sourced('backdrop.coats', own)];
  const area = (width.quantity.value * height.quantity.value) / 100;
  const paint = figure(BACKDROP.paint, {
    part: null,
    value: area * covers.value * coats.value,
    terms: [
      {
        symbol: 'A',
        name: 'The board',
        quantity: { value: area, unit: 'cm²' },
        origin: { kind: 'shape', says: 'its width by its height' },
      },
      covers.term('k'),
      coats.term('n'),
    ],
    note: 'Mixed at one go for all its sheets, so that they match.',
  });
  const outside = placed.length > 0 ? [reckonOutside(backdrop, placed, [a, b, s, f])] : [];
  return [width, height, sheets, blur, paint, ...outside];
}

import { type Nesting, nest } from '../../armature/index.ts';
import type { PieceContext } from '../../context/index.ts';
import type { Timber } from '../../piece/index.ts';
import {
  figure,
  type Reckoning,
  shapedBy,
  sourced,
  type Term,
  termFrom,
  type Verdict,
} from '../../reckoning/index.ts';
import { TIMBER } from '../builtFigures.ts';
import { type FramedOf, whyNotFramed } from './framedOf.ts';
import { type Built, builtOf, type FenceOf, type StepsOf, type Stick, sticksOf } from './timberOf.ts';

/** What is built from sticks, worked out. */
export interface TimberFacts {
  readonly id: string;
  readonly built: Built;
  readonly sticks: readonly Stick[];
  /** Every piece by its length, as the bars are cut. */
  readonly piecesMm: readonly number[];
  readonly nesting: Nesting;
}

/** More pieces than this are not laid out on stock one by one. */
const MOST_PIECES = 5000;

type Field = Exclude<keyof Timber, 'id' | 'name' | 'kind' | 'stuff'>;

const isBench = (field: Field) => field === 'stockMm' || field === 'kerfMm';

function entry({ id, ...timber }: Timber, symbol: string, name: string, field: Field): Term {
  const unit = field === 'rails' ? 'count' : isBench(field) ? 'mm' : 'mm in life';
  return {
    symbol,
    name,
    quantity: { value: timber[field], unit },
    origin: { kind: 'entry', path: ['timber', id, field] },
  };
}

const shaped = shapedBy('how it is built');

/** Whether feet find their way: the tread of the residential code, and twice the rise with the tread as a stride. */
function judgeSteps({ own }: PieceContext, timber: Timber, { riseMm }: StepsOf): Verdict {
  const least = sourced('timber.tread', own).value;
  const stride = 2 * riseMm + timber.stepMm;
  const [short, long] = [sourced('timber.stride-least', own).value, sourced('timber.stride-most', own).value];
  const path = ['timber', timber.id, 'stepMm'];
  const wanted = Math.round(Math.max(least, (short + long) / 2 - 2 * riseMm));
  const way = [{ says: `treads of ${wanted} mm in life`, change: { path, value: wanted } }];
  const say = (level: Verdict['level'], says: string): Verdict => ({
    level,
    wording: 'state',
    says,
    waysOut: level === 'good' ? [] : way,
  });
  if (timber.stepMm < least) return say('doubtful', `treads under ${least} mm in life read as a ladder`);
  if (stride < short || stride > long)
    return say('doubtful', `twice the rise and a tread are ${Math.round(stride)} mm in life: no stride`);
  return say('good', 'climbs as stairs do');
}

function stepFigures(context: PieceContext, timber: Timber, built: StepsOf, titled: Titled): Reckoning[] {
  const most = sourced('timber.rise', context.own);
  const high = entry(timber, 'H', 'All it climbs', 'heightMm');
  const risers = figure(TIMBER.risers, {
    ...titled('risers'),
    value: built.risers,
    terms: [high, most.term('q')],
  });
  const rise = figure(TIMBER.rise, {
    ...titled('each rises'),
    value: built.riseMm,
    terms: [high, termFrom('m', risers)],
    verdict: judgeSteps(context, timber, built),
  });
  const angle = figure(TIMBER.angle, {
    ...titled('its slope'),
    value: built.angleDeg,
    terms: [termFrom('h', rise), entry(timber, 'g', 'A tread, from front to front', 'stepMm')],
  });
  return [risers, rise, angle];
}

function fenceFigures(timber: Timber, built: FenceOf, titled: Titled): Reckoning[] {
  return [
    figure(TIMBER.bays, {
      ...titled('bays'),
      value: built.bays,
      terms: [
        entry(timber, 'L', 'Long', 'lengthMm'),
        entry(timber, 't', 'Sticks, thick', 'thickMm'),
        entry(timber, 'p', 'From post to post at most', 'stepMm'),
      ],
    }),
  ];
}

type Titled = (what: string) => { readonly at: string; readonly part: null; readonly title: string };

/** What has no room between its posts. */
function tooThick(timber: Timber): Verdict {
  return {
    level: 'stop',
    wording: 'state',
    says: 'its posts leave no room between them',
    waysOut: [
      {
        says: 'posts as far apart as it is high',
        change: { path: ['timber', timber.id, 'stepMm'], value: timber.heightMm },
      },
    ],
  };
}

/** What cannot be built so, with its way out; null where it can. */
function fault(timber: Timber, built: Built): Verdict | null {
  if (built.kind === 'fence') return built.railMm <= 0 ? tooThick(timber) : null;
  const why = built.kind === 'steps' ? null : whyNotFramed(timber);
  if (why === null) return null;
  const { lengthMm, heightMm, thickMm } = timber;
  const thinner = Math.max(1, Math.floor(Math.min(lengthMm, heightMm) / 10));
  const path = (field: Field) => ['timber', timber.id, field];
  return {
    level: 'stop',
    wording: 'state',
    says: why,
    waysOut:
      thickMm > thinner
        ? [{ says: `sticks of ${thinner} mm in life`, change: { path: path('thickMm'), value: thinner } }]
        : [
            {
              says: `bars every ${Math.ceil(lengthMm / 20)} mm in life`,
              change: { path: path('palesMm'), value: Math.ceil(lengthMm / 20) },
            },
            {
              says: `posts every ${Math.ceil(lengthMm / 4)} mm in life`,
              change: { path: path('stepMm'), value: Math.ceil(lengthMm / 4) },
            },
          ],
  };
}

/** How the number of pieces comes about. */
function piecesFrom(
  timber: Timber,
  built: Built,
  sticks: readonly Stick[],
): Pick<Parameters<typeof figure>[1], 'formula' | 'terms'> {
  switch (built.kind) {
    case 'fence':
      return {
        formula: 'n = b + 1 + (r + k) × b',
        terms: [
          shaped('b', 'Bays', built.bays, 'count'),
          shaped('r', 'Rails in a bay', built.railMm <= 0 ? 0 : timber.rails, 'count'),
          shaped('k', 'Pales in a bay', built.pales, 'count'),
        ],
      };
    case 'steps':
      return {
        formula: 'n = f + m − 1',
        terms: [
          shaped('f', 'Sides', built.sideMm > 0 ? 2 : 0, 'count'),
          shaped('m', 'Risers', built.risers, 'count'),
        ],
      };
    default: {
      const terms = sticks.map(({ says, count }, i) => shaped(`a${i + 1}`, says, count, 'count'));
      return {
        formula: terms.length === 0 ? 'n = 0' : `n = ${terms.map(({ symbol }) => symbol).join(' + ')}`,
        terms,
      };
    }
  }
}

/** Whether a child’s head goes through, and whether one falls over it: the residential code on guards. */
function judgeRailing({ own }: PieceContext, timber: Timber, gapMm: number): Verdict {
  const [most, least] = [sourced('timber.guard-gap', own).value, sourced('timber.guard', own).value];
  const say = (says: string, waysOut: Verdict['waysOut'] = []): Verdict => ({
    level: waysOut.length > 0 ? 'doubtful' : 'good',
    wording: 'state',
    says,
    waysOut,
  });
  if (gapMm > most)
    return say(`gaps over ${most} mm in life look unsafe, and read as a ranch fence`, [
      {
        says: `balusters every ${Math.floor(most + timber.thickMm)} mm in life`,
        change: { path: ['timber', timber.id, 'palesMm'], value: Math.floor(most + timber.thickMm) },
      },
    ]);
  if (timber.heightMm < least)
    return say(`under ${least} mm in life it reads as a kerb, not as a guard`, [
      { says: `${least} mm high in life`, change: { path: ['timber', timber.id, 'heightMm'], value: least } },
    ]);
  return say('reads as a guard');
}

/** What the gaps between bars, the brace of a gate come to. */
function framedFigures(context: PieceContext, timber: Timber, built: FramedOf, titled: Titled): Reckoning[] {
  const { gapMm, members } = built;
  const brace = members.find(({ says }) => says === 'brace');
  const between =
    gapMm === null || whyNotFramed(timber) !== null
      ? []
      : [
          figure(TIMBER.gap, {
            ...titled(built.kind === 'bench' ? 'gap between slats' : 'gap between bars'),
            value: gapMm,
            terms: [
              entry(timber, 'L', 'Long', 'lengthMm'),
              entry(timber, 't', 'Sticks, thick', 'thickMm'),
              entry(timber, 'p', built.kind === 'bench' ? 'Front to back' : 'Bar to bar at most', 'palesMm'),
            ],
            ...(built.kind === 'railing' && { verdict: judgeRailing(context, timber, gapMm) }),
          }),
        ];
  const slope = brace?.mitreDeg
    ? [
        figure(TIMBER.brace, {
          ...titled('its brace'),
          value: brace.mitreDeg[0],
          terms: [
            shaped('w', 'Between its stiles', timber.lengthMm - 2 * timber.thickMm, 'mm in life'),
            shaped('h', 'Between its outer rails', timber.heightMm - 4 * timber.thickMm, 'mm in life'),
            entry(timber, 't', 'Sticks, thick', 'thickMm'),
          ],
          note: 'From the foot of the hinge side up: it is pressed, and the gate does not sag. Both ends are cut so far from square.',
        }),
      ]
    : [];
  return [...between, ...slope];
}

function figuresOf(context: PieceContext, timber: Timber, built: Built, titled: Titled): Reckoning[] {
  switch (built.kind) {
    case 'fence':
      return fenceFigures(timber, built, titled);
    case 'steps':
      return stepFigures(context, timber, built, titled);
    default:
      return framedFigures(context, timber, built, titled);
  }
}

function stockVerdict(timber: Timber, nesting: Nesting, piecesMm: readonly number[]): Verdict {
  if (nesting.unplaced.length === 0)
    return { level: 'good', wording: 'state', says: 'all of it comes out of the sticks', waysOut: [] };
  const longest = Math.ceil(Math.max(...piecesMm));
  return {
    level: 'stop',
    wording: 'state',
    says: `the longest of it, ${longest} mm, is longer than a stick`,
    waysOut: [
      { says: `sticks of ${longest} mm`, change: { path: ['timber', timber.id, 'stockMm'], value: longest } },
    ],
  };
}

/** Bays or steps, the pieces, and the sticks they are cut from. */
export function reckonTimber(
  context: PieceContext,
  timber: Timber,
): { figures: Reckoning[]; facts: TimberFacts } {
  const { own, scale } = context;
  const titled: Titled = (what) => ({ at: timber.id, part: null, title: `${timber.name}: ${what}` });
  const built = builtOf(timber, sourced('timber.rise', own).value);
  const sticks = sticksOf(timber, built, scale.ratio);
  const piecesMm = sticks
    .flatMap(({ lengthMm, count }) => new Array<number>(Math.min(count, MOST_PIECES)).fill(lengthMm))
    .slice(0, MOST_PIECES);
  const nesting = nest(piecesMm, [{ lengthMm: timber.stockMm, count: Infinity }], timber.kerfMm);
  const wrong = fault(timber, built);
  const pieces = figure(TIMBER.pieces, {
    ...titled('pieces'),
    value: sticks.reduce((sum, { count }) => sum + count, 0),
    ...piecesFrom(timber, built, sticks),
    ...(wrong && { verdict: wrong }),
  });
  const bars = figure(TIMBER.sticks, {
    ...titled('sticks'),
    value: nesting.cuts.length,
    terms: [
      entry(timber, 's', 'A stick, long', 'stockMm'),
      entry(timber, 'w', 'Width of the saw’s cut', 'kerfMm'),
      termFrom('n', pieces),
    ],
    verdict: stockVerdict(timber, nesting, piecesMm),
  });
  const ofKind = figuresOf(context, timber, built, titled);
  return { figures: [...ofKind, pieces, bars], facts: { id: timber.id, built, sticks, piecesMm, nesting } };
}

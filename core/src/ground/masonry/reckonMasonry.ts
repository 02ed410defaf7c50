import type { Given } from '../../context/index.ts';
import { areaOf, extentOf } from '../../form/index.ts';
import type { Masonry } from '../../piece/index.ts';
import {
  figure,
  type Reckoning,
  sourced,
  type Term,
  termFrom,
  type Verdict,
  type WayOut,
} from '../../reckoning/index.ts';
import { MASONRY } from '../builtFigures.ts';
import { headerMm, isNatural, isWoven } from './bonds.ts';
import { baseFace, type MasonryFace, masonryFaces } from './faces.ts';
import { type LaidUnit, layUnits, MOST_UNITS, unitsIn } from './layUnits.ts';
import { BEARING, leftForCourses, liesOn, type SpannedOpening, spanned } from './openings.ts';
import { type Quoin, quoinsOf } from './quoins.ts';

/** Masonry on a face, worked out; or why it is not. */
export interface MasonryFacts {
  readonly id: string;
  /** Null where it cannot be laid. */
  readonly face: MasonryFace | null;
  readonly laid: readonly LaidUnit[];
  readonly openings: readonly SpannedOpening[];
  readonly quoins: readonly Quoin[];
  readonly says: string | null;
}

/** What one of them is in miniature mm. */
export function unitAtScale({ unitLengthMm, unitHeightMm, jointMm }: Masonry, ratio: number) {
  return { lengthMm: unitLengthMm / ratio, heightMm: unitHeightMm / ratio, jointMm: jointMm / ratio };
}

/** So many units at the least are laid along a face whose unit is made smaller. */
const ALONG = 8;

/** A unit that is so small that several lie on a face which holds only a share of one. */
function smallerUnit(lay: Masonry, share: number): WayOut {
  const by = share / ALONG;
  const tenth = (mm: number) => Math.max(0.1, Math.round(mm * by * 10) / 10);
  const next = {
    unitLengthMm: tenth(lay.unitLengthMm),
    unitHeightMm: tenth(lay.unitHeightMm),
    jointMm: tenth(lay.jointMm),
  };
  return {
    says: `units of ${next.unitLengthMm} × ${next.unitHeightMm} mm in life`,
    change: { path: ['masonry', lay.id], value: { ...lay, ...next } },
  };
}

/** Why it cannot be laid, and a way out; null where it can. */
function whyNot(given: Given, lay: Masonry, face: MasonryFace | null | undefined): Verdict | null {
  const stop = (says: string, waysOut: Verdict['waysOut'] = []): Verdict => ({
    level: 'stop',
    wording: 'state',
    says,
    waysOut,
  });
  if (!face)
    return lay.part === null
      ? stop('there is no base to lay them on', [{ says: 'put it on a base' }])
      : stop('there is no such face any more', [{ says: 'choose another face' }]);
  const size = unitAtScale(lay, given.context.scale.ratio);
  if (!(headerMm(size) > 0))
    return stop('the joint is as long as half a unit', [
      { says: 'a joint of 10 mm in life', change: { path: ['masonry', lay.id, 'jointMm'], value: 10 } },
    ]);
  if (unitsIn(face.outline, { ...size, bond: lay.bond }) > MOST_UNITS)
    return stop(`more than ${MOST_UNITS.toLocaleString('en')} of them`, [
      { says: 'a larger unit: one for every so many, only hinted at' },
    ]);
  const [left, bottom, right, top] = extentOf(face.outline);
  if (right - left < size.lengthMm || top - bottom < size.heightMm)
    return stop('the face is smaller than one unit', [
      smallerUnit(lay, Math.min((right - left) / size.lengthMm, (top - bottom) / size.heightMm)),
      { says: 'another face' },
    ]);
  const quoinMm = lay.quoinMm / given.context.scale.ratio;
  if (quoinMm > 0 && 2 * quoinMm + size.jointMm > right - left)
    return stop('the stones of its corners meet in the middle', [
      { says: 'no stones up its corners', change: { path: ['masonry', lay.id, 'quoinMm'], value: 0 } },
    ]);
  const low = lay.openings.find(({ head, widthMm, heightMm }) => head === 'arch' && heightMm < widthMm / 2);
  if (low) {
    const path = (field: string) => ['masonry', lay.id, 'openings', low.id, field];
    return stop('an arch of half a circle is half as high as it is wide', [
      {
        says: `${low.widthMm / 2} mm high in life`,
        change: { path: path('heightMm'), value: low.widthMm / 2 },
      },
      { says: 'a lintel', change: { path: path('head'), value: 'lintel' } },
    ]);
  }
  return null;
}

function entry(
  lay: Masonry,
  symbol: string,
  name: string,
  field: 'unitLengthMm' | 'unitHeightMm' | 'jointMm',
): Term {
  return {
    symbol,
    name,
    quantity: { value: lay[field], unit: 'mm in life' },
    origin: { kind: 'entry', path: ['masonry', lay.id, field] },
  };
}

/** A height of the unit that makes the courses come out even at the top, told in life. */
function evenOut(lay: Masonry, faceMm: number, ratio: number): { courses: number; unitHeightMm: number } {
  const course = (lay.unitHeightMm + lay.jointMm) / ratio;
  const courses = Math.max(1, Math.round((faceMm + lay.jointMm / ratio) / course));
  const even = ((faceMm + lay.jointMm / ratio) / courses) * ratio - lay.jointMm;
  return { courses, unitHeightMm: Math.round(even * 10) / 10 };
}

/** Courses up a face, and whether they come out even at its top. */
function reckonCourses(given: Given, lay: Masonry, face: MasonryFace, title: string): Reckoning {
  const { ratio } = given.context.scale;
  const size = unitAtScale(lay, ratio);
  const [, bottom, , top] = extentOf(face.outline);
  const tall = top - bottom;
  const course = size.heightMm + size.jointMm;
  const inCourses = (tall + size.jointMm) / course;
  const isEven = Math.abs(inCourses - Math.round(inCourses)) < 0.1;
  const even = evenOut(lay, tall, ratio);
  return figure(MASONRY.courses, {
    at: lay.id,
    part: null,
    title,
    value: inCourses,
    terms: [
      {
        symbol: 'h',
        name: 'Height of the face',
        quantity: { value: tall, unit: 'mm' },
        origin: { kind: 'shape', says: face.says },
      },
      entry(lay, 'H', 'Unit, high', 'unitHeightMm'),
      entry(lay, 'j', 'Joint', 'jointMm'),
      termFrom('R', given.context.scaleFigure),
    ],
    verdict: {
      level: isEven ? 'good' : 'doubtful',
      wording: 'state',
      says: isEven
        ? 'comes out even at the top'
        : `the top course is ${((inCourses % 1) * course).toFixed(1)} mm: cut, or as a coping`,
      waysOut: isEven
        ? []
        : [
            {
              says: `units ${even.unitHeightMm} mm high in life: ${even.courses} whole courses`,
              change: { path: ['masonry', lay.id, 'unitHeightMm'], value: even.unitHeightMm },
            },
          ],
    },
  });
}

/** The stones of every arch, and whether each opening lies on its face. */
function reckonArches(
  given: Given,
  lay: Masonry,
  face: MasonryFace,
  openings: readonly SpannedOpening[],
  titled: (what: string) => string,
): Reckoning[] {
  return lay.openings.flatMap((opening, i): Reckoning[] => {
    const one = openings[i];
    if (!one) return [];
    const verdict: Verdict = liesOn(face.outline, one)
      ? { level: 'good', wording: 'state', says: 'lies on the face with what spans it', waysOut: [] }
      : {
          level: 'doubtful',
          wording: 'state',
          says: 'it or what spans it reaches over the edge of the face',
          waysOut: [{ says: 'nearer to the middle, lower, or smaller' }],
        };
    const [within, without] = one.wedgeMm ?? [0, 0];
    const isArch = one.wedgeMm !== null;
    return [
      figure(isArch ? MASONRY.arch : MASONRY.lintel, {
        at: `${lay.id}-${opening.id}`,
        part: null,
        title: titled(isArch ? `arch ${i + 1}, stones` : `lintel ${i + 1}, long`),
        ...(isArch
          ? { value: one.carriers.length }
          : { value: (opening.widthMm + 2 * BEARING * lay.unitLengthMm) / given.context.scale.ratio }),
        terms: [
          {
            symbol: 'w',
            name: 'Opening, wide',
            quantity: isArch
              ? { value: opening.widthMm / given.context.scale.ratio, unit: 'mm' }
              : { value: opening.widthMm, unit: 'mm in life' },
            origin: { kind: 'entry', path: ['masonry', lay.id, 'openings', opening.id, 'widthMm'] },
          },
          ...(isArch
            ? [entry(lay, 'H', 'Unit, high', 'unitHeightMm'), entry(lay, 'j', 'Joint', 'jointMm')]
            : [entry(lay, 'L', 'Unit, long', 'unitLengthMm')]),
          termFrom('R', given.context.scaleFigure),
        ],
        ...(isArch && {
          note: `Each a wedge, ${within.toFixed(2)} mm wide within and ${without.toFixed(2)} without; the middle one is the key.`,
        }),
        verdict,
      }),
    ];
  });
}

/** Bonds that are laid of bricks. */
const BRICK_BONDS: readonly Masonry['bond'][] = ['stretcher', 'header', 'english', 'flemish'];

/** Whether a unit reads as a brick, or as what. */
function judgeBrick({ context: { own } }: Given, { id, unitLengthMm }: Masonry): Verdict {
  const [least, most] = ['ground.brick-least', 'ground.brick-most'].map((row) => sourced(row, own).value);
  const isBrick = unitLengthMm >= (least ?? 0) && unitLengthMm <= (most ?? Infinity);
  return {
    level: isBrick ? 'good' : 'doubtful',
    wording: 'state',
    says: isBrick
      ? 'reads as a brick'
      : `reads as a ${unitLengthMm > (most ?? 0) ? 'block' : 'tile'} of ${Math.round(unitLengthMm)} mm, ${(unitLengthMm / 25.4).toFixed(0)} in, in life`,
    waysOut: isBrick
      ? []
      : [
          {
            says: 'a brick of 215 mm in life',
            change: { path: ['masonry', id, 'unitLengthMm'], value: 215 },
          },
        ],
  };
}

/** Counts, courses, size and minutes of one lay of masonry. */
export function reckonMasonry(given: Given, lay: Masonry): { figures: Reckoning[]; facts: MasonryFacts } {
  const { own, scale } = given.context;
  const host = lay.part === null ? undefined : given.contexts.get(lay.part);
  const face =
    lay.part === null
      ? baseFace(given.context.piece)
      : host && masonryFaces(host).find(({ key }) => key === lay.on);
  const titled = (what: string) =>
    `${host?.part.name ?? (lay.part === null ? 'base' : 'wall')}, ${face?.says ?? 'face'}: ${what}`;
  const base = { at: lay.id, part: null } as const;
  const why = whyNot(given, lay, face);
  if (why || !face)
    return {
      figures: [
        figure(MASONRY.count, {
          ...base,
          title: titled('units'),
          value: 0,
          terms: [],
          ...(why && { verdict: why }),
        }),
      ],
      facts: { id: lay.id, face: face ?? null, laid: [], openings: [], quoins: [], says: why?.says ?? null },
    };
  const size = unitAtScale(lay, scale.ratio);
  const [left, bottom] = extentOf(face.outline);
  const openings = lay.openings.map((one) => spanned(one, size, scale.ratio, [left, bottom]));
  const quoins = quoinsOf(face.outline, size, lay.quoinMm / scale.ratio);
  const free = leftForCourses(face.outline, openings, quoins);
  const laid = layUnits(free, { ...size, bond: lay.bond, seed: lay.seed, within: face.outline });
  const cut = laid.filter(({ isCut }) => isCut).length;
  const closers = laid.filter(({ face: seen }) => seen === 'closer').length;
  const units: Term[] = [
    entry(lay, 'L', 'Unit, long', 'unitLengthMm'),
    entry(lay, 'H', 'Unit, high', 'unitHeightMm'),
    entry(lay, 'j', 'Joint', 'jointMm'),
  ];
  const area: Term = {
    symbol: 'A',
    name: face.says,
    quantity: { value: areaOf(free) / 100, unit: 'cm²' },
    origin: { kind: 'shape', says: 'the face, openings left out' },
  };
  const count = figure(MASONRY.count, {
    ...base,
    title: titled('units'),
    value: laid.length,
    terms: [area, ...units],
    note: [
      `${laid.length - cut} whole, ${cut} cut at an edge or an opening`,
      ...(closers > 0 ? [`${closers} of them closers beside the ends`] : []),
      ...(quoins.length > 0 ? [`${quoins.length} stones up its corners besides`] : []),
    ]
      .join('; ')
      .concat('.'),
  });
  // A woven floor and broken stones lie in no courses.
  const isCoursed = !isWoven(lay.bond) && (!isNatural(lay.bond) || lay.bond === 'ashlar');
  const courses = !isCoursed ? [] : [reckonCourses(given, lay, face, titled('courses'))];
  const long = figure(MASONRY.unit, {
    ...base,
    title: titled('one of them, long'),
    value: size.lengthMm,
    terms: [units[0] as Term, termFrom('R', given.context.scaleFigure)],
    note: `${size.heightMm.toFixed(2)} mm high, joints of ${size.jointMm.toFixed(2)} mm.`,
    ...(BRICK_BONDS.includes(lay.bond) && { verdict: judgeBrick(given, lay) }),
  });
  const rate = sourced('ground.bricks', own);
  const arches = reckonArches(given, lay, face, openings, titled);
  const carriers = openings.reduce((sum, one) => sum + one.carriers.length, quoins.length);
  const minutes = figure(MASONRY.minutes, {
    ...base,
    title: titled('minutes to score'),
    value: (laid.length + carriers) / rate.value,
    ...(carriers > 0 && { formula: 'T = (n + v) ÷ r' }),
    terms: [
      termFrom('n', count),
      ...(carriers > 0
        ? [
            {
              symbol: 'v',
              name: 'Stones of arches and corners, and lintels',
              quantity: { value: carriers, unit: 'count' },
              origin: { kind: 'shape', says: 'its openings and its corners' },
            } satisfies Term,
          ]
        : []),
      rate.term('r'),
    ],
  });
  const pace = sourced('ground.paper', own);
  const paper = figure(MASONRY.paper, {
    ...base,
    title: titled('of printed paper instead'),
    value: area.quantity.value / pace.value,
    terms: [area, pace.term('r')],
    note: 'The guide printed on matt paper, sealed, glued on and its joints drawn over; flat from nearby.',
  });
  return {
    figures: [count, ...courses, long, ...arches, minutes, paper],
    facts: { id: lay.id, face, laid, openings, quoins, says: null },
  };
}

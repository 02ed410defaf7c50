import type { BodyId, CoatId, JointWay } from '../../piece/index.ts';
import { bodyRow } from '../coats/bodies.ts';
import { coatRow } from '../coats/coats.ts';

/** What joins two things, as far as it is chosen by. */
export interface Glue {
  readonly way: JointWay;
  readonly title: string;
  /** The stuff it is; null for clay pressed to clay, and for what comes apart. */
  readonly coat: CoatId | null;
  /** Widest gap that it still fills, mm. */
  readonly gapMm: number;
  readonly isClear: boolean;
  readonly gives: boolean;
  /** How it is taken apart again; null for not at all. */
  readonly wayBack: string | null;
  /** How it is done, and what is to be minded. */
  readonly says: string;
}

const glue = (
  way: JointWay,
  title: string,
  coat: CoatId | null,
  gapMm: number,
  over: Partial<Glue> & Pick<Glue, 'says'>,
): Glue => ({ way, title, coat, gapMm, isClear: false, gives: false, wayBack: null, ...over });

/** Ways of joining, by generic name (common practice: the packet comes first). */
export const GLUES: readonly Glue[] = [
  glue('press', 'raw clay pressed on', null, 0.2, {
    says: 'score both, press and blend; both go into the same bake, and either may be pushed out of shape',
  }),
  glue('liquid-clay', 'liquid clay, baked', 'liquid-clay', 0.5, {
    gives: true,
    says: 'brush it on both, put together, bake again: a part that is baked first keeps its shape',
  }),
  glue('superglue', 'superglue', 'superglue', 0.15, {
    isClear: true,
    wayBack: 'acetone, which eats paint and plastic as well',
    says: 'little of it, in a thin line; fumes bloom white, more so with an activator: air the room',
  }),
  glue('epoxy-glue', 'epoxy glue', 'epoxy-glue', 2, {
    isClear: true,
    says: 'equal parts, mixed well; gloves; it fills gaps and runs until it sets',
  }),
  glue('pva', 'white glue', 'pva', 0.5, {
    isClear: true,
    gives: true,
    wayBack: 'warm water, slowly',
    says: 'one face has to drink; clamped or weighed down till it holds',
  }),
  glue('contact-glue', 'contact glue', 'contact-glue', 0.3, {
    gives: true,
    says: 'thin on both, let it air until it no longer wets, then press once: it cannot be moved',
  }),
  glue('hot-glue', 'hot glue', 'hot-glue', 3, {
    gives: true,
    wayBack: 'alcohol at its edge, or warmth',
    says: 'quick and bulky; lets go from about 60 °C; the tip and the glue burn',
  }),
  glue('magnets', 'magnets', null, 0.5, {
    wayBack: 'by hand',
    says: 'set in after the bake, poles marked; keep them from children and pets',
  }),
  glue('tube', 'tube in tube', null, 0.3, {
    wayBack: 'by hand',
    says: 'the inner one turns freely, with 0.1 mm to spare',
  }),
  glue('slot', 'slot or bayonet', null, 0.5, {
    wayBack: 'by hand',
    says: 'cut in the raw clay with the baked other half, powdered',
  }),
];

export function glueRow(way: JointWay): Glue {
  const found = GLUES.find((one) => one.way === way);
  if (!found) throw new RangeError(`no way of joining “${way}”`);
  return found;
}

/** One of the two things of a joint. */
export interface Side {
  readonly name: string;
  readonly body: BodyId;
  /** Clay that no oven has been over. */
  readonly isRaw: boolean;
  /** The coat that closes its face; null for a bare one. */
  readonly closedBy: string | null;
}

/** Whether water and spirit get away through a thing. */
const drinksIn = ({ body, closedBy }: Side): boolean => bodyRow(body).drinks !== 'no' && closedBy === null;

/** What a joint is asked to be. */
export interface JointAsk {
  readonly sides: readonly [Side, Side];
  readonly gapMm: number | null;
  readonly comesApart: boolean;
  /** Whether what is joined goes into the oven afterwards. */
  readonly bakesAfter: boolean;
}

/** Why a way will not do, or may not. */
export interface Objection {
  readonly isStop: boolean;
  readonly says: string;
}

const APART: readonly JointWay[] = ['magnets', 'tube', 'slot'];

function ofClay({ way }: Glue, { sides }: JointAsk): Objection[] {
  if (way === 'press')
    return sides.every(({ body, isRaw }) => body === 'clay' && isRaw)
      ? []
      : [{ isStop: true, says: 'only raw clay is pressed to raw clay' }];
  if (way !== 'liquid-clay') return [];
  const other = sides.find(({ body }) => body !== 'clay');
  return other && !['metal', 'foil', 'glass', 'wood', 'card'].includes(other.body)
    ? [{ isStop: true, says: `${other.name} does not go into the oven with it` }]
    : [];
}

function ofGlue({ coat, way, gapMm }: Glue, { sides, gapMm: measured, bakesAfter }: JointAsk): Objection[] {
  if (coat === null) return [];
  const { carrier } = coatRow(coat);
  const eaten = sides.find(({ body }) => bodyRow(body).eatenBy.includes(carrier) && body !== 'clay');
  const shy = sides.find(({ body }) => bodyRow(body).isShy);
  const painted = sides.find(({ closedBy }) => closedBy !== null);
  const isWet = carrier === 'water' || way === 'contact-glue';
  return [
    ...(eaten ? [{ isStop: true, says: `it eats ${eaten.name}` }] : []),
    ...(shy ? [{ isStop: true, says: `nothing holds on ${shy.name}` }] : []),
    ...(isWet && way !== 'contact-glue' && !sides.some(drinksIn)
      ? [{ isStop: true, says: 'it never dries in there: neither side drinks' }]
      : []),
    ...(way === 'contact-glue' && !sides.some(drinksIn)
      ? [{ isStop: false, says: 'let it air well on both: nothing gets out once they are pressed' }]
      : []),
    ...(measured !== null && measured > gapMm
      ? [{ isStop: false, says: `it fills ${gapMm} mm at the most, and there are ${measured}` }]
      : []),
    ...(painted && way !== 'liquid-clay'
      ? [{ isStop: false, says: `it holds on the paint of ${painted.name} alone: scrape it bare there` }]
      : []),
    ...(bakesAfter && (way === 'hot-glue' || way === 'superglue' || way === 'pva' || way === 'contact-glue')
      ? [{ isStop: true, says: 'it does not bear the oven that comes after' }]
      : []),
  ];
}

/** What speaks against a way of joining. */
export function objections(glue: Glue, ask: JointAsk): readonly Objection[] {
  const isApart = APART.includes(glue.way);
  if (ask.comesApart !== isApart)
    return [
      {
        isStop: true,
        says: ask.comesApart ? 'it is to come apart again' : 'it comes apart again, and is to hold for good',
      },
    ];
  return [...ofClay(glue, ask), ...ofGlue(glue, ask)];
}

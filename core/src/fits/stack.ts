import type { PartContext, PartFacts } from '../context/index.ts';
import { levelHull, type Ring, type Vec2 } from '../form/index.ts';
import type { Fit, Piece } from '../piece/index.ts';

/** Share of a part's height at which its feet are looked at. */
const FEET = 0.02;

/** Height of a part on the bench, mm. */
export function heightOf({ shape, shrink }: PartFacts): number {
  return (shape.box.max[1] - shape.box.min[1]) / shrink;
}

function smaller(ring: readonly Vec2[], shrink: number): Ring {
  return ring.map(([x, y]): Vec2 => [x / shrink, y / shrink]);
}

function hullAt({ shape, shrink }: PartContext, share: number): Ring {
  const { min, max } = shape.box;
  return smaller(levelHull(shape, min[1] + (max[1] - min[1]) * share), shrink);
}

/** Hull of what a part stands on, from above, miniature mm. */
export function feetOf(context: PartContext): Ring {
  return hullAt(context, FEET);
}

/** Hull of the upper face of a part, from above, miniature mm. */
export function topOf(context: PartContext): Ring {
  return hullAt(context, 1 - FEET);
}

/** A part among others that go with it through an opening. */
export interface Along {
  readonly context: PartContext;
  /** Its foot above the ground, miniature mm. */
  readonly liftMm: number;
  readonly why: 'itself' | 'under it' | 'held by it';
}

/** A part with what it sits on and what it holds: what has to pass with it. */
export function alongWith(
  piece: Piece,
  contexts: ReadonlyMap<string, PartContext>,
  { part, id }: Pick<Fit, 'part' | 'id'>,
): Along[] {
  const itself = contexts.get(part);
  if (!itself) return [];
  const others = piece.fits.filter((fit) => fit.id !== id);
  const under: Along[] = [];
  const seen = new Set<string>([part]);
  let lift = 0;
  for (let top = part as string; ; ) {
    const base = others.find((fit) => fit.kind === 'sits-on' && fit.part === top)?.on;
    const context = base && !seen.has(base) ? contexts.get(base) : undefined;
    // What is rooted to the scene does not pass anywhere: only what is hung on the part or bears it alone goes along.
    if (!base || !context || context.part.count < itself.part.count) break;
    seen.add(base);
    under.push({ context, liftMm: 0, why: 'under it' });
    lift += heightOf(context);
    top = base;
  }
  let ground = lift;
  const bases = under.map((one): Along => {
    ground -= heightOf(one.context);
    return { ...one, liftMm: ground };
  });
  const held = others.flatMap((fit): Along[] => {
    const context = fit.kind === 'held-by' && fit.on === part ? contexts.get(fit.part) : undefined;
    return context ? [{ context, liftMm: lift, why: 'held by it' }] : [];
  });
  return [{ context: itself, liftMm: lift, why: 'itself' }, ...bases, ...held];
}

/** Where a hand of a part is, from the front, miniature mm; its right edge when it has none. */
function handX({ shape, shrink }: PartContext): number {
  const wrist = shape.joints.find(({ name }) => name === 'right wrist');
  return (wrist ? wrist.at[0] : shape.box.max[0]) / shrink;
}

/** Points round all that goes along, from the front, the ground at y = 0, miniature mm. */
export function frontOf(along: readonly Along[]): Vec2[] {
  const hand = along[0] ? handX(along[0].context) : 0;
  return along.flatMap(({ context, liftMm, why }) => {
    const { shape, shrink } = context;
    const foot = shape.box.min[1];
    const dx = why === 'held by it' ? hand : 0;
    return shape
      .outline('front')
      .flatMap((polygon) => polygon[0] ?? [])
      .map(([x, y]): Vec2 => [x / shrink + dx, (y - foot) / shrink + liftMm]);
  });
}

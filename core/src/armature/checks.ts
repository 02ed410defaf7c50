import { claySharesOf } from '../bulk/index.ts';
import type { PartContext, PartFacts } from '../context/index.ts';
import type { Vec3 } from '../form/index.ts';
import { clayFamily } from '../handbook/index.ts';
import { sourced } from '../reckoning/index.ts';
import { type Bending, bendingAt, bucklingN, hung, type Node } from './cantilever.ts';
import { leaveMm } from './cover.ts';
import { distance, type Limb } from './limbs.ts';
import { pathLength, pegsOf, type Run } from './run.ts';
import { bundleMm, strengthOf, type Wire, weightOf } from './wire.ts';

/** Clay over a wire where it is scarcest against what is wanted there, mm. */
export interface Cover {
  readonly coverMm: number;
  readonly wantedMm: number;
  readonly at: Vec3;
  readonly where: string;
  /** Width of the wire or bundle there, mm. */
  readonly wireMm: number;
}

/** A place of a run with the depth of the clay round it, mm, and how many wires run through it. */
interface Depth {
  readonly depth: number;
  readonly at: Vec3;
  readonly where: string;
  readonly run: Run;
  readonly through: number;
}

/** A free limb with what it bears: by its clay and what it holds, and for each N/mm that its wire weighs. */
interface FreeLimb {
  readonly limb: Limb;
  readonly run: Run;
  readonly lengthMm: number;
  /** Sag times stiffness, N·mm³, and moment, N·mm. */
  readonly clay: Bending;
  readonly wire: Bending;
}

/** A leg or a trunk that stands on its wires. */
export interface Column {
  readonly name: string;
  readonly run: Run;
  readonly lengthMm: number;
  /** Raw clay on it, N. */
  readonly bearsN: number;
  /** Wires side by side in it. */
  readonly wires: number;
  /** How its ends are held: 0.7 pegged below and held above, 2 free at its top. */
  readonly k: number;
}

/** What of an armature does not depend on the wire: looked up once, asked for every wire that is tried. */
export interface ArmatureFrame {
  readonly context: PartFacts;
  readonly runs: readonly Run[];
  readonly depths: readonly Depth[];
  readonly free: readonly FreeLimb[];
  readonly heldN: number;
  readonly columns: readonly Column[];
}

/** The wire of a run: what is settled for it alone, or the part’s. */
export function wireOf(run: Run, wire: Wire): Wire {
  return run.wire ?? wire;
}

function depthsOf(context: PartContext, runs: readonly Run[]): Depth[] {
  const { shape, shrink } = context;
  const near = leaveMm(context);
  // Wires of one bundle pass the same places: each is looked at once.
  const seen = new Set<string>();
  return runs.flatMap((run) =>
    run.limbs.flatMap((limb) =>
      limb.path.flatMap((at, i): Depth[] => {
        // In the ground or in the trunk there is no flesh of the limb’s own.
        const isRoot = i === 0 && run.drawnId === null;
        // A wire that is drawn leaves the clay where it is pegged.
        const leaves = run.drawnId !== null && pegsOf([run]).some((peg) => distance(peg.at, at) < near);
        if (isRoot || leaves || (limb.stands && i === limb.path.length - 1)) return [];
        const through = limb.through?.[i] ?? 1;
        const key = `${at.join()} ${run.wire ? run.name : ''}`;
        if (through > 1 && seen.has(key)) return [];
        seen.add(key);
        const inside = shape.inside?.(at[0] * shrink, at[1] * shrink, at[2] * shrink) ?? Infinity;
        const isInside = Number.isFinite(inside) && inside < 0;
        return [
          { depth: isInside ? -inside / shrink : (limb.radii[i] ?? 0), at, where: limb.name, run, through },
        ];
      }),
    ),
  );
}

/** Places of the limbs of a tree, each once, as they hang on one another. */
function treeNodes(limbs: readonly Limb[], density: number, wireWeight: number) {
  const nodes: Node[] = [];
  const byPlace = new Map<string, number>();
  const tips: number[] = [];
  for (const { path, radii, through } of limbs) {
    let parent = -1;
    path.forEach((at, i) => {
      const key = at.join();
      const known = byPlace.get(key);
      if (known !== undefined && (known === parent || nodes[known]?.parent === parent)) {
        parent = known;
        return;
      }
      const before = path[i - 1];
      const length = before ? distance(before, at) : 0;
      const r = ((radii[i] ?? 0) + (radii[i - 1] ?? radii[i] ?? 0)) / 2;
      const wires = through?.[i] ?? 1;
      const weight = weightOf(Math.PI * r * r * length, density) + wires * wireWeight * length;
      byPlace.set(key, nodes.length);
      nodes.push({ at, parent, weight, wires });
      parent = nodes.length - 1;
    });
    tips.push(parent);
  }
  return { nodes, tips };
}

function freeLimbs(limbs: readonly { limb: Limb; run: Run }[], density: number, tipN: number): FreeLimb[] {
  const paths = limbs.map(({ limb }) => limb);
  const [clay, wire] = [treeNodes(paths, density, 0), treeNodes(paths, 0, 1)];
  const [ofClay, ofWire] = [hung(clay.nodes, tipN), hung(wire.nodes)];
  return limbs.map(({ limb, run }, i) => ({
    limb,
    run,
    lengthMm: pathLength(limb.path),
    clay: bendingAt(ofClay, clay.tips[i] ?? 0, 1),
    wire: bendingAt(ofWire, wire.tips[i] ?? 0, 1),
  }));
}

function columnsOf(context: PartFacts, runs: readonly Run[], density: number): Column[] {
  const all = weightOf(context.shape.volumeMm3 / context.shrink ** 3, density);
  const form = context.part.form;
  if (form.kind === 'tree') {
    const tips = runs.filter(({ group }) => group === 'tips');
    const [first] = tips;
    const wires = Math.max(1, ...(first?.limbs[0]?.through ?? []));
    return first
      ? [{ name: 'trunk', run: first, lengthMm: form.forkMm / context.shrink, bearsN: all, wires, k: 2 }]
      : [];
  }
  const legs = runs.flatMap((run) =>
    run.limbs.filter(({ stands }) => stands).map((limb) => ({ run, lengthMm: pathLength(limb.path), limb })),
  );
  return legs.map(({ run, lengthMm, limb }) => ({
    name: limb.name,
    run,
    lengthMm,
    bearsN: all / legs.length,
    wires: 1,
    k: 0.7,
  }));
}

/** Everything about an armature that is the same for every wire. */
export function frameOf(
  context: PartContext,
  contexts: ReadonlyMap<string, PartContext>,
  runs: readonly Run[],
): ArmatureFrame {
  const density = clayDensity(context);
  const held = heldN(context, contexts);
  const limbs = runs.flatMap((run) =>
    run.limbs.filter(({ stands, name }) => !stands && name !== 'root').map((limb) => ({ limb, run })),
  );
  const ofTree = limbs.filter(({ run }) => run.group === 'tips');
  const alone = limbs.filter(({ run }) => run.group !== 'tips');
  return {
    context,
    runs,
    depths: depthsOf(context, runs),
    free: [
      ...freeLimbs(ofTree, density, 0),
      ...alone.flatMap((one) => freeLimbs([one], density, holds(one.limb) ? held : 0)),
    ],
    heldN: held,
    columns: columnsOf(context, runs, density),
  };
}

/** Share of a limb’s radius that clay should have over the wire: the wire is then a third of the limb (common practice). */
const CLAY_SHARE = 2 / 3;

/**
 * Clay over the wire at the place that has least to spare, miniature mm; null where there is no inside to look at.
 *
 * @param wantedMm clay wanted over a wire; where a limb is too thin for it, two thirds of its radius will do
 */
export function leastCover({ depths }: ArmatureFrame, wire: Wire, wantedMm: number): Cover | null {
  let worst: Depth | null = null;
  let least = Infinity;
  for (const one of depths) {
    const cover = one.depth - bundleMm(wireOf(one.run, wire), one.through) / 2;
    const spare = cover - Math.min(wantedMm, CLAY_SHARE * one.depth);
    if (spare < least) [worst, least] = [one, spare];
  }
  if (!worst) return null;
  const wireMm = bundleMm(wireOf(worst.run, wire), worst.through);
  return {
    coverMm: worst.depth - wireMm / 2,
    wantedMm: Math.min(wantedMm, CLAY_SHARE * worst.depth),
    at: worst.at,
    where: worst.where,
    wireMm,
  };
}

/** Density of a part’s raw clay, g/cm³. */
export function clayDensity(context: PartFacts): number {
  return claySharesOf(context).reduce((sum, { share, densityGCm3 }) => sum + share * densityGCm3, 0);
}

/** Density of what a part is of, g/cm³: its clay, or the stuff it is said to be; what is not said is taken as wood. */
export function densityOf(context: PartFacts): number {
  const { mix, stuff } = context.part;
  return mix.length > 0
    ? clayDensity(context)
    : sourced(`stuff.${stuff ?? 'wood'}.density`, context.own).value;
}

/** What a part holds: parts of the piece that are held by it, with their weight. */
export function heldThings(
  context: PartFacts,
  contexts: ReadonlyMap<string, PartFacts>,
): { readonly of: PartFacts; readonly newtons: number }[] {
  return context.piece.fits.flatMap((fit) => {
    const of = fit.kind === 'held-by' && fit.on === context.part.id ? contexts.get(fit.part) : undefined;
    return of ? [{ of, newtons: weightOf(of.shape.volumeMm3 / of.shrink ** 3, densityOf(of)) }] : [];
  });
}

/** Weight of what a part holds, N. */
export function heldN(context: PartFacts, contexts: ReadonlyMap<string, PartFacts>): number {
  return heldThings(context, contexts).reduce((sum, { newtons }) => sum + newtons, 0);
}

/** Limbs that hold things: of two arms the right one, of a beast its right foreleg. */
const HOLDING_LIMBS: ReadonlySet<string> = new Set(['right arm', 'right foreleg']);

/** Whether a limb is the one that holds things. */
function holds({ name }: Limb): boolean {
  return HOLDING_LIMBS.has(name);
}

/** One limb under a load. */
export interface LimbBending {
  readonly limb: Limb;
  readonly run: Run;
  readonly lengthMm: number;
  readonly sagMm: number;
  readonly momentNmm: number;
  /** Moment at which it stays bent, less the moment it bears; N·mm. */
  readonly spareNmm: number;
}

/** Every free limb under the weight of its raw clay and of what it holds: in the oven clay carries nothing. */
export function rawLimbs({ free, context }: ArmatureFrame, wire: Wire): LimbBending[] {
  const shared = strengthOf(wire, context.own);
  return free.map(({ limb, run, lengthMm, clay, wire: own }) => {
    const { stiffness, yieldMoment, weight } = run.wire ? strengthOf(run.wire, context.own) : shared;
    const momentNmm = clay.momentNmm + weight * own.momentNmm;
    return {
      limb,
      run,
      lengthMm,
      sagMm: (clay.sagMm + weight * own.sagMm) / stiffness,
      momentNmm,
      spareNmm: yieldMoment - momentNmm,
    };
  });
}

/** A finger’s push at the tip of the longest free limb: the moment at its root, N·mm; null without one. */
export function pushMoment({
  context,
  free,
}: ArmatureFrame): { momentNmm: number; lengthMm: number; limb: Limb; run: Run } | null {
  const push = sourced('wire.push', context.own).value;
  const longest = free.reduce<FreeLimb | null>((a, b) => (a && a.lengthMm >= b.lengthMm ? a : b), null);
  if (!longest) return null;
  const { limb, run, lengthMm } = longest;
  // A branch is pushed at its own root, where it leaves the bundle.
  const from = limb.through ? Math.max(0, limb.through.lastIndexOf(2)) : 0;
  const freeMm = from === 0 ? lengthMm : pathLength(limb.path.slice(from));
  return { momentNmm: push * freeMm, lengthMm: freeMm, limb, run };
}

/** What a limb bears at its tip once it is cured, and what may come on it. */
export interface Touch {
  readonly limb: Limb;
  readonly run: Run;
  readonly lengthMm: number;
  /** Moments at its root at which the wire stays bent, and that the clay is trusted with, N·mm. */
  readonly wireNmm: number;
  readonly clayNmm: number;
  /** Both together, at the tip, N. */
  readonly bearsN: number;
  /** Of the use the piece is made for, N. */
  readonly wantedN: number;
}

/** Whether a piece is picked up and moved by those who use it. */
export function isHandled({ piece }: PartFacts): boolean {
  return ['handled', 'worn'].includes(piece.brief.purpose);
}

/** What the longest limb bears when it is cured, wire and clay together; null where no limb is free. */
export function touchOf(frame: ArmatureFrame, wire: Wire): Touch | null {
  const push = pushMoment(frame);
  if (!push) return null;
  const { context } = frame;
  const { limb, run, lengthMm } = push;
  const from = limb.through ? Math.max(0, limb.through.lastIndexOf(2)) : 0;
  const of = (row: string) => sourced(row, context.own).value;
  const own = wireOf(run, wire);
  const [radius, wireMm] = [limb.radii[from] ?? 0, bundleMm(own) / 2];
  const strength = Math.min(
    ...claySharesOf(context).map(({ clay }) => of(clayFamily(clay.family).strength.id)),
  );
  // A round bar with the wire in its middle (Gere & Timoshenko).
  const factor = of(isHandled(context) ? 'clay.factor-handling' : 'clay.factor-display');
  const clayNmm =
    radius > wireMm ? (strength * Math.PI * (radius ** 4 - wireMm ** 4)) / (4 * radius) / factor : 0;
  const wireNmm = strengthOf(own, context.own).yieldMoment;
  const wantedN = of(isHandled(context) ? 'wire.play' : 'wire.push');
  const bearsN = lengthMm > 0 ? (wireNmm + clayNmm) / lengthMm : Infinity;
  return { limb, run, lengthMm, wireNmm, clayNmm, bearsN, wantedN };
}

/** A column with the load under which it buckles, N. */
export interface Buckling extends Column {
  readonly bucklesN: number;
  readonly wire: Wire;
}

/** The leg or trunk that has least to spare before it buckles; null where nothing stands on wires. */
export function legBuckles({ columns, context }: ArmatureFrame, wire: Wire): Buckling | null {
  const rated = columns.map((column): Buckling => {
    const own = wireOf(column.run, wire);
    const stiffness = column.wires * strengthOf(own, context.own).stiffness;
    return { ...column, wire: own, bucklesN: bucklingN(stiffness, column.lengthMm, column.k) };
  });
  return rated.reduce<Buckling | null>(
    (a, b) => (a && a.bucklesN / a.bearsN <= b.bucklesN / b.bearsN ? a : b),
    null,
  );
}

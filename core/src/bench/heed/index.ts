import { bonesOfPart, bundleMm, wireOf } from '../../armature/index.ts';
import { judgeFeature } from '../../brief/index.ts';
import { bulkOfPart } from '../../bulk/index.ts';
import type { Given, PartFacts } from '../../context/index.ts';
import type { StuffId } from '../../handbook/index.ts';
import type { Feature, Part, RouteStep } from '../../piece/index.ts';
import { sourced } from '../../reckoning/index.ts';
import { isOfLayers, routeOfPiece, seenOf } from '../../route/index.ts';
import { heedAgent } from './agents.ts';
import { heedCuredWork, type WorkedPlace } from './curedWork.ts';
import { heedDryPass, heedWash } from './dryPass.ts';
import type { Finding } from './finding.ts';
import { heedLayers } from './layers.ts';
import { heedColours, heedInside, heedPractice, heedTexture } from './order.ts';

export { AGENT_ROWS } from './agents.ts';
export { WORKS } from './curedWork.ts';
export type { Finding } from './finding.ts';

const RANK = { stop: 0, doubtful: 1, good: 2 } as const;

/** How thick some regions of a part are where they are thinnest; all of it by its thickest place, miniature mm. */
function thickOf({ shape, shrink }: PartFacts, regions: readonly string[]): number {
  const radii = (shape.bones ?? [])
    .filter(({ region }) => regions.includes(region))
    .flatMap((bone) => bone.radii);
  return (radii.length > 0 ? 2 * Math.min(...radii) : shape.thickest.diameterMm) / shrink;
}

/** The place that a step is done at, by what its part has inside there. */
function placeOf(given: Given, context: PartFacts, { regions }: RouteStep): WorkedPlace {
  const { id } = context.part;
  const [bones, bulk] = [given.part(bonesOfPart, id), given.part(bulkOfPart, id)];
  const thickMm = thickOf(context, regions);
  const run = bones?.runs.find(
    ({ limbs }) =>
      regions.length === 0 || limbs.some(({ name }) => regions.some((one) => name.includes(one))),
  );
  const wireMm = run && bones ? bundleMm(wireOf(run, bones.wire)) : null;
  const overWire = wireMm === null ? null : Math.max(0, (thickMm - wireMm) / 2);
  const overCore = bulk?.core && bulk.core.volumeMm3 > 0 ? bulk.thickest.quantity.value : null;
  const skins = [overWire, overCore].filter((one) => one !== null);
  return {
    thickMm,
    skinMm: skins.length > 0 ? Math.min(...skins) : null,
    wireMm,
    pegMm: bones && bones.runs.length > 0 ? bundleMm(bones.wire) : null,
    clearanceMm: sourced('fit.peg', context.own).value,
  };
}

function claysOf(given: Given, parts: readonly Part[]) {
  const ids = new Set(parts.flatMap(({ mix }) => mix.map(({ clay }) => clay)));
  return given.context.piece.clays.filter(({ id }) => ids.has(id));
}

/** What a trial of something new must show before it is done to the piece (common practice). */
export function passesWhen({ kind, waitMin }: Pick<RouteStep, 'kind' | 'waitMin'>): string {
  switch (kind) {
    case 'coat':
    case 'seal':
      return 'dry to the touch, it does not come off under tape, and the clay beneath is not sticky the next day';
    case 'bake':
      return 'a chip of it bends without breaking, and its edge is no darker than raw';
    case 'clean':
      return 'no print and no shine is left, and it bakes clean';
    case 'joint':
    case 'fix':
      return 'it cannot be pulled off by hand when it has set';
    case 'sand':
    case 'warm':
      return 'it neither chips nor cracks';
    default:
      return waitMin === null
        ? 'it comes out as it is wanted, twice'
        : 'it comes out as it is wanted when it has set';
  }
}

/** How the trial of a step went, by the log; null while it is not known. */
function trialOf(given: Given, title: string): 'good' | 'bad' | null {
  const own = given.context.piece.log.flatMap(({ result }) =>
    result?.rule === trialRule(title) ? [result.outcome] : [],
  );
  return own.at(-1) ?? null;
}

/** The name that the outcome of a trial is kept under. */
export function trialRule(title: string): string {
  return `trial of ${title}`.slice(0, 200);
}

function heedNew(given: Given, step: RouteStep): Finding[] {
  if (!step.isNew) return [];
  const went = trialOf(given, step.title);
  if (went === 'good') return [{ level: 'good', says: 'tried on a swatch, and it passed', waysOut: [] }];
  return [
    {
      level: went === 'bad' ? 'stop' : 'doubtful',
      says:
        went === 'bad'
          ? 'the trial of it failed'
          : `new to you: it is tried on a swatch first; it has passed when ${passesWhen(step)}`,
      waysOut: went === 'bad' ? [{ says: 'try it again another way, or do it as you know' }] : [],
    },
  ];
}

/** Features that a hand cannot make at this size, told where they are made. */
function heedFeatures({ contexts }: Given, part: Part): Finding[] {
  const context = contexts.get(part.id);
  if (!context) return [];
  return part.features.flatMap((feature, i): Finding[] => {
    if (feature.acrossMm === null) return [];
    const { level, says, waysOut } = judgeFeature(context, feature, i);
    return level === 'good' ? [] : [{ level, says: `${feature.name}: ${says}`, waysOut }];
  });
}

/** What steps have left or put on by then. */
function onBy({ context }: Given, before: readonly RouteStep[]): StuffId[] {
  const { parts } = context.piece;
  const inserts = parts.flatMap((part) => part.inserts);
  return before.flatMap(({ leaves, thing }) => {
    const put = inserts.find(({ id }) => id === thing)?.stuff ?? parts.find(({ id }) => id === thing)?.stuff;
    return [leaves, put].filter((stuff) => stuff !== null && stuff !== undefined);
  });
}

/** Everything to be heeded at a step beyond its order: work on cured clay, smoothing agents, first times; the worst first. */
export function heedStep(given: Given, id: string): Finding[] {
  const { route } = given.piece(routeOfPiece);
  const at = route.steps.findIndex((step) => step.id === id);
  const step = route.steps[at];
  if (!step) return [];
  const parts = given.context.piece.parts.filter(
    (part) => step.parts.length === 0 || step.parts.includes(part.id),
  );
  const touches = (one: RouteStep) =>
    one.parts.length === 0 || parts.some((part) => one.parts.includes(part.id));
  const after = route.steps.slice(at + 1).filter(touches);
  const before = route.steps.slice(0, at).filter(touches);
  const { own } = given.context;
  const found = [
    ...heedAgent(step, after, claysOf(given, parts), own),
    ...parts.flatMap((part) => {
      const context = given.contexts.get(part.id);
      return context ? heedCuredWork(step, after, placeOf(given, context, step), own) : [];
    }),
    ...(step.kind === 'detail' ? parts.flatMap((part) => heedFeatures(given, part)) : []),
    ...parts.flatMap((part) => {
      const context = given.contexts.get(part.id);
      const isTooSmall = (feature: Feature) =>
        context !== undefined &&
        feature.acrossMm !== null &&
        judgeFeature(context, feature, part.features.indexOf(feature)).level !== 'good';
      return heedTexture(step, part, given.context.piece.brief, isTooSmall);
    }),
    ...heedDryPass(
      step,
      onBy(given, before),
      given.context.piece.brief.schools.superglue === 'knowingly',
      own,
    ),
    ...(isOfLayers(step)
      ? heedLayers(given, step)
      : heedWash(step, before, seenOf(given.context.piece, 'coat-wash', 'wash'))),
    ...heedNew(given, step),
    ...heedColours(at, route, given.context.piece),
    ...heedInside(at, route, given.context.piece),
    ...heedPractice(at, route, parts),
  ];
  const seen = new Set<string>();
  return found
    .filter(({ says }) => !seen.has(says) && seen.add(says))
    .sort((a, b) => RANK[a.level] - RANK[b.level]);
}

import type { CoatId, CoatLayer, LayerKind, PartId } from '../../piece/index.ts';
import { LAYER_KINDS } from '../../piece/index.ts';
import { LAYER_SAYS } from '../layers/orderOf.ts';
import type { ZoneFacts } from '../zones/zoneFacts.ts';

/** A job of the finish: one kind of layer on all surfaces that are ready for it, as a route takes it in. */
export interface FinishJob {
  readonly id: string;
  readonly kind: LayerKind;
  readonly title: string;
  readonly parts: readonly PartId[];
  /** What it leaves on them. */
  readonly of: CoatId | null;
  /** Layers it is made up of, each by its zone. */
  readonly layers: readonly { readonly zone: string; readonly layer: string }[];
  readonly needs: readonly string[];
}

/** Layers that are done with the clay still raw, or by the oven: the route has steps of its own for those. */
const BEFORE: readonly LayerKind[] = ['texture', 'clean', 'bake'];

interface Node {
  readonly key: string;
  readonly layer: CoatLayer;
  readonly zone: ZoneFacts;
}

/** What of a zone comes after its last bake. */
function afterBake({ layers }: ZoneFacts): readonly CoatLayer[] {
  const last = layers.map(({ kind }) => kind).lastIndexOf('bake');
  return layers.slice(last + 1).filter(({ kind }) => !BEFORE.includes(kind));
}

/** Layers of a zone, those of one kind numbered as they come again. */
function nodesOf(zone: ZoneFacts): readonly Node[] {
  const seen = new Map<string, number>();
  return afterBake(zone).map((layer) => {
    const n = (seen.get(layer.kind) ?? 0) + 1;
    seen.set(layer.kind, n);
    return { key: n === 1 ? layer.kind : `${layer.kind}-${n}`, layer, zone };
  });
}

/** The keys in an order in which every zone has its own; null where two zones want it the other way round. */
function inOneOrder(lists: readonly (readonly Node[])[]): readonly string[] | null {
  const keys = [...new Set(lists.flatMap((list) => list.map(({ key }) => key)))];
  const before = new Map(keys.map((key) => [key, new Set<string>()]));
  for (const list of lists)
    for (let i = 1; i < list.length; i += 1) before.get(list[i]?.key ?? '')?.add(list[i - 1]?.key ?? '');
  const rank = (key: string) => LAYER_KINDS.indexOf(key.split('-')[0] as LayerKind);
  const done: string[] = [];
  while (done.length < keys.length) {
    const ready = keys
      .filter((key) => !done.includes(key) && [...(before.get(key) ?? [])].every((one) => done.includes(one)))
      .sort((a, b) => rank(a) - rank(b));
    const [next] = ready;
    if (next === undefined) return null;
    done.push(next);
  }
  return done;
}

const names = (nodes: readonly Node[]) => [...new Set(nodes.map(({ zone }) => zone.name))];

/** The zones of a job by name, a few of them. */
function onSays(nodes: readonly Node[]): string {
  const all = names(nodes);
  return all.length <= 3 ? all.join(', ') : `${all.slice(0, 2).join(', ')} and ${all.length - 2} more`;
}

function jobOf(
  key: string,
  stem: string,
  nodes: readonly Node[],
  needs: readonly string[],
): FinishJob | null {
  const [first] = nodes;
  if (!first) return null;
  const stuffs = new Set(nodes.map(({ layer }) => layer.of));
  const says = LAYER_SAYS[first.layer.kind];
  return {
    id: `finish-${stem}${key}`,
    kind: first.layer.kind,
    title: `${says[0]?.toUpperCase()}${says.slice(1)}: ${onSays(nodes)}`,
    parts: [...new Set(nodes.flatMap(({ zone }) => (zone.part as PartId | null) ?? []))],
    of: stuffs.size === 1 ? first.layer.of : null,
    layers: nodes.map(({ zone, layer }) => ({ zone: zone.id, layer: layer.id })),
    needs,
  };
}

function chained(lists: readonly (readonly Node[])[], order: readonly string[], stem: string): FinishJob[] {
  const jobs: FinishJob[] = [];
  for (const key of order) {
    const nodes = lists.flatMap((list) => list.filter((node) => node.key === key));
    const last = jobs.at(-1);
    const job = jobOf(key, stem, nodes, last ? [last.id] : []);
    if (job) jobs.push(job);
  }
  return jobs;
}

/**
 * The layers of all zones as jobs: like ones done together, in an order that each zone has as its own. Zones whose orders
 * go against one another are done one by one.
 */
export function finishJobs(zones: readonly ZoneFacts[]): readonly FinishJob[] {
  const lists = zones.map(nodesOf).filter((list) => list.length > 0);
  const order = inOneOrder(lists);
  if (order) return chained(lists, order, '');
  return lists.flatMap((list) =>
    chained(
      [list],
      list.map(({ key }) => key),
      `${list[0]?.zone.id ?? ''}-`,
    ),
  );
}

import { mixesOf, withMixes } from '../bulk/record/links.ts';
import { scaledForm } from '../form/index.ts';
import { type ClayId, newId, type PartId } from '../record/index.ts';
import { resolveScale } from '../scale/index.ts';
import type { Clay, Part, Piece } from './document.ts';
import { addPart } from './edit.ts';

/** How far a part has come in its piece, by the steps that are ticked. */
function stateOf({ route, parts }: Piece, id: PartId): Part['state'] {
  const begun = parts.find((part) => part.id === id)?.state ?? 'planned';
  const done = new Set(
    (route?.steps ?? [])
      .filter((step) => step.done !== null && (step.parts.length === 0 || step.parts.includes(id)))
      .map(({ kind, way }) => (kind === 'bake' ? `bake ${way}` : kind)),
  );
  if (done.has('coat') || done.has('seal')) return 'painted';
  if (done.has('bake full')) return begun === 'painted' ? begun : 'baked';
  return done.has('skin') && begun === 'planned' ? 'raw' : begun;
}

/** Clays of one piece as another has them: by their name, else brought along. */
function claysInto(from: Piece, into: Piece, wanted: ReadonlySet<string>) {
  const added: Clay[] = [];
  const of = new Map<ClayId, ClayId>();
  for (const clay of from.clays) {
    if (!wanted.has(clay.id)) continue;
    const same = into.clays.find(({ name }) => name.toLowerCase() === clay.name.toLowerCase());
    const here = same ?? { ...clay, id: newId<ClayId>('clay') };
    if (!same) added.push(here);
    of.set(clay.id, here.id);
  }
  return { added, of };
}

/** What is begun stays as large as it lies there, whatever the scale it goes on at. */
function asItIs(part: Part, state: Part['state'], from: Piece, into: Piece): Part {
  const { ratio } = resolveScale(from.scale);
  if (state === 'planned' || part.sized === 'miniature' || ratio === resolveScale(into.scale).ratio)
    return part;
  return { ...part, sized: 'miniature', form: scaledForm(part.form, 1 / ratio) };
}

/**
 * A piece with a part of another one going on in it: as far as it has come there, by itself, with its clays. The other piece is
 * left as it is.
 *
 * @returns null for a part that the other piece does not have
 */
export function takeOver(into: Piece, from: Piece, id: PartId): { piece: Piece; part: Part } | null {
  const found = from.parts.find((part) => part.id === id);
  if (!found) return null;
  const wanted = new Set(mixesOf(found).flatMap(({ mix }) => mix.map(({ clay }) => clay as string)));
  const { added, of } = claysInto(from, into, wanted);
  const state = stateOf(from, id);
  const whole = withMixes(structuredClone(found), (mix) =>
    mix.map((share) => ({ ...share, clay: of.get(share.clay) ?? share.clay })),
  );
  const part: Part = { ...asItIs(whole, state, from, into), id: newId<PartId>('part'), parent: null, state };
  return { piece: addPart({ ...into, clays: [...into.clays, ...added] }, part), part };
}

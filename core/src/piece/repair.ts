import { mixesOf, withClaysOf } from '../bulk/record/links.ts';
import { type ClayId, newId, type PartId } from '../record/index.ts';
import { withoutLooseLinks } from '../route/record/links.ts';
import type { Clay, Fit, LogEntry, Part, Piece, RouteStep } from './document.ts';
import { withoutLinksTo } from './links.ts';

/** A link of the document that leads nowhere or to two places. */
export interface Knot {
  readonly code: 'twice' | 'no-parent' | 'own-ancestor' | 'no-clay' | 'no-part' | 'no-step';
  readonly where: string;
  readonly id: string;
}

function twice(list: readonly { readonly id: string }[], name: string): Knot[] {
  const seen = new Set<string>();
  return list.flatMap(({ id }, i): Knot[] => {
    const again = seen.has(id);
    seen.add(id);
    return again ? [{ code: 'twice', where: `${name}[${i}].id`, id }] : [];
  });
}

/** The rings of parts that hang on one another, each in the order of the piece; every part is passed once. */
function ringsOf(byId: ReadonlyMap<PartId, Part>): Part[][] {
  const walkOf = new Map<PartId, Part>();
  const order = new Map([...byId.keys()].map((id, i) => [id, i]));
  const rings: Part[][] = [];
  for (const first of byId.values()) {
    let at: Part | undefined = first;
    for (; at && !walkOf.has(at.id); at = at.parent ? byId.get(at.parent) : undefined)
      walkOf.set(at.id, first);
    // A walk that comes upon itself has been round.
    if (!at || walkOf.get(at.id) !== first) continue;
    const ring: Part[] = [];
    for (
      let on: Part | undefined = at;
      on && (on !== at || ring.length === 0);
      on = on.parent ? byId.get(on.parent) : undefined
    )
      ring.push(on);
    rings.push(ring.sort((a, b) => (order.get(a.id) ?? 0) - (order.get(b.id) ?? 0)));
  }
  return rings;
}

function partKnots(
  part: Part,
  i: number,
  byId: ReadonlyMap<PartId, Part>,
  clays: ReadonlySet<string>,
  ringed: ReadonlySet<Part>,
): Knot[] {
  const where = `parts[${i}]`;
  const knots: Knot[] = [];
  if (part.parent && !byId.has(part.parent))
    knots.push({ code: 'no-parent', where: `${where}.parent`, id: part.parent });
  if (ringed.has(part)) knots.push({ code: 'own-ancestor', where: `${where}.parent`, id: part.id });
  for (const one of mixesOf(part))
    for (const { clay } of one.mix)
      if (!clays.has(clay)) knots.push({ code: 'no-clay', where: `${where}.${one.where}`, id: clay });
  return knots;
}

/** Every link that does not hold; an empty list for a sound piece. Checked after every operation in the tests. */
export function validatePiece(piece: Piece): Knot[] {
  const byId = new Map(piece.parts.map((part) => [part.id, part]));
  const clays = new Set<string>(piece.clays.map(({ id }) => id));
  const ringed = new Set(ringsOf(byId).flat());
  return [
    ...twice(piece.clays, 'clays'),
    ...twice(piece.parts, 'parts'),
    ...twice(piece.log, 'log'),
    ...piece.parts.flatMap((part, i) => partKnots(part, i, byId, clays, ringed)),
    ...piece.log.flatMap((entry, i): Knot[] =>
      entry.part && !byId.has(entry.part)
        ? [{ code: 'no-part', where: `log[${i}].part`, id: entry.part }]
        : [],
    ),
    ...piece.fits.flatMap((fit, i) => fitKnots(fit, i, byId)),
    ...looseKnots(piece, byId),
    ...routeKnots(piece, byId),
  ];
}

function fitKnots({ part, on }: Fit, i: number, byId: ReadonlyMap<PartId, Part>): Knot[] {
  return [part, on].flatMap((id): Knot[] =>
    byId.has(id) ? [] : [{ code: 'no-part', where: `fits[${i}]`, id }],
  );
}

/** Links of decisions, pictures and the ground to parts that are not there. */
function looseKnots(piece: Piece, byId: ReadonlyMap<PartId, Part>): Knot[] {
  const missing = (id: PartId | null, where: string): Knot[] =>
    id === null || byId.has(id) ? [] : [{ code: 'no-part', where, id }];
  return [
    ...piece.decisions.flatMap(({ parts }, i) => parts.flatMap((id) => missing(id, `decisions[${i}].parts`))),
    ...piece.references.flatMap(({ part }, i) => missing(part, `references[${i}].part`)),
    ...piece.stood.flatMap(({ part }, i) => missing(part, `stood[${i}].part`)),
    ...piece.masonry.flatMap(({ part }, i) => missing(part, `masonry[${i}].part`)),
  ];
}

/** Links of the route to parts and to steps that are not there. */
function routeKnots({ route }: Piece, byId: ReadonlyMap<PartId, Part>): Knot[] {
  if (!route) return [];
  const steps = new Set(route.steps.map(({ id }) => id));
  const missing = (id: string, where: string): Knot[] =>
    steps.has(id) ? [] : [{ code: 'no-step', where, id }];
  return [
    ...twice(route.steps, 'route.steps'),
    ...route.steps.flatMap(({ parts, needs }, i) => [
      ...parts.flatMap((id): Knot[] =>
        byId.has(id) ? [] : [{ code: 'no-part', where: `route.steps[${i}].parts`, id }],
      ),
      ...needs.flatMap((id) => missing(id, `route.steps[${i}].needs`)),
    ]),
    ...route.relations.flatMap(({ first, second }, i) => [
      ...missing(first, `route.relations[${i}].first`),
      ...missing(second, `route.relations[${i}].second`),
    ]),
  ];
}

function withFreshIds<T extends Clay | Part | LogEntry | RouteStep>(
  list: readonly T[],
  says: (one: T) => void,
): T[] {
  const seen = new Set<string>();
  return list.map((one) => {
    const clash = seen.has(one.id);
    const fresh = clash ? { ...one, id: newId('copy') as T['id'] } : one;
    if (clash) says(one);
    seen.add(fresh.id);
    return fresh;
  });
}

/** Puts right what {@link validatePiece} finds, and says what was done. */
export function repair(piece: Piece): { piece: Piece; repaired: string[] } {
  if (validatePiece(piece).length === 0) return { piece, repaired: [] };
  const repaired: string[] = [];
  const clays = withFreshIds(piece.clays, ({ id }) =>
    repaired.push(`clay id ${id} stood twice: the second has a new one`),
  );
  const log = withFreshIds(piece.log, ({ id }) =>
    repaired.push(`log id ${id} stood twice: the second has a new one`),
  );
  const named = withFreshIds(piece.parts, ({ id, name }) =>
    repaired.push(`part id ${id} stood twice: “${name}” has a new one`),
  );
  const byId = new Map(named.map((part) => [part.id, part]));
  // A ring is cut open at its first part.
  const cut = new Set(ringsOf(byId).map(([first]) => first));
  const clayIds = new Set(clays.map(({ id }) => id));
  const parts = named.map((part): Part => {
    let mended = part;
    if (part.parent && (!byId.has(part.parent) || cut.has(part))) {
      repaired.push(
        `“${part.name}” hung on a part that ${byId.has(part.parent) ? 'hangs on it' : 'is not there'}: it now stands alone`,
      );
      mended = { ...mended, parent: null };
      byId.set(part.id, mended);
    }
    const known = withClaysOf(mended, (clay) => clayIds.has(clay as ClayId));
    if (known !== mended) {
      repaired.push(`“${part.name}” named a clay that is not in the piece: choose its clay again`);
      mended = known;
    }
    return mended;
  });
  const entries = log.map((entry) => {
    if (!entry.part || byId.has(entry.part)) return entry;
    repaired.push(
      `a log entry of ${entry.at} named a part that is not there: it now belongs to the whole piece`,
    );
    return { ...entry, part: null };
  });
  const linked = withoutLinksTo(
    { ...piece, clays, parts, log: entries, route: soundRoute(piece, repaired) },
    (id) => !byId.has(id),
  );
  const lost = piece.fits.length - linked.fits.length;
  if (lost > 0)
    repaired.push(`${lost} ${lost === 1 ? 'fit' : 'fits'} of parts that are not there: taken out`);
  return { piece: linked, repaired };
}

/** The route with a fresh id for a step that stood twice, and without links that lead nowhere. */
function soundRoute({ route }: Piece, repaired: string[]): Piece['route'] {
  if (!route) return null;
  const steps = withFreshIds(route.steps, ({ title }) =>
    repaired.push(`step “${title}” stood twice: the second has a new id`),
  );
  const sound = withoutLooseLinks({ ...route, steps });
  const links = (one: typeof route) =>
    one.relations.length + one.steps.reduce((sum, { needs }) => sum + needs.length, 0);
  const lost = links(route) - links(sound);
  if (lost > 0)
    repaired.push(
      `${lost} ${lost === 1 ? 'link' : 'links'} to steps of the route that are not there: taken out`,
    );
  return sound;
}

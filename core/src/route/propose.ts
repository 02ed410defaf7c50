import type { FitKind, Part, PartId, Route, RouteStep } from '../piece/index.ts';
import { sourced } from '../reckoning/index.ts';
import { followed } from './compare.ts';
import { hasFace, isOfFace, smallParts } from './hands.ts';
import { STEP_TITLES } from './kinds.ts';
import { finish, type JoinedWhen, joinedLeaves, joinedWhen, joinedWith } from './proposedFinish.ts';
import { groundBuilt, groundFinished, scoredIn } from './proposedGround.ts';
import { isLaidAhead, makeSet, putSet, putSetsLate } from './proposedSets.ts';
import { bakes, type ClayPass, ofPart, type ProposeGround, step, stepId } from './proposedSteps.ts';

function armature(part: Part, ground: ProposeGround): RouteStep[] {
  const wires = ground.wires(part.id);
  return [
    ...(wires > 0 ? [ofPart(part, 'wire')] : []),
    ...(wires > 1 ? [ofPart(part, 'bind')] : []),
    ...(wires > 0 && ground.hasPeg(part.id) ? [ofPart(part, 'block')] : []),
    ...(ground.hasCore(part.id) ? [ofPart(part, 'core')] : []),
  ];
}

/** Fits that put a thing on a part for good. */
const JOINING = ['pegged-into', 'goes-into', 'covers', 'held-by', 'rides'];

/** What hangs on what: the clay part that each other thing is put on or in, and the things of each. */
interface Hung {
  readonly hosts: ReadonlyMap<string, Part>;
  readonly things: ReadonlyMap<string, readonly Part[]>;
}

function hungOf({ piece, partById, isClay }: ProposeGround): Hung {
  const joined = new Map<string, string>();
  for (const { kind, part, on } of piece.fits)
    if (JOINING.includes(kind) && !joined.has(part)) joined.set(part, on);
  const hosts = new Map<string, Part>();
  const things = new Map<string, Part[]>();
  for (const part of piece.parts) {
    const host = isClay(part.id) ? undefined : partById.get(joined.get(part.id) ?? part.parent ?? '');
    if (!host || !isClay(host.id)) continue;
    hosts.set(part.id, host);
    things.set(host.id, [...(things.get(host.id) ?? []), part]);
  }
  return { hosts, things };
}

/** Steps that put things of other stuffs on a part, before its bakes or after them. */
function fixes(host: Part, isAfter: boolean, { things }: Hung, needs: readonly string[]): RouteStep[] {
  return [
    ...(things.get(host.id) ?? [])
      .filter(({ afterBake }) => afterBake === isAfter)
      .map((thing) =>
        step(stepId('fix', thing.id), 'fix', `Put ${thing.name} on ${host.name}`, {
          parts: [host.id],
          thing: thing.id,
          needs: [...needs],
        }),
      ),
    ...host.inserts
      .filter(({ afterBake }) => afterBake === isAfter)
      .map((insert) =>
        step(stepId('fix', host.id, insert.id), 'fix', `Let ${insert.name} into ${host.name}`, {
          parts: [host.id],
          thing: insert.id,
          needs: [...needs],
        }),
      ),
  ];
}

/** Clay of a part that is still to be cured, by the bake it goes on for: of what lies there baked, only what goes over it. */
function passesAhead({ id, state }: Part, ground: ProposeGround): readonly ClayPass[] {
  const all = ground.passes(id);
  return state === 'baked' || state === 'painted' ? all.filter(({ layers }) => layers.length > 0) : all;
}

/** What clay goes on for a bake, in words: a layer by its name, regions by the shorter list: these, or all but those. */
function clayNamed(own: ClayPass, all: readonly ClayPass[]): string {
  const { regions, layers } = own;
  const others = [...new Set(all.flatMap((one) => one.regions))].filter((name) => !regions.includes(name));
  if (layers.length > 0)
    return `: ${layers.join(', ')}${others.length === 0 ? '' : ` on ${regions.join(', ')}`}`;
  return others.length > 0 && others.length < regions.length
    ? `: clay, all but ${others.join(', ')}`
    : others.length === 0
      ? ': clay beneath'
      : `: clay on ${regions.join(', ')}`;
}

/** Everything done to a part in one of its passes, up to the bake. */
function passSteps(
  part: Part,
  pass: number,
  ground: ProposeGround,
  hung: Hung,
  ahead: readonly string[],
): RouteStep[] {
  const all = passesAhead(part, ground);
  const own = all.find((one) => one.pass === pass);
  if (!own) return [];
  const isLast = all.every((one) => one.pass <= pass);
  const regions = all.length > 1 ? [...own.regions] : [];
  const named = all.length > 1 ? clayNamed(own, all) : ': clay';
  const key = all.length > 1 ? [pass] : [];
  if (part.repeat) return isLast ? [...makeSet(part), ...putSet(part, ground)] : [];
  const needs = smallParts(part, ground.own) > 0 ? [...ahead] : [];
  // What is worked in the clay of a bake comes before that bake; a face is worked where the head is.
  const isOfThis = isLast || (hasFace(part) && own.regions.some(isOfFace));
  const work = (kind: 'detail' | 'clean', over: Partial<RouteStep> = {}) =>
    isLast
      ? ofPart(part, kind, { regions, ...over })
      : step(stepId(kind, part.id, pass), kind, `${part.name}: ${STEP_TITLES[kind]}, bake ${pass}`, {
          parts: [part.id],
          regions,
          ...over,
        });
  const isLaid = part.state === 'raw' && own.layers.length === 0;
  const skin = step(stepId('skin', part.id, ...key), 'skin', `${part.name}${named}`, {
    parts: [part.id],
    regions,
  });
  return [
    ...(isLaid ? [] : [skin]),
    ...(ground.piece.brief.schools.colour === 'pastel'
      ? [
          step(stepId('pastel', part.id, ...key), 'pastel', `${part.name}: pastel on the raw clay`, {
            parts: [part.id],
            regions,
          }),
        ]
      : []),
    ...(isLast ? scoredIn(part, ground) : []),
    ...(isOfThis ? [work('detail', { needs })] : []),
    ...(isLast ? fixes(part, false, hung, []) : []),
    work('clean'),
  ];
}

function joints(ground: ProposeGround, when: JoinedWhen, cooled: readonly string[] = []): RouteStep[] {
  const { piece, isClay, partById: byId } = ground;
  return piece.fits.flatMap(({ id, kind, part: a, on: b }) => {
    const [one, other] = [byId.get(a), byId.get(b)];
    if (!one || !other || joinedWhen(piece, id) !== when) return [];
    const parts = [a, b] as PartId[];
    if (JOINING.includes(kind) && isClay(a) && isClay(b))
      return [
        step(stepId('joint', id), 'joint', `Join ${one.name} to ${other.name}, ${joinedWith(piece, id)}`, {
          parts,
          needs: [...cooled],
          leaves: joinedLeaves(piece, id),
        }),
      ];
    return [];
  });
}

function assembly({ piece, isClay, partById: byId }: ProposeGround, { hosts }: Hung): RouteStep[] {
  // What hangs on a part is put on it by a step of its own, and what is joined to it is on it.
  const isHung = (a: Part, b: Part) => hosts.get(b.id)?.id === a.id;
  const isJoined = (kind: FitKind, a: Part, b: Part) =>
    JOINING.includes(kind) && isClay(a.id) && isClay(b.id);
  return piece.fits.flatMap(({ id, kind, part: a, on: b }) => {
    const [one, other] = [byId.get(a), byId.get(b)];
    const isPlaced = kind === 'sits-on' || kind === 'beside' || kind === 'rides';
    return one && other && isPlaced && !isHung(one, other) && !isJoined(kind, one, other)
      ? [
          step(
            stepId('assemble', id),
            'assemble',
            `Put ${one.name} ${kind === 'beside' ? 'beside' : 'on'} ${other.name}`,
            { parts: [a] },
          ),
        ]
      : [];
  });
}

/** Clay that is not baked dries; the wait is put in as it is reckoned from its thickness. */
function drying(part: Part, ground: ProposeGround): RouteStep {
  const thick = ground.find(part.id, 'bulk.thickest')?.quantity.value ?? 6;
  const hours = (sourced('route.air-dries', ground.own).value * thick) / 6;
  return step(stepId('dry', part.id), 'other', `${part.name}: dry, or set`, {
    parts: [part.id],
    handsMin: 0,
    waitMin: Math.round(hours * 60),
  });
}

/**
 * The usual route of a piece by its forms, clays, features, fits and schools: armatures and cores, small parts baked ahead,
 * clay pass by pass with its bakes, the final bake where bakes only set, then joints, finish and assembly. The same piece
 * always gives the same steps with the same ids.
 */
export function proposeRoute(ground: ProposeGround): Route {
  const { piece, own } = ground;
  const { bakes: school, heat } = piece.brief.schools;
  const clay = piece.parts.filter(({ id }) => ground.isClay(id));
  const planned = clay.filter(({ state }) => state === 'planned');
  // What lies there baked goes into the oven again only for more clay over it.
  const stillRaw = clay.filter((part) => passesAhead(part, ground).length > 0);
  const early = stillRaw.filter((part) => isLaidAhead(part) && ground.windowOf(part.id) !== null);
  const toCure = stillRaw.filter((part) => !early.includes(part));
  const hung = hungOf(ground);
  const baked = toCure.filter(({ id }) => ground.windowOf(id) !== null);
  const dried = toCure.filter(({ id }) => ground.windowOf(id) === null);
  const withSmall = baked.filter((part) => smallParts(part, own) > 0);
  const small = withSmall.map((part) => ofPart(part, 'small'));
  const ahead = bakes('ahead', 'Bake of small parts', withSmall, 'ahead', ground);
  const setsBake = bakes('sets', 'Bake of what is made ahead', early, 'full', ground);
  const cooledSets = setsBake.filter(({ kind }) => kind === 'cool').map(({ id }) => id);
  const cooledAhead = ahead.filter(({ kind }) => kind === 'cool').map(({ id }) => id);
  const last = Math.max(1, ...toCure.flatMap((part) => passesAhead(part, ground).map(({ pass }) => pass)));
  const isSet = heat === 'set' && school === 'sections';
  const sculpted = Array.from({ length: last }, (_, k) => k + 1).flatMap((pass) => {
    const puts = pass === last ? early.flatMap((part) => putSet(part, ground, cooledSets)) : [];
    // Raw clay is pressed on while both are raw, before the bake that they share.
    const pressed = pass === last ? joints(ground, 'raw') : [];
    const here = [
      ...toCure.flatMap((part) => passSteps(part, pass, ground, hung, cooledAhead)),
      ...puts,
      ...pressed,
    ];
    // A short bake is for what more clay goes on later; all else waits for the final one.
    const inIt = baked.filter((part) => {
      const passes = passesAhead(part, ground);
      return passes.some((one) => one.pass === pass) && (!isSet || passes.some((one) => one.pass > pass));
    });
    if (school === 'one') return here;
    const title = `${isSet ? 'Short bake' : 'Bake'} ${pass}`;
    return [...here, ...bakes(String(pass), title, inIt, isSet ? 'set' : 'full', ground)];
  });
  const final =
    school === 'one'
      ? bakes('all', 'The bake', baked, 'full', ground)
      : isSet
        ? bakes(
            'full',
            sculpted.some(({ kind }) => kind === 'bake') ? 'Final bake' : 'Bake',
            baked,
            'full',
            ground,
          )
        : [];
  const cooled = [...sculpted, ...final].filter(({ kind }) => kind === 'cool');
  const lastCool = new Map<string, string>();
  for (const { id, parts } of cooled) for (const part of parts) lastCool.set(part, id);
  const cooledOf = ({ id }: Part) => [lastCool.get(id) ?? []].flat();
  const slipped = joints(
    ground,
    'oven',
    cooled.slice(-1).map(({ id }) => id),
  );
  const again = new Set(slipped.flatMap(({ parts }) => parts));
  const bakedAgain = clay.filter(({ id }) => again.has(id) && ground.windowOf(id) !== null);
  const loose = piece.parts.filter(
    ({ id, sized, repeat, state }) =>
      !ground.isClay(id) && (sized === 'life' || repeat) && state === 'planned',
  );
  return {
    steps: [
      ...planned.flatMap((part) => armature(part, ground)),
      ...loose.map((part) =>
        step(stepId('make', part.id), 'other', `Make ${part.repeat ? `${part.count} ` : ''}${part.name}`, {
          parts: [part.id],
        }),
      ),
      ...groundBuilt(ground),
      ...small,
      ...ahead,
      ...early.flatMap(makeSet),
      ...setsBake,
      ...sculpted,
      ...final,
      ...dried.map((part) => drying(part, ground)),
      ...joints(
        ground,
        'cured',
        cooled.slice(-1).map(({ id }) => id),
      ),
      ...slipped,
      ...(slipped.length > 0
        ? bakes('joined', 'Short bake of what liquid clay joins', bakedAgain, 'set', ground)
        : []),
      ...finish(
        clay.filter(({ state }) => state !== 'painted'),
        ground,
      ),
      ...clay.flatMap((part) => fixes(part, true, hung, cooledOf(part))),
      ...putSetsLate(ground, cooledOf),
      ...assembly(ground, hung),
      ...groundFinished(ground),
    ],
    relations: [],
    without: [],
  };
}

/** The route as it stands, and the proposal that it follows. */
export interface FollowedRoute {
  /** The proposal, with what the maker ordered, retimed, added and took out. */
  readonly route: Route;
  readonly proposed: Route;
}

export function routeOf(ground: ProposeGround): FollowedRoute {
  const proposed = proposeRoute(ground);
  const { route } = ground.piece;
  return { route: route ? followed(route, proposed) : proposed, proposed };
}

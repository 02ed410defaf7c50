import { planOfPiece } from '../bake/plan/index.ts';
import { foilToTear } from '../bulk/index.ts';
import type { Given } from '../context/index.ts';
import { stuffRow } from '../handbook/index.ts';
import type { CuredWork, Part, RouteStep, StepKind } from '../piece/index.ts';
import { formatQuantity, sourced } from '../reckoning/index.ts';
import { isOnAt, routeOfPiece, SEPARATOR_SAYS } from '../route/index.ts';
import { inBothDegrees } from './bothDegrees.ts';
import { AGENT_ROWS } from './heed/index.ts';

/** Something that must be at hand. */
export interface LaidOut {
  /** What it is called, once in the list. */
  readonly what: string;
  /** How much of it, or how it is set; each once. */
  readonly amounts: readonly string[];
  /** Steps that it is for. */
  readonly steps: readonly string[];
}

/** What is to lie ready before a session begins. */
export interface LayOut {
  /** Steps of the session, in order. */
  readonly steps: readonly { readonly id: string; readonly title: string }[];
  readonly things: readonly LaidOut[];
}

/** Tools and consumables of a kind of step (common practice). */
const TOOLS: Readonly<Partial<Record<StepKind, readonly string[]>>> = {
  wire: ['pliers', 'side cutters', 'rule', 'the bending drawing, printed', 'eye protection'],
  bind: ['pliers', 'binding wire'],
  block: ['block with a hole', 'drill'],
  small: ['baking paper', 'a box for small parts'],
  skin: ['roller', 'blade', 'baking paper'],
  detail: ['modelling tools', 'dividers'],
  pastel: ['soft brush', 'dust mask'],
  clean: ['soft brush', 'lint-free cloth'],
  bake: ['oven thermometer', 'clock', 'tray', 'oven gloves'],
  warm: ['warm water', 'gloves'],
  joint: ['drill', 'pins', 'glue', 'gloves'],
  fix: ['glue'],
  seal: ['sealer', 'brush'],
  coat: ['brushes', 'water pot', 'palette'],
};

/** Tools of work on cured clay (common practice). */
const WORK_TOOLS: Readonly<Record<CuredWork, readonly string[]>> = {
  sand: ['wet abrasive paper', 'water', 'dust mask'],
  file: ['needle files', 'dust mask'],
  carve: ['carving blade', 'cloth to hold it in'],
  drill: ['hand drill and bits', 'cloth to hold it in'],
  cut: ['new blade', 'warm water'],
  snip: ['side cutters', 'eye protection'],
  fill: ['liquid clay or putty', 'needle tool'],
};

/** Everything that a step is done with. */
function toolsOf(step: RouteStep): readonly string[] {
  if (step.kind === 'sand') return WORK_TOOLS[step.work];
  const agent = step.kind === 'clean' && step.agent !== null ? [AGENT_ROWS[step.agent].title] : [];
  const trial = step.kind === 'trial' ? ['a swatch of the same clay, baked'] : [];
  return [...(TOOLS[step.kind] ?? []), ...agent, ...trial];
}

/** Without hours a day, a session is taken for so many, h. */
const SESSION_H = 2;

/** Open steps from the first on, until the hands have no more time; a wait ends no session. */
function sessionSteps(given: Given): RouteStep[] {
  const { route, times } = given.piece(routeOfPiece);
  const hours = given.context.piece.brief.hoursPerDay ?? SESSION_H;
  let left = hours * 60;
  const open = route.steps.filter(({ done }) => done === null);
  const found: RouteStep[] = [];
  for (const step of open) {
    const hands = times.get(step.id)?.handsMin ?? 0;
    if (found.length > 0 && hands > left) break;
    left -= hands;
    found.push(step);
  }
  return found;
}

/** Clay, foil and wire that a step takes, by name and amount. */
function stuffsOf(given: Given, step: RouteStep, part: Part): [what: string, amount: string][] {
  const { find, context } = given;
  const shares = given.piece(routeOfPiece).shares;
  const times = part.count === 1 ? '' : ` × ${part.count}`;
  switch (step.kind) {
    case 'detail':
      return part.variants.map(({ name, count, differs }) => [
        `${part.name} that differs: ${name}`,
        [`${count} ×`, differs].filter(Boolean).join(' '),
      ]);
    case 'core': {
      const foil = find(part.id, 'bulk.foil');
      const wide = sourced('foil.width', context.own).value;
      return foil ? [['foil', `${foilToTear(foil.quantity.value * 1000, wide)}${times}`]] : [];
    }
    case 'skin': {
      const clay = find(part.id, 'bulk.clay');
      if (!clay) return [];
      const { value, unit } = clay.quantity;
      const names = part.mix.flatMap(
        ({ clay: id }) => context.piece.clays.find((one) => one.id === id)?.name ?? [],
      );
      const amount = formatQuantity({ value: value * (shares.get(step.id) ?? 1), unit });
      return [[names.join(' and ') || 'clay', `${amount} for ${part.name}`]];
    }
    case 'wire': {
      const wire = find(part.id, 'bones.length');
      return wire ? [['wire', `${formatQuantity(wire.quantity)} for ${part.name}`]] : [];
    }
    default:
      return [];
  }
}

/** What a step puts on or in, and the stuff it leaves. */
function putOn(given: Given, { thing, leaves }: RouteStep): string[] {
  const { parts } = given.context.piece;
  const name =
    parts.find(({ id }) => id === thing)?.name ??
    parts.flatMap(({ inserts }) => inserts).find(({ id }) => id === thing)?.name;
  return [...(name ? [name] : []), ...(leaves ? [stuffRow(leaves).title] : [])];
}

/**
 * Everything that must be at hand for the next session: the tools of its steps, their stuffs with amounts, how the oven is set,
 * and the things that are put on; each once, in the order it is first wanted.
 */
export function layOut(given: Given): LayOut {
  const { piece } = given.context;
  const steps = sessionSteps(given);
  const { route } = given.piece(routeOfPiece);
  const bakes = given.piece(planOfPiece).bakes;
  const found = new Map<string, { amounts: string[]; steps: string[] }>();
  const add = (what: string, amount: string, title: string) => {
    const own = found.get(what) ?? { amounts: [], steps: [] };
    found.set(what, own);
    if (amount !== '' && !own.amounts.includes(amount)) own.amounts.push(amount);
    if (!own.steps.includes(title)) own.steps.push(title);
  };
  for (const step of steps) {
    for (const part of piece.parts.filter(({ id }) => step.parts.some((one) => one === id)))
      for (const [what, amount] of stuffsOf(given, step, part)) add(what, amount, step.title);
    for (const what of putOn(given, step)) add(what, '', step.title);
    for (const what of toolsOf(step)) add(what, '', step.title);
    for (const aid of piece.aids)
      if (isOnAt(aid, route.steps, route.steps.indexOf(step)))
        add(aid.name, aid.separator === 'none' ? '' : SEPARATOR_SAYS[aid.separator], step.title);
    for (const load of bakes.find((one) => one.step === step.id)?.loads ?? [])
      add(
        'oven',
        `dial ${inBothDegrees({ value: load.dialC, unit: '°C' })}, ${formatQuantity({ value: load.minutes, unit: 'min' })}`,
        step.title,
      );
  }
  return {
    steps: steps.map(({ id, title }) => ({ id, title })),
    things: [...found].map(([what, own]) => ({ what, ...own })),
  };
}

import type { Piece, RouteStep } from '../piece/index.ts';
import { figure, type OwnValues, type Reckoning, sourced, type Term, termFrom } from '../reckoning/index.ts';
import { STEP } from './figures.ts';

/** What the time of a step leans on. */
export interface TimingGround {
  readonly piece: Piece;
  readonly own: OwnValues;
  /** A figure of a part, or of the whole piece. */
  readonly find: (part: string | null, key: string) => Reckoning | undefined;
  readonly partById: ReadonlyMap<string, Piece['parts'][number]>;
  /** Minutes of the loads of a bake of the route; none where they are not known. */
  readonly ovenMin: (step: string) => readonly Reckoning[];
  /** How many wires a part has. */
  readonly wires: (part: string) => number;
}

/**
 * What n alike take, in times of the first: each doubling takes a share of what it took before (Wright 1936).
 *
 * @param share of the first that the second takes, 0 to 1
 * @example practised(2, 0.8) // 1.8
 */
export function practised(n: number, share: number): number {
  const power = Math.log2(Math.max(1e-6, share));
  let sum = 0;
  for (let i = 1; i <= n; i += 1) sum += i ** power;
  return sum;
}

const shape = (
  symbol: string,
  name: string,
  value: number,
  unit: Term['quantity']['unit'],
  says: string,
): Term => ({
  symbol,
  name,
  quantity: { value, unit },
  origin: { kind: 'shape', says },
});

type Worked = Pick<Reckoning, 'formula' | 'terms'> & { readonly value: number };

const NOTHING: Worked = { value: 0, formula: '0', terms: [] };

/** Whether a part has a face: a person’s, or that of anything one of whose features belongs to one. */
function hasFace(part: Piece['parts'][number]): boolean {
  return part.form.kind === 'person' || part.features.some(({ facial }) => facial);
}

/** Parts a step is done to, all of them where it names none. */
function partsOf(step: RouteStep, { piece, partById }: TimingGround): Piece['parts'] {
  return step.parts.length === 0 ? piece.parts : step.parts.flatMap((id) => partById.get(id) ?? []);
}

/** Minutes for each cm² of all the parts’ surfaces, and the least a step takes. */
function bySurface(step: RouteStep, row: string, ground: TimingGround): Worked {
  const { own, find } = ground;
  const parts = partsOf(step, ground);
  const [rate, least, share] = [
    sourced(row, own),
    sourced('route.least', own),
    sourced('route.practice', own),
  ];
  const part = step.regions.length > 0 ? parts[0] : undefined;
  // Regions share the surface of their part by their number: their own areas are not known here.
  const passes = part ? Math.max(1, new Set(part.regions.map(({ pass }) => pass)).size) : 1;
  const area = parts.reduce((sum, { id, count }) => {
    const one = find(id, 'size.surface')?.quantity.value ?? 0;
    return sum + one * practised(count, share.value / 100);
  }, 0);
  const value = Math.max(least.value, (rate.value * area) / passes);
  return {
    value,
    formula: 't = max(l, r × A)',
    terms: [
      least.term('l'),
      rate.term('r'),
      shape('A', 'Surface, repeats by practice', area / passes, 'cm²', 'surfaces of the parts it is done to'),
    ],
  };
}

function byCount(row: string, n: number, what: string, { own }: TimingGround): Worked {
  const [rate, share] = [sourced(row, own), sourced('route.practice', own)];
  const times = practised(n, share.value / 100);
  return {
    value: rate.value * times,
    formula: 't = r × n',
    terms: [rate.term('r'), shape('n', what, times, '', `${n}, each doubling at ${share.value} %`)],
  };
}

/** Small parts to be made of a part’s features, spares counted in. */
export function smallParts(part: Piece['parts'][number], own: OwnValues): number {
  const spares = 1 + sourced('route.spares', own).value / 100;
  return part.features
    .filter(({ ahead }) => ahead)
    .reduce((sum, { wanted }) => sum + Math.ceil(wanted * part.count * spares), 0);
}

function handsOf(step: RouteStep, ground: TimingGround): Worked {
  const { own, find, wires } = ground;
  const parts = partsOf(step, ground);
  const copies = parts.reduce((sum, { count }) => sum + count, 0);
  switch (step.kind) {
    case 'wire':
    case 'bind': {
      const n = parts.reduce((sum, { id, count }) => sum + wires(id) * count, 0);
      return byCount(`route.${step.kind}`, n, 'Wires', ground);
    }
    case 'block':
      return byCount('route.block', copies, 'Things', ground);
    case 'core': {
      const [base, more] = [sourced('route.core', own), sourced('route.core-more', own)];
      const volume = parts.reduce(
        (sum, { id, count }) => sum + count * (find(id, 'bulk.core')?.quantity.value ?? 0),
        0,
      );
      return {
        value: base.value * copies + more.value * volume,
        formula: 't = b × n + m × V',
        terms: [
          base.term('b'),
          more.term('m'),
          shape('n', 'Cores', copies, 'count', 'copies of the part'),
          shape('V', 'All cores', volume, 'cm³', 'cores of the parts'),
        ],
      };
    }
    case 'small':
      return byCount(
        'route.small',
        parts.reduce((sum, part) => sum + smallParts(part, own), 0),
        'Small parts',
        ground,
      );
    case 'skin':
      return bySurface(step, 'route.skin', ground);
    case 'pastel':
      return bySurface(step, 'route.pastel', ground);
    case 'clean':
      return bySurface(step, 'route.clean', ground);
    case 'seal':
      return bySurface(step, 'route.seal', ground);
    case 'coat':
      return bySurface(step, 'route.coat', ground);
    case 'detail': {
      const [feature, face, share] = [
        sourced('route.feature', own),
        sourced('route.face', own),
        sourced('route.practice', own),
      ];
      const of = (count: (part: Piece['parts'][number]) => number) =>
        parts.reduce((sum, part) => sum + count(part) * practised(part.count, share.value / 100), 0);
      const n = of((part) =>
        part.features.filter(({ ahead }) => !ahead).reduce((s, { wanted }) => s + wanted, 0),
      );
      const faces = of((part) => (hasFace(part) ? 1 : 0));
      const least = sourced('route.least', own);
      return {
        value: Math.max(least.value, feature.value * n + face.value * faces),
        formula: 't = max(l, d × n + f × q)',
        terms: [
          least.term('l'),
          feature.term('d'),
          shape('n', 'Features, repeats by practice', n, '', 'features at Brief'),
          face.term('f'),
          shape('q', 'Faces, repeats by practice', faces, '', 'persons, and what has eyes'),
        ],
      };
    }
    case 'bake':
      return byCount('route.oven-hands', 1, 'Loads', ground);
    case 'fix':
      return byCount('route.fix', copies, 'Things', ground);
    case 'joint':
      return byCount('route.joint', Math.max(1, copies), 'Joints', ground);
    case 'assemble':
      return byCount('route.assemble', Math.max(1, copies), 'Parts', ground);
    case 'cool':
      return NOTHING;
    case 'other':
      return byCount('route.other', Math.max(1, step.parts.length === 0 ? 1 : copies), 'Things', ground);
  }
}

function rowOf(row: string, { own }: TimingGround): Worked {
  const one = sourced(row, own);
  return { value: one.value, formula: 't = w', terms: [one.term('w')] };
}

function waitOf(step: RouteStep, ground: TimingGround): Worked {
  const { own } = ground;
  switch (step.kind) {
    case 'bake': {
      const heats = sourced('route.oven-heats', own);
      if (step.way === 'ahead') {
        const least = sourced('bake.least', own);
        return {
          value: heats.value + least.value,
          formula: 't = o + b',
          terms: [heats.term('o'), least.term('b')],
        };
      }
      const loads = ground.ovenMin(step.id);
      const symbols = loads.map((_, i) => (loads.length === 1 ? 'h' : `h${i + 1}`));
      return {
        value: heats.value + loads.reduce((sum, { quantity }) => sum + quantity.value, 0),
        formula: `t = ${['o', ...symbols].join(' + ')}`,
        terms: [heats.term('o'), ...loads.map((load, i) => termFrom(symbols[i] ?? 'h', load))],
      };
    }
    case 'cool':
      return rowOf('route.cools', ground);
    case 'joint':
      return rowOf('route.joint-sets', ground);
    case 'seal':
      return rowOf('route.seal-dries', ground);
    case 'coat':
      return rowOf('route.coat-dries', ground);
    default:
      return NOTHING;
  }
}

function timeOf(step: RouteStep, what: 'hands' | 'wait', worked: Worked, entered: number | null): Reckoning {
  const field = what === 'hands' ? 'handsMin' : 'waitMin';
  const { value, formula, terms }: Worked =
    entered === null
      ? worked
      : {
          value: entered,
          formula: 't = e',
          terms: [
            {
              symbol: 'e',
              name: what === 'hands' ? 'Minutes at the bench' : 'Minutes of waiting',
              quantity: { value: entered, unit: 'min' },
              origin: { kind: 'entry', path: ['route', 'steps', step.id, field] },
            },
          ],
        };
  return figure(STEP[what], {
    at: step.id,
    part: null,
    title: `${step.title}, ${what === 'hands' ? 'at the bench' : 'waiting'}`,
    value,
    formula,
    terms,
  });
}

/** What a step takes at the bench and waiting: as entered, or reckoned from its parts. */
export class StepTime {
  readonly handsMin: number;
  readonly waitMin: number;
  readonly #step: RouteStep;
  readonly #ground: TimingGround;

  constructor(step: RouteStep, ground: TimingGround) {
    this.#step = step;
    this.#ground = ground;
    this.handsMin = step.handsMin ?? handsOf(step, ground).value;
    this.waitMin = step.waitMin ?? waitOf(step, ground).value;
  }

  /** With its working, made when it is asked for: a route may have tens of thousands of steps. */
  get hands(): Reckoning {
    const [step, ground] = [this.#step, this.#ground];
    return timeOf(step, 'hands', step.handsMin === null ? handsOf(step, ground) : NOTHING, step.handsMin);
  }

  get wait(): Reckoning {
    const [step, ground] = [this.#step, this.#ground];
    return timeOf(step, 'wait', step.waitMin === null ? waitOf(step, ground) : NOTHING, step.waitMin);
  }
}

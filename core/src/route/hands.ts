import type { Part, Piece, RouteStep } from '../piece/index.ts';
import {
  type OwnValues,
  type Reckoning,
  type Sourced,
  sourced,
  type Term,
  termFrom,
} from '../reckoning/index.ts';

/** What the time of a step leans on. */
export interface TimingGround {
  readonly piece: Piece;
  readonly own: OwnValues;
  /** A figure of a part, or of the whole piece. */
  readonly find: (part: string | null, key: string) => Reckoning | undefined;
  readonly partById: ReadonlyMap<string, Part>;
  /** Minutes of the loads of a bake of the route; none where they are not known. */
  readonly ovenMin: (step: string) => readonly Reckoning[];
  /** How many wires a part has. */
  readonly wires: (part: string) => number;
  /** How many bends its wires have. */
  readonly bends: (part: string) => number;
  /** Of the clay of a part, the share that some of its regions take; 1 for none named. */
  readonly shareOf: (part: string, regions: readonly string[]) => number;
}

/** The quick end of what a step may take, what is likely, or the slow end: that of a first time. */
export type Pace = 'quick' | 'likely' | 'slow';

/** Minutes with their working. */
export type Worked = Pick<Reckoning, 'formula' | 'terms'> & { readonly value: number };

export const NOTHING: Worked = { value: 0, formula: '0', terms: [] };

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

/** Of a kind of features, so many are made one by one; the others are rolled and cut in a row. */
const ONE_BY_ONE = 2;
/** Of the height of what has a face and is no person, the share of its head, where nothing better is known. */
const HEAD_SHARE = 1 / 7;

/** Forms that look at you. */
const WITH_FACE = ['person', 'beast', 'bird', 'round'];

/** Whether a part has a face: a person’s or a creature’s, or that of anything one of whose features belongs to one. */
export function hasFace({ form, features }: Part): boolean {
  return WITH_FACE.includes(form.kind) || features.some(({ facial }) => facial);
}

/** Whether a region is where the face is, by its name. */
export function isOfFace(region: string): boolean {
  return /\b(head|face)\b/.test(region);
}

/** Whether a step of some regions of a part is that of its face, and that of all its other features: the last they come to. */
function worksOn(part: Part, regions: readonly string[]): { face: boolean; rest: boolean } {
  if (regions.length === 0) return { face: true, rest: true };
  const passOf = (name: string) => part.regions.find(({ region }) => region === name)?.pass ?? 1;
  const last = Math.max(1, ...part.regions.map(({ pass }) => pass));
  return {
    face: regions.some(isOfFace) || !part.regions.some(({ region }) => isOfFace(region)),
    rest: regions.some((region) => passOf(region) === last),
  };
}

/** Small parts to be made of a part’s features, spares counted in. */
export function smallParts(part: Part, own: OwnValues): number {
  const spares = 1 + sourced('route.spares', own).value / 100;
  return part.features
    .filter(({ ahead }) => ahead)
    .reduce((sum, { wanted }) => sum + Math.ceil(wanted * part.count * spares), 0);
}

/** Minutes at the bench of the steps of a piece, at one pace. */
class Hands {
  readonly #ground: TimingGround;
  readonly #pace: Pace;

  constructor(ground: TimingGround, pace: Pace) {
    this.#ground = ground;
    this.#pace = pace;
  }

  /** A rate at this pace; one without a range is the same at any. */
  #rate(row: string): Sourced {
    const one = sourced(row, this.#ground.own);
    const { value, low, high } = one.term('').quantity;
    const at = { quick: low ?? value, likely: value, slow: high ?? value }[this.#pace];
    return { value: at, term: one.term };
  }

  /** Parts a step is done to, all of them where it names none. */
  #partsOf(step: RouteStep): Piece['parts'] {
    const { piece, partById } = this.#ground;
    return step.parts.length === 0 ? piece.parts : step.parts.flatMap((id) => partById.get(id) ?? []);
  }

  /** What copies of a part take, in times of the first. */
  #repeats(n: number): number {
    return practised(n, this.#rate('route.practice').value / 100);
  }

  /** Surface that a step goes over, repeats by practice, cm². */
  #areaOf(step: RouteStep): number {
    return this.#partsOf(step).reduce((sum, { id, count }) => {
      const one = this.#ground.find(id, 'size.surface')?.quantity.value ?? 0;
      // Regions have the surface of their part by the clay that goes on them.
      return sum + one * this.#ground.shareOf(id, step.regions) * this.#repeats(count);
    }, 0);
  }

  #bySurface(step: RouteStep, row: string): Worked {
    const [rate, least] = [this.#rate(row), this.#rate('route.least')];
    const area = this.#areaOf(step);
    return {
      value: Math.max(least.value, rate.value * area),
      formula: 't = max(l, r × A)',
      terms: [
        least.term('l'),
        rate.term('r'),
        shape('A', 'Surface, repeats by practice', area, 'cm²', 'surfaces of the parts it is done to'),
      ],
    };
  }

  /** The minutes of the sets that a step makes; null where it is of anything else. */
  #setsOf(step: RouteStep, parts: Piece['parts']): readonly Reckoning[] | null {
    const isMade = step.kind === 'skin' || (step.kind === 'other' && !step.own);
    if (!isMade || parts.length === 0 || !parts.every(({ repeat }) => repeat)) return null;
    const found = parts.flatMap(({ id }) => this.#ground.find(id, 'repeats.minutes') ?? []);
    return found.length === parts.length ? found : null;
  }

  /** Minutes that another stage has reckoned, at the pace that is asked for. */
  #asReckoned(figures: readonly Reckoning[]): Worked {
    const at = ({ quantity: { value, low, high } }: Reckoning) =>
      ({ quick: low ?? value, likely: value, slow: high ?? value })[this.#pace];
    const terms = figures.map((one, i) => termFrom(figures.length === 1 ? 'T' : `T${i + 1}`, one));
    return {
      value: figures.reduce((sum, one) => sum + at(one), 0),
      formula: `t = ${terms.map(({ symbol }) => symbol).join(' + ')}`,
      terms,
    };
  }

  #byCount(row: string, n: number, what: string): Worked {
    const rate = this.#rate(row);
    const share = this.#rate('route.practice').value;
    const times = this.#repeats(n);
    return {
      value: rate.value * times,
      formula: 't = r × n',
      terms: [rate.term('r'), shape('n', what, times, '', `${n}, each doubling at ${share} %`)],
    };
  }

  #wire(step: RouteStep): Worked {
    const [cut, bend, share] = [
      this.#rate('route.wire'),
      this.#rate('route.bend'),
      this.#rate('route.practice'),
    ];
    let [wires, bends] = [0, 0];
    for (const { id, count } of this.#partsOf(step)) {
      wires += this.#ground.wires(id) * this.#repeats(count);
      bends += this.#ground.bends(id) * this.#repeats(count);
    }
    return {
      value: cut.value * wires + bend.value * bends,
      formula: 't = c × n + b × m',
      terms: [
        cut.term('c'),
        bend.term('b'),
        shape('n', 'Wires, repeats by practice', wires, '', `copies of a part each at ${share.value} %`),
        shape('m', 'Bends, repeats by practice', bends, '', 'the wires in their pose'),
      ],
    };
  }

  /** Each wire but the first of a part is bound to the others. */
  #bind(step: RouteStep): Worked {
    const rate = this.#rate('route.bind');
    const joints = this.#partsOf(step).reduce(
      (sum, { id, count }) => sum + Math.max(0, this.#ground.wires(id) - 1) * this.#repeats(count),
      0,
    );
    return {
      value: rate.value * joints,
      formula: 't = r × n',
      terms: [
        rate.term('r'),
        shape('n', 'Joints, repeats by practice', joints, '', 'wires of the parts, less one'),
      ],
    };
  }

  #core(step: RouteStep): Worked {
    const [base, more] = [this.#rate('route.core'), this.#rate('route.core-more')];
    const parts = this.#partsOf(step);
    const copies = parts.reduce((sum, { count }) => sum + count, 0);
    const volume = parts.reduce(
      (sum, { id, count }) => sum + count * (this.#ground.find(id, 'bulk.core')?.quantity.value ?? 0),
      0,
    );
    const clay = this.#bySurface(step, 'route.skin').value;
    return {
      value: Math.min(base.value * copies + more.value * volume, Math.max(clay, base.value)),
      formula: 't = min(b × n + m × V, c)',
      terms: [
        base.term('b'),
        more.term('m'),
        shape('n', 'Cores', copies, 'count', 'copies of the part'),
        shape('V', 'All cores', volume, 'cm³', 'cores of the parts'),
        shape('c', 'The clay over it: a core takes no longer', clay, 'min', 'surfaces of the parts'),
      ],
    };
  }

  #detail(step: RouteStep): Worked {
    const rates = {
      d: this.#rate('route.feature'),
      e: this.#rate('route.feature-more'),
      f: this.#rate('route.face'),
      k: this.#rate('route.face-tries'),
      g: this.#rate('route.hand'),
      i: this.#rate('route.foot'),
      l: this.#rate('route.least'),
    };
    let [single, inRows, faces, limbs] = [0, 0, 0, 0];
    for (const part of this.#partsOf(step)) {
      const times = this.#repeats(part.count);
      const { face, rest } = worksOn(part, step.regions);
      for (const { ahead, facial, wanted } of part.features) {
        if (ahead || !(facial ? face : rest)) continue;
        single += times * Math.min(wanted, ONE_BY_ONE);
        inRows += times * Math.max(0, wanted - ONE_BY_ONE);
      }
      const headMm = times * this.#headMm(part.id);
      if (face && hasFace(part)) faces += headMm;
      if (rest && part.form.kind === 'person') limbs += headMm;
    }
    const { d, e, f, k, g, i, l } = rates;
    const worked =
      d.value * single + e.value * inRows + f.value * k.value * faces + 2 * (g.value + i.value) * limbs;
    return {
      value: Math.max(l.value, worked),
      formula: 't = max(l, d × n + e × m + f × k × q + 2 × (g + i) × p)',
      terms: [
        l.term('l'),
        d.term('d'),
        shape('n', 'Features one by one, repeats by practice', single, '', 'features at Brief'),
        e.term('e'),
        shape('m', 'Further ones of a row', inRows, '', 'features at Brief'),
        f.term('f'),
        k.term('k'),
        shape(
          'q',
          'Heads with a face, repeats by practice',
          faces,
          'mm',
          'persons, creatures, and what has eyes',
        ),
        g.term('g'),
        i.term('i'),
        shape('p', 'Heads of those with hands and feet', limbs, 'mm', 'persons'),
      ],
    };
  }

  /** Height of the head of a part, mm. */
  #headMm(part: string): number {
    const { find } = this.#ground;
    const head = find(part, 'measure.head')?.quantity.value;
    return head ?? (find(part, 'size.height')?.quantity.value ?? 0) * HEAD_SHARE;
  }

  of(step: RouteStep): Worked {
    const parts = this.#partsOf(step);
    const copies = parts.reduce((sum, { count }) => sum + count, 0);
    const told = toldOf(step, 'hands', this.#ground);
    if (told) return this.#asReckoned([told]);
    const sets = this.#setsOf(step, parts);
    if (sets) return this.#asReckoned(sets);
    switch (step.kind) {
      case 'wire':
        return this.#wire(step);
      case 'bind':
        return this.#bind(step);
      case 'block':
        return this.#byCount('route.block', copies, 'Things');
      case 'core':
        return this.#core(step);
      case 'small': {
        const n = parts.reduce((sum, part) => sum + smallParts(part, this.#ground.own), 0);
        return this.#byCount('route.small', n, 'Small parts');
      }
      case 'clean':
        // Bark is textured with pads; all else is smoothed.
        return this.#bySurface(
          step,
          parts.every(({ form }) => form.kind === 'tree') ? 'route.texture' : 'route.clean',
        );
      case 'skin':
      case 'pastel':
      case 'sand':
      case 'seal':
      case 'coat':
        return this.#bySurface(step, `route.${step.kind}`);
      case 'detail':
        return this.#detail(step);
      case 'bake':
        return this.#byCount('route.oven-hands', 1, 'Loads');
      case 'dry':
        return this.#byCount('route.oven-hands', 1, 'Loads');
      case 'trial':
        return this.#byCount('route.trial', 1, 'Swatches');
      case 'fix': {
        const set = this.#ground.find(step.thing, 'repeats.place');
        return set ? this.#asReckoned([set]) : this.#byCount('route.fix', Math.max(1, copies), 'Things');
      }
      case 'warm':
        return this.#byCount(`route.${step.kind}`, Math.max(1, copies), 'Things');
      case 'joint':
        return this.#byCount('route.joint', Math.max(1, copies), 'Joints');
      case 'assemble':
        return this.#byCount('route.assemble', Math.max(1, copies), 'Parts');
      case 'cool':
        return NOTHING;
      case 'other':
        return this.#byCount('route.other', step.parts.length === 0 ? 1 : Math.max(1, copies), 'Things');
    }
  }
}

/** Jobs that have figures of their own: those of the ground, and layers of surfaces. */
const TOLD = [
  { of: 'ground-', hands: 'work.hands', wait: 'work.wait' },
  { of: 'finish-', hands: 'finish.job-hands', wait: 'finish.job-wait' },
] as const;

/** What a job was reckoned to take; nothing for a step that is none. */
export function toldOf(
  { id }: RouteStep,
  what: 'hands' | 'wait',
  { find }: TimingGround,
): Reckoning | undefined {
  const kind = TOLD.find(({ of }) => id.startsWith(of));
  return kind && find(null, `${kind[what]}.${id}`);
}

/** Minutes at the bench that a step takes, with their working. */
export function handsOf(step: RouteStep, ground: TimingGround, pace: Pace = 'likely'): Worked {
  return new Hands(ground, pace).of(step);
}

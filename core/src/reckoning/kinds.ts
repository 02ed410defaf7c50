import type { Unit } from '../handbook/index.ts';
import { reckoning } from './reckoning.ts';
import type { Lens, Reckoning, Term, Verdict } from './types.ts';

/** A kind of figure as its subject declares it, once: everything else reads it from here. */
export interface FigureKind {
  /** `*` at its end stands for a measure, a clay or an entry. */
  readonly key: string;
  /** The stage that shows it. */
  readonly stage: Lens;
  readonly of: 'part' | 'piece' | 'both';
  readonly unit: Unit;
  readonly title: string;
  /** What it is, in a line of the list of figures. */
  readonly says: string;
  /** In symbols, the usual one first where there are several; `…` stands for more of the same. */
  readonly formula: string | readonly string[];
}

type Declared<K> = { readonly [N in keyof K]: FigureKind };

/**
 * Declares the figures of a subject.
 *
 * @param stage the stage that shows them
 * @example declareFigures('bulk', { skin: { key: 'bulk.skin', of: 'part', unit: 'mm', … } }).skin.stage // 'bulk'
 */
export function declareFigures<const K extends Readonly<Record<string, Omit<FigureKind, 'stage'>>>>(
  stage: Lens,
  kinds: K,
): Declared<K> {
  return Object.fromEntries(
    Object.entries(kinds).map(([name, kind]) => [name, { ...kind, stage }]),
  ) as unknown as Declared<K>;
}

/** The formulas of a kind, the usual one first. */
export function formulasOf({ formula }: FigureKind): readonly string[] {
  return typeof formula === 'string' ? [formula] : formula;
}

/** What one figure of a kind says. */
export interface FigureValues {
  /** Null for the whole piece. */
  readonly part: string | null;
  /** Stands for the `*` of its key. */
  readonly at?: string | number;
  readonly value: number;
  readonly low?: number | undefined;
  readonly high?: number | undefined;
  /** Where it names a thing; the kind’s own otherwise. */
  readonly title?: string;
  /** Where it is not the usual one of its kind. */
  readonly formula?: string;
  readonly terms: readonly Term[];
  readonly note?: string | undefined;
  readonly verdict?: Verdict | undefined;
}

/**
 * A figure of a declared kind.
 *
 * @example figure(BULK.skin, { part: 'goose', value: 3, terms: [] }).id // 'goose/bulk.skin'
 */
export function figure(kind: FigureKind, values: FigureValues): Reckoning {
  const { part, at, value, low, high, terms, note, verdict } = values;
  return reckoning({
    key: at === undefined ? kind.key : `${kind.key.slice(0, -1)}${at}`,
    part,
    lens: kind.stage,
    title: values.title ?? kind.title,
    quantity: {
      value,
      unit: kind.unit,
      ...(low === undefined ? {} : { low }),
      ...(high === undefined ? {} : { high }),
    },
    formula: values.formula ?? formulasOf(kind)[0] ?? '',
    terms,
    note,
    verdict,
  });
}

/** Whether a key is of a kind. */
export function isOfKind(key: string, kind: FigureKind): boolean {
  return kind.key.endsWith('*') ? key.startsWith(kind.key.slice(0, -1)) : key === kind.key;
}

/** How far a handbook value can be leaned on. */
export type Standing = 'published' | 'common practice' | 'from memory';

/** Units a figure can carry; lengths in life and in miniature are kept apart. */
export type Unit =
  | 'mm'
  | 'mm in life'
  | 'm'
  | 'cm²'
  | 'cm³'
  | 'g'
  | 'g/cm³'
  | 'GPa'
  | 'MPa'
  | 'N/mm'
  | 'N'
  | 'N·mm'
  | '°'
  | '°C'
  | '°C apart'
  | 'min'
  | 'h'
  | 'days'
  | '%'
  | 'of stature'
  | 'of mass'
  | ':1'
  | 'count'
  | 'packs'
  | 'heads'
  | 'money'
  | '';

/** One fact of the handbook. */
export interface Row {
  readonly id: string;
  readonly title: string;
  readonly value: number;
  readonly low?: number;
  readonly high?: number;
  readonly unit: Unit;
  readonly standing: Standing;
  /** The published source, or where the trade says it. */
  readonly source: string;
  /** The maker may put an own measurement in its place. */
  readonly own: boolean;
}

type RowExtras = Partial<Pick<Row, 'low' | 'high' | 'own'>>;

/** A row of common practice, to be overwritten by the maker unless said otherwise. */
export function practice(id: string, title: string, value: number, unit: Unit, extras: RowExtras = {}): Row {
  return {
    id,
    title,
    value,
    unit,
    standing: 'common practice',
    source: 'common practice',
    own: true,
    ...extras,
  };
}

/** A row given from memory: a starting value until the maker measures. */
export function remembered(
  id: string,
  title: string,
  value: number,
  unit: Unit,
  extras: RowExtras = {},
): Row {
  return { id, title, value, unit, standing: 'from memory', source: 'from memory', own: true, ...extras };
}

/** A row with a published source; not the maker's to change. */
export function published(id: string, title: string, value: number, unit: Unit, source: string): Row {
  return { id, title, value, unit, standing: 'published', source, own: false };
}

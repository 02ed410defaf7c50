import { WIRE_RULES } from '../armature/rows/wires.ts';
import { BAKE_RULES } from '../bake/rows/bake.ts';
import { DEFORM_RULES } from '../bake/rows/deform.ts';
import { HEAT_RULES } from '../bake/rows/heat.ts';
import { SMALLEST_ROWS } from '../brief/rows/smallest.ts';
import { BULK_RULES } from '../bulk/rows/bulk.ts';
import { CLAYS } from '../bulk/rows/clays.ts';
import { CORE_RULES } from '../bulk/rows/cores.ts';
import { SHEET_RULES } from '../bulk/rows/rollers.ts';
import { FAMILY_ROWS } from '../finish/rows/families.ts';
import { FINISH_RULES } from '../finish/rows/finish.ts';
import { JOINT_RULES } from '../finish/rows/joints.ts';
import { BASES } from '../fits/rows/bases.ts';
import { FIT_RULES } from '../fits/rows/fits.ts';
import { BODY_CANONS, BODY_FRACTIONS, BODY_GIRTHS, BODY_MASSES } from '../form/rows/people.ts';
import {
  BACKDROP_RULES,
  COVER_RULES,
  GROUND_RULES,
  POUR_RULES,
  TIMBER_RULES,
  WORK_RULES,
} from '../ground/rows/ground.ts';
import { MOULD_RULES } from '../repeats/rows/moulds.ts';
import { PATTERN_RULES } from '../repeats/rows/patterns.ts';
import { REPEATS_RULES } from '../repeats/rows/repeats.ts';
import { ROUTE_RULES } from '../route/rows/route.ts';
import { NAMED_SCALES } from '../scale/rows/scales.ts';
import { SCHEDULE_RULES } from '../schedule/rows/schedule.ts';
import { BENCH_THINGS } from '../size/rows/benchThings.ts';
import { SIZE_RULES } from '../size/rows/size.ts';
import { LIFE_SIZES } from '../size/rows/sizes.ts';
import type { Row } from '../sources/index.ts';
import { STUFF_DENSITIES } from './densities.ts';

export {
  awgMm,
  gaugeOf,
  gaugesNear,
  METALS,
  METRIC_WIRES,
  type Metal,
  SWG_MM,
  soldMm,
  WIRE_SYSTEMS,
  type WireSystem,
} from '../armature/rows/wires.ts';
export { CLAYS, type ClayFamily, type ClayRow } from '../bulk/rows/clays.ts';
export { CORE_KINDS, CORES, type CoreKind, type CoreKindRow } from '../bulk/rows/cores.ts';
export { ROLLER_SETTINGS } from '../bulk/rows/rollers.ts';
export { SOFTNESS, type SoftnessRow } from '../bulk/rows/softness.ts';
export { BASES, type BaseRow, type BaseShape } from '../fits/rows/bases.ts';
export { FIGURE_HEIGHTS_MM, NAMED_SCALES, type NamedScale } from '../scale/rows/scales.ts';
export { BENCH_THINGS } from '../size/rows/benchThings.ts';
export { LIFE_SIZES } from '../size/rows/sizes.ts';
export type { Row, Standing, Unit } from '../sources/index.ts';
export { CARE, type CareNote, type CareStep } from './care.ts';
export { type OwnLimits, ownFault, ownLimits } from './limits.ts';
export { STUFF_IDS, STUFFS, type StuffId, type StuffRow, stuffRow } from './stuffs.ts';

/** A table of the handbook as shown to the maker. */
export interface HandbookTable {
  readonly id: string;
  readonly title: string;
  readonly rows: readonly Row[];
}

/** Every table, in the order of the work. */
export const TABLES: readonly HandbookTable[] = [
  { id: 'scales', title: 'Scales', rows: NAMED_SCALES.map((scale) => scale.row) },
  { id: 'size', title: 'Size rules', rows: SIZE_RULES },
  { id: 'body', title: 'A person, by stature', rows: BODY_FRACTIONS },
  { id: 'girths', title: 'Girths of a person', rows: BODY_GIRTHS },
  { id: 'masses', title: 'Masses of a person', rows: BODY_MASSES },
  { id: 'canons', title: 'Canons in heads', rows: BODY_CANONS },
  { id: 'life', title: 'Sizes in life', rows: LIFE_SIZES },
  { id: 'hand', title: 'The smallest that a hand makes', rows: SMALLEST_ROWS },
  { id: 'bench', title: 'Things on the bench, across', rows: BENCH_THINGS },
  { id: 'fits', title: 'How parts go together', rows: FIT_RULES },
  {
    id: 'bases',
    title: 'Bases, across',
    rows: BASES.map(({ row }) => row),
  },
  { id: 'wire', title: 'Wire and pegs', rows: WIRE_RULES },
  { id: 'bulk', title: 'Core and clay', rows: BULK_RULES },
  { id: 'cores', title: 'Other cores', rows: CORE_RULES },
  { id: 'sheets', title: 'Roller and sheets', rows: SHEET_RULES },
  {
    id: 'clays',
    title: 'Clay families',
    rows: CLAYS.flatMap(({ density, strength, bake }) => [
      density,
      strength,
      ...(bake ? [bake.window, bake.minutes] : []),
    ]),
  },
  { id: 'repeats', title: 'Many of a kind', rows: REPEATS_RULES },
  { id: 'patterns', title: 'Patterned clay', rows: PATTERN_RULES },
  { id: 'moulds', title: 'Moulds and mixes', rows: MOULD_RULES },
  { id: 'ground', title: 'Ground and what stands on it', rows: GROUND_RULES },
  { id: 'cover', title: 'Ground cover and foliage', rows: COVER_RULES },
  { id: 'pours', title: 'Pours', rows: POUR_RULES },
  { id: 'backdrop', title: 'Backdrop', rows: BACKDROP_RULES },
  { id: 'timber', title: 'Fences and steps', rows: TIMBER_RULES },
  { id: 'ground-work', title: 'Work on the ground', rows: WORK_RULES },
  { id: 'finish', title: 'Layers and how they look', rows: FINISH_RULES },
  { id: 'joints', title: 'Joints and glues', rows: JOINT_RULES },
  { id: 'coats', title: 'Coats, wet and dry', rows: FAMILY_ROWS },
  { id: 'stuffs', title: 'Other stuffs, by volume', rows: STUFF_DENSITIES },
  { id: 'heat', title: 'Heat', rows: BAKE_RULES },
  { id: 'deform', title: 'How clay moves in the oven', rows: DEFORM_RULES },
  { id: 'simulation', title: 'How heat goes in', rows: HEAT_RULES },
  { id: 'route', title: 'Steps and their minutes', rows: ROUTE_RULES },
  { id: 'schedule', title: 'Days and what makes them late', rows: SCHEDULE_RULES },
];

const ROWS: ReadonlyMap<string, Row> = new Map(
  TABLES.flatMap((table) => table.rows).map((row) => [row.id, row]),
);

/**
 * Thrown when the code asks the handbook for a row it does not have; a fault of the program, not of the maker.
 *
 * @example new UnknownRowError('bulk.limits').message // 'the handbook has no row “bulk.limits”'
 */
export class UnknownRowError extends Error {
  override readonly name = 'UnknownRowError';
  readonly code = 'handbook.unknown-row';
  constructor(readonly id: string) {
    super(`the handbook has no row “${id}”`);
  }
}

/**
 * One row by its id.
 *
 * @throws {UnknownRowError} when there is none
 * @example handbookRow('bulk.limit').value // 12.7
 */
export function handbookRow(id: string): Row {
  const row = ROWS.get(id);
  if (!row) throw new UnknownRowError(id);
  return row;
}

/** Whether the handbook has a row the maker may overwrite under this id. */
export function isOwnRow(id: string): boolean {
  return ROWS.get(id)?.own === true;
}

/** A row by its id, when there is one. */
export function findRow(id: string): Row | undefined {
  return ROWS.get(id);
}

/** The clay family's row. */
export function clayFamily(id: ClayFamilyId): (typeof CLAYS)[number] {
  const row = CLAYS.find((clay) => clay.id === id);
  if (!row) throw new UnknownRowError(`clay.${id}`);
  return row;
}
type ClayFamilyId = (typeof CLAYS)[number]['id'];

import type { BulkFacts } from '../../bulk/index.ts';
import type { PartContext } from '../../context/index.ts';
import { gaugeOf } from '../../handbook/index.ts';
import {
  type FigureKind,
  figure,
  type Reckoning,
  type Term,
  type Unit,
  type Verdict,
  type WayOut,
} from '../../reckoning/index.ts';
import { formatMiniMm, miniMm } from '../../units/index.ts';
import type { ArmatureFrame } from '../checks.ts';
import type { CutPiece } from '../cutList.ts';
import type { Wire } from '../wire.ts';

/** What the figures of an armature are asked of. */
export interface Ask extends ArmatureFrame {
  readonly context: PartContext;
  readonly wire: Wire;
  readonly contexts: ReadonlyMap<string, PartContext>;
  readonly bulk: BulkFacts | undefined;
  readonly pieces: readonly CutPiece[];
  /** Wires that would do in place of one that does not; looked for when a figure asks, and once. */
  better(): readonly WayOut[];
}

/** A wire as it is asked for over a counter. */
export function wireSays({ metal, diameterMm, strands }: Wire): string {
  const gauge = gaugeOf(diameterMm);
  const thick = gauge ? `${gauge} (${diameterMm} mm)` : `${diameterMm} mm`;
  return strands === 1 ? `${thick} ${metal}` : `${strands} × ${thick} ${metal}, twisted`;
}

/** Millimetres as they are said in a sentence. */
export function mm(value: number): string {
  return formatMiniMm(miniMm(Math.abs(value)));
}

/** A term that comes from the form and its pose. */
export function shaped(symbol: string, name: string, value: number, unit: Unit): Term {
  return {
    symbol,
    name,
    quantity: { value, unit },
    origin: { kind: 'shape', says: 'the armature in its pose' },
  };
}

/** What else a figure of an armature may say. */
interface More {
  readonly title?: string;
  readonly formula?: string;
  readonly verdict?: Verdict;
  readonly note?: string;
}

/** A figure of a part’s armature. */
export function boneFigure(
  { context }: Pick<Ask, 'context'>,
  kind: FigureKind,
  value: number,
  terms: readonly Term[],
  more: More = {},
): Reckoning {
  return figure(kind, { part: context.part.id, value, terms, ...more });
}

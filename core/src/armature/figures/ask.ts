import type { PartBulk } from '../../bulk/index.ts';
import { gaugeOf } from '../../handbook/index.ts';
import {
  type Reckoning,
  reckoning,
  type Term,
  type Unit,
  type Verdict,
  type WayOut,
} from '../../reckoning/index.ts';
import { formatMiniMm, miniMm } from '../../units/index.ts';
import type { PartContext } from '../../whole/context.ts';
import type { Frame } from '../checks.ts';
import type { CutPiece } from '../cutList.ts';
import type { Wire } from '../wire.ts';

/** What the figures of an armature are asked of. */
export interface Ask extends Frame {
  readonly wire: Wire;
  readonly contexts: ReadonlyMap<string, PartContext>;
  readonly bulk: PartBulk | undefined;
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

/** A figure of a part’s armature. */
export function figure(
  { context }: Pick<Ask, 'context'>,
  key: string,
  title: string,
  value: number,
  unit: Unit,
  formula: string,
  terms: readonly Term[],
  more: { readonly verdict?: Verdict; readonly note?: string } = {},
): Reckoning {
  return reckoning({
    key: `bones.${key}`,
    part: context.part.id,
    lens: 'bones',
    title,
    quantity: { value, unit },
    formula,
    terms,
    verdict: more.verdict,
    note: more.note,
  });
}

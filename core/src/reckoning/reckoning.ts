import type { Lens, Quantity, Reckoning, ReckoningId, ShownFigure, Term, Verdict } from './types.ts';

/** What {@link reckoning} needs; `part` null for the whole piece. */
export interface ReckoningParts {
  readonly key: string;
  readonly part: string | null;
  readonly lens: Lens;
  readonly title: string;
  readonly quantity: Quantity;
  readonly formula: string;
  readonly terms: readonly Term[];
  readonly note?: string | undefined;
  readonly verdict?: Verdict | undefined;
}

/** The id of a part's figure, or of the whole piece's when `part` is null. */
export function reckoningId(part: string | null, key: string): ReckoningId {
  return `${part ?? ''}/${key}`;
}

/**
 * A reckoning with its id filled in.
 *
 * @example reckoning({ key: 'size.scale', part: null, ... }).id // '/size.scale'
 */
export function reckoning(parts: ReckoningParts): Reckoning {
  const { note, verdict, ...rest } = parts;
  return {
    ...rest,
    id: reckoningId(parts.part, parts.key),
    ...(note === undefined ? {} : { note }),
    ...(verdict === undefined ? {} : { verdict }),
  };
}

/** A term that leans on another figure. */
export function termFrom(symbol: string, figure: ShownFigure): Term {
  return {
    symbol,
    name: figure.title,
    quantity: figure.quantity,
    origin: { kind: 'reckoning', id: figure.id },
  };
}

/**
 * Terms that come from a form or a plan, told by where they were taken.
 *
 * @param says where each of them is from
 * @example shapedBy('its outline')('A', 'Area', 12, 'cm²').origin // { kind: 'shape', says: 'its outline' }
 */
export function shapedBy(says: string) {
  return (symbol: string, name: string, value: number, unit: Quantity['unit']): Term => ({
    symbol,
    name,
    quantity: { value, unit },
    origin: { kind: 'shape', says },
  });
}

/** A figure without its working, as it is handed to where it is only shown. */
export function shownOf({ formula: _, terms: __, ...shown }: Reckoning): ShownFigure {
  return shown;
}

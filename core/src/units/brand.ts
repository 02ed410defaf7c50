declare const brand: unique symbol;

/** A number that carries its unit or frame in its type, so that two kinds cannot be mixed by mistake. */
export type Branded<Name extends string> = number & { readonly [brand]: Name };

/**
 * Thrown when a number is put into a unit that cannot hold it.
 *
 * @example new UnitError('RealMm', Number.NaN).message // 'RealMm wants a finite number, got NaN'
 */
export class UnitError extends RangeError {
  override readonly name = 'UnitError';
  readonly code = 'unit.not-finite';
  constructor(
    readonly unit: string,
    readonly found: number,
  ) {
    super(`${unit} wants a finite number, got ${found}`);
  }
}

/** Makes the named constructor of one branded unit; the constructor throws {@link UnitError} on NaN and infinities. */
export function unitOf<Name extends string>(name: Name): (value: number) => Branded<Name> {
  return (value) => {
    if (!Number.isFinite(value)) throw new UnitError(name, value);
    return value as Branded<Name>;
  };
}

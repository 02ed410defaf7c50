/**
 * A form that no solid follows from: names the field, what it wants and what it holds.
 *
 * @example new FormError('ball', 'diameterMm', 'a length over 0', -3).message
 */
export class FormError extends RangeError {
  override readonly name = 'FormError';
  readonly code = 'form.field';
  constructor(
    readonly kind: string,
    readonly field: string,
    readonly wanted: string,
    readonly found: unknown,
  ) {
    super(`${kind}: ${field} wants ${wanted}, got ${String(found)}`);
  }
}

/** Checks a length that must be over zero. */
export function positive(kind: string, field: string, value: number): number {
  if (!(value > 0) || !Number.isFinite(value)) throw new FormError(kind, field, 'a length over 0', value);
  return value;
}

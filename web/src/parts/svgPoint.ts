import type { PointerEvent } from 'react';

/** Where a pointer is in the units of the drawing that it is over; null outside one. */
export function svgPoint(event: PointerEvent<SVGElement>): { readonly x: number; readonly y: number } | null {
  const matrix = event.currentTarget.ownerSVGElement?.getScreenCTM()?.inverse();
  return matrix ? new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix) : null;
}

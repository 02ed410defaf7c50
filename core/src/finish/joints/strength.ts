import type { JointWay } from '../../piece/index.ts';
import type { Side } from './glues.ts';

/** The handbook’s row of what a way of joining holds on two things; null for what only rests in place. */
export function strengthRow(way: JointWay, sides: readonly [Side, Side]): string | null {
  switch (way) {
    case 'magnets':
    case 'tube':
    case 'slot':
      return null;
    case 'superglue':
      return sides.every(({ body }) => body === 'metal') ? 'joint.superglue-metal' : 'joint.superglue';
    default:
      return `joint.${way}`;
  }
}

/**
 * Section modulus of a joint taken as round, mm³: stress in bending is the moment divided by it (Euler & Bernoulli).
 *
 * @param areaMm2 where the two touch, mm²
 * @example sectionModulus(Math.PI * 25) // π·10³ ÷ 32 = 98.17, of a rod of 10 mm
 */
export function sectionModulus(areaMm2: number): number {
  return areaMm2 ** 1.5 / (4 * Math.sqrt(Math.PI));
}

/** Section modulus of a round pin, mm³. */
export function pinModulus(acrossMm: number): number {
  return (Math.PI * acrossMm ** 3) / 32;
}

import {
  formatInchFraction,
  formatRealFeet,
  formatRealMetric,
  type MiniMm,
  type RealMm,
} from '@every-inch/core/units';
import { useAppSelector } from '../state/store.ts';

/** Shows a size in life the way the workshop is set. */
export function useLifeFormat(): (length: RealMm) => string {
  const system = useAppSelector((state) => state.workshop.system);
  return system === 'metric' ? formatRealMetric : formatRealFeet;
}

/** Inches to 1/64, with ± where the rounding shows. */
export function inches(length: MiniMm): string {
  return formatInchFraction(length).text;
}

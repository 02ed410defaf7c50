import { likeBakes, type PlannedLoad, type PracticeSeen } from '@every-inch/core/bake/plan';
import { curedAfter } from '@every-inch/core/bake/window';
import type { LogEntry } from '@every-inch/core/piece';
import type { Find } from '../../spine/figureStore.ts';
import type { Mark } from './WindowChart.tsx';

/** An own bake at a heat as near as this is told of, °C. */
const NEAR_C = 15;
const MOST_OWN = 3;

const OUTCOME = { good: 'came well', scorched: 'browned', 'under-baked': 'stayed soft' } as const;

/** A time of common practice with what it would do here, and what it is meant for. */
function practiceMark({ says, meant, minutes, cured, browned }: PracticeSeen): Mark {
  const did =
    browned >= 1
      ? `browns it, ${Math.min(999, Math.round(100 * browned))} %`
      : `${Math.floor(100 * cured)} % cured`;
  return {
    says: `${says}, for ${meant}: ${did}`,
    from: minutes,
    to: minutes,
    isBad: browned >= 1 || cured < 1,
  };
}

/** What the packet, common practice and the maker’s own bakes say of a load, each with what it would have done. */
export function marksOf(
  load: PlannedLoad,
  find: Find,
  log: readonly LogEntry[],
  isShort: boolean,
  practices: readonly PracticeSeen[],
): Mark[] {
  const cured = (minutes: number) =>
    Math.round(100 * Math.min(1, ...load.parts.map((one) => curedAfter(one, minutes))));
  const packets = load.parts.flatMap(({ part }) => find(part, 'bake.hold')?.quantity ?? []);
  const [low, high] = [
    Math.max(0, ...packets.map((packet) => packet.low ?? packet.value)),
    Math.max(0, ...packets.map((packet) => packet.high ?? packet.value)),
  ];
  const own = load.parts.flatMap(({ part }) => {
    const thick = find(part, 'bulk.thickest')?.quantity.value;
    return thick === undefined ? [] : likeBakes(log, thick);
  });
  const byEntry = new Map(own.map((one) => [one.entry, one]));
  const near = [...byEntry.values()]
    .filter(({ temperatureC }) => Math.abs(temperatureC - load.oven.meanC) <= NEAR_C)
    .slice(-MOST_OWN);
  return [
    ...(high > 0 && !isShort
      ? [{ says: `packet’s rule: ${cured(high)} % cured`, from: low, to: high, isBad: false }]
      : []),
    ...(isShort ? [] : practices.map(practiceMark)),
    ...near.map(({ minutes, outcome, temperatureC }) => ({
      says: `your own, ${temperatureC.toFixed(0)} °C: ${OUTCOME[outcome]}`,
      from: minutes,
      to: minutes,
      isBad: outcome !== 'good',
    })),
  ];
}

import { bulkOfPart } from '../../bulk/index.ts';
import { ask, type Given } from '../../context/index.ts';
import { sourced } from '../../reckoning/index.ts';
import { brownedAfter, curedAfter, doseAt, doseCurve, doseRulesOf } from '../window/index.ts';
import { planOfPiece, warmingOfPart } from './reckoners.ts';

/** A way of baking that is heard at many benches (common practice). */
interface Practice {
  readonly says: string;
  /** The heat it is said for, °C; null for whatever this load is baked at. */
  readonly atC: number | null;
  readonly minutes: (thickestMm: number) => number;
  /** What it is meant for, and where it falls short. */
  readonly meant: string;
}

const QUARTER_INCH_MM = 6.35;

/** Bake times of common practice, as makers tell them. */
const PRACTICES: readonly Practice[] = [
  { says: '108 °C, 10 min', atC: 108, minutes: () => 10, meant: 'a firm mix, thin' },
  { says: '118 °C, 30 min', atC: 118, minutes: () => 30, meant: 'clay in a mould' },
  { says: '135 °C, 15 min', atC: 135, minutes: () => 15, meant: 'whatever it is, thin' },
  {
    says: '20 min a quarter inch',
    atC: null,
    minutes: (mm) => (20 * mm) / QUARTER_INCH_MM,
    meant: 'the thickest place',
  },
  { says: '30 min', atC: null, minutes: () => 30, meant: 'a large thing, cored' },
];

/** What a way of baking would do to a load. */
export interface PracticeSeen {
  readonly says: string;
  readonly meant: string;
  readonly minutes: number;
  /** The heat it was worked through at, °C. */
  readonly atC: number;
  /** Share of its cure that the least cured clay has, and of its limit the most browned. */
  readonly cured: number;
  readonly browned: number;
}

/** What bake times of common practice would do to one load, worked through on its own solids; none for a load that is not there. */
export const practicesAsk = ask(
  'bake.practices',
  (given: Given, { load: id }: { readonly load: string }): readonly PracticeSeen[] => {
    for (const { step, loads } of given.piece(planOfPiece).bakes) {
      const load = loads.find((one) => one.id === id);
      if (!load) continue;
      const roomC = sourced('heat.room', given.context.own).value;
      const known = load.parts.flatMap((window) => {
        const facts = given.part(bulkOfPart, window.part);
        const way = given.part(warmingOfPart, window.part)?.byStep.get(step);
        const rules = facts && doseRulesOf(given.context, facts);
        return facts && way && rules ? [{ facts, window, warming: way.warming, rules }] : [];
      });
      const thickest = Math.max(0, ...known.map(({ facts }) => facts.thickest.quantity.value));
      return PRACTICES.map(({ says, meant, atC, minutes }) => {
        const held = minutes(thickest);
        const did = known.map(({ window, warming, rules }) => {
          if (atC === null) return { cured: curedAfter(window, held), browned: brownedAfter(window, held) };
          // At a heat of its own, held to what the maker’s bakes have taught like those of the load.
          const curve = doseCurve(warming, atC, roomC, rules);
          return {
            cured: doseAt(curve.leastCured, held) / window.levels.cured,
            browned: doseAt(curve.mostBrowned, held) / window.levels.browned,
          };
        });
        return {
          says,
          meant,
          minutes: held,
          atC: atC ?? load.oven.meanC,
          cured: Math.min(1, ...did.map(({ cured }) => cured)),
          browned: Math.max(0, ...did.map(({ browned }) => browned)),
        };
      });
    }
    return [];
  },
);

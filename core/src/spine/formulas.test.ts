import { all as ALL, create, type Unit as MathUnit } from 'mathjs';
import { describe, expect, it } from 'vitest';
import { lowWaterFerry, tollFrogs } from '../demo/index.ts';
import { makeShapeStore } from '../form/index.ts';
import { formulasOf, type Quantity, type Reckoning } from '../reckoning/index.ts';
import { kindOf, reckonPiece } from './index.ts';

/*
 * Formulas are put to a general-purpose reckoner (mathjs), which knows nothing of how the core came to its value: what a
 * working shows has to give the figure it stands under.
 */

const NOW = '2026-05-01T09:00:00Z';
const math = create(ALL ?? {});
const shapes = makeShapeStore();
const figures = [lowWaterFerry(NOW), tollFrogs(NOW)].flatMap(
  (piece) => reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW }).book.all,
);

/** What mathjs calls a unit; a share, a count, a price and a temperature stand as bare numbers. */
const MATH_UNITS: Readonly<Record<string, string>> = {
  mm: 'mm',
  'mm in life': 'mm',
  m: 'm',
  'cm²': 'cm^2',
  'cm³': 'cm^3',
  g: 'g',
  'g/cm³': 'g/cm^3',
  '°': 'deg',
  N: 'N',
  N·mm: 'N mm',
  MPa: 'MPa',
  'N/mm': 'N/mm',
  GPa: 'GPa',
};

const FUNCTIONS = ['pi', 'max', 'min', 'tan', 'arctan', 'sqrt', 'ceil', 'round', 'floor'];
/** Working that only says what the figure is held against, or what holds besides. */
const ASIDE = /, (?=\p{L}{3,}|at )|;| against /u;

const lettersOf = (text: string) =>
  text.replace(/(\p{L})([₀-₉]+)/gu, (_, letter: string, low: string) => `${letter}_${low.normalize('NFKC')}`);

/** The right side of a formula in the words of mathjs; null where it is told rather than written. */
function expressionOf(formula: string): string | null {
  const right = formula.replace(/^[^=]* = /, '').split(ASIDE)[0] ?? '';
  const written = lettersOf(right)
    .replaceAll('×', '*')
    .replaceAll('÷', '/')
    .replaceAll('−', '-')
    .replaceAll('²', '^2')
    .replaceAll('³', '^3')
    .replaceAll('⌈', 'ceil(')
    .replaceAll('⌉', ')')
    .replaceAll('⌊', 'floor(')
    .replaceAll('⌋', ')')
    .replaceAll('π', 'pi');
  const words = written.match(/\p{L}{2,}/gu) ?? [];
  return words.every((word) => FUNCTIONS.includes(word)) && !/[∫…]/.test(written) ? written : null;
}

function amountOf({ value, unit }: Quantity, withUnits: boolean): number | MathUnit {
  const name = withUnits ? MATH_UNITS[unit] : undefined;
  return name === undefined ? value : math.unit(value, name);
}

/** What the formula gives of the terms under it; null where the units of the terms do not go together. */
function evaluated(figure: Reckoning, expression: string, withUnits: boolean): number | null {
  const scope = {
    arctan: (x: number) => (Math.atan(x) * 180) / Math.PI,
    ...Object.fromEntries(
      figure.terms.map(({ symbol, quantity }) => [lettersOf(symbol), amountOf(quantity, withUnits)]),
    ),
  };
  try {
    const found: number | MathUnit = math.evaluate(expression, scope);
    if (typeof found === 'number') return found;
    return found.toNumber(MATH_UNITS[figure.quantity.unit] ?? '');
  } catch {
    return null;
  }
}

const isNear = (a: number | null, b: number) =>
  a !== null && Math.abs(a - b) <= 1e-9 * Math.max(1, Math.abs(b));

/** Told in words, since it is a search, a shape or a list: nothing that an expression of a line could hold. */
const TOLD = [
  'backdrop.outside',
  'bake.audit',
  'bones.bundle',
  'bones.cut.*',
  'bones.length',
  'bones.sag',
  'bones.weight',
  'bones.wire',
  'brief.days',
  'bulk.core',
  'bulk.panels-gap',
  'bulk.sag',
  'bulk.thickest',
  'decision.*',
  'fit.*',
  'ground.closest',
  'ground.hidden.*',
  'ground.over',
  'ground.rise-steps.*',
  'ground.rise-stock.*',
  'ground.rise.*',
  'masonry.count.*',
  'pour.bed.*',
  'pour.dam.*',
  'repeats.needed',
  'route.order',
  'size.oven',
  'taking.*',
  'timber.sticks.*',
];

describe('the formulas of both example pieces', () => {
  const written = figures.flatMap((figure) => {
    const expression = expressionOf(figure.formula);
    return expression === null ? [] : [{ figure, expression }];
  });

  it('give the value they stand under, as numbers or with their units', () => {
    const off = written.flatMap(({ figure, expression }) => {
      const both = [false, true].map((withUnits) => evaluated(figure, expression, withUnits));
      const { value, unit } = figure.quantity;
      return both.some((found) => isNear(found, value))
        ? []
        : [`${figure.id}: ${figure.formula} gives ${both.join(' or ')}, shown ${value} ${unit}`];
    });
    expect(off).toEqual([]);
    expect(written.length).toBeGreaterThan(0.8 * figures.length);
  });

  it('are expressions but for those few that no expression holds', () => {
    const told = figures.filter(({ formula }) => expressionOf(formula) === null);
    expect([...new Set(told.map(({ key }) => kindOf(key)?.key))].sort()).toEqual(TOLD);
  });

  it('are those that their kind declares, with more of the same where it says …', () => {
    // `n1 + …` stands for `n1 + n2 + n3`, `… lengths` for `6 lengths`.
    const like = (declared: string, formula: string) => {
      const [start = '', end = ''] = declared.split('…');
      return declared.includes('…')
        ? formula.startsWith(start.replace(/ \+ $/, '')) && formula.endsWith(end)
        : declared === formula;
    };
    const strange = figures.filter(({ key, formula }) => {
      const kind = kindOf(key);
      return !kind || !formulasOf(kind).some((declared) => like(declared, formula));
    });
    expect([...new Set(strange.map(({ key, formula }) => `${key}: ${formula}`))]).toEqual([]);
  });
});

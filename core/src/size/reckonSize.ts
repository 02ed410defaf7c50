import type { PartFacts } from '../context/index.ts';
import { type FormMeasure, startOf } from '../form/index.ts';
import type { Part } from '../piece/index.ts';
import { figure, type Reckoning, sourced, type Term, termFrom } from '../reckoning/index.ts';
import { miniMm, realMm } from '../units/index.ts';
import { SIZE } from './figures.ts';
import { frameUnit, overScale, throughScale } from './frame.ts';
import { type Allowed, allowedAround, judgeMade } from './judgeMade.ts';

const AXES = [
  ['height', 'Height', 1],
  ['width', 'Width', 0],
  ['depth', 'Depth', 2],
] as const;

function reckonBox(context: PartFacts): Reckoning[] {
  const { part, shape } = context;
  const over = overScale(context);
  return AXES.map(([key, title, k]) => {
    const lengthMm = shape.box.max[k] - shape.box.min[k];
    return figure(SIZE[key], {
      part: part.id,
      ...throughScale(context, lengthMm),
      formula: `b = L${over.formula}`,
      terms: [
        {
          symbol: 'L',
          name: `${title} of the form`,
          quantity: { value: lengthMm, unit: frameUnit(context) },
          origin: { kind: 'shape', says: 'box round the form' },
        },
        ...over.terms,
      ],
    });
  });
}

/** A field of the form as an entry, or as the catalogue still has it. */
function formEntry({ id, form }: Part, field: string): Term['origin'] {
  const path = ['parts', id, 'form', ...field.split('.')];
  return startOf(form) ? { kind: 'entry', path, isCatalogue: true } : { kind: 'entry', path };
}

/** The life length of a measure and the terms it came from. */
function lifeTerms(context: PartFacts, measure: FormMeasure): { formula: string; terms: Term[] } {
  const { part } = context;
  const unit = frameUnit(context);
  const direct = (name: string, origin: Term['origin']): Term => ({
    symbol: 'L',
    name,
    quantity: { value: measure.lengthMm, unit },
    origin,
  });
  if (measure.field !== null)
    return {
      formula: 'L',
      terms: [direct(measure.title, formEntry(part, measure.field))],
    };
  const { form } = part;
  const byFraction =
    form.kind === 'person' &&
    form.headsTall === null &&
    !context.scale.heroic &&
    form.build === 1 &&
    Object.keys(form.locked).length === 0;
  if (!byFraction || measure.handbookRow === null)
    return {
      formula: 'L',
      terms: [
        direct(measure.title, {
          kind: 'shape',
          says:
            form.kind === 'person'
              ? 'shared out by the canon'
              : 'shared out as in others of its kind, from memory',
        }),
      ],
    };
  return {
    formula: 'f × H',
    terms: [
      sourced(measure.handbookRow, context.own).term('f'),
      {
        symbol: 'H',
        name: 'Height, sole to crown',
        quantity: { value: form.statureMm, unit },
        origin: formEntry(part, 'statureMm'),
      },
    ],
  };
}

function reckonMeasure(context: PartFacts, measure: FormMeasure): Reckoning {
  const over = overScale(context);
  const life = lifeTerms(context, measure);
  return figure(SIZE.measure, {
    at: measure.key,
    part: context.part.id,
    title: measure.title,
    ...throughScale(context, measure.lengthMm),
    formula: `m = ${life.formula}${over.formula}`,
    terms: [...life.terms, ...over.terms],
  });
}

/** What a measure may come to: its own bounds in life, or the visible error either way. */
export function allowedFor(context: PartFacts, measure: FormMeasure): Allowed {
  const { part, own, shrink } = context;
  const bounds = part.bounds.find((one) => one.measure === measure.key);
  if (bounds) return { lowMm: bounds.lowMm / shrink, highMm: bounds.highMm / shrink };
  return allowedAround(
    miniMm(measure.lengthMm / shrink),
    sourced('size.tolerance-percent', own).value,
    sourced('size.tolerance-least', own).value,
  );
}

/** The last length the log has for a measure, miniature mm. */
export function lastMade({ piece, part }: PartFacts, key: string): { madeMm: number; entry: string } | null {
  const entries = piece.log.filter((entry) => entry.part === part.id && entry.measure?.key === key);
  const last = entries.reduce<(typeof entries)[number] | null>((a, b) => (a && a.at > b.at ? a : b), null);
  return last?.measure ? { madeMm: last.measure.madeMm, entry: last.id } : null;
}

function reckonMade(context: PartFacts, measure: FormMeasure, wanted: Reckoning): Reckoning[] {
  const made = lastMade(context, measure.key);
  if (!made) return [];
  const { part, piece, own } = context;
  const hasBounds = part.bounds.some((one) => one.measure === measure.key);
  const readsAs = realMm(made.madeMm * context.scale.ratio);
  return [
    figure(SIZE.made, {
      at: measure.key,
      part: part.id,
      title: `${measure.title}: off by`,
      value: made.madeMm - measure.lengthMm / context.shrink,
      formula: `d = M − m, allowed ${hasBounds ? 'by its bounds' : 'max(p × m, a)'}`,
      terms: [
        {
          symbol: 'M',
          name: `${measure.title}, as made`,
          quantity: { value: made.madeMm, unit: 'mm' },
          origin: { kind: 'entry', path: ['log', made.entry, 'measure', 'madeMm'] },
        },
        termFrom('m', wanted),
        ...(hasBounds
          ? []
          : [
              sourced('size.tolerance-percent', own).term('p'),
              sourced('size.tolerance-least', own).term('a'),
            ]),
      ],
      note: `${piece.log.length === 1 ? 'The one' : 'The latest'} measure in the log.`,
      verdict: judgeMade(miniMm(made.madeMm), allowedFor(context, measure), readsAs),
    }),
  ];
}

function roughly(error: number): string | undefined {
  if (error === 0) return undefined;
  if (error >= 1) return 'The surface is open: what it encloses is a guess.';
  return `Summed numerically: right to ${error * 100} %.`;
}

function reckonSolid(context: PartFacts): Reckoning[] {
  const { part, shape, shrink } = context;
  const over = overScale(context);
  const note = roughly(shape.error);
  const ofSolid = (
    key: 'volume' | 'surface' | 'centre' | 'thickest',
    value: number,
    unit: 'cm³' | 'cm²' | 'mm',
    formula: string,
    says: string,
  ) =>
    figure(SIZE[key], {
      part: part.id,
      value,
      formula,
      terms: [
        {
          symbol: 'X',
          name: says,
          quantity: {
            value: unit === 'mm' ? value * shrink : value * shrink ** (unit === 'cm³' ? 3 : 2),
            unit: unit === 'mm' ? frameUnit(context) : unit,
          },
          origin: { kind: 'shape', says: 'the form itself' },
        },
        ...over.terms,
      ],
      note,
    });
  const power = (n: string) => (over.formula === '' ? 'X' : `X ÷ s${n}`);
  return [
    ofSolid('volume', shape.volumeMm3 / shrink ** 3 / 1000, 'cm³', `V = ${power('³')}`, 'Volume of the form'),
    ofSolid('surface', shape.areaMm2 / shrink ** 2 / 100, 'cm²', `A = ${power('²')}`, 'Surface of the form'),
    ofSolid(
      'centre',
      shape.centre[1] / shrink,
      'mm',
      `c = ${power('')}`,
      'Centre of the form, all of one stuff',
    ),
    ofSolid(
      'thickest',
      shape.thickest.diameterMm / shrink,
      'mm',
      `t = ${power('')}`,
      `Largest ball that goes into the ${shape.thickest.region}`,
    ),
  ];
}

/** Sizes of one part: its box, its measures, its volume, surface and thickest place. */
export function reckonSize(context: PartFacts): Reckoning[] {
  const measures = context.shape.measures.map((measure) => reckonMeasure(context, measure));
  return [...reckonBox(context), ...measures, ...reckonSolid(context)];
}

/** What was made of the measures of one part, held against what was wanted; those that are in the log. */
export function reckonAllMade(context: PartFacts): Reckoning[] {
  return context.shape.measures.flatMap((measure) =>
    reckonMade(context, measure, reckonMeasure(context, measure)),
  );
}

import type { Given, PartContext } from '../../context/index.ts';
import { type FormMeasure, withMeasure } from '../../form/index.ts';
import type { Fit } from '../../piece/index.ts';
import { figure, type Reckoning, shapedBy, type Term, termFrom, type WayOut } from '../../reckoning/index.ts';
import { FINISH } from '../figures.ts';

/** Coats thinner than this are of no account for a size, mm: less than a hand can tell. */
const LEAST_MM = 0.1;
/** A measure stands on the ground where its lower end is as near to it as this, of the height. */
const ON_GROUND = 0.02;

const shaped = shapedBy('the solid of the part');

/** The thickest coats that some of a part has, by the zones that lie on it; null where they are of no account. */
export function thickestOn(given: Given, thick: readonly Reckoning[], part: string): Reckoning | null {
  const ids = new Set(given.context.piece.zones.flatMap((zone) => (zone.part === part ? [zone.id] : [])));
  const here = thick.filter(({ key }) => ids.has(key.slice('finish.thick.'.length)));
  const most = here.reduce<Reckoning | null>(
    (a, b) => (a && a.quantity.value >= b.quantity.value ? a : b),
    null,
  );
  return most && most.quantity.value >= LEAST_MM ? most : null;
}

/** Ends of a measure that coats are put on: one that stands on the ground has one, all others have two. */
export function endsOf({ from, to }: Pick<FormMeasure, 'from' | 'to'>, lowMm: number, highMm: number): 1 | 2 {
  const isUpright = Math.abs(from[0] - to[0]) < Math.abs(from[1] - to[1]);
  const low = Math.min(from[1], to[1]);
  return isUpright && low - lowMm <= ON_GROUND * (highMm - lowMm) ? 1 : 2;
}

/** A body that is made smaller, so that a measure holds with its coats on. */
function smaller({ part, shrink }: PartContext, { field }: FormMeasure, mm: number): WayOut[] {
  const says = `make the body ${mm.toFixed(1)} mm there, and let the coats make up the rest`;
  if (field === null || mm <= 0)
    return mm <= 0 ? [{ says: 'thinner coats: there is no room for a body in them' }] : [{ says }];
  return [
    { says, change: { path: ['parts', part.id, 'form'], value: withMeasure(part.form, field, mm * shrink) } },
  ];
}

/** What bounds leave for the body of a part, under its coats. */
function underBounds(context: PartContext, coats: Reckoning): Reckoning[] {
  const { part, shape, shrink } = context;
  return part.bounds.flatMap(({ measure: key, highMm }) => {
    const measure = shape.measures.find((one) => one.key === key);
    if (!measure) return [];
    const ends = endsOf(measure, shape.box.min[1], shape.box.max[1]);
    const most = highMm / shrink - ends * coats.quantity.value;
    const now = measure.lengthMm / shrink;
    return [
      figure(FINISH.body, {
        part: null,
        at: `${part.id}-${key}`,
        title: `${part.name}, ${measure.title.toLowerCase()}: the body may be`,
        value: Math.max(0, most),
        terms: [
          {
            symbol: 'u',
            name: 'At most, in life',
            quantity: { value: highMm, unit: 'mm' },
            origin: { kind: 'entry', path: ['parts', part.id, 'bounds'] },
          },
          shaped('s', 'Life to one of the miniature', shrink, ''),
          shaped('n', 'Ends that coats are put on', ends, 'count'),
          termFrom('t', coats),
        ],
        verdict:
          now > most + 1e-6
            ? {
                level: 'doubtful',
                wording: 'state',
                says: `${(now + ends * coats.quantity.value).toFixed(1)} mm with its coats on, ${(highMm / shrink).toFixed(1)} mm at most`,
                waysOut: smaller(context, measure, Math.floor(10 * most) / 10),
              }
            : { level: 'good', wording: 'state', says: 'holds with its coats on', waysOut: [] },
      }),
    ];
  });
}

/** How high a part stands with its coats on. */
function heightOf(context: PartContext, coats: Reckoning): Reckoning {
  const { part, shape, shrink } = context;
  const height = (shape.box.max[1] - shape.box.min[1]) / shrink;
  return figure(FINISH.high, {
    part: null,
    at: part.id,
    title: `${part.name}, height with its coats on`,
    value: height + coats.quantity.value,
    terms: [shaped('h', 'Height of the body', height, 'mm'), termFrom('t', coats)],
  });
}

/** Room that is left where two parts go together, once both have their coats on. */
function roomOf(fit: Fit, bare: Reckoning, names: string, terms: readonly Term[]): Reckoning {
  const coats = terms.reduce((sum, { quantity }) => sum + (quantity?.value ?? 0), 0);
  const room = bare.quantity.value - coats;
  return figure(FINISH.room, {
    part: null,
    at: fit.id,
    title: `${names}: room with the coats on`,
    value: room,
    formula: `r = f${terms.map(({ symbol }) => ` − ${symbol}`).join('')}`,
    terms: [termFrom('f', bare), ...terms],
    verdict:
      room < 0 && bare.quantity.value >= 0
        ? {
            level: 'stop',
            wording: 'state',
            says: `the coats take up ${coats.toFixed(1)} mm, and there are ${bare.quantity.value.toFixed(1)} mm`,
            waysOut: [
              { says: 'leave bare what goes together: mask it, or end the surface short of it' },
              { says: 'thinner coats, or shorter fibre there' },
            ],
          }
        : undefined,
  });
}

/** Fits in which what is put on a part takes room from another. */
const TIGHT: readonly Fit['kind'][] = ['goes-into', 'passes-under', 'covers', 'pegged-into'];

/** Sizes, bounds and fits of parts whose coats are thick enough to be felt. */
export function reckonGrown(given: Given, thick: readonly Reckoning[]): Reckoning[] {
  const parts = [...given.contexts.values()].flatMap((context) => {
    const coats = thickestOn(given, thick, context.part.id);
    return coats ? [heightOf(context, coats), ...underBounds(context, coats)] : [];
  });
  const fits = given.context.piece.fits.flatMap((fit) => {
    if (!TIGHT.includes(fit.kind)) return [];
    const [one, other] = [thickestOn(given, thick, fit.part), thickestOn(given, thick, fit.on)];
    if (!one && !other) return [];
    const bare = given.find(fit.part, `fit.${fit.id}`);
    if (!bare) return [];
    const nameOf = (id: string) => given.contexts.get(id)?.part.name ?? 'a part';
    return [
      roomOf(fit, bare, `${nameOf(fit.part)} and ${nameOf(fit.on)}`, [
        ...(one ? [termFrom('a', one)] : []),
        ...(other ? [termFrom('b', other)] : []),
      ]),
    ];
  });
  return [...parts, ...fits];
}

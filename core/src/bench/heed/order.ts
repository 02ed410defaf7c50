import { lightnessOf } from '../../colour/index.ts';
import type { Clay, Part, Piece, Route, RouteStep } from '../../piece/index.ts';
import type { Finding } from './finding.ts';

/** Clay so much darker, L*, shows as smears in the next (common practice; the figure from memory). */
const SMEARS = 25;
/** Work that needs a hand or a brush at the surface. */
const AT_SURFACE: readonly RouteStep['kind'][] = [
  'skin',
  'pastel',
  'detail',
  'clean',
  'sand',
  'seal',
  'coat',
];
const IN_PLACE: readonly RouteStep['kind'][] = ['assemble', 'fix', 'joint'];

const laysClay = ({ kind }: RouteStep): boolean => kind === 'skin' || kind === 'detail' || kind === 'small';

function claysAt({ parts }: RouteStep, { parts: all, clays }: Pick<Piece, 'parts' | 'clays'>): Clay[] {
  const ids = new Set(
    all.filter(({ id }) => parts.includes(id)).flatMap(({ mix }) => mix.map(({ clay }) => clay)),
  );
  return clays.filter(({ id }) => ids.has(id));
}

/** Light clays come before dark ones: what is on hands, board and blade smears the other way round. */
export function heedColours(
  at: number,
  { steps }: Pick<Route, 'steps'>,
  piece: Pick<Piece, 'parts' | 'clays'>,
): Finding[] {
  const step = steps[at];
  if (!step || !laysClay(step)) return [];
  const last = steps.slice(0, at).findLast(laysClay);
  if (!last) return [];
  const own = claysAt(step, piece);
  const before = claysAt(last, piece).filter(({ id }) => !own.some((clay) => clay.id === id));
  const [dark] = before.toSorted((a, b) => lightnessOf(a.colour) - lightnessOf(b.colour));
  const [light] = own.toSorted((a, b) => lightnessOf(b.colour) - lightnessOf(a.colour));
  if (!dark || !light || lightnessOf(light.colour) - lightnessOf(dark.colour) < SMEARS) return [];
  return [
    {
      level: 'doubtful',
      says: `${light.name} comes after ${dark.name}: what is left on hands and tools smears into it`,
      waysOut: [
        { says: `do it before “${last.title}”` },
        { says: 'wipe hands, board and blade with spirit, or take fresh gloves' },
      ],
    },
  ];
}

/** The inside before the outside: what goes into another thing is not reached any more once it is in. */
export function heedInside(
  at: number,
  { steps }: Pick<Route, 'steps'>,
  piece: Pick<Piece, 'parts' | 'fits'>,
): Finding[] {
  const step = steps[at];
  if (!step || !AT_SURFACE.includes(step.kind)) return [];
  return piece.fits.flatMap(({ kind, part, on }): Finding[] => {
    if (kind !== 'goes-into' || !step.parts.includes(part)) return [];
    const put = steps
      .slice(0, at)
      .find((one) => IN_PLACE.includes(one.kind) && one.parts.includes(part) && one.parts.includes(on));
    const nameOf = (id: string) => piece.parts.find((one) => one.id === id)?.name ?? id;
    if (!put) return [];
    return [
      {
        level: 'doubtful',
        says: `${nameOf(part)} is inside ${nameOf(on)} by then: neither hand nor brush gets at it`,
        waysOut: [{ says: `do it before “${put.title}”` }, { says: 'leave what is never seen' }],
      },
    ];
  });
}

/** The first of several alike is practice: it goes where it is seen least. */
export function heedPractice(at: number, { steps }: Pick<Route, 'steps'>, parts: readonly Part[]): Finding[] {
  const step = steps[at];
  if (step?.kind !== 'detail') return [];
  return parts.flatMap(({ id, name, count, repeat }): Finding[] => {
    const isFirst = !steps.slice(0, at).some((one) => one.kind === 'detail' && one.parts.includes(id));
    if (!isFirst || !step.parts.includes(id) || (count < 2 && repeat === null)) return [];
    return [
      {
        level: 'good',
        says: `the first ${name} is practice: begin with the one that stands at the back or is seen least`,
        waysOut: [],
      },
    ];
  });
}

/** Purposes for which hands go over the finished piece. */
const HANDLED: readonly Piece['brief']['purpose'][] = ['handled', 'worn'];

const listed = (features: readonly Part['features'][number][]): string =>
  features.map(({ name }) => name).join(', ');

/**
 * Which texture goes where in the order: made ahead, into raw clay before the bake, or drawn on once it is cured because no hand
 * makes it so small; and low relief where the piece is gripped.
 *
 * @param isTooSmall whether a feature is smaller than a hand makes it
 */
export function heedTexture(
  { kind }: Pick<RouteStep, 'kind'>,
  { name, features }: Pick<Part, 'name' | 'features'>,
  { purpose }: Pick<Piece['brief'], 'purpose'>,
  isTooSmall: (feature: Part['features'][number]) => boolean,
): Finding[] {
  if (kind !== 'detail') return [];
  const ahead = features.filter((one) => one.ahead);
  const drawn = features.filter((one) => !one.ahead && isTooSmall(one));
  const raw = features.filter((one) => !one.ahead && !drawn.includes(one));
  const plan = [
    ...(ahead.length > 0 ? [`made ahead and let in: ${listed(ahead)}`] : []),
    ...(raw.length > 0 ? [`into the raw clay, before the bake: ${listed(raw)}`] : []),
    ...(drawn.length > 0 ? [`painted or glued on after it: ${listed(drawn)}`] : []),
  ];
  return [
    ...(features.length > 1
      ? [{ level: 'good' as const, says: `${name}: ${plan.join('; ')}`, waysOut: [] }]
      : []),
    ...(HANDLED.includes(purpose)
      ? [
          {
            level: 'good' as const,
            says: `${name} is handled: low relief and no points where it is gripped, what is deep there wears off`,
            waysOut: [],
          },
        ]
      : []),
  ];
}

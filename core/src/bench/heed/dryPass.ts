import { bearsOven } from '../../bake/index.ts';
import { type StuffId, stuffRow } from '../../handbook/index.ts';
import type { RouteStep } from '../../piece/index.ts';
import { type OwnValues, sourced } from '../../reckoning/index.ts';
import { gradeOf, type Seen, seenSays } from '../../route/index.ts';
import type { Finding } from './finding.ts';

/** The heat of a low pass: as typed at the step, or as is usual, °C. */
export function dryDialC({ dialC }: Pick<RouteStep, 'dialC'>, own: OwnValues): number {
  return dialC ?? sourced('route.dry-dial', own).value;
}

/**
 * What is to be heeded of a low pass that dries glue, sealer or putty: everything that is on it by then, at the heat of the pass
 * and not at that of a bake.
 *
 * @param on what steps before it have left or put on
 */
export function heedDryPass(
  step: RouteStep,
  on: readonly StuffId[],
  isKnown: boolean,
  own: OwnValues,
): Finding[] {
  if (step.kind !== 'dry') return [];
  const dialC = dryDialC(step, own);
  const peakC = dialC + sourced('oven.swing', own).value;
  const most = sourced('route.dry-most', own).value;
  const usual = sourced('route.dry-dial', own).value;
  const gives = [...new Set(on)].flatMap((id): Finding[] => {
    const { level, says } = bearsOven(id, peakC, isKnown);
    const { fromC } = stuffRow(id);
    // What only the heat of a bake does to a stuff, a low pass does not.
    if (level === 'good' || (fromC === null && peakC < most)) return [];
    return [
      {
        level,
        says,
        waysOut: [
          ...(fromC !== null && fromC - peakC + dialC >= 40
            ? [{ says: `set it no higher than ${Math.floor(fromC - peakC + dialC)} °C` }]
            : []),
          { says: 'let it dry at room heat instead' },
        ],
      },
    ];
  });
  const hot: Finding[] =
    dialC >= most
      ? [
          {
            level: 'doubtful',
            says: `${dialC} °C begins to set raw clay and to blister what dries`,
            waysOut: [{ says: `dry it at ${usual} °C` }],
          },
        ]
      : [];
  return [
    ...gives,
    ...hot,
    {
      level: 'good',
      says: `dries at ${dialC} °C: it cures no clay; the door ajar lets the damp out`,
      waysOut: [],
    },
  ];
}

/**
 * A wash over paint that nothing seals lifts it.
 *
 * @param before steps of the same parts that come before, in order
 */
export function heedWash(step: RouteStep, before: readonly RouteStep[], seen: Seen): Finding[] {
  if (step.kind !== 'coat' || step.leaves !== 'wash') return [];
  const last = before.findLast(({ kind }) => kind === 'coat' || kind === 'seal');
  if (last?.kind !== 'coat' || last.leaves === 'wash' || last.leaves === 'pastel') return [];
  const grade = gradeOf('coat-wash', 'wash', seen);
  if (grade === 'silent') return [];
  const told = seenSays(seen);
  return [
    {
      level: grade === 'stop' ? 'stop' : 'doubtful',
      says: `a wash lifts “${last.title}” where nothing seals it${told === '' ? '' : `; ${told}`}`,
      waysOut: [
        { says: 'a thin coat of varnish or sealer between, dry' },
        { says: 'try it where it is least seen' },
      ],
    },
  ];
}

import { FormError, positive } from '../errors.ts';
import { fieldMeasure } from '../fieldMeasure.ts';
import { type Loft, type LoftedShape, limb, loftedShape } from '../lofted/index.ts';
import { seeded } from '../random.ts';
import type { TreeForm, Vec3 } from '../types.ts';

/** Turn from one fork to the next; the golden angle lets no two limbs stand over one another. */
const GOLDEN = Math.PI * (3 - Math.sqrt(5));
const MOST_FORKS = 7;

interface Branch {
  readonly from: Vec3;
  readonly to: Vec3;
  readonly radius: number;
  readonly level: number;
}

/** Limbs above the first fork, one unit long at the first level; each forks in two of half its cross-section. */
function grow(forks: number, trunkRadius: number, seed: number): Branch[] {
  const random = seeded(seed);
  const branches: Branch[] = [];
  const sprout = (from: Vec3, lean: number, heading: number, radius: number, level: number): void => {
    const long = 0.82 ** level * (0.88 + 0.24 * random());
    const to: Vec3 = [
      from[0] + long * Math.sin(lean) * Math.cos(heading),
      from[1] + long * Math.cos(lean),
      from[2] + long * Math.sin(lean) * Math.sin(heading),
    ];
    branches.push({ from, to, radius, level });
    if (level + 1 >= forks + 1) return;
    const turn = heading + GOLDEN + 0.5 * (random() - 0.5);
    for (const side of [0, Math.PI]) {
      const next = Math.min(1.75, lean * 0.62 + 0.36 + 0.24 * random());
      // The pipe rule: the two carry the cross-section of the one.
      sprout(to, next, turn + side + 0.35 * (random() - 0.5), radius / Math.SQRT2, level + 1);
    }
  };
  const start = random() * 2 * Math.PI;
  for (const side of [0, Math.PI])
    sprout([0, 0, 0], 0.36 + 0.2 * random(), start + side, trunkRadius / Math.SQRT2, 1);
  return branches;
}

/** Radius of the rounding at the end of a limb. */
function endOf({ radius }: Branch, isTip: boolean): number {
  return isTip ? radius * 0.6 : radius / 1.12;
}

/** Stretches the crown to its height and spread: the round end of the limb that reaches furthest just comes to them. */
function crownOf(form: TreeForm): Branch[] {
  const branches = grow(form.forks, form.trunkMm / 2, form.seed);
  const most = (room: number, reach: (to: Vec3) => number) =>
    Math.min(
      ...branches.flatMap((branch) => {
        const far = reach(branch.to);
        return far > 0 ? [(room - endOf(branch, branch.level === form.forks)) / far] : [];
      }),
    );
  const up = most(form.heightMm - form.forkMm, ([, y]) => y);
  const out = most(form.spreadMm / 2, ([x, , z]) => Math.hypot(x, z));
  const stretch = ([x, y, z]: Vec3): Vec3 => [x * out, form.forkMm + y * up, z * out];
  return branches.map((branch) => ({ ...branch, from: stretch(branch.from), to: stretch(branch.to) }));
}

function branchLoft(branch: Branch, isTip: boolean): Loft {
  const { from, to, radius, level } = branch;
  const end = endOf(branch, isTip);
  return limb({
    region: level === 1 ? 'limbs' : isTip ? 'twigs' : 'branches',
    joint: null,
    origin: from,
    to,
    faces: [0.2, 0.31, 0.93],
    stations: [
      { t: 0, across: radius, ahead: radius, shift: 0 },
      { t: 0.5, across: (radius + end) / 2, ahead: (radius + end) / 2, shift: 0 },
      { t: 1, across: end, ahead: end, shift: 0 },
    ],
    startCap: radius,
    endCap: end,
  });
}

function trunk({ trunkMm, forkMm }: TreeForm): Loft {
  const r = trunkMm / 2;
  return limb({
    region: 'trunk',
    joint: null,
    origin: [0, 0.02 * r, 0],
    to: [0, forkMm, 0],
    faces: [0, 0, 1],
    stations: [
      { t: 0, across: r, ahead: r, shift: 0 },
      { t: 0.12, across: r * 0.93, ahead: r * 0.93, shift: 0 },
      { t: 1, across: r * 0.88, ahead: r * 0.88, shift: 0 },
    ],
    startCap: 0.02 * r,
    endCap: r * 0.8,
  });
}

function roots({ trunkMm, rootsMm }: TreeForm, seed: number): Loft[] {
  if (rootsMm === 0) return [];
  const random = seeded(seed + 77);
  const r = trunkMm * 0.26;
  return Array.from({ length: 5 }, (_, i): Loft => {
    const heading = (2 * Math.PI * (i + 0.5 * random())) / 5;
    const reach = trunkMm / 2 + rootsMm * (0.72 + 0.28 * random());
    const direction: Vec3 = [Math.cos(heading), 0, Math.sin(heading)];
    const tip = r * 0.2;
    return limb({
      region: 'roots',
      joint: null,
      origin: [direction[0] * trunkMm * 0.2, r * 1.1, direction[2] * trunkMm * 0.2],
      to: [direction[0] * reach, tip, direction[2] * reach],
      faces: [0, 1, 0],
      stations: [
        { t: 0, across: r, ahead: r * 1.05, shift: 0 },
        { t: 0.4, across: r * 0.6, ahead: r * 0.6, shift: 0 },
        { t: 1, across: tip, ahead: tip, shift: 0 },
      ],
      startCap: r,
      endCap: tip,
    });
  });
}

/**
 * A bare tree: trunk, limbs that fork in two by the pipe rule (Shinozaki et al. 1964), roots.
 *
 * @throws {FormError} naming the field
 */
export function treeShape(form: TreeForm): LoftedShape {
  const H = positive('tree', 'heightMm', form.heightMm);
  const trunkMm = positive('tree', 'trunkMm', form.trunkMm);
  const spread = positive('tree', 'spreadMm', form.spreadMm);
  const fork = positive('tree', 'forkMm', form.forkMm);
  if (fork >= H) throw new FormError('tree', 'forkMm', `less than the height, ${H} mm`, fork);
  if (!(form.rootsMm >= 0)) throw new FormError('tree', 'rootsMm', 'a length of 0 or more', form.rootsMm);
  if (!Number.isInteger(form.forks) || form.forks < 1 || form.forks > MOST_FORKS)
    throw new FormError('tree', 'forks', `a whole number from 1 to ${MOST_FORKS}`, form.forks);
  return loftedShape({
    lofts: [
      trunk(form),
      ...crownOf(form).map((branch) => branchLoft(branch, branch.level === form.forks)),
      ...roots(form, form.seed),
    ],
    joints: [],
    pose: {},
    measures: [
      fieldMeasure('height', 'Height', H, [0, 0], [0, H]),
      fieldMeasure('spread', 'Spread of the crown', spread, [-spread / 2, H * 0.8], [spread / 2, H * 0.8]),
      fieldMeasure('fork', 'First fork above the ground', fork, [0, 0], [0, fork]),
      fieldMeasure('trunk', 'Trunk across at the foot', trunkMm, [-trunkMm / 2, 0], [trunkMm / 2, 0]),
      ...(form.rootsMm > 0
        ? [
            fieldMeasure(
              'roots',
              'Reach of the roots',
              form.rootsMm,
              [trunkMm / 2, 0],
              [trunkMm / 2 + form.rootsMm, 0],
            ),
          ]
        : []),
    ],
    filletMm: 0,
    isThin: true,
  });
}

import type { Joint, JointWay } from '../../piece/index.ts';
import {
  figure,
  type OwnValues,
  type Reckoning,
  shapedBy,
  sourced,
  termFrom,
} from '../../reckoning/index.ts';
import { N_PER_G } from '../../units/index.ts';
import { JOINTS } from './figures.ts';
import type { Load } from './load.ts';

const shaped = shapedBy('the solids of the two');

interface Glued {
  readonly way: JointWay;
  /** The row of what it holds. */
  readonly strength: string;
  readonly load: Load;
  readonly area: Reckoning;
}

/** What a joint bears when it is pushed along its faces, and when it is peeled open: orders of magnitude. */
export function alongAndPeeled(
  base: { readonly at: string; readonly part: null },
  named: string,
  { way, strength, load, area }: Glued,
  { pins }: Pick<Joint, 'pins'>,
  own: OwnValues,
): Reckoning[] {
  const force = load.handN + load.grams * N_PER_G;
  const [holds, peel] = [sourced(strength, own), sourced(`joint.peel-${way}`, own)];
  const across = Math.sqrt((4 * load.areaMm2) / Math.PI);
  const pushed = [
    shaped('H', 'A hand, N', load.handN, ''),
    shaped('m', 'What is put on weighs', load.grams, 'g'),
  ];
  const opens = (peel.value * across) / force;
  return [
    figure(JOINTS.shears, {
      ...base,
      title: `${named}: bears along the joint, times`,
      value: (holds.value * load.areaMm2) / force,
      terms: [holds.term('S'), termFrom('A', area), ...pushed],
      note: 'Pushed along its faces, which most glues bear best.',
    }),
    figure(JOINTS.peels, {
      ...base,
      title: `${named}: bears at its edge, times`,
      value: opens,
      terms: [peel.term('P'), shaped('w', 'Across, where they touch', across, 'mm'), ...pushed],
      note: 'Peeled open from one edge, which most glues bear least.',
      verdict:
        opens < 1 && pins === 0
          ? {
              level: 'doubtful',
              wording: 'state',
              says: 'a finger under its edge opens it',
              waysOut: [
                { says: 'let it in, or run a fillet round its edge, so that no finger gets under' },
                { says: 'a pin across it: then it cannot be peeled' },
              ],
            }
          : undefined,
    }),
  ];
}

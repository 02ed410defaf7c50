import { describe, expect, it } from 'vitest';
import { type Form, PLAIN, PLAIN_PERSON, poseBody, pulled, puppetOf, STARTS, shapeOf } from './index.ts';

const person: Form = { ...PLAIN_PERSON, statureMm: 1700 };
const puppetFor = (form: Form) => {
  const puppet = puppetOf(form, PLAIN);
  if (!puppet) throw new Error('no puppet');
  return puppet;
};
const handleOf = (form: Form, name: string, pose = puppetFor(form).pose) => {
  const handle = poseBody(puppetFor(form), pose).handles.find((one) => one.name === name);
  if (!handle) throw new Error(`no handle ${name}`);
  return handle;
};

describe('posing by pulling', () => {
  it('pulls a wrist to where the forearm can reach: the elbow bends, the length stays', () => {
    const puppet = puppetFor(person);
    const wrist = handleOf(person, 'left wrist');
    const long = Math.hypot(...wrist.at.map((value, k) => value - (wrist.from[k] ?? 0)));
    // Straight ahead of the elbow, seen from the side.
    const to = [wrist.from[2] + long, wrist.from[1]] as const;
    const angles = pulled(puppet, puppet.pose, wrist, 'side', to);
    const bent = handleOf(person, 'left wrist', { ...puppet.pose, 'left elbow': angles });
    expect(angles.flex).toBeGreaterThan(80);
    expect(Math.hypot(bent.at[2] - to[0], bent.at[1] - to[1])).toBeLessThan(0.05 * long);
    expect(Math.hypot(...bent.at.map((value, k) => value - (bent.from[k] ?? 0)))).toBeCloseTo(long, 6);
  });

  it('stops at the limit of the joint, however far it is pulled', () => {
    const puppet = puppetFor(person);
    const ankle = handleOf(person, 'right ankle');
    const forward = pulled(puppet, puppet.pose, ankle, 'side', [ankle.from[2] + 500, ankle.from[1]]);
    // A knee does not bend forward.
    expect(forward.flex).toBeCloseTo(0, 6);
    const back = pulled(puppet, puppet.pose, ankle, 'side', [ankle.from[2] - 100, ankle.from[1] + 2000]);
    expect(back.flex).toBeLessThanOrEqual(135);
    expect(back.flex).toBeGreaterThan(100);
  });

  it('leads an arm outward in the front view, the same on both sides', () => {
    const puppet = puppetFor(person);
    for (const side of ['left', 'right'] as const) {
      const elbow = handleOf(person, `${side} elbow`);
      const out = Math.sign(elbow.from[0]);
      const angles = pulled(puppet, puppet.pose, elbow, 'front', [elbow.from[0] + out * 300, elbow.from[1]]);
      expect(angles.out).toBeGreaterThan(60);
    }
  });

  it('pulling a place to where it is changes nothing', () => {
    for (const id of ['woman', 'seated-person', 'cat', 'goose']) {
      const form = STARTS.find((one) => one.id === id)?.form as Form;
      const puppet = puppetFor(form);
      for (const handle of poseBody(puppet, puppet.pose).handles) {
        const angles = pulled(puppet, puppet.pose, handle, 'front', [handle.at[0], handle.at[1]]);
        const before = puppet.pose[handle.turns] ?? { flex: 0, out: 0, twist: 0 };
        for (const axis of ['flex', 'out', 'twist'] as const)
          expect(angles[axis], `${id} ${handle.name}`).toBeCloseTo(before[axis], 1);
      }
    }
  });

  it('the rough figure covers what the exact outline covers', () => {
    const puppet = puppetFor(person);
    const ys = poseBody(puppet, puppet.pose)
      .rings('front')
      .flatMap((ring) => ring.map(([, y]) => y));
    expect(Math.max(...ys) - Math.min(...ys)).toBeCloseTo(shapeOf(person).box.max[1], -1);
  });

  it('only bodies with joints can be posed', () => {
    expect(puppetOf({ kind: 'ball', diameterMm: 20 }, PLAIN)).toBeNull();
  });
});

// @vitest-environment happy-dom
import type { PersonForm } from '@every-inch/core/form';
import type { Part } from '@every-inch/core/piece';
import { act, fireEvent, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { usePartFacts } from '../spine/hooks.ts';
import { undone } from '../state/documentSlice.ts';
import { store, useOfPiece } from '../state/store.ts';
import { atBench, ferryOf, pieceNow, withDesk } from '../testing/bench.tsx';
import PoseBoard from './PoseBoard.tsx';

withDesk();

type Posed = Part & { readonly form: PersonForm };

function BoardOf({ id }: { readonly id: string }) {
  const part = useOfPiece(({ parts }) => parts).find((one) => one.id === id) ?? expect.fail(`no ${id}`);
  const context = usePartFacts(id);
  return context ? <PoseBoard context={context} part={part as Posed} /> : null;
}

const form = () => (pieceNow().parts[0] as Posed).form;
const plain = () => {
  const piece = ferryOf('ferrywoman');
  return {
    ...piece,
    parts: piece.parts.map((part) => ({ ...part, form: { ...part.form, angles: {} } }) as Part),
  };
};
async function board() {
  atBench(<BoardOf id="ferrywoman" />, { piece: plain(), part: 'ferrywoman', stage: 'size' });
  await screen.findByRole('group', { name: /^Joints, .*side/ });
}
/** A handle in the side view. */
function handle(name: string): Element {
  const [, side] = document.querySelectorAll(`[aria-label^="${name}: pull it"]`);
  return side ?? expect.fail(`no handle of the ${name}`);
}
const turned = (of: Element) => /turns the (.*)$/.exec(of.getAttribute('aria-label') ?? '')?.[1] ?? '';

describe('joints pulled on the body', () => {
  it('an arrow turns one joint and no other, as a step that can be undone', async () => {
    await board();
    const hand = handle('right wrist');
    const joint = turned(hand);
    fireEvent.keyDown(hand, { key: 'ArrowUp' });
    expect(Object.keys(form().angles)).toEqual([joint]);
    // Nothing else of the body is changed: its lengths are as they were.
    expect({ ...form(), angles: {} }).toEqual(plain().parts[0]?.form);
    act(() => void store.dispatch(undone()));
    expect(form().angles).toEqual({});
  });

  it('it turns as far as it goes, and no farther', async () => {
    await board();
    const joint = turned(handle('right wrist'));
    const flex = () => form().angles[joint]?.flex ?? 0;
    let before = Number.NaN;
    for (let i = 0; i < 80 && flex() !== before; i += 1) {
      before = flex();
      fireEvent.keyDown(handle('right wrist'), { key: 'ArrowUp' });
    }
    expect(flex()).toBe(before);
    // An elbow bends to some 150° (common practice); it does not go on round.
    expect(Math.abs(flex())).toBeLessThanOrEqual(180);
  });

  it('angles are kept to half a degree', async () => {
    await board();
    fireEvent.keyDown(handle('right wrist'), { key: 'ArrowUp' });
    for (const { flex, out, twist } of Object.values(form().angles))
      for (const angle of [flex, out, twist]) expect(Number.isInteger(angle * 2)).toBe(true);
  });

  it('other keys are not its own', async () => {
    await board();
    fireEvent.keyDown(handle('right wrist'), { key: 'x' });
    expect(form().angles).toEqual({});
  });
});

// @vitest-environment happy-dom
import { lowWaterFerry } from '@every-inch/core/demo';
import { setAt } from '@every-inch/core/piece';
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { LENSES } from '../lenses/index.ts';
import { STAGES } from '../parts/stages.ts';
import { undone } from '../state/documentSlice.ts';
import { store, useOpenPiece } from '../state/store.ts';
import { atBench, NOW, pieceNow, withDesk } from '../testing/bench.tsx';
import { KeysDialog, useKeys } from './Keys.tsx';
import { onLogRule, RULE_TO } from './logRule.ts';
import { ScaleMenu } from './ScaleMenu.tsx';
import { StageRule } from './StageRule.tsx';
import { TrayRow } from './TrayRow.tsx';

withDesk();

const ferry = lowWaterFerry(NOW);
const address = () => screen.getByLabelText('address').textContent;
const order = () => pieceNow().parts.map(({ id }) => id);

/** The keys of a piece and what they open, as the page of a piece has them. */
function WithKeys() {
  useKeys();
  return (
    <>
      <input aria-label="a field" />
      <KeysDialog />
    </>
  );
}

function Rows() {
  return (
    <ul>
      {useOpenPiece().parts.map((part) => (
        <TrayRow key={part.id} part={part} depth={0} />
      ))}
    </ul>
  );
}

describe('keys of a piece', () => {
  const press = (key: string, more: object = {}) =>
    fireEvent.keyDown(document.body, { key, code: key, ...more });

  it('digits lead to the stages that can be entered, and to no other', () => {
    atBench(<WithKeys />);
    for (const { key, stage } of STAGES) {
      const before = address();
      press(key);
      const isEntered = LENSES.some((lens) => lens.stage === stage);
      expect(address(), key).toBe(isEntered ? `/piece/${ferry.id}/${stage}` : before);
    }
  });

  it('are letters in a field, and nothing with Ctrl held', () => {
    atBench(<WithKeys />);
    fireEvent.keyDown(screen.getByLabelText('a field'), { key: '4', code: 'Digit4' });
    press('4', { ctrlKey: true });
    expect(address()).toBe(`/piece/${ferry.id}/brief`);
  });

  it('undo and redo, also out of a field', () => {
    atBench(<WithKeys />);
    act(
      () =>
        void store.dispatch({
          type: 'document/edited',
          payload: { piece: setAt(ferry, ['name'], 'Tide'), label: 'name', merge: null, at: 1 },
        }),
    );
    const field = screen.getByLabelText('a field');
    fireEvent.keyDown(field, { key: 'z', code: 'KeyZ', ctrlKey: true });
    expect(pieceNow().name).toBe('Low Water Ferry');
    fireEvent.keyDown(field, { key: 'Z', code: 'KeyZ', ctrlKey: true, shiftKey: true });
    expect(pieceNow().name).toBe('Tide');
  });

  it('? lists them, those of the present lens last', async () => {
    atBench(<WithKeys />, { stage: 'bones' });
    press('?', { shiftKey: true });
    const dialog = await screen.findByRole('dialog', { name: 'Keys' });
    for (const [, says] of LENSES.find(({ stage }) => stage === 'bones')?.keys ?? [])
      expect(within(dialog).getByText(says)).toBeTruthy();
    // While it is open the keys are its own.
    press('2');
    expect(address()).toBe(`/piece/${ferry.id}/bones`);
  });
});

describe('the rule of stages', () => {
  it('points at the present stage; those that are not there cannot be pressed', () => {
    atBench(<StageRule />, { stage: 'bulk' });
    const buttons = within(screen.getByRole('navigation', { name: 'Stages' })).getAllByRole('button');
    expect(buttons).toHaveLength(10);
    expect(buttons.filter((one) => one.getAttribute('aria-current') === 'page')).toHaveLength(1);
    expect(buttons.filter((one) => one.hasAttribute('disabled'))).toHaveLength(10 - LENSES.length);
  });

  it('tells what stops from what is to be looked at, and says nothing of a stage where all is well', async () => {
    atBench(<StageRule />, { stage: 'bulk' });
    const rule = screen.getByRole('navigation', { name: 'Stages' });
    await waitFor(() => expect(rule.textContent).toMatch(/stop|to look at/));
    // The demo has no entry in its log that says anything bad.
    const log = within(rule).getByRole('button', { name: /Log/ });
    await waitFor(() => expect(log.textContent).not.toContain('stop'));
  });
});

describe('a row of the tray', () => {
  it('arrows go through the parts, and Alt moves, hangs and frees them', () => {
    atBench(<Rows />, { part: 'oar' });
    const row = (id: string) => document.getElementById(`tray-${id}`) as HTMLElement;
    fireEvent.keyDown(row('oar'), { key: 'ArrowDown' });
    expect(store.getState().session.selected).toBe(order()[order().indexOf('oar' as never) + 1]);
    const parentOf = (id: string) => pieceNow().parts.find((part) => part.id === id)?.parent;
    expect(parentOf('oar')).toBe('ferrywoman');
    fireEvent.keyDown(row('oar'), { key: 'ArrowLeft', altKey: true });
    expect(parentOf('oar')).toBeNull();
    fireEvent.keyDown(row('oar'), { key: 'ArrowRight', altKey: true });
    expect(parentOf('oar')).not.toBeNull();
  });

  it('Delete takes a part out as one step that can be undone', () => {
    atBench(<Rows />, { part: 'goose' });
    fireEvent.keyDown(document.getElementById('tray-goose') as HTMLElement, { key: 'Delete' });
    expect(order()).not.toContain('goose');
    store.dispatch(undone());
    expect(pieceNow()).toBe(store.getState().document.piece);
    expect(order()).toContain('goose');
  });
});

describe('the scale', () => {
  it('is typed as a ratio or as a figure’s height, and what is neither is refused with the reason', async () => {
    const { user } = atBench(<ScaleMenu />);
    await user.click(screen.getByRole('button', { name: /Scale 1:12/ }));
    const field = await screen.findByLabelText('Type a scale');
    await user.type(field, 'a dozen{Enter}');
    expect(pieceNow().scale).toEqual(ferry.scale);
    expect(field.getAttribute('aria-invalid')).toBe('true');
    await user.clear(field);
    await user.type(field, '1:24{Enter}');
    expect(pieceNow().scale).toMatchObject({ kind: 'ratio', ratio: 24 });
    await user.type(field, '28 mm{Enter}');
    expect(pieceNow().scale).toMatchObject({ kind: 'figure', heightMm: 28 });
  });

  it('cannot be changed where another tab edits the piece', () => {
    atBench(<ScaleMenu />, { readOnly: true });
    expect(screen.getByRole('button', { name: /Scale/ }).hasAttribute('disabled')).toBe(true);
  });
});

describe('the rule in the tray', () => {
  it('is logarithmic from 1 mm to a metre, and keeps what is beyond at its ends', () => {
    expect([1, 10, 100, 1000].map((mm) => Math.round(3 * onLogRule(mm)))).toEqual([0, 1, 2, 3]);
    expect([onLogRule(0), onLogRule(0.2), onLogRule(10 * RULE_TO)]).toEqual([0, 0, 1]);
  });
});

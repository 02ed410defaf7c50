// @vitest-environment happy-dom
import { newPiece, type Piece } from '@every-inch/core/piece';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { undone } from '../state/documentSlice.ts';
import { store } from '../state/store.ts';
import { atBench, fill, NOW, pieceNow, press, withDesk } from '../testing/bench.tsx';
import { SayPart } from './SayPart.tsx';
import { ScaleMenu } from './ScaleMenu.tsx';

withDesk();

const open: Piece = { ...newPiece('Bench', NOW), scale: { kind: 'open' } };

function say(line: string): void {
  const field = screen.getByLabelText('What lies on the bench, or is to be made');
  fireEvent.change(field, { target: { value: line } });
  fireEvent.keyDown(field, { key: 'Enter' });
}

describe('a part is said', () => {
  it('line by line, each at once, and undone as one step', () => {
    atBench(<SayPart />, { piece: open });
    say('foil ball 40 mm');
    say('3 mm wire legs, four');
    say('baked torso 60 high');
    expect(pieceNow().parts).toMatchObject([
      {
        name: 'Foil ball',
        form: { kind: 'ball', diameterMm: 40 },
        stuff: 'foil',
        mix: [],
        sized: 'miniature',
      },
      { name: 'Wire legs', count: 4, stuff: 'wire' },
      { name: 'Torso', state: 'baked', stuff: null },
    ]);
    expect(pieceNow().parts[2]?.mix).toHaveLength(1);
    store.dispatch(undone());
    expect(pieceNow().parts).toHaveLength(2);
  });

  it('what was taken for granted, and what it was begun from, is told', () => {
    atBench(<SayPart />, { piece: open });
    say('3 mm wire legs, four');
    expect(screen.getByText('Wire legs × 4 · taken for 30 mm long')).toBeTruthy();
    say('baked dragn');
    expect(
      screen.getByText(
        'Dragn · lies there baked · begun from dragon, the nearest there is · taken for 40 mm high',
      ),
    ).toBeTruthy();
  });

  it('the same again is told apart by its name; nothing said adds nothing', () => {
    atBench(<SayPart />, { piece: open });
    say('ball 20');
    say('ball 30');
    say('   ');
    const names = pieceNow().parts.map(({ name }) => name);
    expect(new Set(names).size).toBe(2);
  });
});

describe('the scale', () => {
  const menu = () => {
    fireEvent.click(screen.getByRole('button', { name: /^Scale / }));
    return within(screen.getByRole('dialog', { name: 'Scale' }));
  };

  it('is taken from a thing that is there, and left open again', async () => {
    atBench(<ScaleMenu />, { piece: open });
    expect(screen.getByRole('button', { name: 'Scale open scale, change or compare' })).toBeTruthy();
    const at = menu();
    fill(at.getByLabelText('Thing'), 'bought figure');
    fill(at.getByLabelText('on the bench'), '75 mm');
    fill(at.getByLabelText('stands for'), '1.8 m');
    const group = at.getByRole('group', { name: 'or take it from a thing that is there' });
    press('Use it', group);
    expect(pieceNow().scale).toEqual({ kind: 'thing', name: 'bought figure', benchMm: 75, lifeMm: 1800 });
    await waitFor(() => expect(screen.getByText('by the bought figure')).toBeTruthy());
    press('Leave it open: sizes as on the bench');
    expect(pieceNow().scale).toEqual({ kind: 'open' });
  });
});

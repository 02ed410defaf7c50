// @vitest-environment happy-dom
import type { Part, Piece } from '@every-inch/core/piece';
import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { useOpenPiece } from '../../state/store.ts';
import { atBench, ferryOf, fill, pieceNow, withDesk } from '../../testing/bench.tsx';
import { Variants } from './Variants.tsx';

withDesk();

/** The copies of the first part of the open piece. */
function OfFirst() {
  const [part] = useOpenPiece().parts;
  return part ? <Variants part={part} /> : null;
}

function madeTimes(count: number, over: Partial<Part> = {}): Piece {
  const piece = ferryOf('mug');
  return { ...piece, parts: piece.parts.map((part) => ({ ...part, count, variants: [], ...over })) };
}
const variants = () => pieceNow().parts[0]?.variants ?? [];

describe('copies that are alike but not the same', () => {
  it('are not asked for of a part that is made once', () => {
    atBench(<OfFirst />, { piece: madeTimes(1) });
    expect(screen.queryByText('Alike, but not the same')).toBeNull();
  });

  it('are named, counted, told apart, and taken out again', async () => {
    const { user } = atBench(<OfFirst />, { piece: madeTimes(6) });
    await user.click(screen.getByText('Alike, but not the same'));
    await user.click(screen.getByRole('button', { name: '+ One that differs' }));
    const [made] = variants();
    expect(variants()).toHaveLength(1);
    fill(screen.getByLabelText(`Name of ${made?.name}`), 'chipped one');
    fill(screen.getByLabelText('How many chipped one'), '2');
    fill(screen.getByLabelText('What is other about chipped one'), 'a chip at the rim');
    expect(variants()[0]).toMatchObject({ name: 'chipped one', count: 2, differs: 'a chip at the rim' });
    expect(screen.getByText(/2 of 6 differ; 4 as it is/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Take chipped one out' }));
    expect(variants()).toEqual([]);
  });

  it('of a name that is wiped out keep the one they had', async () => {
    const one = { id: 'v1', name: 'left-handed', differs: '', count: 1 };
    atBench(<OfFirst />, { piece: madeTimes(3, { variants: [one] as unknown as Part['variants'] }) });
    fill(screen.getByLabelText('Name of left-handed'), '   ');
    expect(variants()[0]?.name).toBe('left-handed');
  });

  it('that are more than are made say so, and the way out makes as many', async () => {
    const one = { id: 'v1', name: 'dented', differs: '', count: 5 };
    const { user } = atBench(<OfFirst />, {
      piece: madeTimes(3, { variants: [one] as unknown as Part['variants'] }),
    });
    await user.click(screen.getByRole('button', { name: 'make 5 of it' }));
    expect(pieceNow().parts[0]?.count).toBe(5);
    expect(screen.queryByText(/are told, but only/)).toBeNull();
  });
});

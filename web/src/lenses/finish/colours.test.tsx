// @vitest-environment happy-dom
import { DEFAULT_ZONE, type PartId, type Piece, type Zone } from '@every-inch/core/piece';
import { fireEvent, screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { atBench, ferryOf, fill, pieceNow, withDesk } from '../../testing/bench.tsx';
import { Colours } from './Colours.tsx';

withDesk();

const wall: Zone = { ...DEFAULT_ZONE, id: 'wall', name: 'wall', part: 'quay' as PartId };
const whole: Piece = { ...ferryOf('quay'), zones: [wall], pours: [], stood: [] };
const bare: Piece = { ...whole, pots: [], paintMixes: [] };
const at = (piece: Piece, target = '#a07850') =>
  atBench(<Colours target={target} name="wall" />, { piece, part: 'quay', stage: 'finish' });

describe('paints of one’s own', () => {
  it('none yet: it says what mixes are made of; one is put in, named, coloured, and put away', async () => {
    const { user } = at(bare);
    expect(await screen.findByText(/Put in the paints you have/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: '+ a paint you have' }));
    fill(screen.getByLabelText('Name of the paint'), 'brick red');
    expect(pieceNow().pots).toMatchObject([{ name: 'brick red', of: 'acrylic' }]);
    fireEvent.change(screen.getByLabelText('Colour of brick red'), { target: { value: '#9a3f2c' } });
    expect(pieceNow().pots[0]?.colour).toBe('#9a3f2c');
    await user.selectOptions(screen.getByLabelText('What brick red is'), 'oil paint');
    expect(pieceNow().pots[0]?.of).toBe('oil');
    await user.click(screen.getByRole('button', { name: 'put brick red away' }));
    expect(pieceNow().pots).toEqual([]);
  });

  it('a name of nothing keeps the one there was', async () => {
    at(whole);
    const [name] = await screen.findAllByLabelText('Name of the paint');
    fill(name as HTMLElement, '   ');
    expect(pieceNow().pots[0]?.name).toBe('warm white');
  });
});

describe('a colour that is mixed', () => {
  it('is offered in parts and drops, kept as a card, and mixed nearer once it came out too dark', async () => {
    const { user } = at({ ...whole, paintMixes: [] });
    const offered = await screen.findByRole('list', { name: 'Mixes that come near' });
    expect(within(offered).getAllByText(/drops/).length).toBe(3);
    await user.click(within(offered).getAllByRole('button', { name: 'keep as a card' })[0] as HTMLElement);
    const [card] = pieceNow().paintMixes;
    expect(card).toMatchObject({ name: 'wall', version: 1, colour: '#a07850', made: null });
    fireEvent.change(screen.getByLabelText('Came out as'), { target: { value: '#7a5636' } });
    expect(await screen.findByText(/too dark/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: /^the next batch:/ }));
    expect(pieceNow().paintMixes.map(({ version }) => version)).toEqual([1, 2]);
    expect(pieceNow().paintMixes[1]?.parts).not.toEqual(card?.parts);
  });

  it('twice as much takes twice the drops', async () => {
    at({ ...whole, paintMixes: [] });
    const dropsOf = () =>
      [
        ...(screen.getByRole('list', { name: 'Mixes that come near' }).textContent ?? '').matchAll(
          /\((\d+) drops/g,
        ),
      ].map(([, n]) => Number(n));
    await screen.findByRole('list', { name: 'Mixes that come near' });
    const before = dropsOf();
    fill(screen.getByLabelText('How much of it'), '2');
    dropsOf().forEach((n, i) => {
      expect(Math.abs(n - 2 * (before[i] ?? 0))).toBeLessThanOrEqual(1);
    });
  });

  it('a card is thrown away, and one press brings it back', async () => {
    const { user } = at(whole);
    await user.click(await screen.findByRole('button', { name: /^throw face and hands, batch 1 away/ }));
    expect(pieceNow().paintMixes).toEqual([]);
  });
});

describe('a ladder', () => {
  it('has as many steps as are asked for', async () => {
    at(whole);
    const steps = await screen.findByRole('list', { name: 'Steps from light to dark' });
    expect(within(steps).getAllByRole('listitem')).toHaveLength(5);
    fill(screen.getByLabelText('in steps'), '8');
    expect(within(steps).getAllByRole('listitem')).toHaveLength(8);
    fill(screen.getByLabelText('in steps'), '1');
    expect(within(steps).getAllByRole('listitem')).toHaveLength(8);
  });
});

// @vitest-environment happy-dom
import { DEFAULT_ZONE, type PartId, type Piece, type Zone } from '@every-inch/core/piece';
import { screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { figures } from '../../spine/open.ts';
import { atBench, ferryOf, fill, pieceNow, withDesk } from '../../testing/bench.tsx';
import FinishLens from './FinishLens.tsx';

withDesk();

const block: Zone = { ...DEFAULT_ZONE, id: 'all', name: 'all', part: 'quay' as PartId, colour: '#9a6048' };
const piece: Piece = { ...ferryOf('quay'), zones: [block], pours: [], stood: [] };
const atFinish = (of: Piece = piece) => atBench(<FinishLens />, { piece: of, part: 'quay', stage: 'finish' });
const value = (key: string) => figures.find(null, key)?.quantity.value;
const layersNow = () => pieceNow().zones[0]?.layers ?? [];

async function settle(what: string) {
  const { user } = atFinish();
  await screen.findByRole('list', { name: 'Layers of all' });
  await user.selectOptions(screen.getByLabelText('What settles on it'), what);
  await user.click(screen.getByRole('button', { name: '+ let it settle' }));
  return user;
}

describe('what settles on a surface', () => {
  it('snow lies on top, is told with its area, and too much of it has a way out', async () => {
    const user = await settle('snow');
    expect(layersNow().at(-1)).toMatchObject({ id: 'snow', of: 'dry-snow', lies: 'sky' });
    await waitFor(() => expect(value('finish.lies.all-snow')).toBeGreaterThan(0));
    expect(value('finish.lies.all-snow')).toBeLessThan((value('finish.area.all') ?? 0) / 2);
    await user.click(screen.getByRole('button', { name: /^snow dry/ }));
    fill(screen.getByLabelText('One coat, wet'), '40');
    const wayOut = await screen.findAllByRole('button', { name: /^lay [\d.]+ mm$/ });
    await user.click(wayOut[0] as HTMLElement);
    await waitFor(() => expect(layersNow().at(-1)?.filmMm).toBeLessThan(40));
    await waitFor(() => expect(figures.find(null, 'finish.heaps.all-snow')?.verdict).toBeUndefined());
  });

  it('moss in a form without folds lies nowhere, says so, and may be laid all over', async () => {
    const user = await settle('moss');
    const all = await screen.findAllByRole('button', { name: 'lay it on all of the surface' });
    await user.click(all[0] as HTMLElement);
    expect(layersNow().at(-1)?.lies).toBeNull();
  });

  it('where it lies is chosen, and goes back at one press', async () => {
    const user = await settle('soot');
    await user.click(await screen.findByRole('button', { name: /^soot dry/ }));
    await user.selectOptions(screen.getByLabelText('Lies'), 'on edges');
    expect(layersNow().at(-1)?.lies).toBe('edge');
    await user.click(screen.getByRole('button', { name: 'as they are proposed again' }));
    expect(pieceNow().zones[0]?.isOwn).toBe(false);
  });
});

describe('direction and width', () => {
  it('a texture has its strokes and the way they run; a coarser one after it is told', async () => {
    const stroke = (id: string) => ({
      id,
      kind: 'texture' as const,
      of: null,
      colour: null,
      coats: 1,
      how: 'brush' as const,
      thin: 0,
      filmMm: null,
      lengthMm: 0.5,
      lies: null,
      grain: null,
      decal: null,
      note: '',
    });
    const { user } = atFinish({
      ...piece,
      zones: [
        {
          ...block,
          isOwn: true,
          layers: [stroke('one'), stroke('two'), { ...stroke('bake'), kind: 'bake', lengthMm: null }],
        },
      ],
    });
    const list = await screen.findByRole('list', { name: 'Layers of all' });
    const [, second] = within(list).getAllByRole('button', { name: /^texture$/ });
    await user.click(second as HTMLElement);
    await user.selectOptions(screen.getByLabelText('Runs'), 'round it');
    expect(layersNow()[1]?.grain).toBe('round');
    fill(screen.getByLabelText('Strokes, wide'), '3');
    await waitFor(() => expect(figures.find(null, 'finish.holds.all')?.verdict?.says).toContain('wiped out'));
  });
});

describe('a decal', () => {
  it('is written, sized, and told whether it can be read', async () => {
    const { user } = atFinish();
    await screen.findByRole('list', { name: 'Layers of all' });
    await user.selectOptions(screen.getByLabelText('One more layer'), 'decal');
    await user.click(screen.getByRole('button', { name: '+ put it in' }));
    await user.click(await screen.findByRole('button', { name: /^decal printed/ }));
    const print = screen.getByRole('button', { name: 'Print it' }) as HTMLButtonElement;
    expect(print.disabled).toBe(true);
    fill(screen.getByLabelText('It says'), 'no mooring here');
    fill(screen.getByLabelText('Wide'), '6');
    expect(layersNow().find(({ kind }) => kind === 'decal')?.decal).toMatchObject({
      words: 'no mooring here',
      wideMm: 6,
    });
    expect((await screen.findAllByText(/cannot be read/)).length).toBeGreaterThan(0);
    await waitFor(() => expect(print.disabled).toBe(false));
  });
});

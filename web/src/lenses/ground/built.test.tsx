// @vitest-environment happy-dom
import { DEFAULT_BOARD, DEFAULT_MASONRY, type Piece } from '@every-inch/core/piece';
import { screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { figures } from '../../spine/open.ts';
import { atBench, ferryOf, fill, pieceNow, withDesk } from '../../testing/bench.tsx';
import GroundLens from './GroundLens.tsx';

withDesk();

const ferry: Piece = {
  ...ferryOf('post', 'quay'),
  ...{ stood: [], heaps: [], pours: [], covers: [], eyes: [], masonry: [], timber: [], backdrop: null },
  board: { ...DEFAULT_BOARD, outline: 'square', widthMm: 300, depthMm: 200 },
};
const value = (key: string) => figures.find(null, key)?.quantity.value;
const atGround = (piece: Piece) => atBench(<GroundLens />, { piece, part: 'quay', stage: 'ground' });

describe('fences and steps', () => {
  it('a fence is begun, its cut list follows its length, and it is taken away', async () => {
    const { user } = atGround(ferry);
    await user.click(await screen.findByRole('button', { name: '+ a fence' }));
    const { id } = pieceNow().timber[0] ?? expect.fail('no fence');
    await waitFor(() => expect(value(`timber.bays.${id}`)).toBe(2));
    const list = await screen.findByRole('table', { name: 'Cut list of fence' });
    expect(within(list).getByText('post')).toBeTruthy();
    fill(screen.getByLabelText('Long, in life'), '7200');
    await waitFor(() => expect(value(`timber.bays.${id}`)).toBe(4));
    await waitFor(() =>
      expect(within(screen.getByRole('table', { name: 'Cut list of fence' })).getByText('5')).toBeTruthy(),
    );
    await user.click(screen.getByRole('button', { name: 'take fence away' }));
    expect(pieceNow().timber).toEqual([]);
  });

  it('steps with too short a tread are told, and the tread that is offered is taken', async () => {
    const { user } = atGround(ferry);
    await user.click(await screen.findByRole('button', { name: '+ a flight of steps' }));
    const { id } = pieceNow().timber[0] ?? expect.fail('no steps');
    await waitFor(() => expect(value(`timber.risers.${id}`)).toBe(6));
    fill(screen.getByLabelText('A tread, in life'), '120');
    await waitFor(() => expect(figures.find(null, `timber.rise.${id}`)?.verdict?.level).toBe('doubtful'));
    await user.click(await screen.findByRole('button', { name: /^treads of \d+ mm in life$/ }));
    await waitFor(() => expect(figures.find(null, `timber.rise.${id}`)?.verdict?.level).toBe('good'));
    // What is asked of a fence alone is not asked of steps.
    expect(screen.queryByLabelText('Rails in a bay')).toBeNull();
  });
});

describe('a backdrop', () => {
  it('is as wide as its angle opens; the angle and the focal length are one', async () => {
    const { user } = atGround(ferry);
    await user.click(await screen.findByRole('button', { name: '+ a board behind it, for a camera' }));
    await waitFor(() => expect(value('backdrop.width')).toBeGreaterThan(800));
    fill(await screen.findByLabelText('Angle of view, across'), '90');
    // Half the picture is as wide as the lens is long.
    expect(pieceNow().backdrop?.focalMm).toBe(18);
    fill(screen.getByLabelText('More than is seen'), '0');
    await waitFor(() => expect(value('backdrop.width')).toBeCloseTo(2 * 1200, 6));
    await user.click(screen.getByRole('button', { name: 'no backdrop' }));
    expect(pieceNow().backdrop).toBeNull();
  });
});

describe('the colour of a pour', () => {
  it('is put in drops; a clear one has none', async () => {
    const { user } = atGround(ferry);
    await user.click(await screen.findByRole('button', { name: '+ a pond, a stream, a sheet of ice' }));
    const { id } = pieceNow().pours[0] ?? expect.fail('no pour');
    await user.click(await screen.findByRole('button', { name: '+ colour it' }));
    await waitFor(() => expect(value(`pour.drops.${id}`)).toBeGreaterThan(0));
    const before = value(`pour.drops.${id}`) ?? 0;
    fill(screen.getByLabelText('The bed is to be gone at'), '4');
    await waitFor(() => expect(value(`pour.drops.${id}`)).toBeCloseTo(2 * before, 6));
    await user.click(screen.getByRole('button', { name: 'pond clear' }));
    await waitFor(() => expect(value(`pour.drops.${id}`)).toBeUndefined());
  });
});

describe('openings in courses', () => {
  it('are put in under an arch, and a lintel takes its place', async () => {
    const masonry = [
      { ...DEFAULT_MASONRY, id: 'front', part: 'quay', on: 'front' },
    ] as unknown as Piece['masonry'];
    const { user } = atGround({ ...ferry, masonry });
    await user.click(await screen.findByRole('button', { name: '+ an opening under an arch or a lintel' }));
    const { id } = pieceNow().masonry[0]?.openings[0] ?? expect.fail('no opening');
    await waitFor(() => expect(value(`masonry.arch.front-${id}`)).toBe(11));
    const row = await screen.findByRole('listitem', { name: 'Opening 1' });
    await user.selectOptions(within(row).getByLabelText('Opening 1, under a'), 'lintel');
    await waitFor(() => expect(value(`masonry.arch.front-${id}`)).toBeUndefined());
    // 600 and two bearings of 150, at 1:12.
    await waitFor(() => expect(value(`masonry.lintel.front-${id}`)).toBeCloseTo(75, 6));
    await user.click(within(row).getByRole('button', { name: 'no opening 1' }));
    expect(pieceNow().masonry[0]?.openings).toEqual([]);
  });
});

describe('studs under a base', () => {
  it('let it sag, and more of them less', async () => {
    atGround(ferry);
    fill(await screen.findByLabelText('Studs under it'), '2');
    await waitFor(() => expect(value('ground.sag')).toBeGreaterThan(0));
    const two = value('ground.sag') ?? 0;
    fill(screen.getByLabelText('Studs under it'), '3');
    await waitFor(() => expect(value('ground.sag')).toBeLessThan(two / 4));
  });
});

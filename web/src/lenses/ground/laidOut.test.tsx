// @vitest-environment happy-dom
import { DEFAULT_BOARD, DEFAULT_STOOD, type Piece } from '@every-inch/core/piece';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { figures } from '../../spine/open.ts';
import { atBench, ferryOf, fill, pieceNow, withDesk } from '../../testing/bench.tsx';
import GroundLens from './GroundLens.tsx';

withDesk();

const ferry: Piece = {
  ...ferryOf('post', 'quay', 'crate'),
  ...{ stood: [], heaps: [], pours: [], covers: [], eyes: [], masonry: [], timber: [], backdrop: null },
  board: { ...DEFAULT_BOARD, outline: 'square', widthMm: 300, depthMm: 200 },
};
const stand = (id: string, part: string, xMm: number, yMm: number, group = '') => ({
  ...DEFAULT_STOOD,
  ...{ id, part: part as never, xMm, yMm, group },
});
const value = (key: string) => figures.find(null, key)?.quantity.value;
const stoodAs = (id: string) => pieceNow().stood.find((one) => one.id === id);
const atGround = (piece: Piece) => atBench(<GroundLens />, { piece, part: 'quay', stage: 'ground' });

describe('things of one group', () => {
  const grouped: Piece = {
    ...ferry,
    stood: [
      stand('post-1', 'post', 90, 0),
      stand('crate-1', 'crate', 90, 40),
      stand('quay-1', 'quay', -60, 0),
    ],
  };

  it('move and turn together, the others stay', async () => {
    const { user } = atGround(grouped);
    for (const name of ['Mooring post', 'Slatted crate']) {
      await user.type(await screen.findByLabelText(`group of ${name}`), 'landing');
      await user.tab();
    }
    expect(stoodAs('crate-1')?.group).toBe('landing');
    const post = await screen.findByRole('button', { name: /^Mooring post: drag it/ });
    fireEvent.focus(post);
    fireEvent.keyDown(post, { key: 'ArrowLeft', shiftKey: true });
    expect(stoodAs('crate-1')).toMatchObject({ xMm: 80, yMm: 40 });
    // A quarter turn of the post carries the crate from behind it to its left.
    for (let k = 0; k < 6; k += 1) fireEvent.keyDown(post, { key: 'r' });
    expect(stoodAs('crate-1')?.xMm).toBeCloseTo(40, 9);
    expect(stoodAs('crate-1')?.yMm).toBeCloseTo(0, 9);
    expect(stoodAs('crate-1')?.turnDeg).toBe(90);
    expect(stoodAs('quay-1')).toMatchObject({ xMm: -60, yMm: 0, turnDeg: 0 });
  });
});

describe('a ribbon', () => {
  it('is made of an area, as wide as it is told, with corners more and less', async () => {
    const { user } = atGround(ferry);
    await user.click(await screen.findByRole('button', { name: /^\+ earth, turf/ }));
    const { id } = pieceNow().covers[0] ?? expect.fail('no cover');
    await user.selectOptions(await screen.findByLabelText('Lies as'), 'ribbon');
    expect(pieceNow().covers[0]?.points).toHaveLength(3);
    fill(await screen.findByLabelText('Ribbon wide'), '20');
    // 100 mm from end to end, straight, 20 wide.
    const [first, , last] = pieceNow().covers[0]?.points ?? [];
    const long = (last?.xMm ?? 0) - (first?.xMm ?? 0);
    await waitFor(() => expect(value(`cover.area.${id}`)).toBeCloseTo((long * 20) / 100, 3));
    await user.click(screen.getByRole('button', { name: 'a corner more on cover' }));
    expect(pieceNow().covers[0]?.points).toHaveLength(4);
    await user.click(screen.getByRole('button', { name: 'the last corner off cover' }));
    await user.click(screen.getByRole('button', { name: 'the last corner off cover' }));
    expect(pieceNow().covers[0]?.points).toHaveLength(2);
    expect(screen.queryByRole('button', { name: 'the last corner off cover' })).toBeNull();
    await user.selectOptions(screen.getByLabelText('Lies as'), 'area');
    expect(pieceNow().covers[0]).toMatchObject({ ribbonMm: 0 });
    expect(pieceNow().covers[0]?.points).toHaveLength(4);
  });
});

describe('a rise on the plan', () => {
  it('is pulled up and down by its hand, by Page Up and by the arrows, and shows its contours', async () => {
    const { user } = atGround(ferry);
    await user.click(await screen.findByRole('button', { name: /^\+ a rise/ }));
    const { id } = pieceNow().heaps[0] ?? expect.fail('no rise');
    const high = () => pieceNow().heaps[0]?.heightMm;
    expect(high()).toBe(20);
    const edge = await screen.findByRole('button', { name: /^rise: drag it/ });
    fireEvent.keyDown(edge, { key: 'PageUp' });
    expect(high()).toBe(21);
    const handle = screen.getByRole('slider', { name: /^height of rise/ });
    fireEvent.keyDown(handle, { key: 'ArrowDown', shiftKey: true });
    expect(high()).toBe(11);
    expect(handle.getAttribute('aria-valuenow')).toBe('11');
    // It never goes under the ground.
    for (let k = 0; k < 3; k += 1) fireEvent.keyDown(handle, { key: 'PageDown', shiftKey: true });
    expect(high()).toBe(0.5);
    fireEvent.keyDown(handle, { key: 'PageUp', shiftKey: true });
    const contours = [...document.querySelectorAll('title')].filter(({ textContent }) =>
      / mm up$/.test(textContent ?? ''),
    );
    expect(contours.length).toBeGreaterThan(2);
    await waitFor(() => expect(value(`ground.rise.${id}`)).toBeGreaterThan(10));
  });
});

describe('a cover of tones', () => {
  it('is mixed from two at first, each by its parts', async () => {
    const { user } = atGround(ferry);
    await user.click(await screen.findByRole('button', { name: /^\+ earth, turf/ }));
    await user.click(await screen.findByRole('button', { name: '+ mix cover from tones' }));
    const { id, tones } = pieceNow().covers[0] ?? expect.fail('no cover');
    expect(tones.map(({ name }) => name)).toEqual(['dark', 'middle']);
    fill(await screen.findByLabelText('Parts of dark'), '3');
    const [dark, middle] = tones.map((tone) => `cover.tone.${id}-${tone.id}`);
    await waitFor(() => expect(value(dark ?? '')).toBeCloseTo(3 * (value(middle ?? '') ?? NaN), 6));
    expect((value(dark ?? '') ?? 0) + (value(middle ?? '') ?? 0)).toBeCloseTo(
      value(`cover.grams.${id}`) ?? NaN,
      6,
    );
    await user.click(screen.getByRole('button', { name: 'no dark in cover' }));
    expect(pieceNow().covers[0]?.tones.map(({ name }) => name)).toEqual(['middle']);
  });
});

describe('a base', () => {
  it('comes apart along a line: what stands across is told until the line is moved', async () => {
    const { user } = atGround({ ...ferry, stood: [stand('post-1', 'post', 0, 0)] });
    await user.click(await screen.findByRole('button', { name: '+ a line it comes apart along' }));
    await waitFor(() => expect(value('ground.modules')).toBe(2));
    await waitFor(() => expect(figures.find(null, 'ground.modules')?.verdict?.says).toMatch(/Mooring post/));
    fill(await screen.findByLabelText('Beside the middle'), '50');
    await waitFor(() => expect(figures.find(null, 'ground.modules')?.verdict?.level).toBe('good'));
    await waitFor(() => expect(value('ground.module')).toBeCloseTo(200, 6));
    await user.click(screen.getByRole('button', { name: 'no cut 1' }));
    expect(pieceNow().board?.joins).toEqual([]);
  });

  it('is a slice of a dowel at one press', async () => {
    const { user } = atGround(ferry);
    await user.click(await screen.findByRole('button', { name: 'a slice of a dowel' }));
    expect(pieceNow().board).toMatchObject({ outline: 'round', stuff: 'solid-wood', thicknessMm: 10 });
  });

  it('that is drawn grows with its width; a file that is no drawing leaves it as it was', async () => {
    const { user } = atGround(ferry);
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Base' }), 'drawn');
    fill(await screen.findByLabelText('Across, with all its corners'), '150');
    await waitFor(() => expect(value('ground.area')).toBeCloseTo(150, 6));
    const before = pieceNow().board?.points;
    const input = screen.getByLabelText('its outline from an SVG drawing');
    await user.upload(input, new File(['no drawing'], 'edge.svg', { type: 'image/svg+xml' }));
    expect((await screen.findByRole('alert')).textContent).toMatch(/edge\.svg: .*The base is as it was/);
    expect(pieceNow().board?.points).toEqual(before);
  });
});

describe('stones', () => {
  it('are laid on the base, another way at a press, and no opening is offered there', async () => {
    const { user } = atGround(ferry);
    await user.click(await screen.findByRole('button', { name: '+ cobbles, slabs or planks on the base' }));
    const { id } = pieceNow().masonry[0] ?? expect.fail('nothing laid');
    expect(pieceNow().masonry[0]).toMatchObject({ part: null, bond: 'cobbles', seed: 1 });
    await waitFor(() => expect(value(`masonry.count.${id}`)).toBeGreaterThan(100));
    await user.click(await screen.findByRole('button', { name: 'lay them another way' }));
    expect(pieceNow().masonry[0]?.seed).toBe(2);
    expect(screen.queryByRole('button', { name: /opening under an arch/ })).toBeNull();
  });
});

describe('what sticks build', () => {
  it.each(['railing', 'gate', 'rack', 'bench', 'frame', 'grid'])(
    'a %s comes with its cut list',
    async (kind) => {
      const { user } = atGround(ferry);
      await user.click(await screen.findByRole('button', { name: new RegExp(`^\\+ a ${kind}`) }));
      const { id } = pieceNow().timber[0] ?? expect.fail('nothing built');
      await waitFor(() => expect(value(`timber.pieces.${id}`)).toBeGreaterThan(3));
      const list = await screen.findByRole('table', { name: `Cut list of ${kind}` });
      const counts = within(list)
        .getAllByRole('row')
        .slice(1)
        .map((row) => Number(row.children[1]?.textContent));
      expect(counts.reduce((sum, n) => sum + n, 0)).toBe(value(`timber.pieces.${id}`));
    },
  );

  it('gaps a child’s head goes through are told, and the gap that is offered is taken', async () => {
    const { user } = atGround(ferry);
    await user.click(await screen.findByRole('button', { name: '+ a railing' }));
    const { id } = pieceNow().timber[0] ?? expect.fail('no railing');
    await waitFor(() => expect(figures.find(null, `timber.gap.${id}`)?.verdict?.level).toBe('good'));
    fill(await screen.findByLabelText('Baluster to baluster at most, in life'), '400');
    await user.click(await screen.findByRole('button', { name: /^balusters every \d+ mm in life$/ }));
    await waitFor(() => expect(figures.find(null, `timber.gap.${id}`)?.verdict?.level).toBe('good'));
  });
});

describe('the camera on the plan', () => {
  it('tells what is not in the picture until it is farther off', async () => {
    const { user } = atGround({ ...ferry, stood: [stand('post-1', 'post', 140, 0)] });
    await user.click(await screen.findByRole('button', { name: '+ a board behind it, for a camera' }));
    fill(await screen.findByLabelText('Camera to the middle, which is sharp'), '300');
    await waitFor(() => expect(value('backdrop.outside')).toBe(1));
    fill(screen.getByLabelText('Camera to the middle, which is sharp'), '900');
    await waitFor(() => expect(value('backdrop.outside')).toBe(0));
  });
});

describe('other layouts', () => {
  it('are set aside, compared, and taken by turns', async () => {
    const { user } = atGround({ ...ferry, stood: [stand('post-1', 'post', 90, 0)] });
    await user.click(await screen.findByRole('button', { name: '+ set this layout aside, and try another' }));
    fill(await screen.findByLabelText('right, mm of Mooring post'), '-20');
    fill(screen.getByLabelText('Thick'), '20');
    const table = await screen.findByRole('table', { name: 'Ways of laying it out' });
    await waitFor(() => {
      const [, now, aside] = within(table).getAllByRole('row');
      const grams = (row: HTMLElement | undefined) => Number.parseFloat(row?.children[1]?.textContent ?? '');
      expect(grams(now)).toBeGreaterThan(grams(aside) + 100);
    });
    await user.click(within(table).getByRole('button', { name: 'take it' }));
    expect(stoodAs('post-1')?.xMm).toBe(90);
    expect(pieceNow().layouts.map(({ stood }) => stood[0]?.xMm)).toEqual([-20]);
    await user.click(await within(table).findByRole('button', { name: /^no layout/ }));
    expect(pieceNow().layouts).toEqual([]);
  });
});

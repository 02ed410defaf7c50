// @vitest-environment happy-dom
import type { Piece } from '@every-inch/core/piece';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { figures } from '../../spine/open.ts';
import { atBench, ferryOf, fill, pieceNow, withDesk } from '../../testing/bench.tsx';
import GroundLens from './GroundLens.tsx';

withDesk();

const bare: Partial<Piece> = {
  ...{ board: null, stood: [], heaps: [], pours: [], covers: [], eyes: [], masonry: [] },
};
const ferry: Piece = { ...ferryOf('post', 'quay', 'crate'), ...bare };
const based: Piece = {
  ...ferry,
  board: {
    outline: 'square',
    widthMm: 300,
    depthMm: 200,
    sides: 6,
    points: [],
    stuff: 'ply',
    thicknessMm: 12,
    studs: 0,
    joins: [],
  },
  stood: [
    {
      id: 'post-1',
      part: ferry.parts[0]?.id as never,
      xMm: 90,
      yMm: -40,
      turnDeg: 0,
      foliage: 'none',
      group: '',
    },
    { id: 'quay-1', part: 'quay' as never, xMm: -40, yMm: 40, turnDeg: 0, foliage: 'none', group: '' },
  ],
};
const value = (key: string) => figures.find(null, key)?.quantity.value;
const stoodAs = (id: string) => pieceNow().stood.find((one) => one.id === id);
const atGround = (piece: Piece, part = 'quay') => atBench(<GroundLens />, { piece, part, stage: 'ground' });

describe('a ground that is begun', () => {
  it('puts it on a base as large as it wants, then everything on the base with room about it', async () => {
    const { user } = atGround(ferry);
    const put = await screen.findByRole<HTMLButtonElement>('button', { name: 'Put it on a base' });
    await waitFor(() => expect(put.disabled).toBe(false));
    await user.click(put);
    await waitFor(() => expect(pieceNow().board).toMatchObject({ outline: 'round', stuff: 'ply' }));
    await user.click(await screen.findByRole('button', { name: /^all 3$/ }));
    await waitFor(() => expect(pieceNow().stood).toHaveLength(3));
    await waitFor(() => expect(value('ground.closest')).toBeGreaterThanOrEqual(5));
    expect(value('ground.over')).toBe(0);
    expect(screen.queryByText('Not on the base:')).toBeNull();
  });

  it('says what finds no place, and keeps everything as it was', async () => {
    const small: Piece = {
      ...based,
      board: { ...(based.board as NonNullable<Piece['board']>), widthMm: 30, depthMm: 30 },
      stood: [],
    };
    const { user } = atGround(small);
    await user.click(await screen.findByRole('button', { name: /^\+ Brick quay/ }));
    expect(pieceNow().stood).toEqual([]);
  });
});

describe('the plan', () => {
  it('moves what is picked by the arrow keys, turns it, takes it off', async () => {
    atGround(based);
    const post = await screen.findByRole('button', { name: /^Mooring post: drag it/ });
    fireEvent.focus(post);
    fireEvent.keyDown(post, { key: 'ArrowRight' });
    fireEvent.keyDown(post, { key: 'ArrowDown', shiftKey: true });
    fireEvent.keyDown(post, { key: 'r' });
    expect(stoodAs('post-1')).toMatchObject({ xMm: 91, yMm: -50, turnDeg: 15 });
    fireEvent.keyDown(post, { key: 'R', shiftKey: true });
    expect(stoodAs('post-1')?.turnDeg).toBe(0);
    fireEvent.keyDown(post, { key: 'Backspace' });
    expect(stoodAs('post-1')).toBeUndefined();
  });

  it('says what is picked, how near the next one is, and what bears it', async () => {
    const onQuay: Piece = {
      ...based,
      stood: [
        ...based.stood,
        { id: 'crate-1', part: 'crate' as never, xMm: -40, yMm: 40, turnDeg: 0, foliage: 'none', group: '' },
      ],
    };
    const { user } = atGround(onQuay);
    const table = await screen.findByRole('table', { name: 'What stands on the base' });
    await user.click(within(table).getByRole('button', { name: 'Slatted crate' }));
    await waitFor(() => expect(screen.getByText(/on Brick quay/)).toBeTruthy());
    await user.click(within(table).getByRole('button', { name: 'Mooring post' }));
    await waitFor(() => expect(screen.getByText(/mm from Brick quay/)).toBeTruthy());
  });

  it('follows a place that is typed: over the edge is told', async () => {
    atGround(based);
    fill(await screen.findByLabelText('right, mm of Mooring post'), '149');
    await waitFor(() => expect(value('ground.over')).toBeGreaterThan(5));
    expect(figures.find(null, 'ground.over')?.verdict?.level).toBe('stop');
  });
});

describe('a pour', () => {
  it('follows its level and its stuff, and a corner is moved by the arrows', async () => {
    const { user } = atGround(based);
    await user.click(await screen.findByRole('button', { name: '+ a pond, a stream, a sheet of ice' }));
    const { id } = pieceNow().pours[0] ?? expect.fail('no pour');
    await waitFor(() => expect(value(`pour.volume.${id}`)).toBeGreaterThan(1));
    const before = value(`pour.volume.${id}`) ?? 0;
    fill(await screen.findByLabelText('Level under the rim'), '4');
    await waitFor(() => expect(value(`pour.volume.${id}`)).toBeLessThan(0.75 * before));
    const corner = await screen.findByRole('button', { name: 'corner 1 of pond' });
    const [first] = pieceNow().pours[0]?.points ?? [];
    fireEvent.keyDown(corner, { key: 'ArrowRight', shiftKey: true });
    expect(pieceNow().pours[0]?.points[0]?.xMm).toBe((first?.xMm ?? 0) + 10);
    await user.click(screen.getByRole('button', { name: 'take pond away' }));
    expect(pieceNow().pours).toEqual([]);
  });
});

describe('a rise', () => {
  it('of plaster dries, of foam is built in layers', async () => {
    const { user } = atGround(based);
    await user.click(await screen.findByRole('button', { name: '+ a rise, a bank, a wall of ground' }));
    const { id } = pieceNow().heaps[0] ?? expect.fail('no rise');
    await waitFor(() => expect(value(`ground.rise-sheets.${id}`)).toBe(2));
    await user.selectOptions(await screen.findByLabelText('Built of'), 'plaster');
    await waitFor(() => expect(value(`ground.rise-sheets.${id}`)).toBeUndefined());
    await waitFor(() => expect(value(`ground.rise-days.${id}`)).toBeGreaterThan(1));
  });
});

describe('courses on a face', () => {
  it('begin on the first face of the chosen part; planks come with their own size, bricks keep theirs', async () => {
    const { user } = atGround(based);
    await user.click(
      await screen.findByRole('button', { name: '+ bricks, stones, planks or tiles on Brick quay' }),
    );
    const { id } = pieceNow().masonry[0] ?? expect.fail('no masonry');
    expect(pieceNow().masonry[0]).toMatchObject({ part: 'quay', on: 'front', bond: 'stretcher' });
    await waitFor(() => expect(value(`masonry.count.${id}`)).toBeGreaterThan(100));
    fill(await screen.findByLabelText('High, in life'), '60');
    await user.selectOptions(screen.getByLabelText('Laid in'), 'Flemish bond');
    expect(pieceNow().masonry[0]).toMatchObject({ bond: 'flemish', unitHeightMm: 60 });
    await user.selectOptions(screen.getByLabelText('Laid in'), 'planks');
    expect(pieceNow().masonry[0]).toMatchObject({ bond: 'planks', unitLengthMm: 2400, unitHeightMm: 145 });
  });

  it('a part without a flat face says what has one', async () => {
    atGround(based, 'post');
    expect(await screen.findByText(/Mooring post has no flat face/)).toBeTruthy();
  });
});

describe('cover and foliage', () => {
  const planted: Piece = {
    ...ferryOf('willow', 'quay'),
    ...bare,
    board: based.board,
    stood: [
      { id: 'near', part: 'willow' as never, xMm: -70, yMm: -20, turnDeg: 0, foliage: 'none', group: '' },
      { id: 'quay-1', part: 'quay' as never, xMm: 50, yMm: 0, turnDeg: 0, foliage: 'none', group: '' },
      { id: 'far', part: 'willow' as never, xMm: 50, yMm: 80, turnDeg: 0, foliage: 'none', group: '' },
    ],
    eyes: [{ id: 'front', name: 'the front', fromDeg: 0, heightMm: 1, awayMm: 900 }],
  };

  it('lies where nothing stands, and takes more the deeper it is', async () => {
    const { user } = atGround(based);
    await user.click(
      await screen.findByRole('button', { name: '+ earth, turf, stones, snow; a path, a bed, a hedge' }),
    );
    const { id } = pieceNow().covers[0] ?? expect.fail('no cover');
    await waitFor(() => expect(value(`cover.grams.${id}`)).toBeGreaterThan(0));
    const before = value(`cover.grams.${id}`) ?? 0;
    fill(await screen.findByLabelText('Deep'), '4');
    await waitFor(() => expect(value(`cover.grams.${id}`)).toBeCloseTo(2 * before, 6));
    await user.click(screen.getByRole('button', { name: 'take cover away' }));
    expect(pieceNow().covers).toEqual([]);
  });

  it('is proposed good where it is seen and quick behind, within the hours; taken in one step', async () => {
    const { user } = atGround(planted);
    const take = await screen.findByRole('button', { name: 'Take it' });
    // One of the two is worth doing well, no more.
    fill(screen.getByLabelText('Within'), '0.8');
    await user.click(take);
    await waitFor(() => expect(stoodAs('near')?.foliage).toBe('twig'));
    expect(stoodAs('far')?.foliage).toBe('moss');
    expect(stoodAs('quay-1')?.foliage).toBe('none');
    await waitFor(() => expect(value('foliage.all')).toBeLessThanOrEqual(0.8));
    fill(screen.getByLabelText('Within'), '12');
    await user.click(screen.getByRole('button', { name: 'Take it' }));
    await waitFor(() => expect(stoodAs('far')?.foliage).toBe('twig'));
    await user.selectOptions(
      screen.getAllByLabelText('Foliage of Bank-side willow')[0] as HTMLElement,
      'bare',
    );
    expect(stoodAs('near')?.foliage).toBe('none');
  });
});

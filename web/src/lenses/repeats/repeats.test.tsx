// @vitest-environment happy-dom
import { tollFrogs } from '@every-inch/core/demo';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { MixClocks } from '../../shell/MixClocks.tsx';
import { figures } from '../../spine/open.ts';
import { store } from '../../state/store.ts';
import { workshopChanged } from '../../state/workshopSlice.ts';
import { atBench, ferryOf, fill, NOW, pieceNow, withDesk } from '../../testing/bench.tsx';
import { PartForm } from '../size/PartForm.tsx';
import RepeatsLens from './RepeatsLens.tsx';

withDesk();

const ferry = ferryOf('mug', 'quay', 'stitch');
const frogs = tollFrogs(NOW);
const hut = {
  ...frogs,
  parts: frogs.parts.filter(({ id }) => ['hut', 'shingle'].includes(id)),
  fits: [],
  log: [],
};
const of = (part: string, key: string) => figures.find(part, key)?.quantity.value;
const ruleOf = (id: string) => pieceNow().parts.find((part) => part.id === id)?.repeat;
const region = (name: string | RegExp) => screen.findByRole('region', { name });

describe('a set at its stage', () => {
  it('follows its rule: half of the roof takes half of the rows, and no spares none', async () => {
    atBench(<RepeatsLens />, { piece: hut, part: 'shingle', stage: 'repeats' });
    await waitFor(() => expect(of('shingle', 'repeats.needed')).toBeGreaterThan(150));
    const whole = of('shingle', 'repeats.needed') ?? 0;
    fill(await screen.findByLabelText('Only so much of it'), '50');
    await waitFor(() => expect(of('shingle', 'repeats.needed')).toBeLessThan(0.6 * whole));
    fill(screen.getByLabelText('To spare'), '0');
    await waitFor(() => expect(of('shingle', 'repeats.make')).toBe(of('shingle', 'repeats.needed')));
    expect(ruleOf('shingle')).toMatchObject({ sharePct: 50, sparePct: 0 });
    fill(screen.getByLabelText('To spare'), '');
    expect(ruleOf('shingle')?.sparePct).toBeNull();
  });

  it('told by number it needs no place; along a line it asks for one', async () => {
    const { user } = atBench(<RepeatsLens />, { piece: hut, part: 'shingle', stage: 'repeats' });
    const kind = await screen.findByLabelText('The number is');
    await user.selectOptions(kind, 'told');
    fill(await screen.findByLabelText('How many'), '40');
    expect(screen.queryByLabelText('Over')).toBeNull();
    await user.selectOptions(kind, 'in a row along a line');
    const along = await screen.findByLabelText('Along');
    await waitFor(() =>
      expect(within(along).getByRole('option', { name: 'top of the front wall' })).toBeTruthy(),
    );
    await user.selectOptions(along, 'top of the front wall');
    expect(ruleOf('shingle')).toMatchObject({ kind: 'along', on: 'front-wall.top' });
    await waitFor(() => expect(of('shingle', 'repeats.length')).toBeGreaterThan(30));
  });

  it('its count stands everywhere, and is not typed over at Size', async () => {
    const shingle = hut.parts.find(({ id }) => id === 'shingle');
    if (!shingle) throw new Error('no shingles');
    atBench(<PartForm part={shingle} />, { piece: hut, part: 'shingle', stage: 'size' });
    const field = await screen.findByLabelText<HTMLInputElement>('How many, by its rule at Repeats');
    await waitFor(() => expect(field.value).toBe(String(of('shingle', 'repeats.make'))));
    expect(field.disabled).toBe(true);
  });

  it('is begun on a part from what is usually made many of, and taken back to a plain count', async () => {
    const { user } = atBench(<RepeatsLens />, { piece: hut, part: 'hut', stage: 'repeats' });
    await user.click(await screen.findByRole('button', { name: '+ Rivets' }));
    await waitFor(() => expect(pieceNow().parts.map(({ name }) => name)).toContain('Rivets'));
    const rivets = pieceNow().parts.find(({ name }) => name === 'Rivets');
    expect(rivets).toMatchObject({ parent: 'hut', repeat: { kind: 'along', on: 'front-wall.foot' } });
    await waitFor(() => expect(of(rivets?.id ?? '', 'repeats.make')).toBeGreaterThan(5));
    const made = of(rivets?.id ?? '', 'repeats.make');
    await user.click(await screen.findByRole('button', { name: 'count Rivets by hand again' }));
    expect(pieceNow().parts.find(({ id }) => id === rivets?.id)).toMatchObject({ repeat: null, count: made });
    await user.click(await screen.findByRole('button', { name: 'Make many of Rivets itself' }));
    expect(ruleOf(rivets?.id ?? '')).toMatchObject({ kind: 'counted', n: made });
  });

  it('one that was picked in the drawing is moved by the arrows, and put back', async () => {
    const { user } = atBench(<RepeatsLens />, { piece: ferry, part: 'stitch', stage: 'repeats' });
    const drawing = await screen.findByRole('img', { name: 'Rope stitches in their place' });
    const one = drawing.querySelectorAll('path.cursor-pointer')[2];
    if (!one) throw new Error('nothing to pick');
    await user.click(one);
    expect(screen.getByText('number 3: arrows move it')).toBeTruthy();
    const group = screen.getByRole('group', { name: 'Set in its place' });
    for (const key of ['ArrowRight', 'ArrowRight', 'ArrowUp']) fireEvent.keyDown(group, { key });
    expect(ruleOf('stitch')?.nudged).toEqual([{ place: 2, alongMm: 1, upMm: 0.5 }]);
    await user.click(screen.getByRole('button', { name: 'all back where the rule puts them' }));
    expect(ruleOf('stitch')?.nudged).toEqual([]);
  });
});

describe('the tally', () => {
  it('counts by presses and by figures typed in, and goes into the log', async () => {
    const { user } = atBench(<RepeatsLens />, { piece: ferry, part: 'stitch', stage: 'repeats' });
    const more = await screen.findByRole('button', { name: /^One more of Rope stitches/ });
    await user.click(more);
    await user.click(more);
    await user.click(screen.getByRole('button', { name: 'made, no good' }));
    expect(ruleOf('stitch')?.tally).toMatchObject({ made: 3, good: 2 });
    await user.click(screen.getByRole('button', { name: 'one less' }));
    expect(ruleOf('stitch')?.tally).toMatchObject({ made: 2, good: 1 });
    fill(screen.getByLabelText('good'), '2');
    fill(screen.getByLabelText('at it'), '4');
    // Two in four minutes: as many as are left at two minutes each.
    await waitFor(() =>
      expect(of('stitch', 'repeats.left')).toBeCloseTo(2 * ((of('stitch', 'repeats.make') ?? 0) - 2), 6),
    );
    await waitFor(() => expect(more.textContent).toMatch(/\d\d+ min to go at your rate/));
    await user.click(screen.getByRole('button', { name: 'Write it into the log' }));
    expect(pieceNow().log.at(-1)).toMatchObject({
      kind: 'note',
      part: 'stitch',
      note: expect.stringMatching(/^2 of \d+ Rope stitches made in 4 min/),
    });
  });
});

describe('which way', () => {
  it('the chosen way is kept, its minutes are the set’s, and what cannot be says why', async () => {
    const { user } = atBench(<RepeatsLens />, { piece: ferry, part: 'mug', stage: 'repeats' });
    const ways = await region('Which way');
    const row = (name: RegExp) => within(ways).getByRole('radio', { name });
    expect(
      (await within(ways).findByRole('radio', { name: /in two halves/ })) as HTMLInputElement,
    ).toHaveProperty('checked', true);
    expect(row(/with a cutter/)).toHaveProperty('disabled', true);
    expect(within(ways).getAllByText(/only what is flat can be cut/).length).toBeGreaterThan(0);
    const before = of('mug', 'repeats.minutes');
    await user.click(row(/pressed in an open mould/));
    expect(ruleOf('mug')?.way).toBe('press');
    await waitFor(() => expect(of('mug', 'repeats.minutes')).not.toBe(before));
  });
});

describe('a mould and its clock', () => {
  it('two equal portions, the way it pulls, and what lets it go', async () => {
    const { user } = atBench(<RepeatsLens />, { piece: ferry, part: 'mug', stage: 'repeats' });
    const mould = await region('Mould');
    expect(await within(mould).findByText(/Two equal portions/)).toBeTruthy();
    const wall = of('mug', 'mould.stuff') ?? 0;
    fill(within(mould).getByLabelText('wall'), '10');
    await waitFor(() => expect(of('mug', 'mould.stuff')).toBeGreaterThan(2 * wall));
    await user.selectOptions(within(mould).getByLabelText('casts of'), 'putty');
    expect(await within(mould).findByText(/putty bonds to putty/)).toBeTruthy();
    expect(await within(mould).findByText('As it lies:', {}, { timeout: 30_000 })).toBeTruthy();
    await user.click(within(mould).getByRole('button', { name: 'No mould of Enamel mug' }));
    expect(pieceNow().parts.find(({ id }) => id === 'mug')?.mould).toBeNull();
    await user.click(await screen.findByRole('button', { name: '+ A mould of Enamel mug' }));
    expect(pieceNow().parts.find(({ id }) => id === 'mug')?.mould).toMatchObject({ kind: 'press', runs: 6 });
  }, 60_000);

  it('asks for what is not laid ready, starts all the same, and its clock can be put away', async () => {
    const { user } = atBench(
      <>
        <MixClocks />
        <RepeatsLens />
      </>,
      { piece: ferry, part: 'mug', stage: 'repeats' },
    );
    const mould = await region('Mould');
    const start = await within(mould).findByRole('button', { name: 'Mixed now: start the clock' });
    await user.click(within(mould).getByLabelText('gloves on, hands and tools clean'));
    await user.click(start);
    expect(within(mould).getByRole('alert').textContent).toMatch(/Not ticked yet: master clean/);
    expect(store.getState().workshop.mixes).toEqual([]);
    await user.click(within(mould).getByRole('button', { name: 'Mix it all the same' }));
    expect(store.getState().workshop.mixes).toMatchObject([
      { what: 'Enamel mug mould', placesMin: 3, setsMin: 25 },
    ]);
    const clocks = screen.getByRole('list', { name: 'Clocks of mixes' });
    expect(within(clocks).getByRole('link').textContent).toMatch(/Enamel mug mould work it 2:5\d|3:00/);
    await user.click(within(clocks).getByRole('button', { name: /^Put the clock/ }));
    expect(store.getState().workshop.mixes).toEqual([]);
  }, 60_000);

  it('a clock goes on by the time of day: it sets after three minutes, and has set after twenty-five', () => {
    const at = (minutes: number) => new Date(Date.now() - minutes * 60_000).toISOString();
    const mix = { pieceId: ferry.id, kind: 'mix' as const, placesMin: 3, setsMin: 25, speed: 1 };
    store.dispatch(
      workshopChanged({
        mixes: [
          { ...mix, id: 'a', what: 'First', startedAt: at(1) },
          { ...mix, id: 'b', what: 'Second', startedAt: at(10) },
          { ...mix, id: 'c', what: 'Third', startedAt: at(30) },
        ],
      }),
    );
    atBench(<MixClocks />, { piece: ferry });
    expect(screen.getAllByRole('link').map(({ textContent }) => textContent?.replace(/[\d:]+$/, ''))).toEqual(
      ['First work it ', 'Second let it set ', 'Third set '],
    );
    store.dispatch(workshopChanged({ mixes: [] }));
  });
});

describe('even spacing', () => {
  it('an example is divided, every mark with its distance; what cannot be says why', async () => {
    const { user } = atBench(<RepeatsLens />, { piece: ferry, part: 'mug', stage: 'repeats' });
    const spacing = await region('Even spacing');
    await user.click(within(spacing).getByRole('button', { name: 'compass rose' }));
    const marks = within(spacing).getByRole('table', { name: 'Marks' });
    expect(within(marks).getAllByRole('row')).toHaveLength(33);
    expect(within(marks).getByText('22.5°')).toBeTruthy();
    fill(within(spacing).getByLabelText('into how many'), '4');
    expect(within(marks).getAllByRole('row')).toHaveLength(5);
    // Chords of four marks on 40 mm: 40 ÷ √2.
    expect(within(marks).getAllByText('28.3')).toHaveLength(4);
    await user.click(within(spacing).getByRole('button', { name: 'stitches' }));
    fill(within(spacing).getByLabelText('free at both ends'), '50');
    expect(within(spacing).getByRole('alert').textContent).toMatch(/leave nothing/);
  });
});

// @vitest-environment happy-dom
import { setAt } from '@every-inch/core/piece';
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { figures } from '../../spine/open.ts';
import { undone } from '../../state/documentSlice.ts';
import { store } from '../../state/store.ts';
import { workshopChanged } from '../../state/workshopSlice.ts';
import { atBench, button, choose, ferryOf, fill, pieceNow, press, withDesk } from '../../testing/bench.tsx';
import { Days } from './days/Days.tsx';
import { dayScale } from './days/dayScale.ts';
import { Hours } from './days/Hours.tsx';
import { Orders } from './days/Orders.tsx';
import { Now } from './now/Now.tsx';

withDesk();
afterEach(() => void store.dispatch(workshopChanged({ sitting: null, mixes: [] })));

/** A goose and a post, due in two days with an hour a day: too late by far. */
const LATE = {
  ...ferryOf('goose', 'post'),
  brief: { ...ferryOf('goose').brief, due: '2026-05-03', hoursPerDay: 1 },
  zones: [],
};
const waitForDays = () => screen.findByRole('group', { name: 'Days' }, { timeout: 60_000 });
const done = () => figures.find(null, 'schedule.done')?.quantity.value ?? 0;

describe('the days', () => {
  it('say how sure the day is, how much too late, and what holds up all the rest', async () => {
    atBench(<Days />, { piece: LATE, stage: 'bench' });
    await waitForDays();
    expect(await screen.findByText(/nine times in ten/, {}, { timeout: 60_000 })).toBeTruthy();
    expect(screen.getByText(/at the bench too late/)).toBeTruthy();
    const boxes = screen.getAllByRole('button', { name: /holds up all the rest/ });
    expect(boxes.length).toBeGreaterThan(2);
    fireEvent.keyDown(boxes[0] as HTMLElement, { key: 'Enter' });
    expect(await screen.findByRole('button', { name: 'a day later' })).toBeTruthy();
  });

  it('a step moved a day later takes all behind it along, and is let go again at one press', async () => {
    const { user } = atBench(<Days />, { piece: LATE, stage: 'bench' });
    const days = await waitForDays();
    const before = done();
    const [first] = within(days).getAllByRole('button');
    fireEvent.keyDown(first as HTMLElement, { key: 'ArrowRight', altKey: true });
    expect(pieceNow().bench.pinned).toHaveLength(1);
    await waitFor(() => expect(done()).toBeGreaterThan(before), { timeout: 60_000 });
    await user.click(await screen.findByRole('button', { name: 'Let all of them come when they can' }));
    expect(pieceNow().bench.pinned).toEqual([]);
    await waitFor(() => expect(done()).toBeCloseTo(before, 6), { timeout: 60_000 });
  });

  it('what is let go is one press, is written down as a decision, and undo takes it back', async () => {
    const { user } = atBench(<Days />, { piece: LATE, stage: 'bench' });
    await waitForDays();
    const before = done();
    const list = await screen.findByRole('region', { name: 'To let go' }, { timeout: 60_000 });
    await user.click(within(list).getByRole('button', { name: /^1 h more at the bench a day/ }));
    expect(pieceNow().brief.hoursPerDay).toBe(2);
    expect(pieceNow().decisions[0]).toMatchObject({
      question: expect.stringMatching(/^1 h more/),
      before: 'hand-over',
    });
    await waitFor(() => expect(done()).toBeLessThan(before), { timeout: 60_000 });
    act(() => void store.dispatch(undone()));
    expect(pieceNow().brief.hoursPerDay).toBe(1);
    expect(pieceNow().decisions).toEqual([]);
  });

  it('without any hours it is said, with what to do', async () => {
    atBench(<Days />, { piece: setAt(LATE, ['brief', 'hoursPerDay'], 0), stage: 'bench' });
    expect((await screen.findByRole('alert', {}, { timeout: 60_000 })).textContent).toMatch(
      /give some day of the week hours/,
    );
  });
});

describe('the scale of the days', () => {
  const bench = [
    { from: 18 * 60, to: 20 * 60 },
    { from: 1440 + 18 * 60, to: 1440 + 20 * 60 },
  ];

  it('gives the hours at the bench most of a day, and reads a place back as the moment it stands for', () => {
    const scale = dayScale(10 * 60, 2 * 1440 - 1, bench, 400);
    expect(scale.days).toHaveLength(2);
    expect(scale.x(20 * 60) - scale.x(18 * 60)).toBeCloseTo(0.8 * 200, 6);
    for (const at of [0, 600, 1085, 1300, 1440, 2700]) expect(scale.at(scale.x(at))).toBeCloseTo(at, 6);
    let last = -1;
    for (let at = 0; at < 2880; at += 60) {
      expect(scale.x(at)).toBeGreaterThanOrEqual(last);
      last = scale.x(at);
    }
  });
});

describe('hours', () => {
  it('of a day of the week go before those of any day; emptied they are as on any other', async () => {
    const { user } = atBench(<Hours />, { piece: LATE, stage: 'bench' });
    await user.click(button('Hours'));
    fill(screen.getByLabelText('Sat'), '6');
    expect(pieceNow().bench.week).toEqual([{ day: 'sat', hours: 6 }]);
    fill(screen.getByLabelText('Ovens'), '2');
    fill(screen.getByLabelText('Pairs of hands'), '2');
    expect(pieceNow().bench).toMatchObject({ ovens: 2, hands: 2 });
    fill(screen.getByLabelText('Sat'), '');
    expect(pieceNow().bench.week).toEqual([]);
  });

  it('busy hours come in from a calendar; what is none says so and changes nothing', async () => {
    const { user } = atBench(<Hours />, { piece: LATE, stage: 'bench' });
    await user.click(button('Hours'));
    const bring = (text: string) =>
      user.upload(
        screen.getByLabelText('Calendar with busy hours'),
        new File([text], 'busy.ics', { type: 'text/calendar' }),
      );
    await bring('not one');
    await new Promise((resolve) => setTimeout(resolve, 200));
    expect(pieceNow().bench.busy).toEqual([]);
    const year = new Date().getFullYear() + 1;
    // A year from now is too far: the day after tomorrow is not.
    const soon = new Date(Date.now() + 2 * 86_400_000).toISOString().slice(0, 10).replace(/-/g, '');
    const event = (day: string) =>
      `BEGIN:VEVENT\r\nUID:${day}@x\r\nDTSTART:${day}T190000Z\r\nDTEND:${day}T200000Z\r\nSUMMARY:choir\r\nEND:VEVENT\r\n`;
    await bring(
      `BEGIN:VCALENDAR\r\nVERSION:2.0\r\n${event(soon)}${event(`${year + 2}0101`)}END:VCALENDAR\r\n`,
    );
    await waitFor(() => expect(pieceNow().bench.busy).toHaveLength(1));
    expect(pieceNow().bench.busy[0]).toMatchObject({ says: 'choir' });
    await user.click(await screen.findByRole('button', { name: 'forget them' }));
    expect(pieceNow().bench.busy).toEqual([]);
  });
});

describe('what is to be ordered', () => {
  it('tells by which day, is ordered, and comes', async () => {
    const { user } = atBench(<Orders />, { piece: LATE, stage: 'bench' });
    await user.click(button('To order'));
    press('+ Something that is not here yet');
    expect(pieceNow().bench.orders).toHaveLength(1);
    const row = await screen.findByLabelText('something to order is for');
    await waitFor(() => expect(within(row).getAllByRole('option').length).toBeGreaterThan(3), {
      timeout: 60_000,
    });
    const step = within(row).getAllByRole('option')[2] as HTMLOptionElement;
    choose(row, step.textContent ?? '');
    expect(await screen.findByText(/^order by /, {}, { timeout: 60_000 })).toBeTruthy();
    press('ordered today');
    expect(await screen.findByText(/^here /, {}, { timeout: 60_000 })).toBeTruthy();
    press('it came');
    expect(pieceNow().bench.orders[0]?.came).toMatch(/^\d{4}-\d{2}-\d{2}$/);
  });
});

describe('now', () => {
  it('is the step that can be begun; done, it is ticked and the next one comes', async () => {
    atBench(<Now />, { piece: LATE, stage: 'bench' });
    const first = await screen.findByRole('heading', { level: 4 }, { timeout: 60_000 });
    const title = first.textContent;
    press('Done');
    const ticked = pieceNow().route?.steps.filter((step) => step.done !== null) ?? [];
    expect(ticked.map((step) => step.title)).toEqual([title]);
    await waitFor(() => expect(screen.getByRole('heading', { level: 4 }).textContent).not.toBe(title));
  });

  it('what it took goes to the log, and what went wrong too', async () => {
    atBench(<Now />, { piece: LATE, stage: 'bench' });
    await screen.findByRole('heading', { level: 4 }, { timeout: 60_000 });
    press('Begin');
    const { sitting } = store.getState().workshop;
    expect(sitting?.pieceId).toBe(LATE.id);
    // It was begun twelve minutes ago, as the clock of a page that was closed meanwhile has it.
    act(() => {
      if (sitting)
        store.dispatch(
          workshopChanged({
            sitting: { ...sitting, startedAt: new Date(Date.now() - 12 * 60_000).toISOString() },
          }),
        );
    });
    press('Went wrong');
    const [wrong] = pieceNow().log.slice(-1);
    expect(wrong).toMatchObject({ kind: 'step', step: { outcome: 'wrong' } });
    expect(wrong?.step?.tookMin).toBeCloseTo(12, 0);
    expect(pieceNow().route?.steps.some((step) => step.done !== null) ?? false).toBe(false);
    expect(store.getState().workshop.sitting).toBeNull();
  });

  it('fifteen minutes and clean hands leave what fits, and over all of the screen it goes by keys', async () => {
    atBench(<Now />, { piece: LATE, stage: 'bench' });
    await screen.findByRole('heading', { level: 4 }, { timeout: 60_000 });
    choose(screen.getByLabelText('Hands now'), 'hands clean');
    const title = screen.getByRole('heading', { level: 4 }).textContent ?? '';
    expect(title).toMatch(/wire/);
    fireEvent.keyDown(document.body, { key: 'b' });
    const mode = await screen.findByRole('dialog', { name: 'Now, at the bench' });
    expect(within(mode).getByRole('heading', { level: 3 }).textContent).toBe(title);
    expect(store.getState().workshop.sitting).not.toBeNull();
    fireEvent.keyDown(within(mode).getByRole('heading', { level: 3 }), { key: 'm' });
    const minutes = pieceNow().route?.steps.find((step) => step.title === title)?.handsMin ?? 0;
    expect(minutes).toBeGreaterThanOrEqual(10);
    fireEvent.keyDown(within(mode).getByRole('heading', { level: 3 }), { key: 'PageDown' });
    expect(pieceNow().route?.steps.find((step) => step.title === title)?.done).not.toBeNull();
  });
});

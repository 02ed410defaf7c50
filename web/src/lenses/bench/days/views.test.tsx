// @vitest-environment happy-dom
import type { PlannedStep, ScheduleFacts } from '@every-inch/core/schedule';
import { cleanup, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Chain } from './Chain.tsx';
import { chainGraph, runsOf } from './chainGraph.ts';
import { Month, weeksOf } from './Month.tsx';

afterEach(cleanup);

const at = (iso: string) => Date.parse(`2026-05-${iso}:00Z`) / 60_000;

function step(id: string, from: string, to: string, over: Partial<PlannedStep> = {}): PlannedStep {
  return {
    id,
    title: id,
    start: at(from),
    handsEnd: at(to),
    waitFrom: at(to),
    done: at(to),
    handsMin: at(to) - at(from),
    sittings: [{ from: at(from), to: at(to) }],
    latest: at(from),
    heldBy: 'hands',
    holds: 'nothing',
    hand: 0,
    isReady: false,
    sprays: false,
    after: [],
    ...over,
  };
}

const STEPS = [
  step('wire', '01T18:00', '01T19:00', { heldBy: 'now' }),
  step('clay', '01T19:00', '01T20:00'),
  step('pot', '01T20:00', '01T20:10', { heldBy: null, latest: at('03T20:00') }),
  step('bake', '02T18:00', '02T18:10', { done: at('02T19:00'), heldBy: 'order', after: ['clay', 'pot'] }),
  step('paint', '02T19:00', '02T20:00', { heldBy: 'order', after: ['bake'] }),
];
const FACTS: ScheduleFacts = {
  steps: STEPS,
  now: at('01T09:00'),
  end: at('02T20:00'),
  due: at('10T18:00'),
  lateMin: -600,
  bench: [],
  isAbout: false,
  says: null,
};

describe('the month', () => {
  it('has whole weeks from today’s to the one it is due in, Monday first', () => {
    const weeks = weeksOf(FACTS);
    // 1 May 2026 is a Friday, the 10th a Sunday.
    expect(weeks.map((week) => week.map((day) => day.at.getDate()))).toEqual([
      [27, 28, 29, 30, 1, 2, 3],
      [4, 5, 6, 7, 8, 9, 10],
    ]);
    const friday = weeks[0]?.[4];
    expect(friday?.steps.map(({ id }) => id)).toEqual(['wire', 'clay', 'pot']);
    expect(friday?.handsMin).toBeCloseTo(130, 9);
    expect(weeks[0]?.[5]?.waits).toBe(1);
  });

  it('shows what is worked on, when it is due and all done, and a press chooses a step', async () => {
    const onSelect = vi.fn();
    render(<Month facts={FACTS} onSelect={onSelect} />);
    const table = screen.getByRole('table', { name: 'Weeks' });
    const cellOf = (text: string) => within(table).getByText(text).closest('td') ?? expect.fail('no day');
    expect(cellOf('due').textContent).toMatch(/^10/);
    expect(cellOf('all done').textContent).toMatch(/^2/);
    await userEvent.click(within(table).getByRole('button', { name: 'clay' }));
    expect(onSelect).toHaveBeenCalledWith('clay');
  });
});

describe('the chain', () => {
  it('takes what hands do one after the other as one, and what is waited for by itself', () => {
    expect(runsOf(STEPS).map((run) => run.map(({ id }) => id))).toEqual([
      ['wire', 'clay'],
      ['bake'],
      ['paint'],
    ]);
  });

  it('goes from above down, with what leads into it beside', () => {
    const { nodes, edges } = chainGraph(STEPS);
    const y = Object.fromEntries(nodes.map((node) => [node.steps[0].id, node.y]));
    expect((y.wire ?? 0) < (y.bake ?? 0) && (y.bake ?? 0) < (y.paint ?? 0)).toBe(true);
    expect(edges.map(({ from, to, isChain }) => [from, to, isChain])).toEqual([
      ['wire', 'bake', true],
      ['pot', 'bake', false],
      ['bake', 'paint', true],
    ]);
  });

  it('says what each is held by, or what there is to spare', async () => {
    const onSelect = vi.fn();
    render(<Chain facts={FACTS} selected={null} onSelect={onSelect} />);
    expect(screen.getByRole('button', { name: /2 steps at the bench: wire … clay/ }).textContent).toMatch(
      /2\.0 h at the bench/,
    );
    expect(screen.getByRole('button', { name: /^bake/ }).textContent).toMatch(/50 min waiting/);
    expect(screen.getByRole('button', { name: /^pot/ }).textContent).toMatch(/2 days to spare/);
    await userEvent.click(screen.getByRole('button', { name: /^bake/ }));
    expect(onSelect).toHaveBeenCalledWith('bake');
  });
});

// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { choose, fill } from '../testing/bench.tsx';
import { CutStickCalculator } from './CutStickCalculator.tsx';

afterEach(cleanup);

const says = () => screen.getByRole('status').textContent;

describe('cut a stick', () => {
  it('a side of a frame, a leaning stick of 3, 4, 5, and one that does not go in', () => {
    render(<CutStickCalculator />);
    // 60 mm inside, 4 mm thick, 45° at both ends: 68 mm outside, and 1 mm left on at each end.
    expect(says()).toMatch(/saw it off at 70\.0 mm; foot 45\.0°, head 45\.0°/);
    fill(screen.getByLabelText('Left on at each end, mm'), '0');
    expect(says()).toMatch(/saw it off at 68\.0 mm/);
    choose(screen.getByLabelText('It is a'), 'leaning on a wall');
    fill(screen.getByLabelText('Up the wall, mm'), '80');
    fill(screen.getByLabelText('Out from it, mm'), '60');
    expect(says()).toMatch(/foot 36\.9°, head 53\.1° from straight across; 100\.0 mm from tip to tip/);
    choose(screen.getByLabelText('It is a'), 'brace in a frame');
    fill(screen.getByLabelText('Inside height, mm'), '3');
    expect(says()).toMatch(/does not go in/);
    // Going back, the sizes of the other are as they were left.
    choose(screen.getByLabelText('It is a'), 'leaning on a wall');
    expect((screen.getByLabelText('Up the wall, mm') as HTMLInputElement).value).toBe('80');
  });

  it('refuses what is no size, and keeps what stood', () => {
    render(<CutStickCalculator />);
    const before = says();
    fill(screen.getByLabelText('Thick, mm'), 'thin');
    expect(screen.getByText(/is no number/)).toBeTruthy();
    expect(says()).toBe(before);
  });
});

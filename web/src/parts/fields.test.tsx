// @vitest-environment happy-dom
import { LIMITS, typedLimits } from '@every-inch/core/piece';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { focusedTaker } from '../instruments/focusedField.ts';
import { settleDrafts } from '../state/drafts.ts';
import { LengthField } from './LengthField.tsx';
import { NumberField } from './NumberField.tsx';
import { TextField } from './TextField.tsx';
import { PAUSE } from './useDraft.ts';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

const box = () => screen.getByRole('textbox') as HTMLInputElement;
const type = (text: string) => fireEvent.change(box(), { target: { value: text } });

describe('a number that is typed', () => {
  const numbers = (over: Partial<Parameters<typeof NumberField>[0]> = {}) => {
    const onNumber = vi.fn();
    const drawn = render(<NumberField label="Copies" value={3} onNumber={onNumber} {...over} />);
    return { onNumber, ...drawn };
  };

  it('is taken after a short pause, and only the last of what was typed', () => {
    const { onNumber } = numbers();
    type('1');
    vi.advanceTimersByTime(PAUSE - 1);
    type('12');
    vi.advanceTimersByTime(PAUSE - 1);
    expect(onNumber).not.toHaveBeenCalled();
    vi.advanceTimersByTime(1);
    expect(onNumber.mock.calls).toEqual([[12]]);
  });

  it('is taken at once at Enter and when the field is left, once', () => {
    const { onNumber } = numbers();
    type('4');
    fireEvent.keyDown(box(), { key: 'Enter' });
    fireEvent.blur(box());
    vi.advanceTimersByTime(PAUSE);
    expect(onNumber.mock.calls).toEqual([[4]]);
    type('5');
    fireEvent.blur(box());
    expect(onNumber).toHaveBeenLastCalledWith(5);
  });

  it('is taken when the field goes away in mid-typing', () => {
    const { onNumber, unmount } = numbers();
    type('7');
    unmount();
    expect(onNumber.mock.calls).toEqual([[7]]);
  });

  it('that cannot be used stays in the field with the reason, and nothing is taken', () => {
    const { onNumber } = numbers();
    type('twelve');
    fireEvent.blur(box());
    vi.advanceTimersByTime(PAUSE);
    expect(onNumber).not.toHaveBeenCalled();
    expect(box().value).toBe('twelve');
    expect(box().getAttribute('aria-invalid')).toBe('true');
    expect(screen.getByRole('alert').textContent).toContain('“twelve” is no number');
    expect(box().getAttribute('aria-describedby')).toBe(screen.getByRole('alert').id);
    type('12');
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('is put back as it was by Escape, also what could not be used', () => {
    const { onNumber } = numbers();
    type('12');
    fireEvent.keyDown(box(), { key: 'Escape' });
    expect(box().value).toBe('3');
    type('x');
    fireEvent.keyDown(box(), { key: 'Escape' });
    vi.advanceTimersByTime(PAUSE);
    expect([box().value, screen.queryByRole('alert')]).toEqual(['3', null]);
    expect(onNumber).not.toHaveBeenCalled();
  });

  it('keeps to the limits that the document has for it, and says which', () => {
    const { onNumber } = numbers(typedLimits(LIMITS.part.count));
    const { min, max } = LIMITS.part.count;
    for (const [text, says] of [
      [String(min - 1), `at least ${min}`],
      [String(max + 1), `at most ${max}`],
      ['1.5', 'a whole number'],
    ] as const) {
      type(text);
      expect(screen.getByRole('alert').textContent).toContain(says);
    }
    vi.advanceTimersByTime(PAUSE);
    expect(onNumber).not.toHaveBeenCalled();
    type(String(max));
    vi.advanceTimersByTime(PAUSE);
    expect(onNumber).toHaveBeenCalledWith(max);
  });

  it('with a comma for its point is read as with a point', () => {
    const { onNumber } = numbers();
    type('1,5');
    vi.advanceTimersByTime(PAUSE);
    expect(onNumber).toHaveBeenCalledWith(1.5);
  });

  it('may be emptied only where nothing is an answer', () => {
    const { onNumber, unmount } = numbers();
    type('');
    expect(screen.getByRole('alert').textContent).toBe('a number is wanted here');
    fireEvent.keyDown(box(), { key: 'Escape' });
    unmount();
    const onEmpty = vi.fn();
    numbers({ onEmpty });
    type(' ');
    vi.advanceTimersByTime(PAUSE);
    expect(onEmpty).toHaveBeenCalledOnce();
    expect(onNumber).not.toHaveBeenCalled();
  });

  it('is handed to the field as it is then, not as it was when typing began', () => {
    const [first, second] = [vi.fn(), vi.fn()];
    const { rerender } = render(<NumberField label="Copies" value={3} onNumber={first} />);
    type('9');
    rerender(<NumberField label="Copies" value={3} onNumber={second} />);
    vi.advanceTimersByTime(PAUSE);
    expect(first).not.toHaveBeenCalled();
    expect(second).toHaveBeenCalledWith(9);
  });

  it('is taken at once when all drafts are wanted, and not again; what cannot be used is not', () => {
    const { onNumber, unmount } = numbers();
    type('8');
    settleDrafts();
    vi.advanceTimersByTime(PAUSE);
    expect(onNumber.mock.calls).toEqual([[8]]);
    type('eight');
    settleDrafts();
    expect(onNumber).toHaveBeenCalledOnce();
    unmount();
    settleDrafts();
    expect(onNumber).toHaveBeenCalledOnce();
  });

  it('takes a reading of an instrument while it has the focus, a count does not', () => {
    const { onNumber, unmount } = numbers({ after: 'mm' });
    fireEvent.focus(box());
    expect(focusedTaker()?.label).toBe('Copies');
    focusedTaker()?.onReading(8.25);
    expect(onNumber.mock.calls).toEqual([[8.25]]);
    unmount();
    expect(focusedTaker()).toBeNull();
    numbers({ whole: true });
    fireEvent.focus(box());
    expect(focusedTaker()).toBeNull();
  });
});

describe('a length that is typed', () => {
  it.each([
    ['138', 138],
    ['13,8 cm', 138],
    ['5 1/2 in', 139.7],
    ['5\' 6"', 1676.4],
  ])('%s is %d mm', (text, mm) => {
    const onLength = vi.fn();
    render(<LengthField label="Height" shown="" unit="mm" onLength={onLength} />);
    type(text);
    vi.advanceTimersByTime(PAUSE);
    expect(onLength.mock.calls[0]?.[0]).toBeCloseTo(mm, 9);
  });

  it('below nothing is refused where it is a size', () => {
    const onLength = vi.fn();
    render(<LengthField label="Height" shown="10 mm" unit="mm" onLength={onLength} />);
    type('-4');
    vi.advanceTimersByTime(PAUSE);
    expect(screen.getByRole('alert').textContent).not.toBe('');
    expect(onLength).not.toHaveBeenCalled();
  });

  it('shows the mark of the entry that it makes', () => {
    render(
      <LengthField label="Height" shown="" unit="mm" onLength={vi.fn()} entry={['oven', 'places', 'a']} />,
    );
    expect(box().dataset.entry).toBe('oven/places/a');
  });
});

describe('words that are typed', () => {
  it('are taken after a pause and when the field is left', () => {
    const onText = vi.fn();
    render(<TextField label="Name" value="Goose" onText={onText} />);
    type('Greylag goose');
    vi.advanceTimersByTime(PAUSE);
    expect(onText).toHaveBeenLastCalledWith('Greylag goose');
    type('Greylag');
    fireEvent.blur(box());
    expect(onText).toHaveBeenLastCalledWith('Greylag');
  });
});

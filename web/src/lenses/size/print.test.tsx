// @vitest-environment happy-dom
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { store } from '../../state/store.ts';
import { DEFAULT_WORKSHOP, workshopChanged } from '../../state/workshopSlice.ts';
import { atBench, button, choose, ferryOf, fill, withDesk } from '../../testing/bench.tsx';
import PrintSheet from './PrintSheet.tsx';

withDesk();
beforeEach(() => {
  // Nothing is laid out here: no size is ever told.
  vi.stubGlobal(
    'ResizeObserver',
    class {
      observe(): void {}
      unobserve(): void {}
      disconnect(): void {}
    },
  );
});
afterEach(() => void store.dispatch(workshopChanged(DEFAULT_WORKSHOP)));

const piece = { ...ferryOf('post'), references: [] };
const ready = () => waitFor(() => expect(button('Save templates as PDF').disabled).toBe(false));

describe('templates', () => {
  it('are there to save once a view is chosen, and not without one', async () => {
    atBench(<PrintSheet />, { piece, part: 'post', stage: 'size' });
    await ready();
    fireEvent.click(screen.getByLabelText('front'));
    await waitFor(() => expect(button('as SVG').disabled).toBe(true));
    fireEvent.click(screen.getByLabelText('front'));
    await ready();
  });

  it('a rule that came out short is made up for, and it is said how', async () => {
    atBench(<PrintSheet />, { piece, part: 'post', stage: 'size' });
    await ready();
    expect(screen.queryByText(/to make up for the printer/)).toBeNull();
    fill(screen.getByLabelText('The 100 mm rule came out as'), '98');
    expect(store.getState().workshop.ruleMeasuredMm).toBe(98);
    expect(screen.getByText(/^Drawn larger to make up for the printer/)).toBeTruthy();
    fill(screen.getByLabelText('The 100 mm rule came out as'), '50');
    expect(screen.getByRole('alert').textContent).toBe('at least 80');
    expect(store.getState().workshop.ruleMeasuredMm).toBe(98);
  });

  it('paper is the workshop’s, for every piece', async () => {
    atBench(<PrintSheet />, { piece, part: 'post', stage: 'size' });
    await ready();
    const other = [...screen.getByLabelText<HTMLSelectElement>('Paper').options].find(
      ({ text }) => text !== 'A4',
    );
    choose(screen.getByLabelText('Paper'), other?.text ?? '');
    expect(store.getState().workshop.paper).toBe(other?.value);
  });

  it('panels are offered only for what is made of panels', async () => {
    atBench(<PrintSheet />, { piece, part: 'post', stage: 'size' });
    await ready();
    expect(screen.queryByLabelText('panels')).toBeNull();
  });

  it('without a part it says what is wanting', () => {
    atBench(<PrintSheet />, { piece: { ...piece, parts: [] }, stage: 'size' });
    expect(screen.getByText('Choose a part first.')).toBeTruthy();
  });
});

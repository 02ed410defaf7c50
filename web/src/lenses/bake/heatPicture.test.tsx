// @vitest-environment happy-dom
import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { usePartFacts } from '../../spine/hooks.ts';
import { useOpenPiece } from '../../state/store.ts';
import { atBench, ferryOf, withDesk } from '../../testing/bench.tsx';
import type { BakeFound } from '../../workers/useBake.ts';
import { HeatPicture } from './HeatPicture.tsx';

withDesk();

/** A square of four cells of 10 mm, followed for half an hour. */
const found = {
  frame: { size: [2, 2, 1], min: [0, 0, 0], cell: 10 },
  cells: new Int32Array([0, 1, 2, 3]),
  run: {
    frames: [0, 10, 20, 30].map((minute) => ({ minute, cells: new Float32Array([20, 60, 100, 130]) })),
    minutesIn: new Float32Array([0, 5, 12, 20]),
    peak: new Float32Array([120, 130, 140, 160]),
  },
} as unknown as BakeFound;

function Picture() {
  useOpenPiece();
  const context = usePartFacts('goose');
  return context ? (
    <HeatPicture found={found} context={context} setC={130} topC={135} scorchC={150} needMin={10} />
  ) : null;
}
const keys = () =>
  [...screen.getByRole('list', { name: 'What the shades stand for' }).children].map((key) => key.textContent);

describe('the picture of heat', () => {
  it('has a key to every shade, for each thing that it shows', async () => {
    atBench(<Picture />, { piece: ferryOf('goose'), part: 'goose', stage: 'bake' });
    const shows = await screen.findByLabelText<HTMLSelectElement>('Picture shows');
    // From the room to the set temperature, half of the way between them, the top of the window, and where it scorches.
    expect(keys()).toEqual(['20 °C', '75 °C', '130 °C', '135 °C', '150 °C and over: scorches']);
    fireEvent.change(shows, { target: { value: 'cure' } });
    expect(keys()).toEqual(['10 min and more: cured', 'not long enough', 'never warm enough']);
    fireEvent.change(shows, { target: { value: 'scorch' } });
    expect(keys()[0]).toBe('up to 135 °C: as the packet wants');
    expect(screen.queryByLabelText('Minute of the bake')).toBeNull();
  });

  it('has a scale: 10 of its 20 mm, and goes through the minutes of the bake', async () => {
    atBench(<Picture />, { piece: ferryOf('goose'), part: 'goose', stage: 'bake' });
    expect(await screen.findByText('10 mm of 20 mm across')).toBeTruthy();
    const minute = screen.getByLabelText('Minute of the bake');
    expect(screen.getByRole('img', { name: /cut open after 10 minutes/ })).toBeTruthy();
    fireEvent.change(minute, { target: { value: '3' } });
    expect(screen.getByRole('img', { name: /cut open after 30 minutes/ })).toBeTruthy();
  });
});

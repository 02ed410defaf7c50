// @vitest-environment happy-dom
import type { DrawnForm } from '@every-inch/core/form';
import { fireEvent, screen } from '@testing-library/react';
import { useState } from 'react';
import { describe, expect, it } from 'vitest';
import { asOutline, fewer, fromSvg, OutlineFileError } from '../../../parts/outlineIn.ts';
import { atBench, choose, fill, press, withDesk } from '../../../testing/bench.tsx';
import { DrawnOutlines } from './DrawnOutlines.tsx';

withDesk();

const KITE: DrawnForm = {
  kind: 'drawn',
  front: [
    { xMm: 0, yMm: 0 },
    { xMm: 30, yMm: 40 },
    { xMm: 0, yMm: 60 },
    { xMm: -20, yMm: 40 },
  ],
  side: [],
  top: [],
  depthMm: 12,
  edge: 'round',
};

let form = KITE;
function Board() {
  const [now, setNow] = useState(KITE);
  form = now;
  return <DrawnOutlines form={now} onForm={setNow} />;
}
const placeOf = (i: number) =>
  screen.getByRole('button', { name: new RegExp(`^from the front, place ${i} of`) });

describe('the boards of an own drawing', () => {
  it('places are moved by the arrows and taken out by Delete, but never under three', () => {
    atBench(<Board />);
    fireEvent.keyDown(placeOf(2), { key: 'ArrowRight' });
    expect(form.front[1]?.xMm).toBeGreaterThan(30);
    expect(form.front[1]?.yMm).toBe(40);
    fireEvent.keyDown(placeOf(4), { key: 'Delete' });
    expect(form.front).toHaveLength(3);
    fireEvent.keyDown(placeOf(1), { key: 'Delete' });
    expect(form.front).toHaveLength(3);
  });

  it('both halves are made alike', () => {
    atBench(<Board />);
    press('Make it alike left and right from the front');
    const xs = form.front.map(({ xMm }) => xMm);
    expect(Math.max(...xs) + Math.min(...xs)).toBeCloseTo(0, 6);
  });

  it('a side begins as high as the front and as deep as was stated, and is done without again', () => {
    atBench(<Board />);
    fill(screen.getByLabelText('Depth, without a view from the side'), '20 mm');
    expect(form.depthMm).toBe(20);
    press('+ Draw it from the side');
    const ys = form.side.map(({ yMm }) => yMm);
    const xs = form.side.map(({ xMm }) => xMm);
    expect(Math.max(...ys) - Math.min(...ys)).toBeCloseTo(60, 6);
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(20, 6);
    expect(screen.queryByLabelText('Depth, without a view from the side')).toBeNull();
    press('Do without it from the side');
    expect(form.side).toEqual([]);
  });

  it('how full it is between the outlines is chosen', () => {
    atBench(<Board />);
    choose(screen.getByLabelText('Between the outlines it is'), 'square');
    expect(form.edge).toBe('square');
  });
});

describe('outlines that are brought in', () => {
  it('are as high as is asked, their proportions kept', () => {
    const points = asOutline(
      [
        { x: 10, y: 5 },
        { x: 30, y: 5 },
        { x: 30, y: 45 },
        { x: 10, y: 45 },
      ],
      80,
    );
    expect(points).toEqual([
      { xMm: -20, yMm: 0 },
      { xMm: 20, yMm: 0 },
      { xMm: 20, yMm: 80 },
      { xMm: -20, yMm: 80 },
    ]);
    expect(() => asOutline([{ x: 0, y: 0 }], 80)).toThrow(OutlineFileError);
  });

  it('a line of many places keeps its corners and lets the rest go', () => {
    const square = Array.from({ length: 400 }, (_, i) => {
      const t = (i % 100) / 100;
      return [
        { x: t, y: 0 },
        { x: 1, y: t },
        { x: 1 - t, y: 1 },
        { x: 0, y: 1 - t },
      ][Math.floor(i / 100)] as { x: number; y: number };
    });
    expect(fewer(square)).toHaveLength(4);
  });

  it('what is no drawing is refused', () => {
    expect(() => fromSvg('<html></html>')).toThrow(OutlineFileError);
  });
});

// @vitest-environment happy-dom
import type { Drawing } from '@every-inch/core/drawing';
import { act, cleanup, fireEvent, render, renderHook, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { atBench, clearBench, ferryOf, pieceNow, press } from '../testing/bench.tsx';
import { frameOf, pathOf } from './board.ts';
import { DrawingView } from './DrawingView.tsx';
import { HeedMark } from './HeedMark.tsx';
import { ASSUMED_PX_PER_MM, CARD_MM, useTrueSize } from './screenScale.ts';
import { TrueSize } from './TrueSize.tsx';
import { useNow } from './useNow.ts';
import { VerdictLine } from './VerdictLine.tsx';

afterEach(() => {
  cleanup();
  clearBench();
  vi.useRealTimers();
});

const DRAWING: Drawing = {
  widthMm: 100,
  heightMm: 60,
  items: [
    {
      kind: 'area',
      outline: [
        [
          [
            [10, 0],
            [30, 0],
            [30, 20],
            [10, 20],
          ],
        ],
      ],
      material: 'raw-clay',
      weight: 'thin',
      part: 'post',
    },
    {
      kind: 'line',
      points: [
        [0, 0],
        [100, 60],
      ],
      weight: 'hair',
    },
    { kind: 'circle', at: [50, 10], diameterMm: 8, weight: 'thin' },
    { kind: 'text', at: [5, 55], size: 3, anchor: 'start', text: 'post', face: 'words' },
  ],
} as unknown as Drawing;

describe('a drawing on the screen', () => {
  it('stands on its ground: what is low in it is low on the screen', () => {
    render(<DrawingView drawing={DRAWING} label="A post" />);
    const svg = screen.getByRole('img', { name: 'A post' });
    expect(svg.getAttribute('viewBox')).toBe('0 0 100 60');
    expect(svg.querySelector('polyline')?.getAttribute('points')).toBe('0.00,60.00 100.00,0.00');
    // 10 mm above the ground of a drawing 60 mm high.
    expect(svg.querySelector('circle')?.getAttribute('cy')).toBe('50');
    expect(svg.querySelector('circle')?.getAttribute('r')).toBe('4');
    expect(svg.querySelector('text')?.getAttribute('y')).toBe('5');
  });

  it('fits into its room, or is as large as is wanted', () => {
    const { rerender } = render(<DrawingView drawing={DRAWING} label="A post" />);
    expect(screen.getByRole('img').hasAttribute('width')).toBe(false);
    rerender(<DrawingView drawing={DRAWING} label="A post" pxPerMm={4} />);
    expect(screen.getByRole('img').getAttribute('width')).toBe('400');
    expect(screen.getByRole('img').getAttribute('height')).toBe('240');
  });

  it('a part is picked on it', () => {
    const onPick = vi.fn();
    render(<DrawingView drawing={DRAWING} label="A post" onPick={onPick} picked="post" />);
    const area = screen.getByRole('img').querySelector('path:not(defs path)');
    fireEvent.click(area as Element);
    expect(onPick).toHaveBeenCalledWith('post');
    expect(area?.getAttribute('class')).toContain('draw-thick');
  });
});

describe('a board', () => {
  const square = [
    [0, 0],
    [100, 0],
    [100, 50],
    [0, 50],
  ] as const;

  it('shows what is on it with as much room on every side', () => {
    const { left, top, width, height } = frameOf([square]);
    const margin = -left;
    expect(margin).toBeGreaterThan(0);
    expect(top).toBeCloseTo(50 + margin, 9);
    expect(width).toBeCloseTo(100 + 2 * margin, 9);
    expect(height).toBeCloseTo(50 + 2 * margin, 9);
  });

  it('draws y up', () => {
    expect(pathOf([square])).toBe('M0.0 0.0L100.0 0.0L100.0 -50.0L0.0 -50.0Z');
  });
});

function Card() {
  return <TrueSize isTrue={true} onTrue={() => undefined} screen={useTrueSize()} />;
}

describe('true size', () => {
  it('a bank card on the screen is 85.6 × 53.98 mm as the screen has been measured, and stays so', () => {
    // ISO/IEC 7810, ID-1.
    expect(CARD_MM).toEqual({ width: 85.6, height: 53.98 });
    render(<Card />);
    press('measure the screen');
    const px = ASSUMED_PX_PER_MM * 1.25;
    fireEvent.change(screen.getByLabelText('Size of the card on the screen'), {
      target: { value: String(px) },
    });
    const outline = document.querySelector<HTMLElement>('[style*="border-radius"]');
    expect(Number.parseFloat(outline?.style.width ?? '')).toBeCloseTo(85.6 * px, 1);
    expect(Number.parseFloat(outline?.style.height ?? '')).toBeCloseTo(53.98 * px, 1);
    press('It fits');
    const { result } = renderHook(() => useTrueSize());
    expect(result.current[0]).toBeCloseTo(px, 2);
  });

  it('another screen is measured anew', () => {
    const { result } = renderHook(() => useTrueSize());
    act(() => result.current[1](5));
    vi.stubGlobal('devicePixelRatio', 3);
    expect(renderHook(() => useTrueSize()).result.current[0]).toBeNull();
    vi.unstubAllGlobals();
    expect(renderHook(() => useTrueSize()).result.current[0]).toBe(5);
  });
});

describe('the time', () => {
  it('goes on while it is wanted, and is looked at at once on waking', () => {
    vi.useFakeTimers({ now: new Date('2026-05-01T09:00:00Z') });
    const { result, rerender } = renderHook(({ wanted }) => useNow(1000, wanted), {
      initialProps: { wanted: true },
    });
    const start = result.current;
    act(() => vi.advanceTimersByTime(3000));
    expect(result.current - start).toBe(3000);
    // The machine slept for an hour: no timer went off.
    vi.setSystemTime(new Date('2026-05-01T10:00:00Z'));
    act(() => void document.dispatchEvent(new Event('visibilitychange')));
    expect(new Date(result.current).toISOString()).toBe('2026-05-01T10:00:00.000Z');
    rerender({ wanted: false });
    act(() => vi.advanceTimersByTime(5000));
    expect(new Date(result.current).toISOString()).toBe('2026-05-01T10:00:00.000Z');
  });
});

describe('what is to be heeded', () => {
  it('says nothing where all is well, and each kind in words as well as in shape', () => {
    const { container, rerender } = render(<HeedMark heed={{ stop: 0, check: 0 }} />);
    expect(container.textContent).toBe('');
    rerender(<HeedMark heed={{ stop: 1, check: 0 }} />);
    expect(container.textContent).toBe('1 stop');
    expect(container.querySelector('svg')).toBeNull();
    rerender(<HeedMark heed={{ stop: 2, check: 3 }} />);
    expect(container.textContent).toBe('2 stops3 to look at');
    expect(container.querySelectorAll('svg')).toHaveLength(1);
  });

  it('a way out that can be taken is one press, and the others are told', () => {
    const piece = ferryOf('post');
    atBench(
      <VerdictLine
        verdict={{
          level: 'stop',
          wording: 'state',
          says: 'too many',
          waysOut: [
            { says: 'make one of it', change: { path: ['parts', 'post', 'count'], value: 1 } },
            { says: 'or leave it' },
          ],
        }}
      />,
      { piece: { ...piece, parts: piece.parts.map((part) => ({ ...part, count: 9 })) } },
    );
    expect(screen.getByText('or leave it').querySelector('button')).toBeNull();
    press('make one of it');
    expect(pieceNow().parts[0]?.count).toBe(1);
  });
});

// @vitest-environment happy-dom
import { lowWaterFerry, tollFrogs } from '@every-inch/core/demo';
import { newPiece, type PartId, type Piece } from '@every-inch/core/piece';
import { screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { figures, spine } from '../spine/open.ts';
import { atBench, NOW, withDesk } from '../testing/bench.tsx';
import { LENSES } from './index.ts';

/** What the page says on the console is what an engineer would see in a browser: nothing is wanted there. */
const said = vi.spyOn(console, 'error').mockImplementation(() => undefined);
// Charts have no size here, and say so.
vi.spyOn(console, 'warn').mockImplementation(() => undefined);
withDesk();
afterEach(() => void said.mockClear());

const LONG =
  'The second of the two crates that the ferrywoman set down beside the lower mooring post '.repeat(2);
const ferry = lowWaterFerry(NOW);
const PIECES: readonly (readonly [string, Piece, string | null])[] = [
  ['the frogs', tollFrogs(NOW), 'toll-keeper'],
  ['an empty piece', newPiece('Empty', NOW), null],
  [
    'the ferry under long names',
    {
      ...ferry,
      name: LONG.slice(0, 190),
      parts: ferry.parts.map((part, i) => ({ ...part, name: `${LONG.slice(0, 190)} ${i}` })),
    },
    'goose' as PartId,
  ],
];

describe.each(LENSES.map((lens) => [lens.stage, lens] as const))('the lens of %s', (stage, lens) => {
  it.each(PIECES)('draws %s', async (_, piece, part) => {
    const { default: Lens } = await lens.load();
    atBench(<Lens />, { piece, stage, ...(part ? { part } : {}) });
    await waitFor(() => expect(figures.isSettled(stage, spine.revision)).toBe(true));
    await waitFor(() => expect(screen.getAllByRole('heading').length).toBeGreaterThan(0));
    // Every control can be named by who cannot see it.
    for (const control of screen.queryAllByRole('textbox'))
      expect(control).toHaveProperty('labels.length', 1);
    expect(document.body.textContent).not.toMatch(/NaN|undefined|Infinity|\[object/);
    expect(said.mock.calls.map(([first]) => String(first).slice(0, 200))).toEqual([]);
  });
});

// @vitest-environment happy-dom
import { LIMITS } from '@every-inch/core/piece';
import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { store, useOfPiece } from '../../state/store.ts';
import { workshopChanged } from '../../state/workshopSlice.ts';
import { atBench, choose, ferryOf, fill, pieceNow, press, withDesk } from '../../testing/bench.tsx';
import { RUNNING_BAKE } from '../../testing/runningBake.ts';
import { LiveBake } from './LiveBake.tsx';
import { OvenSettings } from './OvenSettings.tsx';
import { StartBake } from './StartBake.tsx';

withDesk();

const piece = ferryOf('goose', 'post');
const bakeNow = () => store.getState().workshop.bake;
const box = (name: string) => screen.getByLabelText<HTMLInputElement>(name);

afterEach(() => {
  vi.useRealTimers();
  act(() => void store.dispatch(workshopChanged({ bake: null })));
});

function Oven() {
  const settings = useOfPiece(({ oven }) => oven);
  return <OvenSettings settings={settings} usualDialC={130} usualHold="23" />;
}

describe('how the oven is run', () => {
  it('a dial that is not set is what the card says; typed, it stays within what an oven has', () => {
    atBench(<Oven />, {
      piece: { ...piece, oven: { ...piece.oven, dialC: null, holdMin: null } },
      stage: 'bake',
    });
    expect(box('Dial').placeholder).toBe('130');
    fill(box('Dial'), '140');
    expect(pieceNow().oven.dialC).toBe(140);
    fill(box('Dial'), String(LIMITS.bakeSettings.dialC.max + 1));
    expect(screen.getByRole('alert').textContent).toBe(`at most ${LIMITS.bakeSettings.dialC.max}`);
    fireEvent.keyDown(box('Dial'), { key: 'Escape' });
    fill(box('Dial'), '');
    expect(pieceNow().oven.dialC).toBeNull();
    fill(box('In the oven'), '35');
    expect(pieceNow().oven.holdMin).toBe(35);
  });

  it('air, what it stands on, how it goes in and how it cools are kept with the piece', () => {
    atBench(<Oven />, { piece, stage: 'bake' });
    choose(box('Air'), 'under a foil tent');
    choose(box('It stands on'), 'a pad of fibre');
    choose(box('Goes in'), 'into the cold oven');
    choose(box('Cools'), 'outside');
    expect(pieceNow().oven).toMatchObject({ air: 'tent', under: 'pad', preheated: false, cooling: 'out' });
  });
});

const LOAD = {
  what: 'Greylag goose',
  part: 'goose',
  dialC: 130,
  holdMin: 25,
  coolMin: 20,
  thicknessMm: 8,
  warmMin: 12,
  regions: null,
  tillCured: true,
  preheated: true,
} as const;

describe('the clock of a bake', () => {
  function both() {
    atBench(
      <>
        <StartBake {...LOAD} />
        <LiveBake />
      </>,
      { piece, part: 'goose', stage: 'bake' },
    );
  }

  it('is started by one press, and no second one beside it', async () => {
    both();
    press('It is in: start the clock, 25 min');
    await waitFor(() =>
      expect(bakeNow()).toMatchObject({ what: 'Greylag goose', pieceId: piece.id, outAt: null }),
    );
    expect(screen.queryByText(/start the clock/)).toBeNull();
    expect(screen.getByRole('timer').textContent).toMatch(/^(25:00|24:59)$/);
    press('+ 5 min');
    expect(bakeNow()).toMatchObject({ holdMin: 30, endFollows: false });
  });

  it('goes on from when it began, also through a reload, and says when it is over', () => {
    vi.useFakeTimers({ now: new Date('2026-05-01T10:40:00Z'), toFake: ['Date'] });
    both();
    const bake = { ...RUNNING_BAKE, pieceId: piece.id, holdMin: 25, startedAt: '2026-05-01T10:10:00Z' };
    act(() => void store.dispatch(workshopChanged({ bake })));
    // It went in 30 minutes ago for 25.
    expect(screen.getByRole('timer').textContent).toBe('+5:00');
    expect(screen.getByText(/over its time/)).toBeTruthy();
  });

  it('the heat off, it cools, and is written into the log with how it came out', async () => {
    both();
    press('It is in: start the clock, 25 min');
    await waitFor(() => expect(bakeNow()).not.toBeNull());
    press('The heat is off');
    await waitFor(() => expect(screen.getByLabelText('It')).toBeTruthy());
    choose(box('It'), /scorched/i);
    press('Write it in the log');
    expect(bakeNow()).toBeNull();
    expect(pieceNow().log.at(-1)).toMatchObject({
      kind: 'bake',
      part: 'goose',
      bake: { temperatureC: 130, thicknessMm: 8, outcome: 'scorched' },
    });
    expect(pieceNow().log.at(-1)?.bake?.minutes).toBeGreaterThanOrEqual(1);
  });

  it('of another piece is shown with the way there, and not written into this one’s log', async () => {
    both();
    press('It is in: start the clock, 25 min');
    await waitFor(() => expect(bakeNow()).not.toBeNull());
    const bake = bakeNow();
    act(
      () =>
        void store.dispatch(
          workshopChanged({ bake: bake && { ...bake, pieceId: 'another', pieceName: 'Another' } }),
        ),
    );
    expect(screen.getByRole('link', { name: 'Another' }).getAttribute('href')).toBe('/piece/another/bake');
    press('The heat is off');
    expect(screen.queryByText('Write it in the log')).toBeNull();
    press('Forget this bake');
    expect(bakeNow()).toBeNull();
  });
});

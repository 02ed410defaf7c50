// @vitest-environment happy-dom
import { DEFAULT_REGION, newPiece, setAt } from '@every-inch/core/piece';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { figures } from '../../spine/open.ts';
import { store } from '../../state/store.ts';
import { atBench, ferryOf, fill, NOW, pieceNow, press, withDesk } from '../../testing/bench.tsx';
import BakeLens from './BakeLens.tsx';

withDesk();

const piece = ferryOf('goose', 'post');
const WAIT = { timeout: 30_000 };
const strip = () => screen.findByRole('list', { name: 'Bakes in order' }, WAIT);
const minutesShown = () =>
  Number(/clock, (\d+) min/.exec(screen.getByText(/start the clock/).textContent ?? '')?.[1]);
const loadOf = (id: string) => figures.find(null, `bake.load.${id}`)?.quantity.value;

describe('the bakes of a piece', () => {
  it('says that it is at work until they are known, never that there are none', async () => {
    atBench(<BakeLens />, { piece, part: 'goose', stage: 'bake' });
    expect(screen.getByText('Working the bakes through …')).toBeTruthy();
    expect(screen.queryByText(/Nothing here is baked/)).toBeNull();
    expect(await strip()).toBeTruthy();
  });

  it('an empty piece has none, and says what to do', async () => {
    atBench(<BakeLens />, { piece: newPiece('New piece', NOW), stage: 'bake' });
    expect(await screen.findByText(/Nothing here is baked/, {}, WAIT)).toBeTruthy();
  });

  it('one number: in the strip, beside the dial, on the clock, in the panel and in the book', async () => {
    atBench(<BakeLens />, { piece, part: 'goose', stage: 'bake' });
    const last = within(await strip())
      .getAllByRole('button')
      .at(-1);
    const minutes = loadOf('bake-full.1');
    expect(minutes).toBeGreaterThan(10);
    expect(last?.textContent).toContain(`${minutes} min`);
    expect(minutesShown()).toBe(minutes);
    await waitFor(() => expect(figures.find('goose', 'bake.minutes')?.quantity.value).toBe(minutes), WAIT);
    expect(screen.getByRole('complementary', { name: 'Reckoning' }).textContent).toContain(
      `Minutes in the oven${minutes} min`,
    );
    expect(
      screen.getByRole('img', { name: /^Minutes of the load: .*cured from \d+, browns after \d+/ }),
    ).toBeTruthy();
  });

  it('the oven is entered beside the first answer, which says till then what it took', async () => {
    atBench(<BakeLens />, { piece: { ...piece, own: {} }, part: 'goose', stage: 'bake' });
    await strip();
    expect(screen.getByText(/Taken for an oven of 450 × 380 × 300 mm inside/)).toBeTruthy();
    expect(screen.getByText(/The dial was never measured/)).toBeTruthy();
    press('Enter your oven');
    fill(screen.getByLabelText('Inside, wide'), '300');
    expect(screen.getByText(/Your oven is 300 × 380 × 300 mm inside/)).toBeTruthy();
    const shown = screen.getByLabelText(/a thermometer beside the work showed/);
    const dial = Number(
      /dial at (\d+) °C/.exec(screen.getByText(/^With the dial at/).textContent ?? '')?.[1],
    );
    fill(shown, String(dial + 6));
    expect(store.getState().workshop.own['oven.dial-error']).toBe(6);
    await waitFor(() => expect(screen.getByText(/Oven measured: holds/)).toBeTruthy(), WAIT);
  });

  it('a load that is chosen stays till another part is looked at', async () => {
    const staged = setAt(
      piece,
      ['parts', 'goose', 'regions'],
      [{ ...DEFAULT_REGION, region: 'head', pass: 2 }],
    );
    atBench(<BakeLens />, { piece: staged, part: 'goose', stage: 'bake' });
    fireEvent.click(within(await strip()).getByRole('button', { name: /Short bake 1/ }));
    expect(minutesShown()).toBe(loadOf('bake-1.1'));
    expect(screen.getByText(/Everything is firm by 10/)).toBeTruthy();
    expect(screen.queryByText(/Least cured/)).toBeNull();
    store.dispatch({ type: 'session/selected', payload: 'post' });
    await waitFor(() => expect(minutesShown()).toBe(loadOf('bake-full.1')));
  });

  it('minutes of one’s own that are too short are a stop with the window that would do', async () => {
    atBench(<BakeLens />, { piece, part: 'goose', stage: 'bake' });
    await strip();
    fill(screen.getByLabelText('In the oven'), '12');
    expect(pieceNow().oven.holdMin).toBe(12);
    const says = await screen.findAllByText(/is \d+ % cured; \d+ to \d+ min would do/, {}, WAIT);
    expect(says.length).toBeGreaterThan(0);
    expect(screen.getByText(/The minutes are your own/)).toBeTruthy();
    expect(within(await strip()).getByRole('img', { name: 'stop' })).toBeTruthy();
  });

  it('rules and own bakes are marks on the axis, each with what it would have done', async () => {
    const baked = {
      ...piece,
      log: [
        {
          id: 'own' as never,
          at: NOW,
          kind: 'bake' as const,
          part: 'goose' as never,
          measure: null,
          result: null,
          cast: null,
          step: null,
          bake: { temperatureC: 130, minutes: 40, thicknessMm: 8, outcome: 'good' as const },
          note: '',
          lesson: '',
          pictures: [],
        },
      ],
    };
    atBench(<BakeLens />, { piece: baked, part: 'goose', stage: 'bake' });
    await strip();
    expect(await screen.findByText(/^your own, 130 °C: came well/)).toBeTruthy();
    expect(screen.getByText(/^packet’s rule: \d+ % cured/)).toBeTruthy();
    expect(
      await screen.findByText(
        /^135 °C, 15 min, for whatever it is, thin: (\d+ % cured|browns it, \d+ %)$/,
        {},
        WAIT,
      ),
    ).toBeTruthy();
  });

  it('what could go in along with a load is told with it: more of its clay, up to a thickness', async () => {
    atBench(<BakeLens />, { piece, part: 'goose', stage: 'bake' });
    await strip();
    const line = await screen.findByText(/Could go in along with it/, {}, WAIT);
    expect(line.parentElement?.textContent).toMatch(/anything of .+ up to \d+ mm thick: a swatch, a bead/);
  });

  it('what has no room in the oven, and what is more than can be laid out, is named', async () => {
    const small = setAt(
      { ...piece, own: { ...piece.own, 'oven.height': 130, 'oven.width': 130, 'oven.depth': 130 } },
      ['parts', 'goose', 'count'],
      43,
    );
    atBench(<BakeLens />, { piece: small, part: 'goose', stage: 'bake' });
    await strip();
    expect(screen.getByText(/No room in this oven for Mooring post/)).toBeTruthy();
    expect(screen.getByText(/^3 more of Greylag goose/)).toBeTruthy();
  });

  it('where nothing at all has room that is said, and nothing is left blank', async () => {
    const tiny = { ...piece, own: { ...piece.own, 'oven.height': 62, 'oven.width': 62 } };
    atBench(<BakeLens />, { piece: tiny, part: 'goose', stage: 'bake' });
    expect(
      await screen.findByText(/No room in this oven for Greylag goose, Mooring post/, {}, WAIT),
    ).toBeTruthy();
    expect(screen.getByLabelText('Dial')).toBeTruthy();
  });

  it('the clock takes the minutes, the cooling and what comes out first along', async () => {
    atBench(<BakeLens />, { piece, part: 'goose', stage: 'bake' });
    await strip();
    press(`It is in: start the clock, ${loadOf('bake-full.1')} min`);
    await waitFor(() => expect(store.getState().workshop.bake).not.toBeNull());
    const bake = store.getState().workshop.bake;
    expect(bake).toMatchObject({ holdMin: loadOf('bake-full.1'), early: [], part: expect.any(String) });
    expect(bake?.coolMin).toBeGreaterThan(15);
    expect(bake?.warmMin).toBeGreaterThan(3);
    store.dispatch({ type: 'workshop/workshopChanged', payload: { bake: null } });
  });
});

// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { usePartFacts, useTold } from '../../spine/hooks.ts';
import { useOfPiece } from '../../state/store.ts';
import { atBench, choose, ferryOf, fill, pieceNow, press, withDesk } from '../../testing/bench.tsx';
import { CutList } from './CutList.tsx';
import { Holes } from './Holes.tsx';
import { LaterBends } from './LaterBends.tsx';
import { RunsTable } from './RunsTable.tsx';
import { WireFields } from './WireFields.tsx';

withDesk();

const partNow = (id: string) => pieceNow().parts.find((part) => part.id === id) ?? expect.fail(`no ${id}`);
const box = (name: string | RegExp) => screen.getByLabelText<HTMLInputElement>(name);

function WiresOf({ id }: { readonly id: string }) {
  useOfPiece((piece) => piece.parts);
  const context = usePartFacts(id);
  const bones = useTold('bones.part', id);
  return context && bones ? (
    <>
      <WireFields context={context} bones={bones} />
      <RunsTable context={context} bones={bones} />
    </>
  ) : null;
}

describe('wires of a part', () => {
  async function wires() {
    atBench(<WiresOf id="goose" />, {
      piece: { ...ferryOf('goose'), wireStock: [] },
      part: 'goose',
      stage: 'bones',
    });
    return screen.findByRole('table', { name: /^Wires of / });
  }
  const named = () => screen.getAllByRole('rowheader').map(({ textContent }) => textContent ?? '');

  it('another wire is taken for the part, and what is advised comes back at a press', async () => {
    await wires();
    const advised = box('Metal').value;
    choose(box('Metal'), advised === 'steel' ? 'brass' : 'steel');
    expect(partNow('goose').wire?.metal).not.toBe(advised);
    await waitFor(() => press('back to what is advised'));
    expect(partNow('goose').wire).toBeNull();
    await waitFor(() => expect(box('Metal').value).toBe(advised));
  });

  it('one wire is left out and put back; the others stay as they are', async () => {
    await wires();
    const before = named();
    const name = before[0] ?? '';
    press(`Change the wire “${name}”`);
    await waitFor(() => press('leave it out'));
    await waitFor(() => expect(named()).not.toContain(name));
    expect(named()).toEqual(before.slice(1));
    press(`put “${name}” back in`);
    await waitFor(() => expect(named()).toEqual(before));
  });

  it('an end goes in so deep as it is typed, and emptied as deep as is usual', async () => {
    await wires();
    const name = named()[0] ?? '';
    press(`Change the wire “${name}”`);
    const depth = await screen.findByLabelText<HTMLInputElement>('End goes in, mm');
    const usual = depth.placeholder;
    fill(depth, '7');
    const settled = () => partNow('goose').runs.find((run) => run.name === name)?.endMm ?? null;
    expect(settled()).toBe(7);
    fill(box('End goes in, mm'), '');
    expect(settled()).toBeNull();
    expect(box('End goes in, mm').placeholder).toBe(usual);
  });

  it('a straight wire is put in, named and taken away', async () => {
    await wires();
    const count = named().length;
    press('+ A straight wire, to be bent');
    await waitFor(() => expect(named()).toHaveLength(count + 1));
    const [drawn] = partNow('goose').runs.filter((run) => run.drawn.length > 0);
    if (!drawn) throw new Error('nothing was drawn');
    press(`Change the wire “${drawn.name}”`);
    fill(await screen.findByLabelText('Name'), 'tail');
    await waitFor(() => expect(named()).toContain('tail'));
    press('take it away');
    await waitFor(() => expect(named()).toHaveLength(count));
  });

  it('is ordered by a heading: the longest cut first or last', async () => {
    await wires();
    const before = named();
    const cuts = () =>
      [...document.querySelectorAll<HTMLElement>('[data-title="cut, mm"]')].map((cell) =>
        Number.parseFloat(cell.textContent ?? ''),
      );
    press('cut, mm');
    const once = cuts();
    press('cut, mm');
    expect(cuts()).toEqual([...once].reverse());
    expect([...once].sort((a, b) => a - b)).toEqual([...cuts()].sort((a, b) => a - b));
    press('cut, mm');
    expect(named()).toEqual(before);
  });
});

describe('the cut list', () => {
  it('what is in stock is used before a bar is bought', async () => {
    atBench(<CutList />, { piece: { ...ferryOf('goose', 'ferrywoman'), wireStock: [] }, stage: 'bones' });
    const bars = () => screen.getAllByRole('img').length;
    await waitFor(() => expect(bars()).toBeGreaterThan(0));
    press('+ Wire in stock');
    const [stock] = pieceNow().wireStock;
    const name = `${stock?.diameterMm} mm ${stock?.metal}`;
    fill(box(`${name}, length`), '240');
    fill(box(`${name}, how many`), '2');
    expect(pieceNow().wireStock[0]).toMatchObject({ lengthMm: 240, count: 2 });
    fill(box(`${name}, how many`), '1.5');
    expect(screen.getByRole('alert').textContent).toBe('a whole number is wanted here');
    press(`Take ${name} out of stock`);
    expect(pieceNow().wireStock).toEqual([]);
  });

  it('a remainder may be told roughly, and is kept as it was typed', async () => {
    atBench(<CutList />, { piece: { ...ferryOf('goose'), wireStock: [] }, stage: 'bones' });
    press('+ Wire in stock');
    const [stock] = pieceNow().wireStock;
    const name = `${stock?.diameterMm} mm ${stock?.metal}`;
    fill(box(`${name}, length`), '200–240');
    const [rough] = pieceNow().rough;
    expect(rough).toMatchObject({
      path: `wireStock/${stock?.id}/lengthMm`,
      typed: '200–240',
      low: 200,
      high: 240,
    });
    expect(pieceNow().wireStock[0]?.lengthMm).toBe(220);
    fill(box(`${name}, length`), '230');
    expect(pieceNow().rough).toEqual([]);
  });

  it('bars say what is cut from them; bought by the coil, one of ten metres does', async () => {
    atBench(<CutList />, { piece: { ...ferryOf('goose', 'ferrywoman'), wireStock: [] }, stage: 'bones' });
    const bars = () => screen.getAllByRole('img').map((one) => one.getAttribute('aria-label') ?? '');
    await waitFor(() => expect(bars().every((says) => / \d+ left$/.test(says))).toBe(true));
    expect(bars()[0]).toMatch(/^Cut from 1000\.0 mm: .+ \d+ · \d+ left$/);
    expect(screen.getByText(/bought by the bar of/)).toBeTruthy();
    press('a coil of 10 m');
    expect(pieceNow().own['cut.bar']).toBe(10_000);
    await waitFor(() => expect(screen.getByText(/bought by the coil of/)).toBeTruthy());
    await waitFor(() => expect(bars().every((says) => says.startsWith('Cut from 10000.0 mm'))).toBe(true));
  });

  it('“it is cut” writes the log and keeps the offcuts that are long enough', async () => {
    atBench(<CutList />, { piece: { ...ferryOf('goose', 'ferrywoman'), wireStock: [] }, stage: 'bones' });
    const before = pieceNow().log.length;
    const [cut] = await screen.findAllByRole('button', { name: 'It is cut' });
    fireEvent.click(cut as HTMLElement);
    expect(pieceNow().log).toHaveLength(before + 1);
    expect(pieceNow().wireStock.every(({ lengthMm, count }) => lengthMm > 0 && count > 0)).toBe(true);
    expect(pieceNow().wireStock.length).toBeGreaterThan(0);
  });
});

function LaterOf({ id }: { readonly id: string }) {
  const bones = useTold('bones.part', id);
  return bones ? <LaterBends bones={bones} /> : null;
}

describe('joints that are bent later', () => {
  it('each has the wire to leave bare, and says how far it goes', async () => {
    atBench(<LaterOf id="ferrywoman" />, {
      piece: ferryOf('ferrywoman'),
      part: 'ferrywoman',
      stage: 'bones',
    });
    const table = await screen.findByRole('table', { name: 'Joints that are bent later' });
    const rows = within(table).getAllByRole('row').slice(1);
    expect(rows.length).toBeGreaterThan(3);
    for (const row of rows) {
      expect(row.textContent).toMatch(/\d+°/);
      expect(row.textContent).toMatch(/as far as it is posed|only \d+°: pose it before the clay goes on/);
    }
  });
});

describe('holes for pegs', () => {
  const says = () =>
    within(screen.getByRole('region', { name: 'Holes for pegs' })).getByRole('status').textContent;

  it('a drill is a little larger than what goes free in it', () => {
    atBench(<Holes any={undefined} />, { piece: { ...ferryOf('post'), drills: [] }, stage: 'bones' });
    fill(box('Wire, dowel or tube'), '1 mm');
    choose(box('It is'), /^goes free/);
    const free = Number.parseFloat(/drill ([\d.]+)/.exec(says() ?? '')?.[1] ?? '');
    choose(box('It is'), /^pressed/);
    const pressed = Number.parseFloat(/drill ([\d.]+)/.exec(says() ?? '')?.[1] ?? '');
    expect(free).toBeGreaterThan(1);
    expect(pressed).toBeLessThan(1);
  });

  it('drills that are owned are read in millimetres and inches, and what is none is named', () => {
    atBench(<Holes any={undefined} />, { piece: { ...ferryOf('post'), drills: [] }, stage: 'bones' });
    fill(box('Drills owned, mm or inch'), '2, 1/16 in, 0.8; spoon');
    // 1/16 in is 1.5875 mm, by definition of the inch.
    expect(pieceNow().drills).toEqual([0.8, 1.588, 2]);
    expect(screen.getByRole('alert').textContent).toContain('“spoon” is no drill');
    press('sixty-fourths of an inch');
    expect(pieceNow().drills).toContain(1.588);
    press('every tenth again');
    expect(pieceNow().drills).toEqual([]);
  });

  it('where no drill that is owned is near, it is said', () => {
    atBench(<Holes any={undefined} />, { piece: { ...ferryOf('post'), drills: [0.5] }, stage: 'bones' });
    fill(box('Wire, dowel or tube'), '6 mm');
    expect(says()).toMatch(/no drill for .*the nearest is 0\.5 mm/);
  });
});

// @vitest-environment happy-dom
import { LIMITS } from '@every-inch/core/piece';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { usePartFacts } from '../../spine/hooks.ts';
import { figures } from '../../spine/open.ts';
import { useOpenPiece } from '../../state/store.ts';
import { atBench, choose, ferryOf, fill, pieceNow, press, withDesk } from '../../testing/bench.tsx';
import { BulkFields } from './BulkFields.tsx';
import { ClayTable } from './ClayTable.tsx';
import { Regions } from './Regions.tsx';

withDesk();

const piece = ferryOf('goose', 'post');
const partNow = (id: string) => pieceNow().parts.find((part) => part.id === id) ?? expect.fail(`no ${id}`);
const box = (name: string) => screen.getByLabelText<HTMLInputElement>(name);
const grams = (id: string) => figures.find(id, 'bulk.clay')?.quantity.value ?? 0;

describe('clays of the piece', () => {
  /** The clay table with the sculptor’s clay opened. */
  function opened() {
    atBench(<ClayTable />, { piece, stage: 'bulk' });
    const name = piece.clays.find(({ id }) => id === 'neutral')?.name ?? '';
    const row = screen.getByText(name).closest('tr') ?? expect.fail('no row');
    fireEvent.click(screen.getByText(name));
    return row;
  }
  const clay = () => pieceNow().clays.find(({ id }) => id === 'neutral') ?? expect.fail('no clay');

  it('a smaller pack makes more packs of the same clay', async () => {
    const row = opened();
    await waitFor(() => expect(figures.find(null, 'bulk.packs.neutral')).toBeDefined());
    const mass = figures.find(null, 'bulk.mass.neutral')?.quantity.value ?? 0;
    fill(within(row).getByLabelText('In a pack'), '10');
    await waitFor(() =>
      expect(figures.find(null, 'bulk.packs.neutral')?.quantity.value).toBe(Math.ceil(mass / 10)),
    );
    expect(figures.find(null, 'bulk.mass.neutral')?.quantity.value).toBe(mass);
  });

  it('without a price it costs nothing that is known; with one, the packs times it', async () => {
    const row = opened();
    fill(within(row).getByLabelText('Price of a pack'), '');
    expect(clay().packPrice).toBeNull();
    await waitFor(() => expect(figures.find(null, 'bulk.cost.neutral')).toBeUndefined());
    fill(within(row).getByLabelText('Price of a pack'), '2.5');
    await waitFor(() => {
      const packs = figures.find(null, 'bulk.packs.neutral')?.quantity.value ?? Number.NaN;
      expect(figures.find(null, 'bulk.cost.neutral')?.quantity.value).toBeCloseTo(2.5 * packs, 9);
    });
  });

  it('the packet goes before the handbook, also in °F, and is put away again', async () => {
    const row = opened();
    press('The packet says otherwise', row);
    // 275 °F is 135 °C.
    fill(within(row).getByLabelText('or, from °F'), '275');
    expect(clay().packet?.lowC).toBe(135);
    fill(within(row).getByLabelText('Packet, from'), String(LIMITS.packet.lowC.max + 1));
    expect(within(row).getByRole('alert').textContent).toContain(String(LIMITS.packet.lowC.max));
    expect(clay().packet?.lowC).toBe(135);
    fireEvent.keyDown(within(row).getByLabelText('Packet, from'), { key: 'Escape' });
    press('back to the handbook', row);
    expect(clay().packet).toBeNull();
  });

  it('a clay is added with a name of its own, and taken out of the parts that had it', async () => {
    const row = opened();
    press('+ Add a clay');
    expect(pieceNow().clays).toHaveLength(piece.clays.length + 1);
    press('Remove', row);
    expect(pieceNow().clays.some(({ id }) => id === 'neutral')).toBe(false);
    expect(pieceNow().parts.flatMap(({ mix }) => mix.map((share) => share.clay))).not.toContain('neutral');
  });
});

function RegionsOf({ part }: { readonly part: string }) {
  const context = usePartFacts(part);
  return context ? <Regions context={context} /> : null;
}

const rowHead = () => document.querySelector<HTMLElement>('th[scope=row]') ?? expect.fail('no region');

describe('regions of a part', () => {
  async function regions(): Promise<string> {
    atBench(<RegionsOf part="goose" />, { piece, part: 'goose', stage: 'bulk' });
    await screen.findAllByLabelText(/goes on for bake$/);
    return rowHead().firstChild?.textContent ?? '';
  }
  const choice = (region: string) => partNow('goose').regions.find((one) => one.region === region);

  it('what is settled of one is kept; put back as it was, nothing of it is kept', async () => {
    const region = await regions();
    fill(box(`The ${region} goes on for bake`), '2');
    expect(choice(region)).toMatchObject({ pass: 2, cored: true, skinMm: null });
    fill(box(`The ${region} goes on for bake`), '1');
    expect(choice(region)).toBeUndefined();
  });

  it('without its core it takes more clay', async () => {
    const region = await regions();
    await waitFor(() => expect(grams('goose')).toBeGreaterThan(0));
    const before = grams('goose');
    fireEvent.click(screen.getByLabelText(`Core in the ${region}`));
    expect(choice(region)?.cored).toBe(false);
    await waitFor(() => expect(grams('goose')).toBeGreaterThan(before));
  });

  it('a thicker skin leaves less core; emptied, it is the part’s again', async () => {
    const region = await regions();
    await waitFor(() => expect(grams('goose')).toBeGreaterThan(0));
    const before = grams('goose');
    fill(box(`Skin of the ${region}`), '8');
    await waitFor(() => expect(grams('goose')).toBeGreaterThan(before));
    fill(box(`Skin of the ${region}`), '');
    expect(choice(region)).toBeUndefined();
    await waitFor(() => expect(grams('goose')).toBeCloseTo(before, 9));
  });

  it('a colour zone without a clay says that it is not counted, and more than all of it says so', async () => {
    const region = await regions();
    press('colours', rowHead());
    press('+ another colour zone');
    expect(choice(region)?.zones).toHaveLength(1);
    expect(screen.getByText(/A zone without a clay is not counted/)).toBeTruthy();
    press('+ another colour zone');
    for (const percent of screen.getAllByLabelText<HTMLInputElement>('of the clay')) fill(percent, '60');
    expect(screen.getByText(/The zones ask for 120 %/)).toBeTruthy();
  });
});

function FieldsOf({ part }: { readonly part: string }) {
  const now = useOpenPiece().parts.find(({ id }) => id === part);
  return now ? <BulkFields part={now} /> : null;
}

describe('core and clay of a part', () => {
  it('the skin is typed, and emptied follows the usual again', async () => {
    atBench(<FieldsOf part="post" />, { piece, part: 'post', stage: 'bulk' });
    await screen.findByLabelText('Skin');
    await waitFor(() => expect(grams('post')).toBeGreaterThan(0));
    const usual = grams('post');
    fill(box('Skin'), '6');
    expect(partNow('post').core.skinMm).toBe(6);
    await waitFor(() => expect(grams('post')).not.toBeCloseTo(usual, 3));
    fill(box('Skin'), '');
    expect(partNow('post').core.skinMm).toBeNull();
    await waitFor(() => expect(grams('post')).toBeCloseTo(usual, 9));
  });

  it('a solid part takes all its clay, and nothing of foil', async () => {
    atBench(<FieldsOf part="post" />, { piece, part: 'post', stage: 'bulk' });
    const core = await screen.findByLabelText<HTMLSelectElement>('Core');
    await waitFor(() => expect(grams('post')).toBeGreaterThan(0));
    const before = grams('post');
    choose(core, 'none');
    await waitFor(() => expect(grams('post')).toBeGreaterThan(before));
    await waitFor(() => expect(figures.find('post', 'bulk.foil')).toBeUndefined());
  });
});

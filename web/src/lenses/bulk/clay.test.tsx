// @vitest-environment happy-dom
import type { MixShare, Part } from '@every-inch/core/piece';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { useState } from 'react';
import { describe, expect, it } from 'vitest';
import { usePartFacts } from '../../spine/hooks.ts';
import { figures } from '../../spine/open.ts';
import { useOfPiece } from '../../state/store.ts';
import { atBench, choose, ferryOf, fill, pieceNow, press, withDesk } from '../../testing/bench.tsx';
import { Audit } from '../bake/Audit.tsx';
import Colours from './Colours.tsx';
import { Inserts } from './Inserts.tsx';
import { Mix } from './Mix.tsx';
import { Sheets } from './Sheets.tsx';

withDesk();

const piece = ferryOf('goose', 'post', 'lantern');
const partNow = (id: string) => pieceNow().parts.find((part) => part.id === id) ?? expect.fail(`no ${id}`);
const box = (name: string | RegExp) => screen.getByLabelText<HTMLInputElement>(name);

function usePartOf(id: string): Part {
  return useOfPiece(({ parts }) => parts).find((part) => part.id === id) ?? expect.fail(`no ${id}`);
}

let mixed: readonly MixShare[] = [];
function AMix() {
  const [mix, setMix] = useState<readonly MixShare[]>([]);
  mixed = mix;
  return <Mix label="Of" mix={mix} without="no clay" onMix={setMix} />;
}

describe('a mix of clays', () => {
  const [first, second] = piece.clays;
  const named = (clay: typeof first) => clay?.name ?? expect.fail('two clays are wanted');

  it('is one clay, then two by parts, and one again', () => {
    atBench(<AMix />, { piece, stage: 'bulk' });
    choose(box('Of'), named(first));
    expect(mixed).toEqual([{ clay: first?.id, parts: 1 }]);
    expect(screen.queryByLabelText('parts')).toBeNull();
    press('+ mix in another');
    fill(screen.getAllByLabelText('parts')[1] as HTMLElement, '2');
    expect(mixed).toEqual([
      { clay: first?.id, parts: 1 },
      { clay: second?.id, parts: 2 },
    ]);
    // A mix has no clay of no parts.
    fill(screen.getAllByLabelText('parts')[1] as HTMLElement, '0');
    expect(screen.getByRole('alert').textContent).toBe('more than 0');
    choose(box('Of'), 'take out of the mix');
    expect(mixed).toEqual([{ clay: second?.id, parts: 2 }]);
    choose(box('Of'), 'no clay');
    expect(mixed).toEqual([]);
  });

  it('offers no more clays than the piece has', () => {
    atBench(<AMix />, { piece: { ...piece, clays: piece.clays.slice(0, 1) }, stage: 'bulk' });
    choose(box('Of'), named(first));
    expect(screen.queryByText('+ mix in another')).toBeNull();
  });
});

function ColoursOf({ id }: { readonly id: string }) {
  const context = usePartFacts(id);
  return context ? <Colours context={context} /> : null;
}

describe('colours', () => {
  it('what is weighed of each clay comes to what the part takes', async () => {
    const [first, second] = piece.clays;
    const two = {
      ...piece,
      parts: piece.parts.map((part) =>
        part.id === 'goose' && first && second
          ? {
              ...part,
              mix: [
                { clay: first.id, parts: 3 },
                { clay: second.id, parts: 1 },
              ],
            }
          : part,
      ),
    };
    const seen = new Set<string>();
    const watch = new MutationObserver(() => {
      for (const row of document.querySelectorAll('li')) seen.add(row.textContent ?? '');
    });
    watch.observe(document.body, { subtree: true, childList: true, characterData: true });
    atBench(<ColoursOf id="goose" />, { piece: two, part: 'goose', stage: 'bulk' });
    await waitFor(() => expect(figures.find('goose', 'bulk.clay')).toBeDefined());
    const whole = figures.find('goose', 'bulk.clay')?.quantity.value ?? 0;
    const there = await screen.findByRole('region', { name: 'Colours' });
    await waitFor(() => {
      const grams = [...there.querySelectorAll('li')].flatMap((row) => {
        const found = /([\d.]+) g/.exec(row.textContent ?? '');
        return found ? [Number(found[1])] : [];
      });
      expect(grams).toHaveLength(2);
      expect(grams.reduce((sum, g) => sum + g, 0)).toBeCloseTo(whole, 0);
    });
    // Before it was reckoned nothing was said to be no clay.
    watch.disconnect();
    expect([...seen].filter((says) => /[^.\d]0\.0 g/.test(says))).toEqual([]);
    expect([...seen].some((says) => says.includes('… g'))).toBe(true);
  });

  it('a mix that comes near to a colour is taken at a press', async () => {
    atBench(<ColoursOf id="goose" />, { piece, part: 'goose', stage: 'bulk' });
    const near = await screen.findByRole('list', { name: 'Mixes near it' });
    const [take] = within(near).getAllByRole('button', { name: 'take this mix' });
    fireEvent.click(take as HTMLElement);
    const { mix } = partNow('goose');
    expect(mix.length).toBeGreaterThan(0);
    expect(mix.every(({ parts, clay }) => parts > 0 && piece.clays.some(({ id }) => id === clay))).toBe(true);
  });
});

function InsertsOf({ id }: { readonly id: string }) {
  return <Inserts part={usePartOf(id)} />;
}

describe('what is let in', () => {
  const cell = () =>
    partNow('lantern').inserts.find(({ id }) => id === 'lamp-cell') ?? expect.fail('no cell');
  const row = () => screen.getByRole('listitem', { name: cell().name });

  it('the hole follows what goes in: glued it has room round it, pressed in it has none', async () => {
    atBench(<InsertsOf id="lantern" />, { piece, part: 'lantern', stage: 'bulk' });
    const hole = () => figures.find('lantern', 'bulk.hole.lamp-cell')?.quantity.value ?? Number.NaN;
    choose(within(row()).getByLabelText('Measured'), 'on the thing');
    choose(within(row()).getByLabelText('It is'), 'glued in');
    await waitFor(() => expect(hole()).toBeGreaterThan(cell().widthMm));
    choose(within(row()).getByLabelText('It is'), 'pressed in');
    await waitFor(() => expect(hole()).toBeLessThan(cell().widthMm));
  });

  it('a square one has a height, and may come out again', () => {
    atBench(<InsertsOf id="lantern" />, { piece, part: 'lantern', stage: 'bulk' });
    choose(within(row()).getByLabelText('Shape'), 'square');
    fill(within(row()).getByLabelText('high'), '4.5');
    const { removable } = cell();
    fireEvent.click(within(row()).getByLabelText('comes out again'));
    expect(cell()).toMatchObject({ shape: 'square', heightMm: 4.5, removable: !removable });
  });

  it('is of something, and what is not said is not guessed', () => {
    atBench(<InsertsOf id="lantern" />, { piece, part: 'lantern', stage: 'bulk' });
    choose(within(row()).getByLabelText(/is of$/), 'not said');
    expect(cell().stuff).toBeNull();
    const { afterBake } = cell();
    fireEvent.click(within(row()).getByLabelText(/after the bake$/));
    expect(cell().afterBake).toBe(!afterBake);
  });
});

function AuditOf({ id }: { readonly id: string }) {
  return <Audit part={usePartOf(id)} />;
}

describe('before the oven', () => {
  it('what must not go in is named, and goes on after the bake at one press', async () => {
    atBench(<AuditOf id="lantern" />, { piece, part: 'lantern', stage: 'bake' });
    const [stop] = await screen.findAllByText('stop');
    const item = stop?.closest('li') ?? expect.fail('nothing is stopped');
    expect(item.getAttribute('aria-label')).toBe('clear chimney');
    const out = within(item)
      .getAllByRole('button')
      .find(({ textContent }) => /after the bake/.test(textContent ?? ''));
    fireEvent.click(out ?? expect.fail('no way out'));
    await waitFor(() => expect(screen.queryByText('stop')).toBeNull());
    expect(partNow('lantern').inserts.find(({ id }) => id === 'chimney')?.afterBake).toBe(true);
  });
});

describe('clay without a balance', () => {
  it('one ball of the clay of a part, and as many small ones as go into it', async () => {
    atBench(<Sheets />, { piece, part: 'post', stage: 'bulk' });
    const one = await screen.findByRole('listitem', { name: 'One ball' });
    const acrossMm = Number(/([\d.]+) mm/.exec(one.textContent ?? '')?.[1]);
    const balls = screen.getByRole('listitem', { name: 'Balls of a size' });
    fill(within(balls).getByLabelText('ball, across'), String(acrossMm / 2));
    // Half as large across, eight of them make one.
    await waitFor(() =>
      expect(Number.parseFloat(within(balls).getByRole('status').textContent ?? '')).toBeCloseTo(8, 0),
    );
  });

  it('a strip that was measured goes before what is usual, and emptied it is gone', async () => {
    atBench(<Sheets />, { piece, part: 'post', stage: 'bulk' });
    await screen.findByLabelText('setting 3');
    fill(box('setting 3'), '2.2');
    expect(pieceNow().own['roller.3']).toBe(2.2);
    expect(box('setting 3').closest('li')?.textContent).toContain('measured');
    expect(box('setting 4').closest('li')?.textContent).toContain('by those measured');
    fill(box('setting 3'), '');
    expect(pieceNow().own).not.toHaveProperty('roller.3');
    expect(box('setting 4').closest('li')?.textContent).toContain('as usual');
  });

  it('a wrap is as long as it is round: 20 mm across, and its overlap', () => {
    atBench(<Sheets />, { piece, part: 'post', stage: 'bulk' });
    const wrap = screen.getByRole('listitem', { name: 'Wrap round' });
    const long = () => Number(/rectangle of ([\d.]+)/.exec(wrap.textContent ?? '')?.[1]);
    fill(within(wrap).getByLabelText('round, across'), '20');
    const plain = long();
    // Round the outside of 20 mm at the least, and no more than the sheet makes it.
    expect(plain).toBeGreaterThanOrEqual(Math.PI * 20 - 0.1);
    fill(within(wrap).getByLabelText('overlap'), '3');
    expect(long() - plain).toBeCloseTo(3, 1);
  });

  it('a skirt as wide above as below is a rectangle as long as it is round', () => {
    atBench(<Sheets />, { piece, part: 'post', stage: 'bulk' });
    const skirt = screen.getByRole('listitem', { name: 'Skirt or cone' });
    fill(within(skirt).getByLabelText('hem, across'), '30');
    fill(within(skirt).getByLabelText('waist, across'), '30');
    expect(skirt.textContent).toContain(`a rectangle of ${(Math.PI * 30).toFixed(1)} by`);
    // A cone 60 across and 40 high has a side of 50 (3, 4, 5): 216° of a ring of that.
    fill(within(skirt).getByLabelText('hem, across'), '60');
    fill(within(skirt).getByLabelText('waist, across'), '0');
    fill(within(skirt).getByLabelText('skirt, tall'), '40');
    expect(skirt.textContent).toContain('216° of a ring from 0.0 to 50.0 mm');
  });
});

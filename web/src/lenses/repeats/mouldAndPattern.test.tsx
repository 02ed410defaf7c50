// @vitest-environment happy-dom
import type { Part, PartId } from '@every-inch/core/piece';
import { act, screen, waitFor, within } from '@testing-library/react';
import type { ComponentType } from 'react';
import { describe, expect, it } from 'vitest';
import { figures } from '../../spine/open.ts';
import { selected } from '../../state/sessionSlice.ts';
import { selectPart, store, useAppSelector } from '../../state/store.ts';
import { atBench, ferryOf, fill, pieceNow, withDesk } from '../../testing/bench.tsx';
import { Mould } from './Mould.tsx';
import { Pattern } from './Pattern.tsx';
import { Spacing } from './Spacing.tsx';

withDesk();

const ferry = ferryOf('mug', 'post');
const of = (part: string, key: string) => figures.find(part, key)?.quantity.value;
const partOf = (id: string) => pieceNow().parts.find((part) => part.id === id) ?? expect.fail(`no ${id}`);

/** One section on the selected part, as it changes. */
function Of({ show: Show }: { readonly show: ComponentType<{ readonly part: Part }> }) {
  const part = useAppSelector(selectPart);
  return part ? <Show part={part} /> : null;
}

describe('casts and their master', () => {
  it('two lengths go to the log, and the next master is larger; two that cannot be are refused', async () => {
    const { user } = atBench(<Of show={Mould} />, {
      piece: { ...ferry, log: [] },
      part: 'mug',
      stage: 'repeats',
    });
    await waitFor(() => expect(of('mug', 'mould.oversize')).toBeGreaterThan(1));
    const before = of('mug', 'mould.oversize') ?? 0;
    const keep = await screen.findByRole('button', { name: 'Write it into the log' });
    expect(keep.hasAttribute('disabled')).toBe(true);
    fill(screen.getByLabelText('on the master'), '20');
    fill(screen.getByLabelText('the same on the cast'), '10');
    expect(screen.getByRole('alert').textContent).toMatch(/differs by 50 %/);
    fill(screen.getByLabelText('the same on the cast'), '18');
    expect(screen.queryByRole('alert')).toBeNull();
    await user.click(keep);
    expect(pieceNow().log.at(-1)).toMatchObject({
      kind: 'cast',
      part: 'mug',
      cast: { of: 'putty', casts: 'clay', masterMm: 20, castMm: 18 },
    });
    await waitFor(() => expect(of('mug', 'mould.oversize')).toBeGreaterThan(before + 0.02));
    expect(await screen.findByText(/One cast measured: 10\.0 % smaller/)).toBeTruthy();
  });

  it('tells what comes off and how long the parting line is, with or without a view in space', async () => {
    const { user } = atBench(<Of show={Mould} />, { piece: ferry, part: 'mug', stage: 'repeats' });
    const legend = await screen.findByRole('list', { name: 'How its places come off' });
    expect(within(legend).getAllByRole('listitem').length).toBeGreaterThan(0);
    expect(screen.getByText(/This browser draws nothing in space/)).toBeTruthy();
    await user.click(screen.getByLabelText('cured in the mould'));
    expect(partOf('mug').mould?.bakedIn).toBe(true);
  });

  it('what was typed of one part’s master does not stand beside another’s cast', async () => {
    const { mould } = ferry.parts.find(({ id }) => id === 'mug') ?? expect.fail('no mug');
    const parts = ferry.parts.map((one) => ({ ...one, mould }));
    atBench(<Of show={Mould} />, { piece: { ...ferry, parts }, part: 'mug', stage: 'repeats' });
    fill(await screen.findByLabelText('on the master'), '20');
    expect(screen.getByLabelText<HTMLInputElement>('on the master').value).toBe('20.0');
    act(() => {
      store.dispatch(selected('post' as PartId));
    });
    await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>('on the master').value).toBe(''));
  });

  it('rocks of foil say tray and sheet instead of portions', async () => {
    const mug = ferry.parts.find(({ id }) => id === 'mug') ?? expect.fail('no mug');
    const mould = { ...(mug.mould ?? expect.fail('no mould')), kind: 'foil', of: 'foil', runs: 10 } as const;
    const parts = ferry.parts.map((one) => (one.id === 'mug' ? { ...one, mould } : one));
    atBench(<Of show={Mould} />, { piece: { ...ferry, parts }, part: 'mug', stage: 'repeats' });
    const ways = await screen.findByRole('list', { name: 'Ways to the rocks' });
    expect(within(ways).getByText(/^10 rocks take/)).toBeTruthy();
    expect(screen.queryByText(/Two equal portions/)).toBeNull();
  });
});

describe('patterned clay', () => {
  it('is begun, told kind by kind, kept within its limits, and taken away', async () => {
    const { user } = atBench(<Of show={Pattern} />, {
      piece: ferry,
      part: 'post',
      stage: 'repeats',
    });
    await user.click(screen.getByRole('button', { name: '+ A pattern in the clay of Mooring post' }));
    expect(partOf('post').pattern?.kind).toBe('marble');
    expect(screen.getByText(/One clay alone makes no pattern/)).toBeTruthy();
    await user.selectOptions(screen.getByLabelText('Its clays are'), 'cane');
    fill(screen.getByLabelText('reduced to, across'), '5');
    expect(partOf('post').pattern).toMatchObject({ kind: 'cane', reducedMm: 5 });
    await waitFor(() => {
      const [blank, reduced] = [of('post', 'pattern.blank') ?? 0, of('post', 'pattern.reduced') ?? 0];
      // 20 mm down to 5: sixteen times as long.
      expect(reduced / blank).toBeCloseTo(16, 6);
    });
    fill(screen.getByLabelText('slices, thick'), '99999');
    expect(partOf('post').pattern?.sliceMm).toBe(1000);
    await user.selectOptions(screen.getByLabelText('Its clays are'), 'twist');
    await user.selectOptions(screen.getByLabelText('stripes'), 'left');
    expect(partOf('post').pattern?.hand).toBe('left');
    await user.click(screen.getByRole('button', { name: 'Mooring post of one colour' }));
    expect(partOf('post').pattern).toBeNull();
  });
});

describe('even spacing', () => {
  it('goes round the part that is picked, at a height, as far as it is round there', async () => {
    const { user } = atBench(<Spacing />, { piece: ferry, part: 'mug', stage: 'repeats' });
    const list = await screen.findByLabelText('Divide');
    await waitFor(() =>
      expect(within(list).getByRole('option', { name: 'round Enamel mug at a height' })).toBeTruthy(),
    );
    await user.selectOptions(list, 'round');
    const said = () =>
      Number(
        /([\d.]+) mm long/.exec(screen.getByRole('region', { name: 'Even spacing' }).textContent ?? '')?.[1],
      );
    await waitFor(() => expect(said()).toBeGreaterThan(10));
    fill(screen.getByLabelText('over its foot'), '500');
    // No higher than the mug is.
    await waitFor(() =>
      expect(Number((screen.getByLabelText('over its foot') as HTMLInputElement).value)).toBeLessThan(10),
    );
    await user.selectOptions(screen.getByLabelText('Divide'), 'a straight line');
    await waitFor(() => expect(said()).toBe(80));
  });
});

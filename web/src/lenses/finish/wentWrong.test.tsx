// @vitest-environment happy-dom
import { setAt } from '@every-inch/core/piece';
import { screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { atBench, ferryOf, withDesk } from '../../testing/bench.tsx';
import { useZones } from './useZones.ts';
import { WentWrong } from './WentWrong.tsx';

withDesk();

function Shown() {
  return <WentWrong zones={useZones()} picked="bricks" />;
}

const whole = ferryOf('quay');
const bricks = whole.zones.find(({ id }) => id === 'bricks');
const unsealed = setAt(
  whole,
  ['zones', 'bricks', 'layers'],
  bricks?.layers.filter(({ kind }) => kind !== 'seal' && kind !== 'prime') ?? [],
);

describe('what went wrong', () => {
  it('a wash over unprimed paint is why it lifted; the rescue and the next time stand under it', async () => {
    const { user } = atBench(<Shown />, { piece: unsealed, part: 'quay', stage: 'finish' });
    await screen.findByRole('region', { name: 'What went wrong with bricks' });
    await user.selectOptions(screen.getByLabelText('The trouble'), 'Why did it lift or peel?');
    const told = await screen.findByRole('region', { name: 'What went wrong with bricks' });
    expect(within(told).getByText(/thin wash of acrylic over/)).toBeTruthy();
    expect(within(told).getByText('What to do with it')).toBeTruthy();
    expect(within(told).getByText('And next time')).toBeTruthy();
  });

  it('a pour is asked about in its own words', async () => {
    const pour = whole.pours[0];
    if (!pour) throw new Error('the ferry has a pour');
    const { user } = atBench(<Shown />, { piece: whole, part: 'quay', stage: 'finish' });
    await user.selectOptions(await screen.findByLabelText('With'), `${pour.name}, the pour`);
    await user.selectOptions(screen.getByLabelText('The trouble'), 'Why won’t it set?');
    expect(await screen.findByText(/was not as it has to be/)).toBeTruthy();
  });

  it('where nothing is painted, glued or poured it says so', async () => {
    const nothing = { ...whole, zones: [], pours: [], joints: [] };
    atBench(<Shown />, { piece: nothing, part: 'quay', stage: 'finish' });
    expect(await screen.findByText(/Nothing is painted, glued or poured yet/)).toBeTruthy();
  });
});

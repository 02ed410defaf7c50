// @vitest-environment happy-dom

import {
  addPart,
  type ClayId,
  DEFAULT_CLAY,
  DEFAULT_PART,
  newPiece,
  type PartId,
} from '@every-inch/core/piece';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { usePartFacts, useRouteFacts } from '../../spine/hooks.ts';
import { useOpenPiece } from '../../state/store.ts';
import { atBench, fill, pieceNow, press, withDesk } from '../../testing/bench.tsx';
import { Staging } from './Staging.tsx';

withDesk();

const clays = ['russet', 'white'].map((id) => ({ ...DEFAULT_CLAY, id: id as ClayId, name: id }));
const fox = addPart({ ...newPiece('Fox', '2026-05-01T09:00:00Z'), clays }, {
  ...DEFAULT_PART,
  id: 'fox' as PartId,
  name: 'Fox',
  form: { kind: 'beast', withersMm: 400, proportions: 'dog', build: 1, pose: 'standing', angles: {} },
  mix: [{ clay: 'russet' as ClayId, parts: 1 }],
} as typeof DEFAULT_PART & Parameters<typeof addPart>[1]);

function Bench() {
  useOpenPiece();
  const context = usePartFacts('fox');
  const { route } = useRouteFacts();
  return (
    <>
      {context && <Staging context={context} />}
      <ol aria-label="Steps">
        {route.steps.map(({ id, title }) => (
          <li key={id}>{title}</li>
        ))}
      </ol>
    </>
  );
}
const titles = () =>
  [...screen.getByRole('list', { name: 'Steps' }).children].map(({ textContent }) => textContent ?? '');

async function staged() {
  atBench(<Bench />, { piece: fox, stage: 'bulk' });
  const groups = await screen.findByRole('group', { name: 'Groups of regions' });
  return { groups, brushes: screen.getByRole('group', { name: 'What a press puts on' }) };
}
const part = () => pieceNow().parts[0] ?? expect.fail('no part');
const passes = () => Object.fromEntries(part().regions.map(({ region, pass }) => [region, pass]));
const region = (name: string, view = 0) =>
  document.querySelectorAll(`path[data-region="${name}"]`)[view] ?? expect.fail(`no ${name}`);

describe('which bake a part goes on for', () => {
  it('body first, then head, ears backed, tail: a fox is staged in five gestures', async () => {
    const { groups, brushes } = await staged();
    press('head', groups);
    fireEvent.pointerDown(region('tail'), { pointerId: 1 });
    press('bake 3', brushes);
    fireEvent.pointerDown(region('left ear'), { pointerId: 1 });
    press('+ another clay over the baked first');
    expect(passes()).toEqual({ head: 2, tail: 2, 'left ear': 3, 'right ear': 3 });
    expect(part().layers).toMatchObject([{ regions: [], pass: 4 }]);
    await waitFor(() => expect(titles()).toContain('Fox: second clay'));
    expect(titles().filter((title) => /^(Short bake|Bake|Final bake)/.test(title)).length).toBeGreaterThan(2);
  });

  it('one side alone where that is wanted, and dragging paints on', async () => {
    const { brushes } = await staged();
    fireEvent.click(screen.getByLabelText('both sides alike'));
    fireEvent.pointerDown(region('left ear'), { pointerId: 1 });
    fireEvent.pointerEnter(region('head'), { pointerId: 1, buttons: 1 });
    fireEvent.pointerEnter(region('neck'), { pointerId: 1, buttons: 0 });
    expect(passes()).toEqual({ 'left ear': 2, head: 2 });
    press('bake 1', brushes);
    fireEvent.pointerDown(region('left ear'), { pointerId: 1 });
    expect(passes()).toEqual({ head: 2 });
  });

  it('a layer has its clay, thickness, bake and places, and goes again', async () => {
    const { groups } = await staged();
    press('+ another clay over the baked first');
    const rows = within(screen.getByRole('list', { name: 'Clays over what is baked' }));
    fill(rows.getByLabelText('Layer'), 'winter coat');
    fill(rows.getByLabelText('winter coat, thick'), '1.5');
    fill(rows.getByLabelText('winter coat, goes on for bake'), '3');
    press('body', groups);
    expect(part().layers).toMatchObject([
      { name: 'winter coat', thicknessMm: 1.5, pass: 3, regions: ['trunk', 'neck'] },
    ]);
    fireEvent.pointerDown(region('neck'), { pointerId: 1 });
    expect(part().layers[0]?.regions).toEqual(['trunk']);
    expect(screen.getByRole('button', { name: 'over trunk', pressed: true })).toBeTruthy();
    fireEvent.click(rows.getByRole('button', { name: 'Remove' }));
    expect(part().layers).toEqual([]);
  });
});

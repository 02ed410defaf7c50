// @vitest-environment happy-dom
import { DEFAULT_ZONE, type PartId, type Piece, type Zone } from '@every-inch/core/piece';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { figures } from '../../spine/open.ts';
import { atBench, ferryOf, fill, pieceNow, withDesk } from '../../testing/bench.tsx';
import FinishLens from './FinishLens.tsx';

withDesk();

const bare: Piece = { ...ferryOf('post', 'quay'), zones: [], pours: [], stood: [] };
const wall: Zone = {
  ...DEFAULT_ZONE,
  id: 'wall',
  name: 'wall',
  part: 'quay' as PartId,
  side: 'front',
  colour: '#9a6048',
};
const walled: Piece = { ...bare, zones: [wall] };
const atFinish = (piece: Piece) => atBench(<FinishLens />, { piece, part: 'quay', stage: 'finish' });
const value = (key: string) => figures.find(null, key)?.quantity.value;
const level = (key: string) => figures.find(null, key)?.verdict?.level;
const layers = () => screen.findByRole('list', { name: 'Layers of wall' });
const kinds = () => pieceNow().zones[0]?.layers.map(({ kind }) => kind);

describe('surfaces', () => {
  it('one is begun on the part that is looked at, its layers are proposed, and it is taken away', async () => {
    const { user } = atFinish(bare);
    await user.click(await screen.findByRole('button', { name: '+ a surface: its layers are proposed' }));
    const { id, part } = pieceNow().zones[0] ?? expect.fail('no surface');
    expect(part).toBe('quay');
    await waitFor(() => expect(value(`finish.volume.${id}-base`)).toBeGreaterThan(0));
    expect(pieceNow().zones[0]?.isOwn).toBe(false);
    await user.click(screen.getByRole('button', { name: 'take Brick quay away' }));
    expect(pieceNow().zones).toEqual([]);
  });

  it('its side, its height and its share make its area; an own area goes before them', async () => {
    atFinish(walled);
    await waitFor(() => expect(value('finish.area.wall')).toBeGreaterThan(100));
    const whole = value('finish.area.wall') ?? 0;
    fill(screen.getByLabelText('Of that, taken'), '50');
    await waitFor(() => expect(value('finish.area.wall')).toBeCloseTo(whole / 2, 6));
    fill(screen.getByLabelText('To'), '50');
    await waitFor(() => expect(value('finish.area.wall')).toBeLessThan(0.3 * whole));
    fill(screen.getByLabelText('Or as you have it'), '42');
    await waitFor(() => expect(value('finish.area.wall')).toBe(42));
  });

  it('a share of nothing, or of more than all, is refused where it is typed', async () => {
    atFinish(walled);
    for (const typed of ['0', '120']) {
      fill(await screen.findByLabelText('Of that, taken'), typed);
      expect(pieceNow().zones[0]?.sharePct).toBe(100);
    }
  });

  it('water that it meets is told against what lies on it', async () => {
    const { user } = atFinish({
      ...walled,
      zones: [{ ...wall, isOwn: true, layers: [] }],
    });
    await user.click(await screen.findByRole('checkbox', { name: 'water' }));
    expect(pieceNow().zones[0]?.meets).toEqual(['water']);
  });
});

describe('layers', () => {
  it('proposed ones become the maker’s own with the first change, and go back', async () => {
    const { user } = atFinish(walled);
    const list = await layers();
    await user.click(within(list).getByRole('button', { name: 'leave dry brush out' }));
    expect(pieceNow().zones[0]?.isOwn).toBe(true);
    expect(kinds()).not.toContain('drybrush');
    await user.click(screen.getByRole('button', { name: 'as they are proposed again' }));
    expect(pieceNow().zones[0]?.isOwn).toBe(false);
    await waitFor(async () =>
      expect(within(await layers()).getByRole('button', { name: 'leave dry brush out' })).toBeTruthy(),
    );
  });

  it('two changes in a row are both kept, however far behind the figures are', async () => {
    const { user } = atFinish(walled);
    const list = await layers();
    await user.click(within(list).getByRole('button', { name: 'leave prime out' }));
    fireEvent.click(within(list).getByRole('button', { name: 'leave seal out' }));
    expect(kinds()).not.toContain('prime');
    expect(kinds()).not.toContain('seal');
    await waitFor(() => expect(level('finish.holds.wall')).toBe('doubtful'));
    // How it went is kept in the log, and moves the rule.
    await user.click((await screen.findAllByRole('button', { name: 'It went well' }))[0] as HTMLElement);
    expect(pieceNow().log.at(-1)?.result).toEqual({ rule: 'finish.wash', stuff: null, outcome: 'good' });
    await waitFor(() => expect(level('finish.holds.wall')).toBe('good'));
  });

  it('matt over gloss is told, and moved it holds', async () => {
    const layer = (id: string, kind: 'gloss' | 'matt', of: 'gloss-varnish' | 'matt-varnish') => ({
      id,
      kind,
      of,
      colour: null,
      coats: 1,
      how: 'brush' as const,
      thin: 0,
      filmMm: null,
      lengthMm: null,
      lies: null,
      grain: null,
      decal: null,
      note: '',
    });
    const zone = {
      ...wall,
      isOwn: true,
      layers: [layer('gloss', 'gloss', 'gloss-varnish'), layer('matt', 'matt', 'matt-varnish')],
    };
    const { user } = atFinish({ ...walled, zones: [zone] });
    await waitFor(() => expect(level('finish.holds.wall')).toBe('doubtful'));
    expect(await screen.findAllByText(/the shine is gone/)).not.toHaveLength(0);
    await user.click(within(await layers()).getByRole('button', { name: 'matt earlier' }));
    await waitFor(() => expect(level('finish.holds.wall')).toBe('good'));
  });

  it('one more is put in its usual place, and its coats and thinning make what it takes', async () => {
    const { user } = atFinish(walled);
    await layers();
    await waitFor(() => expect(value('finish.volume.wall-base')).toBeGreaterThan(0));
    const before = value('finish.volume.wall-base') ?? 0;
    await user.click(within(await layers()).getByRole('button', { name: /^base coat/, expanded: false }));
    fill(await screen.findByLabelText('Coats'), '4');
    await waitFor(() => expect(value('finish.volume.wall-base')).toBeCloseTo(2 * before, 9));
    fill(screen.getByLabelText('Thinned 1 to'), '1');
    await waitFor(() => expect(value('finish.volume.wall-base')).toBeCloseTo(before, 9));
    await user.click(screen.getByRole('button', { name: '+ put it in' }));
    expect(kinds()?.indexOf('detail')).toBe((kinds()?.indexOf('drybrush') ?? 0) + 1);
  });
});

describe('own rules', () => {
  it('what turned out well is silent from then on, and forgotten it is told again', async () => {
    const zone: Zone = {
      ...wall,
      isOwn: true,
      layers: [
        {
          id: 'base',
          kind: 'base',
          of: 'acrylic',
          colour: '#9a6048',
          coats: 2,
          how: 'brush',
          thin: 0,
          filmMm: null,
          lengthMm: null,
          lies: null,
          grain: null,
          decal: null,
          note: '',
        },
        {
          id: 'shade',
          kind: 'shade',
          of: 'wash',
          colour: '#171412',
          coats: 1,
          how: 'brush',
          thin: 4,
          filmMm: null,
          lengthMm: null,
          lies: null,
          grain: null,
          decal: null,
          note: '',
        },
      ],
    };
    const { user } = atFinish({ ...walled, zones: [zone] });
    await waitFor(() => expect(level('finish.holds.wall')).toBe('doubtful'));
    await user.click(await screen.findByRole('button', { name: /^Your own rules/ }));
    await user.click(screen.getByRole('button', { name: '+ how it turned out for you' }));
    const { id } = pieceNow().coatRules[0] ?? expect.fail('no rule');
    expect(id).toBeTruthy();
    fireEvent.change(screen.getByLabelText('thin wash of acrylic over acrylic paint'), {
      target: { value: 'silent' },
    });
    await waitFor(() => expect(level('finish.holds.wall')).toBe('good'));
    await user.click(
      screen.getByRole('button', { name: 'forget the rule of thin wash of acrylic over acrylic paint' }),
    );
    await waitFor(() => expect(level('finish.holds.wall')).toBe('doubtful'));
  });
});

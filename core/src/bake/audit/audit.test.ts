import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../../demo/index.ts';
import { makeShapeStore } from '../../form/index.ts';
import { DEFAULT_MOULD, setAt } from '../../piece/index.ts';
import { validateBook } from '../../reckoning/index.ts';
import { moveStep } from '../../route/index.ts';
import { reckonPiece } from '../../spine/index.ts';
import { bakesByPart } from '../plan/index.ts';
import { auditsOf } from './index.ts';

const NOW = '2026-11-26T10:00:00Z';
const shapes = makeShapeStore();
const reckon = (piece: ReturnType<typeof lowWaterFerry>) => {
  const found = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  validateBook(found.book);
  return found;
};
const ferry = lowWaterFerry(NOW);

const RANK = { stop: 0, doubtful: 1, good: 2 };

/** What is found before any of a part's bakes, the worst first, as if the oven went up to a heat. */
function audit(piece: ReturnType<typeof lowWaterFerry>, id: string, peakC = 145) {
  const { contexts, bulk, route, bakes } = reckon(piece);
  const [context, own] = [contexts.get(id), bulk.get(id)];
  if (!context || !own) throw new Error(`${id} is not of clay`);
  return auditsOf({ context, bulk: own, route, peakC, stands: null }, bakesByPart(bakes).get(id) ?? [])
    .flatMap(({ items }) => items)
    .sort((a, b) => RANK[a.level] - RANK[b.level]);
}

describe('before the oven', () => {
  it('kit plastic softens at 80 to 100 °C (common practice): it must not go in; put in after the bake it may wait', () => {
    const [worst] = audit(ferry, 'lantern');
    expect(worst).toMatchObject({ level: 'stop', what: 'clear chimney' });
    const { book } = reckon(ferry);
    const verdict = book.get('lantern/bake.audit')?.verdict;
    expect(verdict?.level).toBe('stop');
    const change = verdict?.waysOut[0]?.change;
    if (!change) throw new Error('no way out');
    const mended = setAt(ferry, change.path, change.value);
    expect(audit(mended, 'lantern').filter(({ level }) => level === 'stop')).toEqual([]);
    expect(reckon(mended).book.get('lantern/bake.audit')?.quantity.value).toBe(0);
  });

  it('a wooden oar in her hand bears it, dry; of printed plastic it does not, of nothing said it is asked', () => {
    const of = (stuff: string | null) =>
      audit(setAt(ferry, ['parts', 'oar', 'stuff'], stuff), 'ferrywoman').find(({ what }) => what === 'Oar');
    expect(of('wood')?.level).toBe('good');
    expect(of('wire')?.level).toBe('good');
    expect(of('print')).toMatchObject({ level: 'stop' });
    expect(of('print')?.waysOut[0]).toMatchObject({
      says: 'put Oar on after the bake',
      change: { path: ['parts', 'oar', 'afterBake'], value: true },
    });
    expect(of(null)?.level).toBe('doubtful');
  });

  it('superglue stops, unless the maker bakes it knowingly: then it is warned of', () => {
    const glued = setAt(ferry, ['parts', 'oar', 'stuff'], 'superglue');
    const of = (piece: typeof glued) => audit(piece, 'ferrywoman').find(({ what }) => what === 'Oar')?.level;
    expect(of(glued)).toBe('stop');
    expect(of(setAt(glued, ['brief', 'schools', 'superglue'], 'knowingly'))).toBe('doubtful');
  });

  it('in a route of the maker’s own the way out moves the step behind the last bake', () => {
    const own = { ...ferry, route: reckon(ferry).route.route };
    const stop = audit(own, 'lantern')[0];
    expect(stop).toMatchObject({ level: 'stop', what: 'clear chimney' });
    const change = stop?.waysOut[0]?.change;
    if (!change) throw new Error('no way out');
    expect(change.path).toEqual(['route']);
    const mended = setAt(own, change.path, change.value);
    expect(audit(mended, 'lantern').filter(({ level }) => level === 'stop')).toEqual([]);
    const ids = mended.route?.steps.map(({ id }) => id) ?? [];
    expect(ids.indexOf('fix-lantern-chimney')).toBeGreaterThan(ids.indexOf('bake-full'));
    expect(reckon(mended).route.judged.faults).toEqual([]);
  });

  it('a glue left on by a step goes in as well: white glue softens at 60 °C (from memory)', () => {
    const { route } = reckon(ferry).route;
    const glued = {
      ...ferry,
      route: {
        ...route,
        steps: route.steps.map((step) =>
          step.id === 'clean-goose' ? { ...step, leaves: 'pva' as const } : step,
        ),
      },
    };
    const stop = audit(glued, 'goose')[0];
    expect(stop).toMatchObject({ level: 'stop', says: expect.stringContaining('white glue') });
    expect(stop?.waysOut[0]?.says).toContain('behind the last bake');
  });

  it('a pin let in after the bake is asked for before it; a cell is right to wait', () => {
    const of = (piece: typeof ferry, what: string) =>
      audit(piece, 'lantern').find((item) => item.what === what);
    expect(of(ferry, 'lamp cell')).toMatchObject({
      level: 'good',
      says: expect.stringContaining('must stay open'),
    });
    const inserts = ferry.parts.find(({ id }) => id === 'lantern')?.inserts ?? [];
    const pinned = setAt(
      ferry,
      ['parts', 'lantern', 'inserts'],
      inserts.map((one) => (one.id === 'lamp-cell' ? { ...one, name: 'eye pin', stuff: 'wire' } : one)),
    );
    expect(of(pinned, 'eye pin')).toMatchObject({
      level: 'doubtful',
      says: expect.stringContaining('cannot be pushed'),
    });
  });

  it('a cast in its mould is held to the lower of two windows: 118 °C for 30 min there (common practice), the packet after it', () => {
    const of = (casts: boolean, peakC: number, packet: { lowC: number; highC: number } | null) => {
      const mould = { ...DEFAULT_MOULD, kind: 'halves', bakedIn: casts } as const;
      const within = setAt(ferry, ['parts', 'mug', 'mould'], mould);
      const clays = within.clays.map((clay) => ({
        ...clay,
        packet: packet && { ...packet, lowMinutes: 30, highMinutes: 30 },
      }));
      return audit({ ...within, clays }, 'mug', peakC).find(({ what }) => what.startsWith('mould of'));
    };
    const cool = { lowC: 110, highC: 130 };
    expect(of(false, 130, null)).toBeUndefined();
    expect(of(true, 118, cool)).toMatchObject({
      level: 'good',
      says: expect.stringContaining('118 °C for 30'),
    });
    // The load is hotter than a mould is used at, though the packet would allow that of the mould.
    expect(of(true, 145, cool)).toMatchObject({ level: 'doubtful', says: expect.stringContaining('145 °C') });
    // The load is cool enough for the mould, but the packet begins above it.
    const firmed = of(true, 118, { lowC: 130, highC: 140 });
    expect(firmed).toMatchObject({ level: 'doubtful', says: expect.stringContaining('only firms it') });
    const change = firmed?.waysOut[0]?.change;
    expect(change).toEqual({ path: ['parts', 'mug', 'mould', 'bakedIn'], value: false });
  });

  it('a part put in before it has any clay is named, and can be left out', () => {
    const { route } = reckon(ferry).route;
    const at = route.steps.findIndex(({ id }) => id === 'bake-full');
    const early = { ...ferry, route: moveStep(route, 'skin-goose', at) };
    const stop = audit(early, 'goose').find(({ level }) => level === 'stop');
    expect(stop?.says).toContain('no clay is on it yet');
    const change = stop?.waysOut[0]?.change;
    const mended = setAt(early, change?.path ?? [], change?.value);
    expect(audit(mended, 'goose').filter(({ level }) => level === 'stop')).toEqual([]);
  });

  it('a heat under what it softens at is borne: foam in a plate warmer of 50 °C', () => {
    const foam = setAt(ferry, ['parts', 'oar', 'stuff'], 'foam');
    expect(audit(foam, 'ferrywoman', 50).find(({ what }) => what === 'Oar')?.level).toBe('good');
    expect(audit(foam, 'ferrywoman', 130).find(({ what }) => what === 'Oar')?.level).toBe('stop');
  });

  it('a wooden core has to be dry; thin clay browns early', () => {
    const wood = setAt(ferry, ['parts', 'post', 'core', 'kind'], 'wood');
    expect(audit(wood, 'post').map(({ what }) => what)).toContain('wood core');
    expect(
      audit(ferry, 'mug')
        .map(({ says }) => says)
        .join(),
    ).toContain('browns early');
  });
});

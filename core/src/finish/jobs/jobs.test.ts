import { describe, expect, it } from 'vitest';
import { type CoatLayer, DEFAULT_COAT_LAYER, type LayerKind } from '../../piece/index.ts';
import type { ZoneFacts } from '../zones/zoneFacts.ts';
import { finishJobs } from './jobs.ts';

const layer = (kind: LayerKind, n = 1): CoatLayer => ({
  ...DEFAULT_COAT_LAYER,
  id: `${kind}-${n}`,
  kind,
  of: kind === 'bake' ? null : 'acrylic',
});
const zone = (id: string, part: string, ...layers: readonly CoatLayer[]): ZoneFacts => ({
  id,
  name: id,
  part,
  layers,
  body: 'clay',
  bodyColour: '#c9b6a0',
  state: 'planned',
  isRaw: true,
  meets: [],
  later: [],
  schools: { colour: 'painted', superglue: 'never' },
  peakC: 135,
  humidityPct: 50,
});
const kinds = (jobs: ReturnType<typeof finishJobs>) => jobs.map(({ kind }) => kind);

describe('jobs of a finish', () => {
  it('take like layers of all surfaces together, after the bake, each behind the one before', () => {
    const jobs = finishJobs([
      zone('coat', 'woman', layer('texture'), layer('bake'), layer('base'), layer('shade'), layer('matt')),
      zone('face', 'woman', layer('bake'), layer('base'), layer('detail'), layer('matt')),
      zone('wall', 'quay', layer('base'), layer('drybrush')),
    ]);
    expect(kinds(jobs)).toEqual(['base', 'shade', 'drybrush', 'detail', 'matt']);
    expect(jobs[0]).toMatchObject({
      parts: ['woman', 'quay'],
      needs: [],
      title: 'Base coat: coat, face, wall',
    });
    expect(jobs.slice(1).map(({ needs }) => needs)).toEqual(jobs.slice(0, -1).map(({ id }) => [id]));
  });

  it('keep the order of every surface, also where a kind comes twice', () => {
    const jobs = finishJobs([
      zone('a', 'x', layer('shade', 1), layer('drybrush'), layer('shade', 2)),
      zone('b', 'x', layer('shade', 1), layer('matt')),
    ]);
    const ids = jobs.flatMap((job) => job.layers.map(({ zone: of, layer: id }) => `${of} ${id}`));
    expect(ids.indexOf('a shade-1')).toBeLessThan(ids.indexOf('a drybrush-1'));
    expect(ids.indexOf('a drybrush-1')).toBeLessThan(ids.indexOf('a shade-2'));
    expect(ids.indexOf('b shade-1')).toBeLessThan(ids.indexOf('b matt-1'));
    expect(new Set(jobs.map(({ id }) => id)).size).toBe(jobs.length);
  });

  it('surfaces that want it the other way round are done one by one', () => {
    const jobs = finishJobs([
      zone('a', 'x', layer('matt'), layer('gloss')),
      zone('b', 'y', layer('gloss'), layer('matt')),
    ]);
    expect(jobs.map(({ kind, parts }) => `${kind} ${parts.join()}`)).toEqual([
      'matt x',
      'gloss x',
      'gloss y',
      'matt y',
    ]);
  });

  it('nothing to do is no job', () => {
    expect(finishJobs([])).toEqual([]);
    expect(finishJobs([zone('a', 'x', layer('texture'), layer('bake'))])).toEqual([]);
  });
});

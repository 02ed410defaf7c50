import { lowWaterFerry, tollFrogs } from '@every-inch/core/demo';
import { makeShapeStore } from '@every-inch/core/form';
import { isOfKind } from '@every-inch/core/reckoning';
import { FIGURE_KINDS, reckonPiece } from '@every-inch/core/spine';
import { describe, expect, it } from 'vitest';
import { PIECE_KEYS } from '../parts/keys.ts';
import { namesEntry, stageOfEntry } from '../parts/lens.ts';
import { STAGES } from '../parts/stages.ts';
import { LENSES, lensOf } from './index.ts';

const NOW = '2026-05-01T09:00:00Z';
const at = (path: string) => stageOfEntry(LENSES, path.split('/'));

describe('manifests of the lenses', () => {
  it('are each over a stage of the rule, one over each, in its order', () => {
    const onRule = STAGES.flatMap(({ stage }) => (lensOf(stage) ? [stage] : []));
    expect(LENSES.map(({ stage }) => stage)).toEqual(onRule);
    expect(lensOf('no-such')).toBeUndefined();
    expect(lensOf(undefined)).toBeUndefined();
  });

  it('load what they name', async () => {
    for (const { load } of LENSES) expect(typeof (await load()).default).toBe('function');
  });

  it('take no key that works everywhere, and no key twice in one lens', () => {
    const everywhere = PIECE_KEYS.flatMap(([keys]) => keys.split(/, | /));
    for (const { stage, keys } of LENSES) {
      const own = keys.flatMap(([key]) => key.split(/, | /));
      expect(
        own.filter((key) => everywhere.includes(key) && key !== '↑' && key !== '↓'),
        stage,
      ).toEqual([]);
      expect(new Set(keys.map(([key]) => key)).size, stage).toBe(keys.length);
    }
  });

  it('name no entry twice', () => {
    const all = LENSES.flatMap(({ edits }) => edits);
    expect(all.filter((one, i) => all.indexOf(one) !== i)).toEqual([]);
  });

  it.each([
    ['route/steps/a', 'bench'],
    ['oven/dialC', 'bake'],
    ['parts/goose/wire', 'bones'],
    ['parts/goose/mix', 'bulk'],
    ['parts/goose/form/heightMm', 'size'],
    ['parts/goose/features', 'brief'],
    ['brief/due', 'brief'],
    ['name', 'brief'],
  ])('the entry %s is made at %s', (path, stage) => {
    expect(at(path)).toBe(stage);
  });

  it('between them make every entry that a working of the example pieces names', () => {
    const entries = [lowWaterFerry(NOW), tollFrogs(NOW)].flatMap((piece) =>
      reckonPiece(piece, { shapes: makeShapeStore(), workshopOwn: {}, now: NOW }).book.all.flatMap(
        ({ terms }) => terms.flatMap(({ origin }) => (origin.kind === 'entry' ? [origin.path] : [])),
      ),
    );
    expect(entries.length).toBeGreaterThan(100);
    const nowhere = entries.filter((path) => stageOfEntry(LENSES, path) === null);
    expect([...new Set(nowhere.map((path) => path.join('/')))]).toEqual([]);
  });

  it('the most exact of them has an entry, also where another names what it stands in', () => {
    expect(namesEntry('parts.*.form', ['parts', 'goose', 'form', 'heightMm'])).toBe(true);
    expect(namesEntry('parts.*.form', ['parts', 'goose', 'note'])).toBe(false);
    expect(namesEntry('parts.*.form.heightMm', ['parts', 'goose', 'form'])).toBe(false);
    const nothing = async () => ({ default: () => null });
    const lens = (stage: 'size' | 'bones', edits: string[]) => ({ stage, edits, keys: [], load: nothing });
    const both = [lens('size', ['parts.*.form']), lens('bones', ['parts.*.form.angles'])];
    expect(stageOfEntry(both, ['parts', 'a', 'form', 'angles', 'left hip'])).toBe('bones');
    expect(stageOfEntry(both, ['parts', 'a', 'form', 'heightMm'])).toBe('size');
    expect(stageOfEntry(both, ['log'])).toBeNull();
  });

  it('every kind of figure belongs to a stage that can be entered, and is found by the keys it gives', () => {
    for (const kind of FIGURE_KINDS) {
      expect(lensOf(kind.stage)?.stage, kind.key).toBe(kind.stage);
      expect(isOfKind(kind.key.replace('*', 'anything'), kind), kind.key).toBe(true);
    }
  });
});

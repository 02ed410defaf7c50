import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import type { PartId } from '../piece/index.ts';
import { validatePiece } from '../piece/index.ts';
import { lessonsFor, recordMeasure } from './index.ts';

const NOW = '2026-05-01T09:00:00Z';
const ferry = lowWaterFerry(NOW);
const post = 'post' as PartId;

describe('recording a measure', () => {
  it('adds an entry, and a second reading within ten minutes corrects it', () => {
    const once = recordMeasure(ferry, post, 'widest', 20.5, NOW);
    expect(once.log).toHaveLength(ferry.log.length + 1);
    const corrected = recordMeasure(once, post, 'widest', 20.8, '2026-05-01T09:09:00Z');
    expect(corrected.log).toHaveLength(once.log.length);
    expect(corrected.log.at(-1)?.measure).toEqual({ key: 'widest', madeMm: 20.8 });
    const later = recordMeasure(corrected, post, 'widest', 20.7, '2026-05-01T09:20:00Z');
    expect(later.log).toHaveLength(once.log.length + 1);
    expect(validatePiece(later)).toEqual([]);
  });

  it('never overwrites a reading that has a note', () => {
    const noted = { ...ferry, log: ferry.log.map((entry) => ({ ...entry, at: NOW })) };
    expect(recordMeasure(noted, 'ferrywoman' as PartId, 'stature', 139, NOW).log).toHaveLength(
      noted.log.length + 1,
    );
  });
});

describe('lessons', () => {
  it('speak up at the stage they were learned at, the selected part’s first', () => {
    expect(lessonsFor(ferry, 'bake', null).map(({ id }) => id)).toEqual(['handles-1']);
    expect(lessonsFor(ferry, 'size', null)).toEqual([]);
    const two = {
      ...ferry,
      log: ferry.log.map((entry) =>
        entry.id === 'handles-2' ? { ...entry, part: post, lesson: 'Prop the post.' } : entry,
      ),
    };
    expect(lessonsFor(two, 'bake', 'mug-handle')[0]?.id).toBe('handles-1');
    expect(lessonsFor(two, 'bake', 'post')[0]?.id).toBe('handles-2');
  });
});

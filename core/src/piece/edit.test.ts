import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import { STARTS, withMeasure } from '../form/index.ts';
import {
  addEntry,
  addPart,
  DEFAULT_CORE,
  DEFAULT_ENTRY,
  DEFAULT_PART,
  duplicatePart,
  type EntryId,
  freeName,
  movePart,
  newId,
  type Part,
  type PartId,
  PathError,
  type Piece,
  partDepths,
  removeClay,
  removePart,
  setAt,
  validatePiece,
} from './index.ts';

const ferry = lowWaterFerry('2026-05-01T09:00:00Z');
const id = (name: string) => name as PartId;
const ids = (piece: Piece) => piece.parts.map((part) => part.id as string);

describe('setting a value', () => {
  it('changes one place and shares the rest', () => {
    const next = setAt(ferry, ['parts', 'quay', 'core', 'kind'], 'none');
    const quay = (piece: Piece) => piece.parts.find((part) => part.id === 'quay');
    expect(quay(next)?.core.kind).toBe('none');
    expect(next.parts[0]).toBe(ferry.parts[0]);
    expect(quay(ferry)?.core.kind).toBe('school');
    expect(setAt(ferry, ['name'], ferry.name)).toBe(ferry);
  });

  it('refuses a path that leads nowhere', () => {
    expect(() => setAt(ferry, ['parts', 'moon', 'name'], 'x')).toThrow(PathError);
    expect(() => setAt(ferry, ['name', 'x'], 1)).toThrow('the piece has nothing at name/x');
  });
});

describe('parts', () => {
  it('a copy has its own ids and name, and takes what hangs on it along', () => {
    let seed = 0;
    const { piece, copy } = duplicatePart(ferry, id('mug'), () => (seed += 0.01));
    const added = piece.parts.filter((part) => !ids(ferry).includes(part.id));
    expect(added.map(({ name }) => name)).toEqual(['Enamel mug 2', 'Mug handle']);
    expect(added[1]?.parent).toBe(copy);
    expect(validatePiece(piece)).toEqual([]);
    expect(freeName('Post 3', ['Post', 'Post 2'])).toBe('Post 3');
  });

  it('a removed part takes its children and leaves its log', () => {
    const piece = removePart(ferry, id('mug'));
    expect(ids(piece)).not.toContain('mug-handle');
    expect(piece.log).toHaveLength(ferry.log.length);
    expect(validatePiece(piece)).toEqual([]);
  });

  it('moves before another, under a parent, and never into itself', () => {
    expect(ids(movePart(ferry, id('quay'), id('ferrywoman'), null))[0]).toBe('quay');
    const nested = movePart(ferry, id('lantern'), id('crate'), id('post'));
    expect(nested.parts.find((part) => part.id === 'lantern')?.parent).toBe('post');
    expect(movePart(ferry, id('mug'), id('mug-handle'), null)).toBe(ferry);
    expect(movePart(ferry, id('mug'), null, id('mug-handle'))).toBe(ferry);
  });

  it('stays sound through any run of edits (property)', () => {
    const pick = fc.nat({ max: 30 });
    const edit = fc.oneof(
      fc.tuple(fc.constant('add' as const), pick, pick),
      fc.tuple(fc.constant('remove' as const), pick, pick),
      fc.tuple(fc.constant('copy' as const), pick, pick),
      fc.tuple(fc.constant('move' as const), pick, pick),
      fc.tuple(fc.constant('clay' as const), pick, pick),
    );
    fc.assert(
      fc.property(fc.array(edit, { maxLength: 20 }), (edits) => {
        let seed = 1;
        const random = () => {
          seed = (seed * 48271) % 2147483647;
          return seed / 2147483647;
        };
        let piece = ferry;
        for (const [kind, a, b] of edits) {
          const one = piece.parts[a % Math.max(1, piece.parts.length)];
          const other = piece.parts[b % Math.max(1, piece.parts.length)];
          const start = STARTS[b % STARTS.length];
          if (kind === 'add' && start) {
            const part: Part = {
              ...DEFAULT_PART,
              core: DEFAULT_CORE,
              mix: [],
              bounds: [],
              id: newId('new', random),
              name: 'new',
              form: start.form,
            };
            piece = addPart(piece, part, one?.id ?? null);
          } else if (kind === 'clay')
            piece = removeClay(piece, piece.clays[a % Math.max(1, piece.clays.length)]?.id ?? '');
          else if (!one || !other) continue;
          else if (kind === 'remove') piece = removePart(piece, one.id);
          else if (kind === 'copy') piece = duplicatePart(piece, one.id, random).piece;
          else piece = movePart(piece, one.id, other.id, a % 2 === 0 ? other.id : other.parent);
          expect(validatePiece(piece)).toEqual([]);
        }
      }),
      { seed: 77, numRuns: 100 },
    );
  });
});

describe('log and forms', () => {
  it('keeps entries in order of time', () => {
    const entry = {
      ...DEFAULT_ENTRY,
      pictures: [],
      id: 'early' as EntryId,
      at: '2020-01-01T00:00:00Z',
      kind: 'note' as const,
    };
    expect(addEntry(ferry, entry).log[0]?.id).toBe('early');
  });

  it('sets a measure of any form; a turned profile stretches as a whole', () => {
    for (const { form } of STARTS)
      expect(withMeasure(form, 'no-such-field', 5)).toEqual(
        form.kind === 'turned' ? expect.anything() : form,
      );
    const turned = STARTS.find(({ id }) => id === 'turned')?.form;
    if (turned?.kind !== 'turned') throw new Error('no turned form');
    const taller = withMeasure(turned, 'height', 560);
    expect(taller.kind === 'turned' && taller.profile.map((p) => p.heightMm)).toEqual([
      0, 0, 240, 480, 560, 560,
    ]);
    const wider = withMeasure(turned, 'widest', 440);
    expect(wider.kind === 'turned' && Math.max(...wider.profile.map((p) => p.radiusMm))).toBe(220);
  });
});

describe('adding a part', () => {
  it('puts it behind the part it follows and what hangs on that, or at the end', () => {
    const [oar] = ferry.parts.slice(1);
    const added = { ...(oar as Part), id: id('new'), parent: null };
    expect(ids(addPart(ferry, added, id('ferrywoman'))).slice(0, 4)).toEqual([
      'ferrywoman',
      'oar',
      'new',
      'goose',
    ]);
    expect(ids(addPart(ferry, added, id('nobody'))).at(-1)).toBe('new');
    expect(ids(addPart(ferry, added)).at(-1)).toBe('new');
  });
});

describe('how deep parts hang', () => {
  const chain = (...parents: readonly (string | null)[]): Piece => ({
    ...ferry,
    parts: parents.map((parent, i) => ({
      ...(ferry.parts[0] as Part),
      id: id(`p${i}`),
      parent: parent === null ? null : id(parent),
    })),
  });
  const depths = (piece: Piece) => [...partDepths(piece).values()];

  it('counts the parts above, whichever comes first in the list', () => {
    expect(depths(chain(null, 'p0', 'p1', 'p0'))).toEqual([0, 1, 2, 1]);
    expect(partDepths(chain('p2', null, 'p1')).get(id('p0'))).toBe(2);
  });

  it('takes a parent that is missing for none', () => {
    expect(depths(chain('gone', 'p0'))).toEqual([0, 1]);
  });
});

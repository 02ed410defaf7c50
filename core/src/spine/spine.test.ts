import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { declareSubject, type Found, partReckoner, pieceReckoner, type Subject } from '../context/index.ts';
import { lowWaterFerry, tollFrogs } from '../demo/index.ts';
import { makeShapeStore } from '../form/index.ts';
import {
  duplicatePart,
  movePart,
  type Part,
  type PartId,
  type Piece,
  removePart,
  setAt,
} from '../piece/index.ts';
import { declareFigures, figure, makeBook, validateBook } from '../reckoning/index.ts';
import { allFigures, inOrder, makeSpine, reckonPiece, SUBJECTS, SubjectError } from './index.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();
const ground = (piece: Piece, workshopOwn: Record<string, number> = {}) => ({ piece, workshopOwn, now: NOW });

/** A spine of a piece with everything reckoned once, and what is reckoned again by each later state. */
function watched(first: Piece) {
  let seen: string[] = [];
  const spine = makeSpine(SUBJECTS, shapes, ground(first), (name, of) =>
    seen.push(`${name} ${of ?? ''}`.trim()),
  );
  allFigures(spine);
  let piece = first;
  return {
    spine,
    to(change: (piece: Piece) => Piece, workshopOwn: Record<string, number> = {}): string[] {
      seen = [];
      piece = change(piece);
      spine.change(ground(piece, workshopOwn));
      allFigures(spine);
      return seen;
    },
  };
}

const names = (reckoned: readonly string[]) => [...new Set(reckoned.map((one) => one.split(' ')[0]))].sort();
const partOf =
  (id: string, change: Partial<Part>) =>
  (piece: Piece): Piece => ({
    ...piece,
    parts: piece.parts.map((part) => (part.id === id ? { ...part, ...change } : part)),
  });

describe('one change reckons only what it touches', () => {
  it('a note of the piece or of a part, a caption: nothing at all', () => {
    const { to } = watched(lowWaterFerry(NOW));
    expect(to((piece) => setAt(piece, ['brief', 'note'], 'by Friday'))).toEqual([]);
    expect(to(partOf('post', { note: 'the old one' }))).toEqual([]);
    expect(
      to((piece) => ({ ...piece, references: piece.references.map((one) => ({ ...one, caption: 'x' })) })),
    ).toEqual(['picture.takings']);
  });

  it('the budget judges the cost and nothing else', () => {
    const { to, spine } = watched(lowWaterFerry(NOW));
    expect(to((piece) => setAt(piece, ['brief', 'budget'], 5))).toEqual(['bulk.clays']);
    expect(spine.given.find(null, 'bulk.cost')?.verdict?.level).toBe('stop');
  });

  it('a price is no matter of solids, wires, bakes or steps', () => {
    const { to } = watched(lowWaterFerry(NOW));
    const again = to((piece) => ({
      ...piece,
      clays: piece.clays.map((clay) => ({ ...clay, packPrice: 9 })),
    }));
    expect(names(again)).toEqual(['bulk.against', 'bulk.clays']);
  });

  it('a name is read by the few figures that say it; no solid, no clay, no wire is looked at again', () => {
    const { to } = watched(lowWaterFerry(NOW));
    const again = names(to(partOf('ferrywoman', { name: 'Her' })));
    for (const one of ['size.sizes', 'bulk.part', 'bones.part', 'bake.part', 'bones.cuts'])
      expect(again).not.toContain(one);
  });

  it('a wire of one part: that part, the totals and the route', () => {
    const { to } = watched(lowWaterFerry(NOW));
    const again = to(partOf('ferrywoman', { wire: { metal: 'steel', diameterMm: 1.6, strands: 1 } }));
    expect(again.filter((one) => one.startsWith('bones.part'))).toEqual(['bones.part ferrywoman']);
    expect(again.filter((one) => /^(size|bulk|fits|brief|bake\.part)/.test(one))).toEqual([]);
  });

  it('the height of one part leaves the others alone', () => {
    const { to } = watched(lowWaterFerry(NOW));
    const again = to((piece) => setAt(piece, ['parts', 'goose', 'form', 'heightMm'], 790));
    expect(
      again.filter((one) => /^(size|bulk\.part|bones\.part)/.test(one) && !one.endsWith(' goose')),
    ).toEqual([]);
    expect(again).toContain('size.sizes goose');
  });

  it('an own value is read by name', () => {
    const { to } = watched(tollFrogs(NOW));
    expect(names(to((piece) => piece, { 'fit.tight': 1.5 }))).toEqual(['fits.of-part']);
  });
});

describe('a spine that has followed many changes', () => {
  /** Changes of all kinds, each by two numbers. */
  const CHANGES: readonly ((piece: Piece, a: number, b: number) => Piece)[] = [
    (piece, a) => ({ ...piece, scale: { kind: 'ratio', ratio: 6 + (a % 20) } }),
    (piece, a) => ({
      ...piece,
      scale: { kind: 'figure', heightMm: 28 + (a % 6), datum: 'eyes', statureMm: 1750, heroic: a % 2 === 0 },
    }),
    (piece, a, b) => partOf(idAt(piece, a), { name: `Part ${b}` })(piece),
    (piece, a, b) => partOf(idAt(piece, a), { count: 1 + (b % 5) })(piece),
    (piece, a, b) =>
      partOf(idAt(piece, a), { core: { kind: b % 2 ? 'foil' : 'none', skinMm: null, packed: 'balled' } })(
        piece,
      ),
    (piece, a) => (piece.parts.length > 2 ? removePart(piece, idAt(piece, a) as PartId) : piece),
    (piece, a) => duplicatePart(piece, idAt(piece, a) as PartId).piece,
    (piece, a, b) => movePart(piece, idAt(piece, a) as PartId, (idAt(piece, b) as PartId) ?? null, null),
    (piece, a) => ({ ...piece, own: { ...piece.own, 'bulk.waste': 5 + (a % 20) } }),
    (piece, a) => setAt(piece, ['brief', 'budget'], a % 40),
    (piece) => ({ ...piece, fits: piece.fits.slice(1) }),
    (piece) => ({ ...piece, log: piece.log.slice(1) }),
  ];
  const idAt = (piece: Piece, at: number): string => piece.parts[at % piece.parts.length]?.id ?? '';

  it.each([lowWaterFerry(NOW), tollFrogs(NOW)])(
    '$name: says what a new one would say (property, 12 series of 8 changes)',
    (first) => {
      const step = fc.tuple(fc.nat(CHANGES.length - 1), fc.nat(1000), fc.nat(1000));
      fc.assert(
        fc.property(fc.array(step, { minLength: 8, maxLength: 8 }), (series) => {
          const spine = makeSpine(SUBJECTS, shapes, ground(first));
          let piece = first;
          for (const [which, a, b] of series) {
            piece = CHANGES[which]?.(piece, a, b) ?? piece;
            spine.change(ground(piece));
            allFigures(spine);
          }
          const book = makeBook(allFigures(spine));
          validateBook(book);
          expect(book.all).toEqual(reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW }).book.all);
        }),
        { seed: 2611, numRuns: 12 },
      );
    },
  );

  it('undone, has the very figures of before', () => {
    const ferry = lowWaterFerry(NOW);
    const spine = makeSpine(SUBJECTS, shapes, ground(ferry));
    const before = allFigures(spine);
    spine.change(ground(removePart(ferry, 'ferrywoman' as PartId)));
    expect(spine.given.contexts.has('ferrywoman')).toBe(false);
    expect(allFigures(spine).some(({ part }) => part === 'ferrywoman')).toBe(false);
    spine.change(ground(ferry));
    expect(allFigures(spine)).toEqual(before);
  });
});

describe('what reckoners hand on', () => {
  it('can be handed to another thread, whatever they tell', () => {
    const spine = makeSpine(SUBJECTS, shapes, ground(lowWaterFerry(NOW)));
    const subjects: readonly Subject[] = SUBJECTS;
    for (const { reckoners } of subjects)
      for (const one of reckoners) {
        const parts = one.of === 'piece' ? [null] : [...spine.given.contexts.keys()];
        for (const part of parts) {
          const found = spine.found(one, part);
          if (!found) continue;
          expect(structuredClone(found.figures), one.name).toEqual(found.figures);
          const told = one.tells?.(found);
          if (told !== undefined) expect(structuredClone(told), one.name).toEqual(told);
        }
      }
  });
});

const KINDS = declareFigures('brief', {
  one: { key: 'test.one', of: 'piece', unit: 'count', title: 'One', says: 'one', formula: 'a = 1' },
  two: { key: 'test.two', of: 'piece', unit: 'count', title: 'Two', says: 'two', formula: 'b = a + 1' },
});

describe('the order of subjects', () => {
  const one = pieceReckoner('one', [KINDS.one], () => ({
    figures: [figure(KINDS.one, { part: null, value: 1, terms: [] })],
  }));
  const two = pieceReckoner('two', [KINDS.two], (given) => ({
    figures: [
      figure(KINDS.two, {
        part: null,
        value: (given.find(null, 'test.one')?.quantity.value ?? 0) + 1,
        terms: [],
      }),
    ],
  }));
  const first = declareSubject({ name: 'first', needs: [], reckoners: [one] });
  const second = declareSubject({ name: 'second', needs: [first], reckoners: [two] });
  const faultOf = (make: () => unknown): string => {
    try {
      make();
    } catch (error) {
      if (error instanceof SubjectError) return error.fault;
      throw error;
    }
    return 'none';
  };

  it('puts each after all it needs, otherwise as listed', () => {
    expect(inOrder([second, first]).map(({ name }) => name)).toEqual(['first', 'second']);
    expect(inOrder([first, second]).map(({ name }) => name)).toEqual(['first', 'second']);
  });

  it('refuses rings, needs that are not there, and names that stand twice', () => {
    const a: { name: string; needs: Subject[]; reckoners: [] } = { name: 'a', needs: [], reckoners: [] };
    const b: Subject = { name: 'b', needs: [a], reckoners: [] };
    a.needs.push(b);
    expect(faultOf(() => inOrder([a, b]))).toBe('ring');
    expect(faultOf(() => inOrder([second]))).toBe('missing');
    expect(faultOf(() => inOrder([first, { ...first, name: 'other' }]))).toBe('twice');
    expect(
      faultOf(() =>
        inOrder([first, { name: 'other', needs: [], reckoners: [{ ...two, gives: [KINDS.one] }] }]),
      ),
    ).toBe('twice');
  });

  it('a figure of another subject is found only by one that says it needs it', () => {
    const run = (needs: Subject[]) => {
      const spine = makeSpine([first, { ...second, needs }], shapes, ground(tollFrogs(NOW)));
      return spine.found(two, null)?.figures[0]?.quantity.value;
    };
    expect(run([first])).toBe(2);
    expect(faultOf(() => run([]))).toBe('unneeded');
  });

  it('all subjects of the application stand in one', () => {
    expect(inOrder(SUBJECTS)).toHaveLength(SUBJECTS.length);
  });

  it('a part that cannot be built has no findings, and comes back when it is mended', () => {
    const counted: string[] = [];
    const each = partReckoner('each', [], (_, context): Found => {
      counted.push(context.part.id);
      return { figures: [] };
    });
    const subject: Subject = { name: 'each', needs: [], reckoners: [each] };
    const frogs = tollFrogs(NOW);
    const bad = setAt(frogs, ['parts', 'pike', 'form'], {
      kind: 'rod',
      lengthMm: 1,
      startMm: 9,
      endMm: 9,
      lying: false,
    });
    const spine = makeSpine([subject], shapes, ground(bad));
    expect(spine.found(each, 'pike')).toBeNull();
    expect(spine.given.faults.get('pike')).toContain('rod: lengthMm');
    spine.change(ground(frogs));
    expect(spine.found(each, 'pike')).not.toBeNull();
    expect(counted).toEqual(['pike']);
  });
});

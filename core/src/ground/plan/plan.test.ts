import { describe, expect, it } from 'vitest';
import { demoPart, ofClay } from '../../demo/entries.ts';
import { lowWaterFerry } from '../../demo/index.ts';
import { makeShapeStore, type Ring } from '../../form/index.ts';
import {
  DEFAULT_BOARD,
  DEFAULT_EYE,
  DEFAULT_POUR,
  DEFAULT_STOOD,
  type Part,
  type Piece,
} from '../../piece/index.ts';
import { reckonPiece } from '../../spine/index.ts';
import { planOfPiece, sightOfPiece } from '../reckoners.ts';
import { sideSeen } from '../sight/sight.ts';
import { boardRing } from './boardRing.ts';
import { planDrawing } from './planDrawing.ts';
import { placedOn } from './reckonPlan.ts';
import { convexApart, outsideBy } from './room.ts';
import { asItStands, freeSpot, laid } from './standing.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();

function solid(id: string, form: Part['form'], over: Partial<Part> = {}): Part {
  const core = { kind: 'none', skinMm: null, packed: 'balled' } as const;
  return demoPart(id, id, form, { ...ofClay('neutral'), core, sized: 'miniature', ...over });
}

const POST = (across: number, heightMm: number): Part['form'] => ({
  kind: 'cylinder',
  bottomMm: across,
  topMm: across,
  heightMm,
  lying: false,
});
const CUBE = (mm: number): Part['form'] => ({ kind: 'block', widthMm: mm, heightMm: mm, depthMm: mm });

function ground(over: Partial<Piece>): Piece {
  return {
    ...lowWaterFerry(NOW),
    fits: [],
    log: [],
    board: null,
    stood: [],
    heaps: [],
    pours: [],
    eyes: [],
    masonry: [],
    scale: { kind: 'ratio', ratio: 12 },
    ...over,
  };
}

const at = (id: string, part: string, xMm: number, yMm: number, turnDeg = 0) =>
  ({ ...DEFAULT_STOOD, id, part, xMm, yMm, turnDeg }) as never;

function reckon(piece: Piece) {
  const { given, book } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  const figure = (key: string) => book.get(`/${key}`);
  const { facts } = given.piece(planOfPiece);
  return { given, figure, facts, value: (key: string) => figure(key)?.quantity.value ?? NaN };
}

describe('the edge of a base', () => {
  it('of a polygon of n sides has its area in closed form, one side at the front', () => {
    const ring = boardRing({
      ...DEFAULT_BOARD,
      outline: 'polygon',
      sides: 6,
      widthMm: 100,
      depthMm: 100,
    }) as Ring;
    const twice = ring.reduce((sum, [x, y], i) => {
      const [u = 0, v = 0] = ring[(i + 1) % ring.length] ?? [];
      return sum + x * v - u * y;
    }, 0);
    expect(twice / 2).toBeCloseTo((6 / 2) * 50 ** 2 * Math.sin((2 * Math.PI) / 6), 6);
    const front = Math.min(...ring.map(([, y]) => y));
    expect(ring.filter(([, y]) => Math.abs(y - front) < 1e-9)).toHaveLength(2);
  });

  it('that crosses itself is told, with the way out, and nothing else breaks', () => {
    const points = [
      [0, 0],
      [50, 50],
      [50, 0],
      [0, 50],
    ].map(([xMm = 0, yMm = 0]) => ({ xMm, yMm }));
    const piece = ground({
      board: { ...DEFAULT_BOARD, outline: 'drawn', points },
      parts: [solid('post', POST(10, 40))],
    });
    const { facts, figure } = reckon(piece);
    expect(facts.fault).toMatch(/crosses itself/);
    expect(figure('ground.area')).toMatchObject({
      quantity: { value: 0 },
      verdict: { level: 'stop', waysOut: [{ change: { path: ['board', 'outline'], value: 'square' } }] },
    });
  });
});

describe('room between things', () => {
  it('of two round posts is the way between their middles less their radii', () => {
    const parts = [solid('a', POST(20, 50)), solid('b', POST(30, 80))];
    const { value, figure } = reckon(
      ground({ parts, stood: [at('a-1', 'a', -20, 0), at('b-1', 'b', 20, 30)] }),
    );
    expect(value('ground.closest')).toBeCloseTo(Math.hypot(40, 30) - 10 - 15, 0);
    expect(figure('ground.closest')?.verdict?.level).toBe('good');
  });

  it('counts at a height where both are: a low thing under a crown has room', () => {
    const tree: Part['form'] = {
      kind: 'turned',
      lying: false,
      profile: [
        [3, 0],
        [3, 60],
        [40, 70],
        [40, 100],
        [0, 101],
      ].map(([radiusMm = 0, heightMm = 0]) => ({ radiusMm, heightMm })),
    };
    const parts = [solid('tree', tree), solid('low', CUBE(20))];
    const stood = [at('t', 'tree', 0, 0), at('l', 'low', 25, 0)];
    const { value } = reckon(ground({ parts, stood }));
    expect(Math.abs(value('ground.closest') - (25 - 10 - 3))).toBeLessThan(1);
    const tall = reckon(
      ground({
        parts: [parts[0] as Part, solid('low', { ...CUBE(20), heightMm: 90 } as Part['form'])],
        stood,
      }),
    );
    expect(tall.value('ground.closest')).toBe(0);
    expect(tall.figure('ground.closest')?.verdict).toMatchObject({
      level: 'stop',
      says: expect.stringContaining('stand in one another'),
    });
  });

  it('turns with what is turned: a bar across reaches over the edge, along it does not', () => {
    const parts = [solid('bar', { kind: 'block', widthMm: 90, heightMm: 10, depthMm: 10 })];
    const board = { ...DEFAULT_BOARD, outline: 'square' as const, widthMm: 50, depthMm: 120 };
    const over = (turn: number) => reckon(ground({ parts, board, stood: [at('bar-1', 'bar', 0, 0, turn)] }));
    expect(over(0).value('ground.over')).toBeCloseTo(45 - 25, 1);
    expect(over(0).figure('ground.over')?.verdict?.level).toBe('stop');
    expect(over(90).value('ground.over')).toBe(0);
    expect(over(90).figure('ground.over')?.verdict?.level).toBe('good');
  });

  it('of convex rings is what looking at every pair of places finds', () => {
    const ring = (n: number, r: number, x: number, y: number): Ring =>
      Array.from({ length: n }, (_, i) => [
        x + r * Math.cos((2 * Math.PI * i) / n),
        y + r * Math.sin((2 * Math.PI * i) / n),
      ]);
    const dense = (one: Ring) =>
      one.flatMap(([x, y], i) => {
        const [u = 0, v = 0] = one[(i + 1) % one.length] ?? [];
        return Array.from(
          { length: 200 },
          (_, k) => [x + ((u - x) * k) / 200, y + ((v - y) * k) / 200] as const,
        );
      });
    for (const [x, y] of [
      [30, 4],
      [25, 25],
      [-18, 40],
    ] as const) {
      const [a, b] = [ring(5, 10, 0, 0), ring(7, 8, x, y)];
      const [p, q] = [dense(a), dense(b)];
      const least = Math.min(...p.map(([u, v]) => Math.min(...q.map(([s, t]) => Math.hypot(u - s, v - t)))));
      expect(convexApart(a, b)).toBeCloseTo(least, 1);
    }
    expect(convexApart(ring(5, 10, 0, 0), ring(7, 8, 9, 0))).toBe(0);
  });
});

describe('what stands on another', () => {
  const parts = [
    solid('quay', { kind: 'block', widthMm: 120, heightMm: 30, depthMm: 60 }),
    solid('crate', CUBE(20)),
    solid('cup', CUBE(6)),
  ];
  const stood = (crateX: number) => [
    at('q', 'quay', 0, 0),
    at('c', 'crate', crateX, 0),
    at('m', 'cup', crateX, 2),
  ];

  it('is borne by it when all its feet are on its upper face, and they by the base else', () => {
    const { given, facts } = reckon(ground({ parts, stood: stood(20) }));
    const placed = placedOn(given.context.piece, facts.prints);
    expect(placed.map(({ on, liftMm }) => [on, liftMm])).toEqual([
      [null, 0],
      ['q', expect.closeTo(30, 6)],
      ['c', expect.closeTo(50, 6)],
    ]);
    // None stands in another, and the edge of the quay is no edge of the base.
    expect(reckon(ground({ parts, stood: stood(20) })).value('ground.closest')).toBeNaN();
  });

  it('half over its edge does not stand on it but in it', () => {
    expect(reckon(ground({ parts, stood: stood(60) })).value('ground.closest')).toBe(0);
  });

  it('raises the middle of the whole', () => {
    const board = { ...DEFAULT_BOARD, widthMm: 160, depthMm: 160 };
    const tips = (x: number) => reckon(ground({ parts, board, stood: stood(x) })).value('ground.tips');
    expect(tips(0)).toBeLessThan(tips(75));
  });
});

describe('a base that is too small', () => {
  it('of whatever outline is mended by the larger one that is offered', () => {
    const parts = [solid('bar', { kind: 'block', widthMm: 90, heightMm: 10, depthMm: 10 })];
    const corner = (xMm: number, yMm: number) => ({ xMm, yMm });
    const points = [corner(-25, -40), corner(25, -40), corner(25, 40), corner(-25, 40)];
    for (const outline of ['round', 'square', 'polygon', 'drawn'] as const) {
      const piece = ground({
        parts,
        board: { ...DEFAULT_BOARD, outline, widthMm: 50, depthMm: 80, points },
        stood: [at('bar-1', 'bar', 0, 0)],
      });
      const verdict = reckon(piece).figure('ground.over')?.verdict;
      expect(verdict?.level, outline).toBe('stop');
      const change = verdict?.waysOut.flatMap((way) => way.change ?? [])[0] ?? expect.fail(outline);
      const mended = reckon({ ...piece, board: change.value as Piece['board'] });
      expect(mended.figure('ground.over')?.verdict?.level, outline).toBe('good');
    }
  });
});

describe('a free place', () => {
  const board = boardRing({ ...DEFAULT_BOARD, widthMm: 160, depthMm: 120 }) as Ring;
  it('is on the base and as far from the others as asked, until there is none', () => {
    const { facts } = reckon(ground({ parts: [solid('post', POST(24, 40), { count: 40 })] }));
    const print = facts.prints[0] ?? expect.fail('no print');
    const there: ReturnType<typeof laid>[] = [];
    for (let k = 0; k < 40; k += 1) {
      const spot = freeSpot(print, there, board, 5);
      if (!spot) break;
      there.push(laid({ id: `post-${k}`, print, spot }));
    }
    expect(there.length).toBeGreaterThan(7);
    expect(there.length).toBeLessThan(30);
    for (const one of there) {
      const { feetOverMm, nearest } = asItStands(one, there, board);
      expect(feetOverMm).toBeLessThanOrEqual(0);
      expect(nearest?.mm).toBeGreaterThanOrEqual(5);
    }
  });
});

describe('a base with what stands on it', () => {
  it('tips over the edge its middle comes over: atan(d ÷ h)', () => {
    // A cube of 40 in the middle of a base of 80 × 60 × 10 of its own density: middles at 30 and 5 mm.
    const parts = [solid('cube', CUBE(40), { mix: [], stuff: 'wood' })];
    const board = {
      ...DEFAULT_BOARD,
      outline: 'square' as const,
      widthMm: 80,
      depthMm: 60,
      thicknessMm: 10,
      stuff: 'solid-wood' as const,
    };
    const own = { 'stuff.wood.density': 0.6, 'ground.solid-wood': 0.6 };
    const { value } = reckon(ground({ parts, board, own, stood: [at('c', 'cube', 0, 0)] }));
    const [cube, base] = [40 ** 3, 80 * 60 * 10];
    const h = (cube * 30 + base * 5) / (cube + base);
    expect(value('ground.weight')).toBeCloseTo(((cube + base) / 1000) * 0.6, 2);
    expect(value('ground.tips')).toBeCloseTo((Math.atan2(30, h) * 180) / Math.PI, 1);
  });

  it('too tall for its base, says how much ballast: with that low in it, it stands', () => {
    const parts = [solid('mast', POST(12, 200), { mix: [], stuff: 'wire' })];
    const board = { ...DEFAULT_BOARD, outline: 'square' as const, widthMm: 30, depthMm: 30, thicknessMm: 2 };
    const { value, figure } = reckon(ground({ parts, board, stood: [at('m', 'mast', 0, 0)] }));
    expect(figure('ground.tips')?.verdict?.level).toBe('doubtful');
    const [grams, mass] = [value('ground.ballast'), value('ground.weight')];
    const h = 15 / Math.tan((value('ground.tips') * Math.PI) / 180);
    // The weight lies at the table: moments about the edge give tan(15°) = d ÷ h'.
    const raised = (mass * h) / (mass + grams);
    expect((Math.atan2(15, raised) * 180) / Math.PI).toBeCloseTo(15, 1);
  });

  it('is printed at true size: the base, the feet, and a hole for every peg', () => {
    const figure = demoPart(
      'figure',
      'Figure',
      {
        kind: 'person',
        statureMm: 1700,
        headsTall: null,
        build: 1,
        pose: 'straight',
        angles: {},
        locked: {},
        clothing: { headMm: 0, trunkMm: 0, armsMm: 0, legsMm: 0, hemMm: null },
      } as Part['form'],
      ofClay('neutral'),
    );
    const { facts, given } = reckon(
      ground({ parts: [figure], board: DEFAULT_BOARD, stood: [at('f', 'figure', 30, -20, 90)] }),
    );
    const drawing = planDrawing({
      ring: facts.ring,
      placed: placedOn(given.context.piece, facts.prints),
      areas: [],
      joins: [],
      contours: [],
    });
    const edge = drawing?.items.find((item) => item.kind === 'line' && item.weight === 'thick');
    const xs = edge?.kind === 'line' ? edge.points.map(([x]) => x) : [];
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(200, 6);
    const holes = drawing?.items.filter(({ kind }) => kind === 'circle') ?? [];
    expect(holes.length).toBe(facts.prints[0]?.drills.length);
    expect(holes.length).toBeGreaterThan(0);
  });

  it('says how far a place lies outside', () => {
    const square = boardRing({ ...DEFAULT_BOARD, outline: 'square', widthMm: 20, depthMm: 20 }) as Ring;
    expect([outsideBy([13, 0], square), outsideBy([4, 0], square), outsideBy([13, 14], square)]).toEqual([
      3, -6, 5,
    ]);
  });
});

describe('what is seen from an eye', () => {
  const parts = [
    solid('wide', { kind: 'block', widthMm: 40, heightMm: 60, depthMm: 10 }),
    solid('small', CUBE(20)),
  ];
  const eye = { ...DEFAULT_EYE, id: 'front', name: 'the front', heightMm: 1e-3, awayMm: 1000 };
  const seenOf = (xMm: number, yMm: number, over: Partial<typeof eye> = {}) => {
    const piece = ground({
      parts,
      eyes: [{ ...eye, ...over }],
      stood: [at('w', 'wide', 0, 0), at('s', 'small', xMm, yMm)],
    });
    const { given, figure } = reckon(piece);
    const row = given.piece(sightOfPiece).rows[0]?.rows.find(({ id }) => id === 's');
    return { seen: row?.seenPct ?? NaN, by: row?.hiddenBy, verdict: figure('ground.hidden.front')?.verdict };
  };

  it('hidden by what is nearer and wider, free before it or beside it, half of it at its edge', () => {
    expect(seenOf(0, 40)).toMatchObject({ seen: expect.closeTo(0, 1), by: 'w' });
    expect(seenOf(0, 40).verdict).toMatchObject({
      level: 'doubtful',
      says: expect.stringContaining('wide hides small'),
    });
    expect(seenOf(0, -40).seen).toBeCloseTo(100, 1);
    expect(seenOf(40, 40).seen).toBeCloseTo(100, 1);
    expect(seenOf(20, 40).seen).toBeCloseTo(50, 0);
    expect(seenOf(0, -40).verdict?.level).toBe('good');
  });

  it('from the right is another thing before another, and from behind the other way round', () => {
    expect(seenOf(0, 40, { fromDeg: 90 }).seen).toBeCloseTo(100, 1);
    expect(seenOf(0, 40, { fromDeg: 180 }).seen).toBeCloseTo(100, 1);
    expect(seenOf(0, -40, { fromDeg: 180 }).seen).toBeCloseTo(0, 1);
  });

  it('looks at that side of a thing which is turned to it, by the thing’s own left and right', () => {
    const sides = [0, 90, 180, 270].map((fromDeg) => sideSeen({ fromDeg }, 0));
    expect(sides).toEqual(['front', 'left side', 'back', 'right side']);
    expect(sideSeen({ fromDeg: 90 }, 90)).toBe('front');
    expect(sideSeen({ fromDeg: 0 }, -170)).toBe('back');
  });

  it('from above shows what stands behind', () => {
    // At 60° the wall of 60 mm hides 60 ÷ tan 60° = 35 mm of the ground behind it.
    const high = { heightMm: 1000 * Math.tan(Math.PI / 3), awayMm: 1000 };
    expect(seenOf(0, 5 + 35 + 12, high).seen).toBeCloseTo(100, 0);
    expect(seenOf(0, 16, high).seen).toBeLessThan(60);
  });
});

describe('a pour', () => {
  const pond = {
    ...DEFAULT_POUR,
    id: 'pond',
    name: 'pond',
    deepMm: 12,
    lowMm: 2,
    bankDeg: 90,
    points: [
      [-40, -30],
      [40, -30],
      [40, 30],
      [-40, 30],
    ].map(([xMm = 0, yMm = 0]) => ({ xMm, yMm })),
  };
  const parts = [solid('post', POST(20, 80))];

  it('is its bed less what stands in it up to its level, and rises by that when they come after', () => {
    const { value } = reckon(
      ground({
        parts,
        pours: [pond],
        stood: [at('p', 'post', 10, 5), at('q', 'post', -20, 0), at('out', 'post', 70, 0)],
      }),
    );
    const post = Math.PI * 100 * 10;
    expect(value('pour.bed.pond')).toBeCloseTo((80 * 60 * 10) / 1000, 4);
    expect(value('pour.displaced.pond') / ((2 * post) / 1000)).toBeCloseTo(1, 2);
    expect(value('pour.volume.pond')).toBeCloseTo(value('pour.bed.pond') - value('pour.displaced.pond'), 9);
    expect(value('pour.rise.pond') / ((2 * post) / (80 * 60))).toBeCloseTo(1, 2);
    expect(value('pour.layers.pond')).toBe(2);
    expect(value('pour.dam.pond')).toBeCloseTo(280, 6);
  });

  it('follows its level, and of glue takes many thin coats and more than twice as much', () => {
    const full = reckon(ground({ parts, pours: [{ ...pond, lowMm: 0 }] }));
    const glue = reckon(ground({ parts, pours: [{ ...pond, lowMm: 0, of: 'glue' }] }));
    expect(full.value('pour.volume.pond')).toBeCloseTo(57.6, 4);
    expect(glue.value('pour.layers.pond')).toBeGreaterThan(8);
    expect(glue.value('pour.mix.pond')).toBeGreaterThan(2 * full.value('pour.volume.pond'));
  });

  it('under its bed, without an outline, white for its depth, deeper than its base: each says so with a way out', () => {
    const verdict = (
      over: Partial<Omit<typeof pond, 'of'>> & { of?: 'sealer' },
      key: string,
      board = null as Piece['board'],
    ) => reckon(ground({ parts, board, pours: [{ ...pond, ...over }] })).figure(key)?.verdict;
    expect(verdict({ lowMm: 15 }, 'pour.bed.pond')).toMatchObject({
      level: 'stop',
      waysOut: [{ change: { value: 1 } }],
    });
    const crossed = [
      [0, 0],
      [50, 50],
      [50, 0],
      [0, 50],
    ].map(([xMm = 0, yMm = 0]) => ({ xMm, yMm }));
    expect(verdict({ points: crossed }, 'pour.bed.pond')?.says).toMatch(/crosses itself/);
    expect(verdict({ of: 'sealer' }, 'pour.volume.pond')?.says).toMatch(/stays white/);
    expect(verdict({}, 'pour.volume.pond', { ...DEFAULT_BOARD, thicknessMm: 9 })).toMatchObject({
      level: 'doubtful',
      says: expect.stringContaining('3.0 mm deeper'),
    });
  });
});

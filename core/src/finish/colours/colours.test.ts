import { converter } from 'culori';
import { describe, expect, it } from 'vitest';
import { colourApart, lightnessOf, mixedColour } from '../../colour/index.ts';
import { newPiece, type PaintPot } from '../../piece/index.ts';
import { colourOfMix, matchesOf, nextBatch, takesOf, withMix, withoutPot, withPot } from './cards.ts';
import { ladder, partsOfShare } from './ladder.ts';

const pot = (id: string, colour: string): PaintPot => ({ id, name: id, of: 'acrylic', colour });
const POTS = [
  pot('white', '#f4f2ec'),
  pot('black', '#1c1a19'),
  pot('ochre', '#c08a2e'),
  pot('umber', '#5a4030'),
  pot('red', '#9c2f26'),
  pot('blue', '#2a4a7c'),
];

describe('ladders of equal steps', () => {
  it('are equal in L* of another library, from toast that is pale to toast that is dark', () => {
    const lab = converter('lab65');
    const rungs = ladder('#f0dcae', '#5c3317', 6);
    const light = rungs.map(({ colour }) => lab(colour)?.l ?? 0);
    const steps = light.slice(1).map((l, i) => (light[i] ?? 0) - l);
    const even = ((light[0] ?? 0) - (light[5] ?? 0)) / 5;
    for (const step of steps) expect(Math.abs(step - even)).toBeLessThan(0.8);
  });

  it('begin and end with the two colours', () => {
    const rungs = ladder('#f0dcae', '#5c3317', 4);
    expect([rungs[0]?.colour, rungs.at(-1)?.colour]).toEqual(['#f0dcae', '#5c3317']);
    expect(rungs.map(({ share }) => share)).toEqual(
      [...rungs.map(({ share }) => share)].sort((a, b) => a - b),
    );
  });

  it('of colours as light as one another go by their parts', () => {
    const [, middle] = ladder('#808080', '#808080', 3);
    expect(middle?.share).toBe(0.5);
  });

  it('need two steps, and say so', () => {
    expect(() => ladder('#ffffff', '#000000', 1)).toThrow('two steps');
  });

  it('shares become few whole parts', () => {
    expect(partsOfShare(0.25)).toEqual([3, 1]);
    expect(partsOfShare(0)).toEqual([1, 0]);
    expect(partsOfShare(1)).toEqual([0, 1]);
    for (const share of [0.07, 0.31, 0.62, 0.93]) {
      const [a, b] = partsOfShare(share);
      expect(Math.abs(b / (a + b) - share)).toBeLessThan(0.05);
    }
  });
});

describe('colours of one’s own pots', () => {
  it('a colour that was mixed of two pots is found again', () => {
    const wanted = mixedColour([
      { colour: POTS[0]?.colour ?? '', parts: 3 },
      { colour: POTS[3]?.colour ?? '', parts: 1 },
    ]);
    const [best] = matchesOf(wanted, POTS, 1);
    expect(best?.apart).toBeLessThan(0.5);
    expect(best?.parts).toEqual([
      { id: 'white', parts: 3 },
      { id: 'umber', parts: 1 },
    ]);
  });

  it('no single pot is nearer than the mix that is offered', () => {
    for (const wanted of ['#a07850', '#6b5a42', '#7a8a9a', '#d8c8a0']) {
      const [best] = matchesOf(wanted, POTS, 1);
      const nearest = Math.min(...POTS.map(({ colour }) => colourApart(wanted, colour)));
      expect(best?.apart).toBeLessThanOrEqual(nearest);
    }
  });

  it('of five hundred pots it looks through the few that are of use, black and white among them', () => {
    const many = Array.from({ length: 500 }, (_, i) =>
      pot(`pot-${i}`, `#${((i * 33_331) % 0xffffff).toString(16).padStart(6, '0')}`),
    );
    const [best] = matchesOf('#a07850', [...many, ...POTS].slice(-500), 1);
    expect(best?.apart).toBeLessThan(4);
  });

  it('without pots there is nothing to mix', () => {
    expect(matchesOf('#a07850', [], 3)).toEqual([]);
    expect(colourOfMix([], [{ id: 'white', parts: 1 }])).toBeNull();
  });

  it('parts share out what is needed', () => {
    expect(
      takesOf(
        [
          { id: 'white', parts: 3 },
          { id: 'umber', parts: 1 },
        ],
        2,
      ),
    ).toEqual([
      { id: 'white', cm3: 1.5 },
      { id: 'umber', cm3: 0.5 },
    ]);
  });

  it('a batch that came out too dark is made lighter the next time', () => {
    const parts = [
      { id: 'white', parts: 2 },
      { id: 'umber', parts: 2 },
    ];
    const colour = colourOfMix(POTS, parts) ?? '';
    const made = colourOfMix(POTS, [
      { id: 'white', parts: 1 },
      { id: 'umber', parts: 2 },
    ]);
    const next = nextBatch({ colour, parts, made }, POTS);
    expect(lightnessOf(next?.colour ?? '#000000')).toBeGreaterThan(lightnessOf(colour));
    expect(nextBatch({ colour, parts, made: null }, POTS)).toBeNull();
  });
});

describe('cards', () => {
  it('one of a name that is there is its next version, and the first stays', () => {
    let piece = withPot(newPiece('Ferry', '2026-01-01T00:00:00.000Z'), { name: 'white', colour: '#ffffff' });
    const id = piece.pots[0]?.id ?? '';
    const mix = { name: 'skin', colour: '#e0b090', parts: [{ id, parts: 1 }] };
    piece = withMix(withMix(piece, mix), mix);
    expect(piece.paintMixes.map(({ version }) => version)).toEqual([1, 2]);
    expect(withoutPot(piece, id).paintMixes.map(({ parts }) => parts)).toEqual([[], []]);
  });
});

import jsQR from 'jsqr';
import { beforeAll, describe, expect, it } from 'vitest';
import { lowWaterFerryBegun, tollFrogs } from '../demo/index.ts';
import { type DrawItem, type Drawing, qrCode } from '../drawing/index.ts';
import { makeShapeStore } from '../form/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { codeText } from './daySheet.ts';
import { daySheet } from './index.ts';

const NOW = '2026-05-01T09:00:00Z';
/** As a phone sees it: dots a millimetre. */
const DOTS = 12;

/** Paints the code’s areas, white all round, as a picture of grey bytes in red, green, blue and cover. */
function pictureOf(items: readonly DrawItem[], acrossMm: number) {
  const size = Math.round(acrossMm * DOTS);
  const data = new Uint8ClampedArray(size * size * 4).fill(255);
  for (const item of items) {
    if (item.kind !== 'area' || item.material !== 'ink') continue;
    for (const [ring = []] of item.outline) {
      const [xs, ys] = [ring.map(([x]) => x * DOTS), ring.map(([, y]) => size - y * DOTS)];
      for (let y = Math.round(Math.min(...ys)); y < Math.round(Math.max(...ys)); y += 1)
        for (let x = Math.round(Math.min(...xs)); x < Math.round(Math.max(...xs)); x += 1)
          data.fill(0, 4 * (y * size + x), 4 * (y * size + x) + 3);
    }
  }
  return { data, size };
}

/** What another library reads off the drawing. */
function readCode(items: readonly DrawItem[], acrossMm: number): string | undefined {
  const { data, size } = pictureOf(items, acrossMm);
  const read = jsQR(data, size, size);
  return read ? new TextDecoder().decode(Uint8Array.from(read.binaryData)) : undefined;
}

const textOf = ({ items }: Drawing) =>
  items.flatMap((item) => (item.kind === 'text' ? [item.text] : [])).join('\n');

describe('a code', () => {
  it.each([
    'clay',
    'Frog toll-keeper: clay · 18:00, 2.5 h',
    'Köder, “blau”: 130 °C, 30 min – dann warten …',
    `${'Brick quay: detail: 19:40, 35 min; '.repeat(16)}end`,
  ])('is read by another library as it was written: %s', (text) => {
    expect(readCode(qrCode(text, 46), 46)).toBe(text);
  });

  it('of more than any holds is refused', () => {
    expect(() => qrCode('x'.repeat(3000), 46)).toThrow(RangeError);
  });

  it('says how much stands on paper alone', () => {
    expect(codeText('Frogs', ['a', 'b'])).toBe('Frogs\na\nb');
    const long = codeText(
      'Frogs',
      Array.from({ length: 40 }, (_, i) => `step ${i} ${'x'.repeat(40)}`),
    );
    expect(new TextEncoder().encode(long).length).toBeLessThanOrEqual(600);
    const kept = long.split('\n').length - 2;
    expect(long).toMatch(new RegExp(`… ${40 - kept} more on paper$`));
  });
});

describe('a page a day', () => {
  let pages: Drawing[];
  beforeAll(() => {
    const { given } = reckonPiece(tollFrogs(NOW), { shapes: makeShapeStore(), workshopOwn: {}, now: NOW });
    pages = daySheet(given, 'A4', NOW);
  });

  it('begins with the day, and has a box, room for minutes and the bakes with dial and thermometer', () => {
    expect(textOf(pages[0] as Drawing)).toContain('Friday 1 May');
    const all = pages.map(textOf).join('\n');
    expect(all).toContain('took ______ min');
    expect(all).toMatch(/load 1: dial \d+ °C.*\d+ min · thermometer reads ______/s);
    expect(all).toContain('The packet comes first');
    expect(all).toContain('Saturday 2 May');
  });

  it('has a code with the steps of its day, the first of them first', () => {
    const page = pages[0] as Drawing;
    const code = page.items.find((item) => item.kind === 'area' && item.material === 'ink');
    if (code?.kind !== 'area') return expect.fail('no code');
    const corners = code.outline.flat(2);
    const [left, low] = [0, 1].map((axis) => Math.min(...corners.map((at) => at[axis] ?? 0)));
    // Back to a corner of its own, with the light border round it.
    const back = code.outline.map((polygon) =>
      polygon.map((ring) => ring.map(([x, y]) => [x - (left ?? 0) + 4, y - (low ?? 0) + 4] as const)),
    );
    const read = readCode([{ ...code, outline: back }], 54) ?? '';
    const [head, first] = read.split('\n');
    expect(head).toBe('Toll Frogs, Fri 1 May');
    const title = page.items.find((item) => item.kind === 'text' && item.size === 5);
    expect(title?.kind === 'text' && first?.startsWith(title.text)).toBe(true);
  });

  it('is there in small letters nowhere: no step is smaller than 3.5 mm', () => {
    const steps = pages.flatMap(({ items }) =>
      items.flatMap((item) => (item.kind === 'text' && item.text.includes('took ______') ? [item.size] : [])),
    );
    expect(steps.length).toBeGreaterThan(5);
    expect(Math.min(...steps)).toBeGreaterThanOrEqual(3.5);
  });

  it('has of what takes two evenings on each its share, and no page more than there are hours', () => {
    const begun = lowWaterFerryBegun(NOW);
    const { given } = reckonPiece(begun, { shapes: makeShapeStore(), workshopOwn: {}, now: NOW });
    const all = daySheet(given, 'A4', NOW).map(textOf);
    expect(all.join('\n')).toContain('to be gone on with');
    // Words are broken where the line ends: each step is read over its lines.
    const minutes = (page: string) =>
      [...page.replaceAll('\n', ' ').matchAll(/\d\d:\d\d · ([\d.]+) (h|min)/g)].reduce(
        (sum, [, value, unit]) => sum + Number(value) * (unit === 'h' ? 60 : 1),
        0,
      );
    // Rounded to a tenth of an hour and to whole minutes each.
    for (const page of all)
      expect(minutes(page)).toBeLessThanOrEqual((begun.brief.hoursPerDay ?? 0) * 60 + 8);
    expect(Math.max(...all.map(minutes))).toBeGreaterThan(120);
  });
});

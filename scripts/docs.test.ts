import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { lowWaterFerry, tollFrogs } from '@every-inch/core/demo';
import { PIECE_VERSION } from '@every-inch/core/piece';
import { readPiece, writePiece } from '@every-inch/core/piece/file';
import { Ajv2020 } from 'ajv/dist/2020.js';
import addFormats from 'ajv-formats';
import { describe, expect, it } from 'vitest';
import { pieceSchema } from './pieceSchema.ts';
import { reckoningsPage } from './reckoningsPage.ts';

const NOW = '2026-05-01T09:00:00Z';
const page = (name: string) => readFileSync(new URL(`../docs/${name}`, import.meta.url), 'utf8');
const example = /```json\n([\s\S]+?)```/.exec(page('piece-format.md'))?.[1] ?? '';

describe('the committed pages', () => {
  it('are what `npm run docs` writes now', () => {
    expect(JSON.parse(page('piece.schema.json'))).toEqual(pieceSchema());
    expect(page('reckonings.md')).toBe(reckoningsPage());
  });

  it('a record has not changed its shape without a version of its own', () => {
    const shapes: Record<string, string> = JSON.parse(
      readFileSync(new URL('../core/src/piece/fixtures/shapes.json', import.meta.url), 'utf8'),
    );
    // What order classes are declared in is no matter of shape.
    const inOrder = (_: string, value: unknown) =>
      value && typeof value === 'object' && !Array.isArray(value)
        ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
        : value;
    const now = createHash('sha256').update(JSON.stringify(pieceSchema(), inOrder)).digest('hex');
    expect(
      shapes[PIECE_VERSION],
      'the shape of the document has changed: keep a file of the old shape under core/src/piece/fixtures, raise PIECE_VERSION, write its migration, and put the new sum into shapes.json',
    ).toBe(now);
  });

  it('hold an example that opens whole', () => {
    const { piece, damaged, repaired } = readPiece(example, NOW);
    expect(damaged).toEqual([]);
    expect(repaired).toEqual([]);
    expect(piece.parts.map(({ name }) => name)).toEqual([
      'Pump keeper',
      'Bucket',
      'Bench',
      'Pump handle knob',
    ]);
    expect(piece.own).toEqual({ 'bulk.waste': 15 });
  });
});

describe('the schema, by a validator of its own', () => {
  const ajv = new Ajv2020({ allErrors: true, strict: false });
  // The package's default export is the function itself or holds it, as the module system has it.
  (typeof addFormats === 'function' ? addFormats : (addFormats as { default: typeof addFormats }).default)(
    ajv,
  );
  const validate = ajv.compile(pieceSchema());

  it.each([
    ['the example', () => example],
    ['the ferry', () => writePiece(lowWaterFerry(NOW), {})],
    ['the frogs', () => writePiece(tollFrogs(NOW), {})],
  ])('takes %s', (_name, text) => {
    validate(JSON.parse(text()));
    expect(validate.errors ?? []).toEqual([]);
  });

  it.each([
    ['a part without a form', (raw: Example) => delete raw.parts[0]?.form, '/parts/0'],
    ['a negative stature', (raw: Example) => Object.assign(raw.parts[0]?.form ?? {}, { statureMm: -1 }), ''],
    [
      'a count of nought',
      (raw: Example) => Object.assign(raw.parts[1] ?? {}, { count: 0 }),
      '/parts/1/count',
    ],
    ['another stamp', (raw: Example) => Object.assign(raw, { format: 'other' }), '/format'],
  ])('refuses %s, as the reader does', (_name, spoil, where) => {
    const raw: Example = JSON.parse(example);
    spoil(raw);
    expect(validate(raw)).toBe(false);
    expect(validate.errors?.some(({ instancePath }) => instancePath.startsWith(where))).toBe(true);
    const read = () => readPiece(JSON.stringify(raw), NOW).damaged;
    if (where === '/format') expect(read).toThrow(/not a piece/);
    else expect(read()).toHaveLength(1);
  });
});

interface Example {
  parts: { form?: object }[];
}

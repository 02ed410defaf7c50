import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { makeShapeStore } from '../form/index.ts';
import { validateBook } from '../reckoning/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { readPiece, writePiece } from './file.ts';
import { PIECE_VERSION, validatePiece } from './index.ts';

const NOW = '2026-05-01T09:00:00Z';
const FOLDER = new URL('./fixtures/', import.meta.url);
const files = readdirSync(FOLDER).filter((name) => name.endsWith('.inch.json'));
const read = (name: string) => readPiece(readFileSync(new URL(name, FOLDER), 'utf8'), NOW);
const shapes = makeShapeStore();

describe('files of every earlier shape, written by the application of their day', () => {
  it('are there for every version but this one', () => {
    const versions = new Set(files.map((name) => Number(/^version-(\d+)/.exec(name)?.[1])));
    expect([...versions].sort()).toEqual(Array.from({ length: PIECE_VERSION }, (_, i) => i));
  });

  it.each(files)('%s opens whole, is sound, and reckons', (name) => {
    const { piece, damaged, repaired, migrated } = read(name);
    expect({ damaged, repaired }).toEqual({ damaged: [], repaired: [] });
    expect(migrated.length).toBeGreaterThan(0);
    expect(piece.version).toBe(PIECE_VERSION);
    expect(validatePiece(piece)).toEqual([]);
    const { book, faults } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
    expect(faults).toEqual([]);
    validateBook(book);
  });

  it.each(files)('%s written again opens as it was', (name) => {
    const { piece } = read(name);
    const again = readPiece(writePiece(piece, {}), NOW);
    expect(again.piece).toEqual(piece);
    expect(again.migrated).toEqual([]);
  });

  it.each(files)('%s keeps every figure that was typed into it', (name) => {
    const raw = JSON.parse(readFileSync(new URL(name, FOLDER), 'utf8'));
    const { piece } = read(name);
    const numbers = (value: unknown): number[] =>
      typeof value === 'number'
        ? [value]
        : typeof value === 'object' && value !== null
          ? Object.values(value).flatMap(numbers)
          : [];
    const left = numbers(piece);
    for (const number of numbers({ ...raw, version: 0 })) {
      if (number === 0) continue;
      const at = left.indexOf(number);
      expect(at, `${number}`).toBeGreaterThanOrEqual(0);
      left.splice(at, 1);
    }
  });
});

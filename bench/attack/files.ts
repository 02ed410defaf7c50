/**
 * Files of every kind made wrong, read and reckoned as the application does.
 *
 *   npx tsx bench/attack/files.ts [FIRST SEED] [HOW MANY]
 *
 * Prints how many were refused and opened, the slowest, and every fault with its seed; ends with 1 where there is one.
 */
import { importMesh } from '@every-inch/core/form';
import { PieceFileError } from '@every-inch/core/piece';
import { readArchive, readBackup } from '@every-inch/core/piece/file';
import { MeshFileError } from '@every-inch/core/solid';
import { attack, attackProbe, attackText, bomb, oneOf, seeded } from '@every-inch/core/testing';
import { strToU8, zipSync } from 'fflate';

const NOW = '2026-05-01T09:00:00Z';
/** First figures are to be there within this, ms. */
const AIM = 2000;

const [first = 0, count = 1000] = process.argv.slice(2).map(Number);
const faults: string[] = [];
const tally = new Map<string, number>();
const slow: { readonly what: string; readonly ms: number }[] = [];

function note(what: string, end: string, ms: number): void {
  tally.set(`${what}: ${end}`, (tally.get(`${what}: ${end}`) ?? 0) + 1);
  slow.push({ what, ms });
}

function timed(what: string, read: () => unknown, isOurs: (error: unknown) => boolean, seed: number): void {
  const began = performance.now();
  let end = 'opened';
  try {
    read();
  } catch (error) {
    end = 'refused';
    if (!isOurs(error)) faults.push(`${what} ${seed}: ${error instanceof Error ? error.stack : error}`);
  }
  note(`${what}`, end, performance.now() - began);
}

/** Bytes with a few of them made others, left out, or cut off. */
function mutatedBytes(bytes: Uint8Array, random: () => number): Uint8Array {
  const copy = bytes.slice(0, random() < 0.2 ? Math.floor(random() * bytes.length) : bytes.length);
  for (let i = 0; i < 1 + random() * 6; i += 1)
    copy[Math.floor(random() * copy.length)] = Math.floor(random() * 256);
  return copy;
}

/** A box as binary STL. */
function boxStl([x, y, z]: readonly [number, number, number]): Uint8Array {
  const at = (i: number) => [i & 1 ? x : 0, i & 2 ? y : 0, i & 4 ? z : 0];
  const faces = [
    0, 2, 3, 0, 3, 1, 4, 5, 7, 4, 7, 6, 0, 1, 5, 0, 5, 4, 2, 6, 7, 2, 7, 3, 0, 4, 6, 0, 6, 2, 1, 3, 7, 1, 7,
    5,
  ];
  const bytes = new DataView(new ArrayBuffer(84 + 50 * 12));
  bytes.setUint32(80, 12, true);
  faces.forEach((corner, i) => {
    const from = 84 + 50 * Math.floor(i / 3) + 12 + 12 * (i % 3);
    for (const [k, value] of at(corner).entries()) bytes.setFloat32(from + 4 * k, value, true);
  });
  return new Uint8Array(bytes.buffer);
}

for (let seed = first; seed < first + count; seed += 1) {
  const random = seeded(seed);
  const piece = attack(seed);
  note('piece', piece.end, piece.ms);
  for (const fault of piece.faults) faults.push(`piece ${seed}: ${fault}`);
  for (const fault of attackProbe(seed).faults) faults.push(`thermometer ${seed}: ${fault}`);
  note('thermometer', 'read', 0);
  const isPiece = (error: unknown) => error instanceof PieceFileError;
  const zip = zipSync({ 'piece.inch.json': strToU8(attackText(seed)), 'pictures/a.png': new Uint8Array(99) });
  timed('zip', () => readArchive(mutatedBytes(zip, random), NOW), isPiece, seed);
  timed('backup', () => readBackup(mutatedBytes(zip, random)), isPiece, seed);
  if (seed % 100 === 0) {
    const name = oneOf(['piece.inch.json', 'pictures/a.png', 'a/a.inch.json', 'a/a.inch.zip'], random);
    const said = oneOf([0, 10, 1e6, 0x7fff_ffff, 0xffff_ffff], random);
    const bytes = bomb(name, 1e7 * (1 + random()), said, Math.floor(random() * 10));
    timed('bomb', () => [readBackup(bytes), readArchive(bytes, NOW)], isPiece, seed);
  }
  const side = () => oneOf([0.001, 0.5, 10, 300, 5e6], random);
  const mesh = mutatedBytes(boxStl([side(), side(), side()]), random);
  timed(
    'solid',
    () => importMesh('a.stl', mesh),
    (error) => error instanceof MeshFileError,
    seed,
  );
}

for (const [what, n] of [...tally].sort()) console.log(`${what}: ${n}`);
const [slowest] = slow.sort((a, b) => b.ms - a.ms);
console.log(
  `slowest: ${slowest?.what} ${slowest?.ms.toFixed(0)} ms; over ${AIM} ms: ${slow.filter(({ ms }) => ms > AIM).length}`,
);
console.log(`faults: ${faults.length}`);
for (const fault of faults) console.log(fault);
process.exitCode = faults.length > 0 ? 1 : 0;

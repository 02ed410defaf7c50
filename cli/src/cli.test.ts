import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { lowWaterFerry } from '@every-inch/core/demo';
import { writeArchive, writePiece } from '@every-inch/core/piece/file';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { runCommand } from './command.ts';
import { AskError, reckonFile } from './reckonFile.ts';

const NOW = '2026-05-01T09:00:00Z';
const folder = mkdtempSync(join(tmpdir(), 'inch-'));
const root = fileURLToPath(new URL('../../', import.meta.url));
const ferry = lowWaterFerry(NOW);
function file(name: string, content: string | Uint8Array): string {
  const path = join(folder, name);
  writeFileSync(path, content);
  return path;
}
const sound = file('ferry.inch.json', writePiece(ferry, {}));

const reckon = (...args: string[]) => runCommand(args, NOW);

describe('the headless reckoner', () => {
  it('prints every figure with its working as CSV', () => {
    const { code, out, err } = reckon(sound, '--csv');
    expect([code, err]).toEqual([0, '']);
    const { data } = Papa.parse<Record<string, string>>(out, { header: true, skipEmptyLines: true });
    const height = data.find(({ key, part }) => key === 'measure.stature' && part === 'ferrywoman');
    expect(Number(height?.value)).toBeCloseTo(1660 / 12, 9);
    expect(height?.working).toBe('1.660 m ÷ 12 = 138.3 mm');
    expect(data.length).toBeGreaterThan(100);
    // A quay of 150 × 110 × 60 mm is its own smallest box.
    const sides = data.filter(({ key, part }) => key?.startsWith('size.smallest-box') && part === 'quay');
    expect(sides.map(({ value }) => Math.round(Number(value) / 2) * 2)).toEqual([150, 110, 60]);
  });

  it('keeps to a part and a lens, in words', () => {
    const { out } = reckon(sound, '--part', 'quay', '--lens', 'bulk');
    expect(out).toMatch(/bulk\.foil +quay/);
    expect(out).not.toContain('size.height');
    expect(out).not.toContain('ferrywoman');
  });

  it('prints wires with their bends, and the cut list bar by bar', () => {
    const { out } = reckonFile({ file: sound, csv: false, lens: 'bones' }, NOW);
    expect(out).toMatch(
      /ferrywoman +legs, across +[\d.]+ mm along it; cut 1 × [\d.]+ mm of 1 mm aluminium; bends: \d+ mm \d+°/,
    );
    const [, list = ''] = out.split('Cut list');
    // The remainder of 260 mm that is in stock is used up before a bar is bought.
    expect(list).toMatch(/1 mm aluminium\n +260\.0 mm: /);
    const lengths = [...list.matchAll(/ (\d+\.\d) mm: (.*) · (\d+) left/g)];
    expect(lengths.length).toBeGreaterThan(3);
    for (const [, stock, pieces = '', left] of lengths) {
      const cuts = pieces.split(' · ').map((one) => {
        const [, times = '1', mm = ''] = /^(?:(\d+) × )?.* (\d+)$/.exec(one) ?? [];
        return { times: Number(times), mm: Number(mm) };
      });
      const cut = cuts.reduce((sum, { times, mm }) => sum + times * mm, 0);
      const count = cuts.reduce((sum, { times }) => sum + times, 0);
      // Lengths are told to the millimetre, and what is left too.
      expect(Math.abs(Number(stock) - cut - Number(left))).toBeLessThan(0.5 * count + 0.6);
    }
    expect(reckonFile({ file: sound, csv: false, lens: 'bones', part: 'goose' }, NOW).out).not.toContain(
      'Cut list',
    );
  });

  it('tells how thick the clay is through the solid, and where it is too thick', () => {
    const raw = JSON.parse(writePiece(ferry, {}));
    for (const part of raw.parts) if (part.id === 'quay') part.core = { ...part.core, kind: 'none' };
    const solid = file('solid.inch.json', JSON.stringify(raw));
    const ask = { file: solid, csv: false, lens: 'bulk', part: 'quay' };
    const { out } = reckonFile(ask, NOW);
    // The quay is 60 mm deep: solid, that is its thickness.
    const thick = Number(/quay +thickest ([\d.]+) mm/.exec(out)?.[1]);
    expect(Math.abs(thick - 60)).toBeLessThan(4);
    expect(out).toMatch(/too thick: [\d.]+ mm in the /);
  });

  it('tells the route with its minutes, and what must not go into the oven, bake by bake', () => {
    const bench = reckonFile({ file: sound, csv: false, lens: 'bench' }, NOW).out;
    const steps = [...bench.matchAll(/^ +(\d+) +(.+?)( {2,}|$)/gm)].map(([, , title]) => title);
    expect(steps.indexOf('Ferrywoman: core')).toBeLessThan(
      steps.findIndex((title) => title?.startsWith('Ferrywoman: clay')),
    );
    expect(steps.indexOf('Final bake')).toBeLessThan(steps.indexOf('Seal everything'));
    const ask = { file: sound, csv: false, lens: 'bake', part: 'lantern' };
    const bake = reckonFile(ask, NOW).out;
    expect(bake).toMatch(/Before the oven\n +lantern +3\. Final bake: stop, clear chimney/);
    const passes = reckonFile({ ...ask, part: 'ferrywoman' }, NOW).out;
    expect(passes).toMatch(
      /Bake by bake[\s\S]*ferrywoman +\w+ +\d+ \+ \d+ min +1[23]\d °C +good, all cured, nothing browns/,
    );
    expect(passes).toMatch(
      /Bakes\n[\s\S]*2\.1 Short bake 1: dial 122 °C, 10 min from door shut to door open \(10 to [\d a-z]+ min\): good/,
    );
    expect(bake).toMatch(/lantern +\d+ to \d+ min +\d+ % cured, \d+ % browned/);
  });

  it('reckons as at a moment: no second more or less makes other figures', () => {
    const at = (moment: string) => reckon(sound, '--lens', 'bench', '--csv', '--at', moment).out;
    expect(at('2026-05-01T09:00:40')).toBe(at('2026-05-01T09:01:10'));
    expect(at('2026-05-02T09:00')).not.toBe(at('2026-05-01T09:00'));
  });

  it('opens an archive as well', () => {
    expect(reckon(file('ferry.inch.zip', writeArchive(ferry, {}, new Map())), '--lens', 'brief').code).toBe(
      0,
    );
  });

  it.each<[string, () => { file: string; part?: string; lens?: string }, RegExp]>([
    ['a missing file', () => ({ file: join(folder, 'none.json') }), /none\.json: cannot be read \(ENOENT\)$/],
    ['not JSON', () => ({ file: file('bad.json', 'clay') }), /bad\.json: Line 1, column 1: it is not JSON/],
    [
      'a newer file',
      () => ({ file: file('new.json', '{"format":"every-inch/piece","version":10}') }),
      /newer Every Inch/,
    ],
    ['an unknown part', () => ({ file: sound, part: 'moon' }), /no part “moon”; there are: ferrywoman/],
    ['an unknown lens', () => ({ file: sound, lens: 'moon' }), /no lens “moon”; there are: size/],
  ])('%s: one clear message', (_, asked, says) => {
    const ask = () => reckonFile({ csv: false, ...asked() }, NOW);
    expect(ask).toThrow(AskError);
    expect(ask).toThrow(says);
  });

  it.each<[string, string[], RegExp]>([
    ['what cannot be given', [join(folder, 'none.json')], /none\.json: cannot be read \(ENOENT\)\n$/],
    ['no moment', [sound, '--at', 'soon'], /no moment “soon”/],
    ['an unknown flag', [sound, '--moon'], /usage:/],
    ['no file', [], /usage:/],
  ])('%s: one message on stderr, exit 2', (_, args, says) => {
    const { code, out, err } = reckon(...args);
    expect([code, out]).toEqual([2, '']);
    expect(err).toMatch(says);
  });

  it('as a program of its own prints the same, and its exit code says how it went', () => {
    const program = (...args: string[]) =>
      spawnSync(process.execPath, ['--import', 'tsx', 'cli/src/main.ts', ...args], {
        cwd: root,
        encoding: 'utf8',
      });
    const { status, stdout, stderr } = program(sound, '--lens', 'brief', '--moon');
    expect([status, stdout]).toEqual([2, '']);
    expect(stderr).toMatch(/usage:/);
  });

  it('says what it put aside and reckons the rest', () => {
    const raw = JSON.parse(writePiece(ferry, {}));
    delete raw.parts[0].form;
    const { code, out, err } = reckon(file('hurt.inch.json', JSON.stringify(raw)), '--lens', 'size');
    expect(code).toBe(0);
    expect(err).toContain('put aside parts[0]: parts[0].form is missing');
    expect(out).toContain('quay');
  });
});

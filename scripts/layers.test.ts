import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { withPictures } from './architecturePage.ts';
import { importsOf, LAYERS, layerFaults, layersPicture, ringsOf } from './layers.ts';

const page = (name: string) => readFileSync(new URL(`../docs/${name}`, import.meta.url), 'utf8');

describe('the floors of the house', () => {
  it('every import runs down, types included, and none in a ring', () => {
    expect(layerFaults()).toEqual([]);
  });

  it('every room stands on one floor only', () => {
    for (const layers of Object.values(LAYERS)) {
      const rooms = layers.flatMap((layer) => layer.rooms);
      expect(new Set(rooms).size).toBe(rooms.length);
    }
  });

  it('the picture in the architecture page is the one of the code', () => {
    expect(page('architecture.md')).toBe(withPictures(page('architecture.md')));
    expect(layersPicture('core/src')).toContain('spine');
  });
});

describe('how imports are read', () => {
  it('types, values, effects and late ones', () => {
    const text = [
      "import type { A } from './a.ts';",
      "export * from '../b/index.ts';",
      "import './c.css';",
      "const d = () => import('./d.tsx');",
      "import { e } from '@every-inch/core/e';",
      "import f from 'f';",
    ].join('\n');
    expect(importsOf('web/src/x/y.ts', text)).toEqual([
      'web/src/x/a.ts',
      'web/src/b/index.ts',
      'web/src/x/c.css',
      'web/src/x/d.tsx',
      '@every-inch/core/e',
    ]);
  });

  it('finds a ring of three, and no ring in a row', () => {
    const graph = new Map([
      ['a', ['b']],
      ['b', ['c']],
      ['c', ['a', 'd']],
      ['d', []],
    ]);
    expect(ringsOf(graph).map((ring) => [...ring].sort())).toEqual([['a', 'b', 'c']]);
    expect(
      ringsOf(
        new Map([
          ['a', ['b']],
          ['b', ['c']],
          ['c', []],
        ]),
      ),
    ).toEqual([]);
  });
});

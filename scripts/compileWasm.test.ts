import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { kernelFile } from './compileWasm.ts';

it('the heat kernel in the program is what `npm run wasm` compiles now', async () => {
  expect(readFileSync('core/src/bake/heat/kernelWasm.ts', 'utf8')).toBe(await kernelFile());
});

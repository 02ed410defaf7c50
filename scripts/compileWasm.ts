import { readFileSync } from 'node:fs';
import asc from 'assemblyscript/asc';

const SOURCE = 'core/assembly/heat.ts';

/** Thrown when the kernel does not compile; the message is the compiler’s. */
export class KernelError extends Error {
  override readonly name = 'KernelError';
}

/**
 * Compiles the heat kernel.
 *
 * @returns the bytes of the module
 * @throws {KernelError}
 */
export async function compileKernel(): Promise<Uint8Array> {
  let bytes: Uint8Array | null = null;
  const said: string[] = [];
  const { error } = await asc.main(
    [
      SOURCE,
      '--outFile',
      'heat.wasm',
      '--runtime',
      'stub',
      '--optimizeLevel',
      '3',
      '--shrinkLevel',
      '0',
      '--noAssert',
    ],
    {
      stdout: { write: (text: string | Uint8Array) => said.push(String(text)) },
      stderr: { write: (text: string | Uint8Array) => said.push(String(text)) },
      readFile: (name) => {
        try {
          return readFileSync(name, 'utf8');
        } catch {
          // The compiler looks for its library files in many places.
          return null;
        }
      },
      writeFile: (name, contents) => {
        if (name.endsWith('.wasm') && typeof contents !== 'string') bytes = contents;
      },
      listFiles: () => [],
    },
  );
  if (error || !bytes) throw new KernelError(`${SOURCE}: ${error?.message ?? ''} ${said.join('')}`);
  return bytes;
}

/** The module as the program takes it in: its bytes in a TypeScript file. */
export async function kernelFile(): Promise<string> {
  const bytes = await compileKernel();
  const text = Buffer.from(bytes).toString('base64');
  const lines = text.match(/.{1,96}/g) ?? [];
  return [
    '/** The compiled heat kernel of core/assembly/heat.ts, in base64; written by `npm run wasm`. */',
    'export const KERNEL_WASM =',
    `${lines.map((line) => `  '${line}'`).join(' +\n')};`,
    '',
  ].join('\n');
}

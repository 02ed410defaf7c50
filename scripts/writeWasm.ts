import { writeFileSync } from 'node:fs';
import { kernelFile } from './compileWasm.ts';

writeFileSync('core/src/bake/heat/kernelWasm.ts', await kernelFile());

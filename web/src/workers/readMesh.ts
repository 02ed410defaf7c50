import type { MeshAnswer, MeshQuestion } from './solidMessages.ts';

/** Largest mesh file that is read, bytes: 4 million triangles of binary STL. */
const LARGEST = 200 * 1024 * 1024;

/** Reads a mesh file in a worker of its own, so that the page stays quick. */
export async function readMesh(file: File): Promise<MeshAnswer> {
  if (file.size > LARGEST)
    return {
      ok: false,
      says: `The file has ${Math.round(file.size / 1048576)} MB; at most ${LARGEST / 1048576} MB are read. Reduce it first.`,
    };
  const bytes = new Uint8Array(await file.arrayBuffer());
  const worker = new Worker(new URL('./mesh.worker.ts', import.meta.url), { type: 'module' });
  try {
    return await new Promise<MeshAnswer>((resolve, reject) => {
      worker.onmessage = ({ data }: MessageEvent<MeshAnswer>) => resolve(data);
      worker.onerror = (event) => reject(new Error(event.message));
      const question: MeshQuestion = { name: file.name, bytes };
      worker.postMessage(question, [bytes.buffer]);
    });
  } finally {
    worker.terminate();
  }
}

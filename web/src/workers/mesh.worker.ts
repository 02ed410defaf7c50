import { importMesh } from '@every-inch/core/form';
import { MeshFileError } from '@every-inch/core/solid';
import type { MeshAnswer, MeshQuestion } from './solidMessages.ts';

function read({ name, bytes }: MeshQuestion): MeshAnswer {
  try {
    return { ok: true, ...importMesh(name, bytes) };
  } catch (error) {
    if (error instanceof MeshFileError) return { ok: false, says: error.message };
    throw error;
  }
}

self.onmessage = ({ data }: MessageEvent<MeshQuestion>) => {
  self.postMessage(read(data));
};

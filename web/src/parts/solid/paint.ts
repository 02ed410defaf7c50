import type { ThreeEvent } from '@react-three/fiber';
import { useMemo } from 'react';
import { BufferAttribute, type BufferGeometry, Color, SRGBColorSpace } from 'three';

/** Colours of the vertices, changed in place: a slider that goes through layers builds no solid anew. */
export function useVertexColours(geometry: BufferGeometry | null, colours: Float32Array | null): void {
  useMemo(() => {
    if (!geometry || !colours) return;
    const linear = new Float32Array(colours.length);
    const one = new Color();
    for (let i = 0; i < colours.length; i += 3)
      one
        .setRGB(colours[i] ?? 0, colours[i + 1] ?? 0, colours[i + 2] ?? 0, SRGBColorSpace)
        .toArray(linear, i);
    geometry.setAttribute('color', new BufferAttribute(linear, 3));
  }, [geometry, colours]);
}

/** A brush on a body: put on, and drawn along while the button is down. */
export function dabbing(onDab: ((at: readonly [number, number, number]) => void) | undefined) {
  if (!onDab) return {};
  const dab = (event: ThreeEvent<PointerEvent>): void => {
    if (event.buttons === 0) return;
    event.stopPropagation();
    onDab(event.point.toArray());
  };
  return { onPointerDown: dab, onPointerMove: dab };
}

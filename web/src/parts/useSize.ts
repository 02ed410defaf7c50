import { type RefObject, useLayoutEffect, useRef, useState } from 'react';

/** CSS pixels to the millimetre. */
const PX_PER_MM = 96 / 25.4;

/** Size of an element in CSS millimetres, followed as it changes; null before it is laid out. */
export function useSizeMm<T extends HTMLElement>(): [
  RefObject<T | null>,
  { widthMm: number; heightMm: number } | null,
] {
  const ref = useRef<T>(null);
  const [size, setSize] = useState<{ widthMm: number; heightMm: number } | null>(null);
  useLayoutEffect(() => {
    const element = ref.current;
    if (!element) return;
    const measure = (): void => {
      const { clientWidth, clientHeight } = element;
      setSize((old) => {
        const next = { widthMm: clientWidth / PX_PER_MM, heightMm: clientHeight / PX_PER_MM };
        return old && old.widthMm === next.widthMm && old.heightMm === next.heightMm ? old : next;
      });
    };
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, size];
}

import { useState } from 'react';

/** CSS pixels to the millimetre that a browser assumes. */
export const ASSUMED_PX_PER_MM = 96 / 25.4;
/** A bank card, mm (ISO/IEC 7810, ID-1). */
export const CARD_MM = { width: 85.6, height: 53.98 };

/** Screens are told apart by their size and their pixels; a window moved to another one is measured anew there. */
function screenKey(): string {
  const { width, height } = window.screen;
  return `px-per-mm ${width}x${height}@${window.devicePixelRatio}`;
}

function kept(): number | null {
  try {
    const value = Number(localStorage.getItem(screenKey()));
    return value > 0 ? value : null;
  } catch {
    return null;
  }
}

/** CSS pixels to a true millimetre on this screen, and a way to say so; null until the screen has been measured. */
export function useTrueSize(): [pxPerMm: number | null, setPxPerMm: (pxPerMm: number) => void] {
  const [value, setValue] = useState(kept);
  return [
    value,
    (pxPerMm) => {
      setValue(pxPerMm);
      try {
        localStorage.setItem(screenKey(), String(pxPerMm));
      } catch {
        // Without storage it holds for as long as the page.
      }
    },
  ];
}

import { withReading } from '@every-inch/core/bake';
import { useEffect } from 'react';
import { toast } from 'sonner';
import { instrumentsConnected } from '../state/sessionSlice.ts';
import { store, useAppDispatch } from '../state/store.ts';
import { workshopChanged } from '../state/workshopSlice.ts';
import { focusedTaker, type ReadingUnit } from './focusedField.ts';
import { claimReadings, takesReadings } from './readingTab.ts';

/** Where the bench’s instruments are. */
export const INSTRUMENTS = '/api/instruments';

interface Reading {
  readonly instrument: string;
  readonly value: number;
  readonly unit: ReadingUnit;
}

/** A line of the stream as a reading; null for anything else. */
export function parseReading(line: string): Reading | null {
  try {
    const raw: unknown = JSON.parse(line);
    if (typeof raw !== 'object' || raw === null) return null;
    const { instrument, value, unit } = raw as Record<string, unknown>;
    const isUnit = unit === 'mm' || unit === 'g' || unit === '°C';
    return typeof instrument === 'string' && typeof value === 'number' && Number.isFinite(value) && isUnit
      ? { instrument, value, unit }
      : null;
  } catch {
    // A cut line is no reading; the next one is whole again.
    return null;
  }
}

/** A line of an oven’s probe; null for anything else. */
export function parseProbe(line: string): { readonly at: string; readonly value: number } | null {
  try {
    const raw: unknown = JSON.parse(line);
    if (typeof raw !== 'object' || raw === null) return null;
    const { at, value } = raw as Record<string, unknown>;
    return typeof at === 'string' && typeof value === 'number' && Number.isFinite(value)
      ? { at, value }
      : null;
  } catch {
    // A cut line is no reading; the next one is whole again.
    return null;
  }
}

/** Hands a reading to the focused field, or says why it goes nowhere. */
export function handOver({ instrument, value, unit }: Reading): void {
  if (!takesReadings()) return;
  const taker = focusedTaker();
  if (!taker) {
    toast(`The ${instrument} reads ${value} ${unit}: put the cursor in a field to take it`);
    return;
  }
  if (taker.unit !== null && taker.unit !== unit) {
    toast(`“${taker.label}” takes ${taker.unit}; the ${instrument} reads ${value} ${unit}`);
    return;
  }
  taker.onReading(value);
}

/** A stream that the browser has given up is opened again after so long, ms; longer each time. */
const AGAIN = { first: 2000, most: 60_000 };

/** Listens to the bench’s instruments; without a bench the fields only take typing. */
export function useReadings(): void {
  const dispatch = useAppDispatch();
  useEffect(() => {
    let stream: EventSource | null = null;
    let timer: ReturnType<typeof setTimeout> | null = null;
    let wait = AGAIN.first;
    const open = (): void => {
      stream = new EventSource(`${INSTRUMENTS}/events`);
      stream.addEventListener('open', () => {
        wait = AGAIN.first;
        dispatch(instrumentsConnected(true));
      });
      stream.addEventListener('reading', ({ data }: MessageEvent<string>) => {
        const reading = parseReading(data);
        if (reading) handOver(reading);
      });
      stream.addEventListener('probe', ({ data }: MessageEvent<string>) => {
        const { bake } = store.getState().workshop;
        const reading = parseProbe(data);
        // One page writes it down; the others hear of it from that one.
        if (!bake?.followsProbe || !reading || !takesReadings()) return;
        const next = withReading(bake, reading.at, reading.value);
        if (next !== bake) dispatch(workshopChanged({ bake: next }));
      });
      stream.addEventListener('error', () => {
        dispatch(instrumentsConnected(false));
        // While it is connecting the browser tries again by itself.
        if (stream?.readyState !== EventSource.CLOSED) return;
        timer = setTimeout(open, wait);
        wait = Math.min(AGAIN.most, wait * 2);
      });
    };
    open();
    const release = claimReadings();
    return () => {
      release();
      stream?.close();
      if (timer !== null) clearTimeout(timer);
    };
  }, [dispatch]);
}

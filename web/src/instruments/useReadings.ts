import { withReading } from '@every-inch/core/bake';
import { useEffect } from 'react';
import { toast } from 'sonner';
import { instrumentsConnected } from '../state/sessionSlice.ts';
import { store, useAppDispatch } from '../state/store.ts';
import { workshopChanged } from '../state/workshopSlice.ts';
import { focusedTaker, type ReadingUnit } from './focusedField.ts';
import { type Heard, listenAsOne } from './oneStream.ts';
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

function takeProbe(data: string): void {
  const { bake } = store.getState().workshop;
  const reading = parseProbe(data);
  // One page writes it down; the others hear of it from that one.
  if (!bake?.followsProbe || !reading || !takesReadings()) return;
  const next = withReading(bake, reading.at, reading.value);
  if (next !== bake) store.dispatch(workshopChanged({ bake: next }));
}

/** Listens to the bench’s instruments; without a bench the fields only take typing. */
export function useReadings(): void {
  const dispatch = useAppDispatch();
  useEffect(() => {
    const hear = ({ kind, data }: Heard): void => {
      if (kind === 'connected') dispatch(instrumentsConnected(data === 'yes'));
      if (kind === 'reading') {
        const reading = parseReading(data);
        if (reading) handOver(reading);
      }
      if (kind === 'probe') takeProbe(data);
    };
    const stop = listenAsOne(`${INSTRUMENTS}/events`, hear);
    const release = claimReadings();
    return () => {
      release();
      stop();
    };
  }, [dispatch]);
}

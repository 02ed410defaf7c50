import type { Form, ProfilePoint } from '../form/index.ts';
import {
  type Clay,
  type ClayId,
  DEFAULT_CORE,
  DEFAULT_ENTRY,
  DEFAULT_FIT,
  DEFAULT_PART,
  type EntryId,
  type Fit,
  type FitKind,
  type LogEntry,
  type Part,
  type PartId,
} from '../piece/index.ts';

/** A part with the usual settings. */
export function demoPart(id: string, name: string, form: Form, over: Partial<Part> = {}): Part {
  return { ...DEFAULT_PART, core: DEFAULT_CORE, mix: [], bounds: [], id: id as PartId, name, form, ...over };
}

/** A part made of one clay. */
export function ofClay(clay: string): Pick<Part, 'mix'> {
  return { mix: [{ clay: clay as ClayId, parts: 1 }] };
}

/** A turned form from pairs of diameter and height. */
export function turnedForm(...points: readonly (readonly [acrossMm: number, heightMm: number])[]): Form {
  return {
    kind: 'turned',
    lying: false,
    profile: points.map(([acrossMm, heightMm]): ProfilePoint => ({ radiusMm: acrossMm / 2, heightMm })),
  };
}

export function demoClay(id: string, over: Omit<Clay, 'id' | 'packet'>): Clay {
  return { ...over, id: id as ClayId, packet: null };
}

export function demoEntry(
  id: string,
  over: Omit<LogEntry, keyof typeof DEFAULT_ENTRY | 'id'> & Partial<LogEntry>,
): LogEntry {
  return { ...DEFAULT_ENTRY, pictures: [], id: id as EntryId, ...over };
}

export function demoFit(id: string, kind: FitKind, part: string, on: string, over: Partial<Fit> = {}): Fit {
  return { ...DEFAULT_FIT, id, kind, part: part as PartId, on: on as PartId, ...over };
}

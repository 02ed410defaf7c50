import type { CoatLayer } from '../../piece/index.ts';
import type { Term } from '../../reckoning/index.ts';
import type { Coat } from '../coats/coats.ts';
import type { ZoneFacts } from './zoneFacts.ts';

/** A layer of a zone with what it is and the place of its figures. */
export interface Laid {
  readonly zone: ZoneFacts;
  readonly layer: CoatLayer;
  readonly coat: Coat | null;
  readonly at: string;
  readonly title: string;
}

/** Where a number of a layer was typed. */
export const entry = (zone: string, { id }: CoatLayer, field: string): Term['origin'] => ({
  kind: 'entry',
  path: ['zones', zone, 'layers', id, field],
});

export const count = (n: number) => ({ value: n, unit: 'count' }) as const;

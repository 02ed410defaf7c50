import type { ClassConstructor } from 'class-transformer';
import { completeClay, completePart, completeWith, completeZone } from './complete.ts';
import {
  DEFAULT_ADDITION,
  DEFAULT_AID,
  DEFAULT_COAT_RULE,
  DEFAULT_COVER,
  DEFAULT_DECISION,
  DEFAULT_ENTRY,
  DEFAULT_EYE,
  DEFAULT_FIT,
  DEFAULT_HEAP,
  DEFAULT_JOINT,
  DEFAULT_LAYOUT,
  DEFAULT_MASONRY,
  DEFAULT_MIX,
  DEFAULT_POT,
  DEFAULT_POUR,
  DEFAULT_REFERENCE,
  DEFAULT_STOOD,
  DEFAULT_TIMBER,
} from './defaults.ts';
import {
  Addition,
  Aid,
  Clay,
  CoatRule,
  Cover,
  Decision,
  Eye,
  Fit,
  FoundThing,
  Heap,
  Joint,
  Layout,
  LogEntry,
  Masonry,
  PaintMix,
  PaintPot,
  Part,
  type Piece,
  Pour,
  Reference,
  RoughEntry,
  Stood,
  Timber,
  WireStock,
  Zone,
} from './document.ts';
import type { RawRecord } from './migrations.ts';

/** A list of the document: what its entries are, and what stands for whatever a file leaves out of one. */
export interface RecordList<T extends object = object> {
  readonly type: ClassConstructor<T>;
  readonly complete: (raw: RawRecord) => RawRecord;
}

/** The fields of a piece that are lists of records. */
type ListField = {
  [K in keyof Piece]: Piece[K] extends readonly { readonly id: string }[] ? K : never;
}[keyof Piece];

/**
 * Every list of records of a piece: files are read, sifted and completed by it, and an empty piece has them empty. A new list is
 * a class and a line here.
 */
export const RECORD_LISTS: { readonly [K in ListField]: RecordList<Piece[K][number]> } = {
  clays: { type: Clay, complete: completeClay },
  parts: { type: Part, complete: completePart },
  found: { type: FoundThing, complete: completeWith({ meant: null }, 'found') },
  additions: { type: Addition, complete: completeWith(DEFAULT_ADDITION, 'addition') },
  fits: { type: Fit, complete: completeWith(DEFAULT_FIT, 'fit') },
  wireStock: { type: WireStock, complete: completeWith({ count: 1 }, 'wire') },
  decisions: { type: Decision, complete: completeWith(DEFAULT_DECISION, 'decision') },
  references: { type: Reference, complete: completeWith(DEFAULT_REFERENCE, 'picture') },
  log: { type: LogEntry, complete: completeWith(DEFAULT_ENTRY, 'entry') },
  aids: { type: Aid, complete: completeWith(DEFAULT_AID, 'aid') },
  stood: { type: Stood, complete: completeWith(DEFAULT_STOOD, 'stood') },
  layouts: { type: Layout, complete: completeWith(DEFAULT_LAYOUT, 'layout') },
  heaps: { type: Heap, complete: completeWith(DEFAULT_HEAP, 'rise') },
  pours: { type: Pour, complete: completeWith(DEFAULT_POUR, 'pour') },
  covers: { type: Cover, complete: completeWith(DEFAULT_COVER, 'cover') },
  eyes: { type: Eye, complete: completeWith(DEFAULT_EYE, 'eye') },
  masonry: { type: Masonry, complete: completeWith(DEFAULT_MASONRY, 'masonry') },
  timber: { type: Timber, complete: completeWith(DEFAULT_TIMBER, 'timber') },
  zones: { type: Zone, complete: completeZone },
  joints: { type: Joint, complete: completeWith(DEFAULT_JOINT, 'joint') },
  coatRules: { type: CoatRule, complete: completeWith(DEFAULT_COAT_RULE, 'rule') },
  pots: { type: PaintPot, complete: completeWith(DEFAULT_POT, 'pot') },
  paintMixes: { type: PaintMix, complete: completeWith(DEFAULT_MIX, 'mix') },
  rough: { type: RoughEntry, complete: completeWith({ low: null, high: null }, 'rough') },
};

export const LIST_FIELDS = Object.keys(RECORD_LISTS) as ListField[];

import type { Lens, Unit } from '../reckoning/index.ts';

/** A kind of figure: its key, where it is shown and what it says. `*` stands for a measure, a clay or an entry. */
export interface KeyRow {
  readonly key: string;
  readonly lens: Lens;
  readonly of: 'part' | 'piece' | 'both';
  readonly unit: Unit;
  readonly says: string;
}

/** Every kind of figure a piece can have. */
export const KEYS: readonly KeyRow[] = [
  { key: 'brief.days', lens: 'brief', of: 'piece', unit: 'days', says: 'days until the piece is due' },
  { key: 'brief.hours', lens: 'brief', of: 'piece', unit: 'h', says: 'hours at the bench until then' },
  {
    key: 'brief.added',
    lens: 'brief',
    of: 'piece',
    unit: 'days',
    says: 'what the accepted additions take',
  },
  {
    key: 'addition.*',
    lens: 'brief',
    of: 'piece',
    unit: 'days',
    says: 'what an addition takes, against the days left',
  },
  {
    key: 'decision.*',
    lens: 'brief',
    of: 'piece',
    unit: 'count',
    says: 'what was done since a decision was settled, and leans on it',
  },
  {
    key: 'brief.features',
    lens: 'brief',
    of: 'part',
    unit: 'count',
    says: 'features of a part still to be made',
  },
  {
    key: 'bake.features',
    lens: 'bake',
    of: 'part',
    unit: 'count',
    says: 'features still missing when the part is to be baked',
  },
  {
    key: 'size.scale',
    lens: 'size',
    of: 'piece',
    unit: ':1',
    says: 'working ratio; a range for a figure height',
  },
  { key: 'size.height', lens: 'size', of: 'part', unit: 'mm', says: 'miniature height of the form’s box' },
  { key: 'size.width', lens: 'size', of: 'part', unit: 'mm', says: 'miniature width of the form’s box' },
  { key: 'size.depth', lens: 'size', of: 'part', unit: 'mm', says: 'miniature depth of the form’s box' },
  { key: 'measure.*', lens: 'size', of: 'part', unit: 'mm', says: 'a measure of the form, in miniature' },
  {
    key: 'made.*',
    lens: 'size',
    of: 'part',
    unit: 'mm',
    says: 'made less wanted, judged against what is allowed',
  },
  { key: 'size.centre', lens: 'size', of: 'part', unit: 'mm', says: 'centre of the solid above the ground' },
  { key: 'size.volume', lens: 'size', of: 'part', unit: 'cm³', says: 'volume of the form, in miniature' },
  { key: 'size.surface', lens: 'size', of: 'part', unit: 'cm²', says: 'surface of the form, in miniature' },
  {
    key: 'size.thickest',
    lens: 'size',
    of: 'part',
    unit: 'mm',
    says: 'largest ball that goes into the form',
  },
  {
    key: 'size.smallest-box-*',
    lens: 'size',
    of: 'part',
    unit: 'mm',
    says: 'a side of the smallest box turned any way; on the command line and in space',
  },
  {
    key: 'size.oven',
    lens: 'size',
    of: 'part',
    unit: 'mm',
    says: 'room left in the oven, at the plainest way in',
  },
  {
    key: 'fit.*',
    lens: 'size',
    of: 'part',
    unit: 'mm',
    says: 'room left where two parts go together',
  },
  {
    key: 'beside.*',
    lens: 'size',
    of: 'part',
    unit: '%',
    says: 'height of a part against its companion’s',
  },
  {
    key: 'sight.*',
    lens: 'size',
    of: 'part',
    unit: '%',
    says: 'share of a side or region that is seen; on the command line and under “Seen”',
  },
  {
    key: 'pair.*',
    lens: 'size',
    of: 'part',
    unit: 'mm',
    says: 'left less right of a pair, as made',
  },
  {
    key: 'taking.*',
    lens: 'size',
    of: 'piece',
    unit: 'mm in life',
    says: 'a length or height taken off a picture',
  },
  {
    key: 'angle.*',
    lens: 'size',
    of: 'piece',
    unit: '°',
    says: 'an angle taken off a picture',
  },
  {
    key: 'found.*',
    lens: 'size',
    of: 'piece',
    unit: 'mm in life',
    says: 'what a found thing reads as, against what it is meant to be',
  },
  {
    key: 'bones.wire',
    lens: 'bones',
    of: 'part',
    unit: 'mm',
    says: 'width of the wire or twist, and whether it will do',
  },
  {
    key: 'bones.cover',
    lens: 'bones',
    of: 'part',
    unit: 'mm',
    says: 'clay over the wire where it is scarcest',
  },
  { key: 'bones.sag', lens: 'bones', of: 'part', unit: 'mm', says: 'how far a raw limb sags at its tip' },
  {
    key: 'bones.handled',
    lens: 'bones',
    of: 'part',
    unit: 'N·mm',
    says: 'moment of a finger’s push on the longest limb',
  },
  { key: 'bones.legs', lens: 'bones', of: 'part', unit: 'N', says: 'load under which a leg buckles' },
  {
    key: 'bones.stands',
    lens: 'bones',
    of: 'part',
    unit: '°',
    says: 'how far it can be tipped before it falls',
  },
  { key: 'bones.peg', lens: 'bones', of: 'part', unit: 'mm', says: 'depth of the pegs under the feet' },
  { key: 'bones.drill', lens: 'bones', of: 'part', unit: 'mm', says: 'hole for a peg' },
  { key: 'bones.length', lens: 'bones', of: 'part', unit: 'm', says: 'wire to cut for all of them' },
  { key: 'bulk.skin', lens: 'bulk', of: 'part', unit: 'mm', says: 'clay over the core' },
  { key: 'bulk.core', lens: 'bulk', of: 'part', unit: 'cm³', says: 'volume of the foil core' },
  { key: 'bulk.foil', lens: 'bulk', of: 'part', unit: 'm', says: 'foil to tear off for one core' },
  { key: 'bulk.solid', lens: 'bulk', of: 'part', unit: 'cm³', says: 'clay in one of them' },
  {
    key: 'bulk.clay',
    lens: 'bulk',
    of: 'part',
    unit: 'g',
    says: 'clay to take for all of them, waste counted in',
  },
  {
    key: 'bulk.thickest',
    lens: 'bulk',
    of: 'part',
    unit: 'mm',
    says: 'thickest clay, against what cures through',
  },
  { key: 'bulk.mass.*', lens: 'bulk', of: 'piece', unit: 'g', says: 'one clay over all parts' },
  { key: 'bulk.packs.*', lens: 'bulk', of: 'piece', unit: 'packs', says: 'whole packs of it' },
  { key: 'bulk.left.*', lens: 'bulk', of: 'piece', unit: 'g', says: 'left over of the last pack' },
  { key: 'bulk.cost.*', lens: 'bulk', of: 'piece', unit: 'money', says: 'cost of its packs' },
  {
    key: 'bulk.cost',
    lens: 'bulk',
    of: 'piece',
    unit: 'money',
    says: 'cost of all clay, against the budget',
  },
  { key: 'bake.temperature', lens: 'bake', of: 'both', unit: '°C', says: 'lowest window of the clays in it' },
  { key: 'bake.dial', lens: 'bake', of: 'piece', unit: '°C', says: 'what to set this oven’s dial to' },
  {
    key: 'bake.hold',
    lens: 'bake',
    of: 'both',
    unit: 'min',
    says: 'time at that heat for the thickest clay',
  },
  { key: 'bake.set', lens: 'bake', of: 'piece', unit: 'min', says: 'a set bake before the full cure' },
  {
    key: 'log.heat.*',
    lens: 'log',
    of: 'both',
    unit: '°C apart',
    says: 'a logged bake’s heat against the card',
  },
  { key: 'log.time.*', lens: 'log', of: 'both', unit: 'min', says: 'a logged bake’s time against the card' },
];

/** The catalogue’s row for a figure’s key; undefined when the key is in no catalogue. */
export function keyRow(key: string): KeyRow | undefined {
  return KEYS.find((row) =>
    row.key.endsWith('.*') ? key.startsWith(row.key.slice(0, -1)) : row.key === key,
  );
}

import { practice, type Row, remembered } from '../../sources/index.ts';

/** What a core may be made of. */
export const CORE_KINDS = ['foil', 'coil', 'wood', 'card', 'fibre', 'air-dry'] as const;
export type CoreKind = (typeof CORE_KINDS)[number];

/** A way to fill the inside of a part. */
export interface CoreKindRow {
  readonly id: CoreKind;
  readonly title: string;
  /** How it is made up. */
  readonly how: string;
  /** What to see to before clay goes over it and it goes into the oven. */
  readonly heed: string;
}

/** Kinds of core by generic name. */
export const CORES: readonly CoreKindRow[] = [
  {
    id: 'foil',
    title: 'foil',
    how: 'crumpled household foil',
    heed: 'Press it hard: soft foil gives under the thumb and cracks the clay over it.',
  },
  {
    id: 'coil',
    title: 'wire coil',
    how: 'thin wire wound round and round the armature',
    heed: 'Leave no hollow that is closed all round: air in it swells in the oven.',
  },
  {
    id: 'wood',
    title: 'wood',
    how: 'a dry block cut to shape',
    heed: 'Dry it at the heat of the bake for an hour first: damp wood steams and lifts the clay.',
  },
  {
    id: 'card',
    title: 'card',
    how: 'layers of card glued to the shape',
    heed: 'Let the glue dry through; bake inside the window, card browns above it.',
  },
  {
    id: 'fibre',
    title: 'plant fibre',
    how: 'fibre wound tight and bound with thread',
    heed: 'It must be dry through, and lie well off the elements.',
  },
  {
    id: 'air-dry',
    title: 'air-dry clay',
    how: 'modelled over the wire and left to dry',
    heed: 'Dry it wholly before other clay goes over it: what is still in it steams in the oven.',
  },
];

/** Rules and starting values of the cores other than foil. */
export const CORE_RULES: readonly Row[] = [
  remembered('core.coil-share', 'Share of a wound coil that is wire', 0.25, ''),
  practice('core.coil-wire', 'Wire that coils are wound of', 1, 'mm'),
  remembered('core.coil-density', 'Density of the coil’s metal', 2.7, 'g/cm³'),
  remembered('core.wood-density', 'Density of dry wood', 0.5, 'g/cm³'),
  remembered('core.card-density', 'Density of card', 0.7, 'g/cm³'),
  remembered('core.card-thickness', 'Thickness of the card', 1.5, 'mm'),
  remembered('core.fibre-density', 'Density of plant fibre wound tight', 0.25, 'g/cm³'),
  remembered('core.air-dry-wet', 'Density of air-dry clay, wet', 1.7, 'g/cm³'),
  remembered('core.air-dry-dry', 'Density of air-dry clay, dry', 1.3, 'g/cm³'),
  remembered('core.air-dry-shrink', 'Air-dry clay shrinks along every length', 6.5, '%', { low: 5, high: 8 }),
];

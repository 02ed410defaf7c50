import type { Schools } from '@every-inch/core/piece';

/** One way of a school, and what it costs. */
interface Way<T extends string> {
  readonly value: T;
  readonly says: string;
  readonly costs: string;
}

/** A matter on which makers disagree. */
export interface School<K extends keyof Schools = keyof Schools> {
  readonly key: K;
  readonly title: string;
  readonly ways: readonly Way<Schools[K] & string>[];
}

/** The schools that change a figure or a step today. */
export const SCHOOLS: readonly School[] = [
  {
    key: 'work',
    title: 'How you go about it',
    ways: [
      {
        value: 'plan',
        says: 'plan first',
        costs: 'the whole route is laid out; it changes as you change it',
      },
      {
        value: 'improvise',
        says: 'improvise',
        costs: 'what is done and the next few steps; checks look only forward',
      },
    ],
  },
  {
    key: 'colour',
    title: 'Colour',
    ways: [
      {
        value: 'painted',
        says: 'neutral, then paint',
        costs: 'forgives colour; adds sealing, painting and drying',
      },
      {
        value: 'coloured',
        says: 'coloured clay',
        costs: 'no painting; more packs open, and white picks up every crumb',
      },
      {
        value: 'pastel',
        says: 'pastel on raw clay',
        costs: 'soft shades in one bake; cannot be taken back after it',
      },
    ],
  },
  {
    key: 'core',
    title: 'Under the clay',
    ways: [
      { value: 'foil', says: 'foil core', costs: 'lighter, cures through; a skin too thin shows the foil' },
      {
        value: 'none',
        says: 'wire only, no core',
        costs: 'simple for small parts; thick ones will not cure through',
      },
      { value: 'coil', says: 'wire coil', costs: 'grips the clay and bears it; heavy, and slow to wind' },
      {
        value: 'air-dry',
        says: 'air-dry clay over wire',
        costs: 'takes the form itself; days of drying before other clay goes on',
      },
      { value: 'wood', says: 'wood', costs: 'stiff and true for straight things; has to be cut and dried' },
      { value: 'card', says: 'card', costs: 'quick for boxes and walls; soft where it is not glued solid' },
      { value: 'fibre', says: 'plant fibre', costs: 'light and cheap for trunks; gives under the thumb' },
    ],
  },
  {
    key: 'bakes',
    title: 'When to bake',
    ways: [
      {
        value: 'sections',
        says: 'sections as they are done',
        costs: 'finished parts are safe from fingers; more oven time',
      },
      { value: 'one', says: 'one bake', costs: 'one trip to the oven; everything stays soft until then' },
    ],
  },
  {
    key: 'heat',
    title: 'How long each bake is',
    ways: [
      {
        value: 'set',
        says: 'short short bakes, final bake last',
        costs: 'less browning; the last bake must reach everything',
      },
      {
        value: 'full',
        says: 'full time each time',
        costs: 'each section is strong at once; early ones see more heat',
      },
    ],
  },
  {
    key: 'wash',
    title: 'Before a wash',
    ways: [
      {
        value: 'sealed',
        says: 'seal the paint',
        costs: 'nothing lifts, and what is wrong is wiped off again; one more coat to dry',
      },
      {
        value: 'direct',
        says: 'wash over it as it is',
        costs: 'quicker; holds over primer, and may lift paint from bare clay',
      },
    ],
  },
  {
    key: 'superglue',
    title: 'Superglue into the oven',
    ways: [
      { value: 'never', says: 'never', costs: 'glued joints wait for the last bake; no fumes' },
      {
        value: 'knowingly',
        says: 'yes, knowingly',
        costs: 'quick to hold a part for the bake; irritant fumes, and it lets go: air the room',
      },
    ],
  },
];

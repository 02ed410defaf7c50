/** Clay that misbehaves in the hand: what it comes of, and what helps. */
export interface SoftnessRow {
  readonly id: string;
  readonly symptom: string;
  readonly causes: readonly string[];
  /** In the order they are tried; minutes where it is waited for. */
  readonly remedies: readonly { readonly says: string; readonly minutes?: number }[];
}

/** Symptoms and remedies (common practice). */
export const SOFTNESS: readonly SoftnessRow[] = [
  {
    id: 'crumbles',
    symptom: 'it crumbles or cracks when it is bent',
    causes: ['cold', 'old, its softener gone'],
    remedies: [
      { says: 'warm it in the hand or a pocket', minutes: 15 },
      { says: 'knead it, a small piece at a time', minutes: 5 },
      { says: 'knead softener in, a drop at a time' },
      { says: 'cut it half and half with a fresh block' },
    ],
  },
  {
    id: 'sticky',
    symptom: 'it sticks to the fingers, or detail sags as it is made',
    causes: ['warm from the hand or the lamp', 'too much softener'],
    remedies: [
      { says: 'lay it into the freezer', minutes: 15 },
      { says: 'leave it pressed between sheets of plain paper, which draw softener out', minutes: 60 },
      { says: 'knead in some of a firmer clay' },
    ],
  },
  {
    id: 'distorts',
    symptom: 'a sheet or a cut piece stretches when it is lifted',
    causes: ['warm', 'it lies too fast on the table'],
    remedies: [
      { says: 'cool it on its tile in the freezer', minutes: 10 },
      { says: 'cut it where it will be baked, and take away the rest instead of the piece' },
    ],
  },
  {
    id: 'drags',
    symptom: 'the blade drags it along, edges tear',
    causes: ['the blade is drawn through it', 'warm', 'clay stuck to the blade'],
    remedies: [
      { says: 'press the blade straight down, do not draw it' },
      { says: 'wipe the blade, and cool the clay', minutes: 5 },
    ],
  },
  {
    id: 'bubbles',
    symptom: 'bubbles show under the surface',
    causes: ['air folded in while it was rolled or kneaded'],
    remedies: [
      { says: 'prick each slantwise, press the air out towards the hole, and smooth it' },
      { says: 'roll from one side to the other with the fold first, not both ways' },
    ],
  },
  {
    id: 'tears',
    symptom: 'a thin sheet tears in the roller',
    causes: ['cold or old', 'too thin for its state', 'the setting was changed too far at once'],
    remedies: [
      { says: 'condition it at a wider setting, a dozen times', minutes: 5 },
      { says: 'go down one setting at a time' },
    ],
  },
];

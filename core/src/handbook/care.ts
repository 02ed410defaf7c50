/** The step a care note belongs to. */
export type CareStep = 'bake' | 'clay' | 'finish' | 'blade' | 'dust' | 'piece';

/** A short caution shown at the step where it applies. */
export interface CareNote {
  readonly step: CareStep;
  readonly says: string;
}

/** Cautions of common practice; packets, local codes and licensed trades come first. */
export const CARE: readonly CareNote[] = [
  { step: 'bake', says: 'The packet comes first: if it differs from this card, follow the packet.' },
  {
    step: 'bake',
    says: 'Air the room while baking. Clay that smokes or darkens gives off harmful fumes: oven off, windows open.',
  },
  { step: 'bake', says: 'Use a separate thermometer; dials are often 15 °C off.' },
  { step: 'bake', says: 'Cool in the oven with the door ajar. Handle and seal at room temperature.' },
  { step: 'clay', says: 'Keep the oven, tools and tins used for clay apart from food.' },
  { step: 'blade', says: 'Cut away from the hand with a fresh blade, and cap it.' },
  { step: 'dust', says: 'Sand cured clay wet, with a dust mask.' },
  {
    step: 'finish',
    says: 'Spirit and sprays are flammable: no flame, no oven, no hot piece near them. Air the room.',
  },
  {
    step: 'finish',
    says: 'Superglue sets on skin and eyes, and smokes when it is warm: no oven after it, no cotton on it.',
  },
  {
    step: 'finish',
    says: 'Fine powders, flock and dust: a mask, and nothing that blows. The packet and local rules come first.',
  },
  {
    step: 'finish',
    says: 'Gloves for raw resin and epoxy; a mask for a spray gun, for dry pigment and for sanding a coat.',
  },
  {
    step: 'piece',
    says: 'Finished pieces are not toys and not food-safe; keep small parts from children and pets.',
  },
];

/** Whether clay of a part has been through a bake that cures it. */
export type ClayState = 'raw' | 'cured';

/** What may lie behind a trouble, and the figure whose verdict speaks for it; null where only the maker can say. */
export interface Cause {
  readonly says: string;
  readonly figure: string | null;
}

/** A way out, what it takes at the bench, and for which clay. */
export interface Way {
  readonly says: string;
  readonly minutes: number;
  readonly on: ClayState | 'both';
}

/** Something that goes wrong in the making. */
export interface Trouble {
  readonly id: string;
  readonly title: string;
  readonly causes: readonly Cause[];
  readonly ways: readonly Way[];
  /** What it may be left as. */
  readonly feature: string;
  /** Where it looks worse than it is; empty else. */
  readonly normal: string;
}

const cause = (says: string, figure: string | null = null): Cause => ({ says, figure });
const raw = (minutes: number, says: string): Way => ({ says, minutes, on: 'raw' });
const cured = (minutes: number, says: string): Way => ({ says, minutes, on: 'cured' });
const both = (minutes: number, says: string): Way => ({ says, minutes, on: 'both' });

/** What goes wrong most, why, and what is done about it (common practice; minutes from memory). */
export const TROUBLES: readonly Trouble[] = [
  {
    id: 'torn',
    title: 'the sheet tears or crumbles',
    causes: [
      cause('the clay is cold or under-conditioned: a thin sheet of it crumbles when it is rolled'),
      cause('the skin is thin for its clay', 'bulk.skin'),
      cause('it dried out, or lost its softener to paper'),
    ],
    ways: [
      raw(5, 'warm it in the hand and roll it again, a little thicker, folding it each time'),
      raw(3, 'work in a drop of softener'),
      raw(4, 'lay a patch over the tear and blend its edge with a soft tool'),
      cured(15, 'fill the tear with liquid clay and bake it again'),
    ],
    feature: 'a torn hem, a crack in plaster, bark',
    normal: '',
  },
  {
    id: 'prints',
    title: 'fingerprints',
    causes: [cause('held with bare, warm hands'), cause('the last smoothing was left out')],
    ways: [
      raw(
        4,
        'smooth with a soft brush and a trace of the smoothing agent, and let it dry off before the oven',
      ),
      raw(1, 'hold it by its wire or in gloves from here on'),
      cured(10, 'wet abrasive paper, from coarse to fine'),
      cured(15, 'a thin coat of liquid clay, baked again'),
    ],
    feature: 'texture it: pores, bark, stone',
    normal: '',
  },
  {
    id: 'thick-tips',
    title: 'too much clay on tips and edges',
    causes: [
      cause('clay was pushed outward by blending'),
      cause('the skin is thick for the scale', 'bulk.skin'),
    ],
    ways: [
      raw(5, 'cut it back with a blade, from the tip inward, and blend'),
      cured(12, 'carve and sand it down: leave the last of it to the paper'),
    ],
    feature: 'mittens, boots, buds',
    normal: 'half done, hands and ears look clumsy: they come right when they are cut back last',
  },
  {
    id: 'smeared',
    title: 'the texture is smeared',
    causes: [cause('it was handled after it was textured'), cause('the clay is too soft for it')],
    ways: [
      raw(5, 'chill it for ten minutes, and texture again'),
      raw(10, 'bake it for a short while before the next part is worked'),
      cured(20, 'carve the lines again, or lay a thin skin over it and texture that'),
    ],
    feature: 'worn stone, an old coat',
    normal: '',
  },
  {
    id: 'count',
    title: 'the count is wrong',
    causes: [
      cause('features are still to be made', 'brief.features'),
      cause('the list at Brief says another number'),
    ],
    ways: [
      both(10, 'make the missing ones apart, bake them, and join them cold'),
      both(1, 'let the number stand and change it at Brief'),
    ],
    feature: 'one lost, one hidden',
    normal: '',
  },
  {
    id: 'too-tall',
    title: 'it came out too tall or too large',
    causes: [
      cause('the wire was cut to the outside, and clay came on top'),
      cause('its measure is off by the log', 'made.height'),
    ],
    ways: [
      raw(20, 'shorten the wire at the peg or the sole and close the foot again'),
      both(10, 'sink it: a deeper hole, a thinner base, or ground that comes up round it'),
      cured(25, 'cut it at a seam, take a slice out, pin and fill'),
    ],
    feature: 'bend it: a stoop, a lean, a bowed head',
    normal: '',
  },
  {
    id: 'gap',
    title: 'a gap where parts meet',
    causes: [cause('parts were baked apart'), cause('clay shrank or bulged in the bake', 'bulk.thickest')],
    ways: [
      raw(5, 'a roll of clay into the gap, blended both ways'),
      cured(15, 'liquid clay or fresh clay into it, and bake again'),
      cured(10, 'epoxy putty, smoothed with water'),
    ],
    feature: 'a seam, a strap, moss, icing over it',
    normal: '',
  },
  {
    id: 'crooked',
    title: 'it stands crooked',
    causes: [
      cause('the wire bent under the hand', 'bones.handled'),
      cause('it does not stand by itself', 'bones.stands'),
      cause('it moved while it was warm'),
    ],
    ways: [
      raw(5, 'bend the wire back at the ankle, supporting both sides'),
      cured(
        10,
        'warm it through in hot water or a low oven, bend it slowly, hold it till it is cold: it may crack',
      ),
      both(10, 'set it upright in its base and let the ground take up the lean'),
    ],
    feature: 'walking, leaning, wind',
    normal: '',
  },
  {
    id: 'sagged',
    title: 'it sagged in the oven',
    causes: [cause('nothing stood under it', 'bake.overhang'), cause('the wire is thin for it', 'bones.sag')],
    ways: [
      cured(15, 'warm it, lift it back over a form of foil, and hold it till it is cold'),
      both(5, 'next time: a bed of fibre or a form of foil under it, taken out when it is baked'),
    ],
    feature: 'let it hang',
    normal: '',
  },
  {
    id: 'came-off',
    title: 'something came off',
    causes: [
      cause('nothing but clay held it', 'bulk.thin'),
      cause('the joint has no pin'),
      cause('grease or dust on it'),
    ],
    ways: [
      raw(5, 'score both sides, a drop of liquid clay, press and blend'),
      cured(12, 'drill both sides, pin it with a piece of wire, glue it cold'),
      cured(20, 'liquid clay between, held in a jig, and bake again'),
    ],
    feature: 'left as a break, painted in',
    normal: '',
  },
  {
    id: 'hole-wide',
    title: 'the hole is too wide',
    causes: [cause('the drill wandered'), cause('it was cut to the outside of the thing')],
    ways: [
      raw(4, 'line it with a thin roll of clay and press the thing in again'),
      cured(5, 'shim it with foil or card'),
      cured(8, 'epoxy putty round the pin, or a thicker pin'),
    ],
    feature: 'a collar, a washer, a rope round it',
    normal: '',
  },
  {
    id: 'burned',
    title: 'it browned or burned',
    causes: [
      cause('more minutes than its thinnest part bears', 'bake.minutes'),
      cause('the oven runs hotter than its dial'),
    ],
    ways: [
      cured(15, 'scrape the brown off and paint over it: air the room, burned clay gives off harmful fumes'),
      both(5, 'measure the oven before anything else goes in, then tent it'),
    ],
    feature: 'rust, old ivory, a toasted crust',
    normal: '',
  },
  {
    id: 'bled',
    title: 'a colour bled or stained',
    causes: [
      cause('dark clay touched pale clay'),
      cause('powder or pigment on the hands'),
      cause('a wet wash on bare clay'),
    ],
    ways: [
      raw(5, 'lift it with a blade and clean hands; white last'),
      cured(8, 'scrape or sand the stain off, or cover it with paint'),
    ],
    feature: 'dirt, age, shade',
    normal: '',
  },
  {
    id: 'fogged',
    title: 'glue fogged it white',
    causes: [cause('superglue in still, damp air'), cause('more glue than it wanted')],
    ways: [
      both(5, 'wipe it with a trace of oil, or scrape it off; gloss over it hides the rest'),
      both(2, 'next time less, and moving air'),
    ],
    feature: 'frost, dust',
    normal: '',
  },
  {
    id: 'wet',
    title: 'it will not dry',
    causes: [
      cause('laid on too thick'),
      cause('cold or damp room'),
      cause('solvent on clay: it may stay tacky for good'),
    ],
    ways: [
      both(2, 'give it moving air and a day; no oven while it smells of solvent'),
      both(15, 'take it off and lay it on thin, in several coats'),
    ],
    feature: 'wet, if wet is wanted',
    normal: '',
  },
];

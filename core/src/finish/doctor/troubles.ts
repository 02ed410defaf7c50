/** What goes wrong with a surface, as a maker says it. */
export const SURFACE_TROUBLES = [
  'tacky',
  'lifts',
  'fogs',
  'cracks',
  'bubbles',
  'dark',
  'unseen',
  'rubs',
  'clumps',
] as const;
export type SurfaceTrouble = (typeof SURFACE_TROUBLES)[number];

/** What goes wrong with a joint. */
export const JOINT_TROUBLES = ['let-go', 'will-not-set', 'white', 'moved'] as const;
export type JointTrouble = (typeof JOINT_TROUBLES)[number];

/** What goes wrong with a pour. */
export const POUR_TROUBLES = ['soft', 'cloudy', 'bubbled', 'leaked', 'hot', 'sank'] as const;
export type PourTrouble = (typeof POUR_TROUBLES)[number];

export type FinishTrouble = SurfaceTrouble | JointTrouble | PourTrouble;

/** The questions, in a maker’s words. */
export const TROUBLE_SAYS: Readonly<Record<FinishTrouble, string>> = {
  tacky: 'Why won’t this dry?',
  lifts: 'Why did it lift or peel?',
  fogs: 'Why is it white or foggy?',
  cracks: 'Why did it crack?',
  bubbles: 'Why are there bubbles in it?',
  dark: 'Why is it too dark?',
  unseen: 'Why does it not show?',
  rubs: 'Why does it rub off?',
  clumps: 'Why do the fibres clump or fall?',
  'let-go': 'Why did it let go?',
  'will-not-set': 'Why won’t the glue set?',
  white: 'Why did the glue go white?',
  moved: 'Why did it move while it set?',
  soft: 'Why won’t it set?',
  cloudy: 'Why is it cloudy?',
  bubbled: 'Why are there bubbles in it?',
  leaked: 'Why did it leak?',
  hot: 'Why did it get hot or crack?',
  sank: 'Why is it lower than it was poured?',
};

/** What is seen when each rule of what bears what is gone against. */
export const LEADS_TO: Readonly<Record<string, readonly SurfaceTrouble[]>> = {
  lifts: ['lifts', 'dark'],
  eats: ['tacky', 'cracks'],
  wash: ['lifts', 'dark'],
  slips: ['lifts', 'rubs'],
  slick: ['lifts', 'rubs'],
  drinks: ['lifts', 'cracks', 'dark'],
  raw: ['cracks', 'bubbles', 'tacky'],
  shine: ['unseen'],
  buried: ['unseen'],
  fills: ['unseen'],
  coarser: ['unseen'],
  furred: ['unseen'],
  dulled: ['dark', 'unseen'],
  matted: ['clumps'],
  tooth: ['rubs', 'unseen'],
  silvers: ['fogs'],
  lean: ['cracks'],
  brittle: ['cracks'],
  late: ['unseen'],
  marks: ['fogs'],
  deep: ['tacky', 'fogs', 'cracks'],
  fogs: ['fogs'],
  burns: ['bubbles', 'dark', 'lifts'],
  bubbles: ['bubbles'],
  uncured: ['tacky', 'rubs'],
  rubs: ['rubs'],
  handled: ['rubs', 'lifts'],
  wet: ['tacky', 'lifts', 'clumps'],
  fades: ['unseen'],
  frost: ['cracks', 'lifts'],
  after: ['lifts', 'fogs', 'tacky'],
};

/** What may be behind it that no record tells (common practice). */
export const ALSO_MAYBE: Readonly<Record<FinishTrouble, readonly string[]>> = {
  tacky: [
    'clay under it that is not cured through, or that was handled with oil: soft clay leaches into paint',
    'a spray meant for metal or wood: its solvent softens clay for good',
    'the next coat went on before this one was dry',
  ],
  lifts: [
    'grease, starch or mould release left on what it was put on',
    'a stiff brush, scrubbed over paint that was just touch-dry',
  ],
  fogs: ['the can was cold or not shaken long enough', 'sprayed from too far: it dried in the air'],
  cracks: [
    'dried hard too quickly, by a heater or in the sun',
    'the clay under it moves: thin, or not cured through',
  ],
  bubbles: ['shaken or stirred hard just before', 'air that is drawn up out of a surface that drinks'],
  dark: ['more pigment than water in the wash', 'it was left to dry where it should have been wiped back'],
  unseen: [
    'looked at while wet: paint dries darker, pastel lighter',
    'light from the front: what is raised shows from the side',
  ],
  rubs: ['it was not quite dry', 'the surface is greasy from the clay or from hands'],
  clumps: [
    'too much glue, or glue thinned so far that it climbs the fibres',
    'fibres longer than they are strewn',
  ],
  'let-go': [
    'grease, starch or dust on one of the two',
    'knocked or turned rather than pulled: glue bears little of that',
  ],
  'will-not-set': [
    'the two parts of it were not equal, or not mixed through',
    'too cold: below 15 °C most of it waits',
  ],
  white: ['a closed box or a film over it: the fumes stay', 'an activator was sprayed on'],
  moved: ['nothing held it till it gripped', 'its weight hung off the joint rather than closing it'],
  soft: [
    'not stirred through: the sides and the bottom of the cup were not scraped',
    'measured by eye, or by volume where the bottle says mass',
  ],
  cloudy: ['damp air or a damp bed', 'air stirred in, or poured from too high'],
  bubbled: [
    'a bed that drinks was not sealed: air comes out of it',
    'stirred fast, or poured in one go from high up',
  ],
  leaked: ['a gap at the foot of the dam, thinner than can be seen', 'tape on dust or on a textured edge'],
  hot: ['mixed in one deep cup and left standing: it heats itself'],
  sank: ['it ran off through the bed, or crept up its edge'],
};

/** What can still be done with it (common practice). */
export const RESCUES: Readonly<Record<FinishTrouble, readonly string[]>> = {
  tacky: [
    'give it a week in warm, dry air before anything else; a fan helps, a low oven only for what bears it',
    'then a coat of water-based sealer over a trial spot: if that dries hard, over all of it',
    'else take it off with alcohol, on a trial spot first, and begin again on clean clay',
  ],
  lifts: [
    'let it dry fully, rub the loose edge down with fine paper, and seal before paint goes on again',
    'touch the spot up with the brush, in two thin coats',
  ],
  fogs: [
    'on a warm dry day, one light mist of the same varnish may take the fog up again',
    'or gloss over it, dry, and then matt once more',
  ],
  cracks: [
    'fill with thinned paste or liquid gap filler, sand when hard, and seal',
    'or let it stand as age: a dark wash makes cracks look meant',
  ],
  bubbles: ['prick them, press flat while it gives, or sand when hard and fill'],
  dark: [
    'while it is wet: water, a damp brush or cotton, wiped from the raised places first',
    'dry: dry brush the base colour over it, then a lighter one',
  ],
  unseen: [
    'go lighter or darker by 15 of L* at least: the layer tells the colour that does',
    'a second, finer pass over the sharpest edges alone',
  ],
  rubs: ['dust off what is loose, then two thin mists of matt; brushed varnish takes powder with it'],
  clumps: ['comb it out dry with a needle, trim, and lay new fibre over the roots'],
  'let-go': ['scrape both faces back to what is sound, roughen, drill and pin, and glue again'],
  'will-not-set': ['warmth and a day; if it stays soft, scrape it off: nothing sets over it'],
  white: ['wipe with a trace of oil, or alcohol on a trial spot; then matt varnish over it'],
  moved: ['score round it and twist it off while the glue is young; scrape, and set it again with a prop'],
  soft: [
    'warm room and two more days',
    'still soft on top: scrape what is liquid off, then a thin, well mixed layer over it',
    'soft all through: it will not come: out with it',
  ],
  cloudy: [
    'if it dries by its water: wait, with a fan, a week for each mm',
    'a clear, glossy coat takes a dull surface away, not what is deep in it',
  ],
  bubbled: [
    'while it is liquid: a warm breath or a pin',
    'hard: drill them open and fill with a drop of the same',
  ],
  leaked: ['stop the gap with hot glue or clay from outside, wipe, let it set, and pour again on top'],
  hot: ['let it cool by itself, away from what burns; then fill the cracks with a thin layer'],
  sank: ['one more layer, thin, once it is hard'],
};

import type {
  BeastBuild,
  BeastPose,
  BirdBuild,
  Clothing,
  DrawnEdge,
  Form,
  PanelsForm,
  PersonForm,
  PersonLength,
  PersonPose,
  RoofKind,
  RoundCrest,
  View,
  WallName,
} from './types.ts';

/** What may be chosen where a form offers a list, with the words for it. */
export const PERSON_POSES: Readonly<Record<PersonPose, string>> = {
  straight: 'standing straight',
  tee: 'arms out',
  sitting: 'sitting',
  walking: 'walking',
  kneeling: 'kneeling',
  holding: 'holding something',
};
export const BEAST_BUILDS: Readonly<Record<BeastBuild, string>> = {
  cat: 'cat',
  dog: 'dog',
  hog: 'hog',
  sheep: 'sheep',
  horse: 'horse',
  deer: 'deer',
  rat: 'rat',
};
export const BEAST_POSES: Readonly<Record<BeastPose, string>> = {
  standing: 'standing',
  sitting: 'sitting',
  lying: 'lying',
};
export const BIRD_BUILDS: Readonly<Record<BirdBuild, string>> = {
  goose: 'goose',
  gull: 'gull',
  hen: 'hen',
  crow: 'crow',
  songbird: 'songbird',
  owl: 'owl',
};
export const ROUND_CRESTS: Readonly<Record<RoundCrest, string>> = {
  none: 'bare',
  'round ears': 'round ears',
  'long ears': 'long ears',
  'bulging eyes': 'bulging eyes',
};

export const WALL_NAMES: Readonly<Record<WallName, string>> = {
  front: 'front',
  back: 'back',
  left: 'left',
  right: 'right',
};
export const DRAWN_EDGES: Readonly<Record<DrawnEdge, string>> = {
  round: 'round',
  soft: 'rounded corners',
  square: 'square',
};
export const ROOF_KINDS: Readonly<Record<RoofKind, string>> = {
  none: 'none',
  flat: 'flat',
  'lean-to': 'one slope',
  gable: 'two slopes',
};
export const PANEL_JOINTS: Readonly<Record<PanelsForm['joint'], string>> = {
  butt: 'one against the other',
  mitre: 'mitred',
};

export const NO_CLOTHES: Clothing = { headMm: 0, trunkMm: 0, armsMm: 0, legsMm: 0, hemMm: null };
/** Lengths of a person that may be held. */
export const PERSON_LENGTHS: readonly PersonLength[] = ['head', 'shoulder', 'elbow', 'hip', 'knee', 'hand'];
/** A person before anything is chosen but the stature. */
export const PLAIN_PERSON: Omit<PersonForm, 'statureMm'> = {
  kind: 'person',
  headsTall: null,
  build: 1,
  pose: 'straight',
  angles: {},
  clothing: NO_CLOTHES,
  locked: {},
};

/** What a view shows of a form: animals are drawn looking to the right, so that their front view is their side. */
export function viewTitle(form: Form, view: View): string {
  const looksRight = form.kind === 'beast' || form.kind === 'bird' || form.kind === 'crawler';
  if (!looksRight) return view;
  return view === 'front' ? 'from its side' : 'from ahead';
}

/** Keys of a table of choices. */
export function choicesOf<T extends string>(table: Readonly<Record<T, string>>): T[] {
  return Object.keys(table) as T[];
}

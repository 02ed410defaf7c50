import { PLAIN_PERSON } from './choices.ts';
import type {
  BarPoint,
  BeastBuild,
  BirdBuild,
  ExtrudedForm,
  Form,
  PersonForm,
  ProfilePoint,
  TurnedForm,
} from './types.ts';

/** Something a new part can start from: a named thing with a usual size in life. */
export interface Start {
  readonly id: string;
  readonly title: string;
  readonly group: string;
  /** Other words it is looked for by. */
  readonly also: string;
  readonly form: Form;
}

type Entry = readonly [title: string, form: Form, also?: string];

function group(name: string, entries: readonly Entry[]): Start[] {
  return entries.map(([title, form, also = '']) => ({
    id: title.toLowerCase().replace(/[^a-z0-9]+/g, '-'),
    title,
    group: name,
    also,
    form,
  }));
}

function person(statureMm: number, over: Partial<PersonForm> = {}): Form {
  return { ...PLAIN_PERSON, statureMm, ...over };
}
function beast(proportions: BeastBuild, withersMm: number, build = 1): Form {
  return { kind: 'beast', proportions, withersMm, build, pose: 'standing', angles: {} };
}
function bird(proportions: BirdBuild, heightMm: number): Form {
  return { kind: 'bird', proportions, heightMm, build: 1, angles: {} };
}
function rod(lengthMm: number, startMm: number, endMm = startMm): Form {
  return { kind: 'rod', lengthMm, startMm, endMm, lying: false };
}
function block(widthMm: number, heightMm: number, depthMm: number): Form {
  return { kind: 'block', widthMm, heightMm, depthMm };
}
function cylinder(heightMm: number, bottomMm: number, topMm = bottomMm, lying = false): Form {
  return { kind: 'cylinder', heightMm, bottomMm, topMm, lying };
}
function ring(acrossMm: number, thicknessMm: number, lying = true): Form {
  return { kind: 'ring', acrossMm, thicknessMm, lying };
}
/** Outside from the foot up, then the inside back down; diameters and heights. */
function turned(...points: readonly (readonly [acrossMm: number, heightMm: number])[]): Form {
  return {
    kind: 'turned',
    lying: false,
    profile: points.map(([acrossMm, heightMm]): ProfilePoint => ({ radiusMm: acrossMm / 2, heightMm })),
  };
}
/** A bar led through points of a plane that faces the viewer. */
function bentBar(thicknessMm: number, ...points: readonly (readonly [xMm: number, yMm: number])[]): Form {
  return {
    kind: 'tube',
    thicknessMm,
    endMm: thicknessMm,
    points: points.map(([xMm, yMm]) => ({ xMm, yMm, zMm: 0 })),
  };
}
function cutOut(depthMm: number, ...points: readonly (readonly [xMm: number, yMm: number])[]): Form {
  return { kind: 'extruded', depthMm, points: points.map(([xMm, yMm]) => ({ xMm, yMm })) };
}
function tree(heightMm: number, spreadMm: number, trunkMm: number, forkMm: number, forks: number): Form {
  return { kind: 'tree', heightMm, spreadMm, trunkMm, forkMm, forks, rootsMm: trunkMm * 1.5, seed: 1 };
}

/** Named things with usual sizes in life, from memory as in the Handbook's table: starting values, to be measured. */
export const STARTS: readonly Start[] = [
  ...group('people', [
    ['Woman', person(1620), 'person figure adult'],
    ['Man', person(1760), 'person figure adult'],
    ['Heroic figure', person(1850, { headsTall: 8.5, build: 1.15 }), 'person hero'],
    ['Child of 12', person(1490, { headsTall: 6.5 }), 'person boy girl'],
    ['Child of 6', person(1150, { headsTall: 6 }), 'person boy girl'],
    ['Child of 3', person(950, { headsTall: 5 }), 'person toddler'],
    ['Baby of a year', person(750, { headsTall: 4 }), 'person'],
    ['Stylised figure', person(1200, { headsTall: 3, build: 1.2 }), 'person doll'],
    ['Seated person', person(1700, { pose: 'sitting' }), 'sitting figure'],
  ]),
  ...group('animals', [
    ['Cat', beast('cat', 240)],
    ['Fox', beast('dog', 380, 0.95)],
    ['Small dog', beast('dog', 300)],
    ['Large dog', beast('dog', 650)],
    ['Sheep', beast('sheep', 700)],
    ['Pig', beast('hog', 825), 'hog boar'],
    ['Donkey', beast('horse', 1100), 'ass mule'],
    ['Horse', beast('horse', 1524), 'pony'],
    ['Red deer', beast('deer', 1200), 'stag hind'],
    ['Rat', beast('rat', 75), 'mouse'],
    ['Goose', bird('goose', 800)],
    ['Gull', bird('gull', 400), 'seagull'],
    ['Hen', bird('hen', 400), 'chicken cock'],
    ['Crow', bird('crow', 320), 'raven rook'],
    ['Songbird', bird('songbird', 120), 'robin sparrow'],
    ['Owl', bird('owl', 360)],
    [
      'Frog',
      { kind: 'round', heightMm: 70, widthMm: 80, crest: 'bulging eyes', armsMm: 35, legsMm: 45 },
      'toad',
    ],
    [
      'Round creature',
      { kind: 'round', heightMm: 600, widthMm: 600, crest: 'long ears', armsMm: 220, legsMm: 240 },
      'stub limbs rabbit bear',
    ],
    [
      'Spider',
      {
        kind: 'crawler',
        lengthMm: 14,
        sections: 2,
        legPairs: 4,
        legSegments: 4,
        footCircleMm: 44,
        bodyHeightMm: 7,
        feelersMm: 0,
        legMm: 1.6,
      },
    ],
    [
      'Beetle',
      {
        kind: 'crawler',
        lengthMm: 30,
        sections: 3,
        legPairs: 3,
        legSegments: 3,
        footCircleMm: 36,
        bodyHeightMm: 9,
        feelersMm: 12,
        legMm: 2.4,
      },
      'bug ant insect',
    ],
  ]),
  ...group('trees', [
    ['Broad tree', tree(12_000, 10_000, 900, 3000, 4), 'oak elm chestnut'],
    ['Orchard tree', tree(4000, 4000, 250, 1100, 4), 'apple pear'],
    ['Slender tree', tree(9000, 4000, 250, 3500, 4), 'birch poplar'],
    ['Shrub', tree(1800, 2000, 90, 250, 4), 'bush'],
  ]),
  ...group('vessels', [
    ['Mug', turned([0, 0], [78, 0], [80, 5], [80, 95], [73, 95], [73, 6], [0, 6]), 'cup'],
    [
      'Bowl',
      turned([0, 0], [60, 0], [70, 6], [130, 45], [160, 75], [153, 75], [124, 47], [66, 12], [0, 10]),
      'dish',
    ],
    ['Dinner plate', turned([0, 0], [160, 0], [180, 6], [270, 22], [266, 26], [172, 11], [0, 8]), 'dish'],
    [
      'Jug',
      turned(
        [0, 0],
        [100, 0],
        [150, 60],
        [150, 110],
        [95, 190],
        [110, 230],
        [103, 230],
        [88, 190],
        [142, 110],
        [142, 62],
        [92, 8],
        [0, 8],
      ),
      'pitcher',
    ],
    ['Wine bottle', turned([0, 0], [70, 0], [75, 5], [75, 190], [60, 215], [30, 235], [28, 300], [0, 300])],
    [
      'Flower pot',
      turned(
        [0, 0],
        [110, 0],
        [150, 130],
        [165, 130],
        [170, 160],
        [155, 160],
        [140, 135],
        [100, 12],
        [0, 12],
      ),
      'plant pot',
    ],
    ['Vase', turned([0, 0], [90, 0], [150, 110], [120, 210], [70, 260], [95, 300], [0, 300]), 'urn'],
    [
      'Cauldron',
      turned(
        [0, 0],
        [200, 10],
        [420, 160],
        [440, 260],
        [390, 360],
        [420, 380],
        [395, 380],
        [360, 360],
        [400, 260],
        [380, 170],
        [180, 35],
        [0, 30],
      ),
      'pot kettle',
    ],
    ['Barrel', turned([0, 0], [560, 0], [650, 250], [680, 485], [650, 720], [560, 970], [0, 970]), 'cask'],
    ['Bucket', cylinder(280, 210, 300), 'pail'],
    ['Drum', cylinder(360, 380), 'tub tin'],
    ['Bell', turned([0, 0], [220, 0], [170, 60], [130, 150], [90, 190], [0, 200]), 'hand bell'],
    [
      'Candlestick',
      turned(
        [0, 0],
        [110, 0],
        [90, 15],
        [30, 30],
        [40, 90],
        [26, 150],
        [44, 190],
        [60, 200],
        [30, 204],
        [0, 204],
      ),
    ],
  ]),
  ...group('poles', [
    ['Broom handle', rod(1200, 25), 'stick staff'],
    ['Walking stick', rod(900, 22, 18), 'cane'],
    ['Oar', rod(2400, 45, 40), 'paddle'],
    ['Pike', rod(2700, 32, 26), 'spear lance'],
    ['Post', cylinder(1000, 120), 'bollard pile'],
    [
      'Column',
      turned(
        [0, 0],
        [520, 0],
        [520, 90],
        [400, 160],
        [400, 400],
        [340, 2700],
        [460, 2820],
        [460, 3000],
        [0, 3000],
      ),
      'pillar',
    ],
    [
      'Baluster',
      turned(
        [0, 0],
        [110, 0],
        [110, 80],
        [60, 120],
        [100, 260],
        [50, 480],
        [80, 620],
        [110, 660],
        [110, 740],
        [0, 740],
      ),
      'banister',
    ],
  ]),
  ...group('boxes and boards', [
    ['Crate', block(520, 400, 380), 'box'],
    ['Chest', block(900, 500, 450), 'trunk box'],
    ['Brick', block(215, 65, 102.5)],
    ['Step', block(900, 180, 280), 'stair'],
    ['Plank', block(2400, 25, 200), 'board'],
    ['Door', block(762, 2032, 44), 'leaf'],
    ['Book', block(150, 230, 30)],
    ['Table top', block(1500, 30, 800), 'board'],
    ['Wall', block(3000, 2400, 215), 'quay'],
  ]),
  ...group('fruit and balls', [
    ['Apple', { kind: 'ball', diameterMm: 80 }, 'orange fruit'],
    ['Pumpkin', turned([0, 0], [150, 5], [300, 90], [320, 140], [280, 210], [140, 245], [0, 235]), 'squash'],
    ['Football', { kind: 'ball', diameterMm: 220 }],
    ['Egg', turned([0, 0], [26, 4], [40, 16], [44, 26], [40, 40], [26, 53], [12, 57], [0, 58])],
  ]),
  ...group('rings', [
    ['Coil of cord', ring(350, 90), 'rope'],
    ['Tyre', ring(620, 170, false), 'wheel'],
    ['Wreath', ring(400, 80, false)],
    ['Hoop', ring(900, 20, false)],
  ]),
  ...group('plain forms', [
    ['Ball', { kind: 'ball', diameterMm: 200 }, 'sphere'],
    ['Rod', rod(1200, 40), 'round ends bar'],
    ['Block', block(400, 300, 300), 'box cuboid'],
    ['Wedge', { kind: 'wedge', widthMm: 500, heightMm: 300, depthMm: 400 }, 'ramp roof chock'],
    ['Bent bar', bentBar(40, [0, 0], [0, 400], [300, 400]), 'tube pipe hook bracket handle'],
    [
      'Cut-out',
      cutOut(30, [-200, 0], [200, 0], [200, 250], [0, 400], [-200, 250]),
      'extruded outline gable sign board',
    ],
    ['Cylinder', cylinder(500, 300)],
    ['Cone', cylinder(500, 300, 0), 'hat'],
    ['Ring', ring(400, 80), 'torus'],
    ['Turned', turned([0, 0], [140, 0], [220, 120], [120, 240], [160, 280], [0, 280]), 'lathe profile'],
  ]),
];

/** Length of a bar along its middle line. */
function barLength(points: readonly BarPoint[]): number {
  return points.slice(1).reduce((sum, p, i) => {
    const q = points[i] ?? p;
    return sum + Math.hypot(p.xMm - q.xMm, p.yMm - q.yMm, p.zMm - q.zMm);
  }, 0);
}

/** The length a thing is known by: stature, withers, height or the like, in the form's own frame, mm. */
export function chiefLength(form: Form): number {
  switch (form.kind) {
    case 'person':
      return form.statureMm;
    case 'beast':
      return form.withersMm;
    case 'ball':
      return form.diameterMm;
    case 'rod':
    case 'crawler':
      return form.lengthMm;
    case 'ring':
      return form.acrossMm;
    case 'tube':
      return form.points.length > 1 ? barLength(form.points) : 0;
    case 'extruded': {
      const ys = form.points.map((point) => point.yMm);
      return Math.max(...ys) - Math.min(...ys);
    }
    case 'mesh':
      return form.extent[form.upright] * form.unitMm;
    case 'turned': {
      const heights = form.profile.map((point) => point.heightMm);
      return Math.max(...heights) - Math.min(...heights);
    }
    default:
      return form.heightMm;
  }
}

/**
 * Starts that hold every word of a question in their name, group or other words; those whose name begins with it come
 * first.
 *
 * @example findStarts('hors')[0].title // 'Horse'
 */
export function findStarts(question: string): readonly Start[] {
  const words = question.toLowerCase().split(/\s+/).filter(Boolean);
  const found = STARTS.filter(({ title, group: name, also }) => {
    const text = `${title} ${name} ${also}`.toLowerCase();
    return words.every((word) => text.includes(word));
  });
  const begins = ({ title }: Start) => title.toLowerCase().startsWith(words[0] ?? '');
  return [...found.filter(begins), ...found.filter((start) => !begins(start))];
}

/** An outline stretched so that it is so high or wide. */
function stretchedOutline(form: ExtrudedForm, axis: 'xMm' | 'yMm', lengthMm: number): ExtrudedForm {
  const values = form.points.map((point) => point[axis]);
  const by = lengthMm / (Math.max(...values) - Math.min(...values));
  if (!Number.isFinite(by)) return form;
  return { ...form, points: form.points.map((point) => ({ ...point, [axis]: point[axis] * by })) };
}

/** A profile stretched so that it is so high or so far across. */
function stretchedProfile(form: TurnedForm, field: string, lengthMm: number): TurnedForm {
  const size = field === 'height' ? chiefLength(form) : 2 * Math.max(...form.profile.map((p) => p.radiusMm));
  const by = lengthMm / size;
  if (!Number.isFinite(by)) return form;
  return {
    ...form,
    profile: form.profile.map((p) =>
      field === 'height' ? { ...p, heightMm: p.heightMm * by } : { ...p, radiusMm: p.radiusMm * by },
    ),
  };
}

/**
 * A form with one of its measures set; a drawn or turned line is stretched, an imported solid scaled as a whole.
 *
 * @param field of the form’s measure, as {@link FormMeasure.field} names it
 * @returns a new form; the same one when it has no such field
 */
export function withMeasure(form: Form, field: string, lengthMm: number): Form {
  if (form.kind === 'turned') return stretchedProfile(form, field, lengthMm);
  if (form.kind === 'mesh' && (field === 'height' || field === 'width'))
    return { ...form, unitMm: lengthMm / form.extent[field === 'height' ? form.upright : 'x'] };
  if (form.kind === 'extruded' && (field === 'height' || field === 'width'))
    return stretchedOutline(form, field === 'height' ? 'yMm' : 'xMm', lengthMm);
  return field in form ? ({ ...form, [field]: lengthMm } as Form) : form;
}

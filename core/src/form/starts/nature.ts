import {
  beast,
  bentBar,
  bird,
  block,
  builtUp,
  cutOut,
  cylinder,
  group,
  mirrored,
  piece,
  ring,
  rod,
  type Start,
  tree,
  turned,
} from './entries.ts';

const BUG = { kind: 'crawler', legSegments: 3 } as const;

/** Creatures, limbs, plants and ground with usual sizes in life, from memory: starting values, to be measured. */
export const NATURE: readonly Start[] = [
  ...group('more animals', [
    ['Wolf', beast('dog', 750), 'hound'],
    ['Hound, sleeping', beast('dog', 600, 1.1), 'dog lying'],
    ['Lion', beast('cat', 1050, 1.15), 'tiger panther big cat lioness'],
    ['Kitten', beast('cat', 120, 0.95), 'young cat'],
    ['Badger', beast('hog', 300), 'brock'],
    ['Bear', beast('hog', 1000, 1.2), 'grizzly cub'],
    ['Cow', beast('horse', 1400, 1.25), 'bull ox cattle calf bison'],
    ['Goat', beast('sheep', 700, 0.85), 'kid billy'],
    ['Lamb', beast('sheep', 350, 0.85), 'young sheep'],
    ['Foal', beast('horse', 950, 0.85), 'young horse colt'],
    ['Elephant', beast('hog', 3000, 1.3), 'mammoth rhino hippo'],
    ['Mouse', beast('rat', 25), 'vole hamster'],
    ['Squirrel', beast('rat', 80, 1.1), 'chipmunk'],
    ['Duck', bird('goose', 400), 'duckling drake'],
    ['Swan', bird('goose', 1100), 'cygnet'],
    ['Heron', bird('goose', 950), 'stork crane flamingo'],
    ['Pigeon', bird('songbird', 250), 'dove'],
    ['Eagle', bird('crow', 800), 'hawk falcon vulture buzzard'],
    ['Parrot', bird('crow', 350), 'macaw'],
    ['Turkey', bird('hen', 900), 'peacock pheasant'],
    [
      'Hedgehog',
      { kind: 'round', heightMm: 140, widthMm: 180, crest: 'none', armsMm: 25, legsMm: 30 },
      'porcupine mole',
    ],
    [
      'Rabbit',
      { kind: 'round', heightMm: 350, widthMm: 200, crest: 'long ears', armsMm: 90, legsMm: 120 },
      'hare bunny',
    ],
    ['Ghost', turned([0, 0], [420, 0], [380, 300], [260, 700], [180, 820], [0, 850]), 'spook sheet'],
    ['Slug', rod(90, 16, 8), 'caterpillar grub worm leech larva maggot'],
    [
      'Snake',
      bentBar(40, [0, 20], [120, 20], [200, 100], [320, 100], [400, 20], [520, 20], [620, 120]),
      'serpent eel viper',
    ],
    [
      'Snail',
      builtUp(
        piece('foot', rod(70, 14, 6), [-35, 7, 0], { leanDeg: -90 }),
        piece('shell', ring(36, 16, false), [0, 10, 0]),
      ),
      'shell',
    ],
    [
      'Fish',
      builtUp(
        piece('body', rod(300, 100, 30), [150, 50, 0], { leanDeg: 90 }),
        piece('tail', cutOut(8, [0, 45], [70, 0], [55, 50], [70, 100]), [175, 0, 0]),
        piece('back fin', cutOut(8, [-60, 0], [60, 0], [30, 40], [-30, 50]), [0, 90, 0]),
      ),
      'trout carp salmon herring shark',
    ],
    [
      'Whale',
      builtUp(
        piece('body', rod(9000, 3000, 700), [4500, 1500, 0], { leanDeg: 90 }),
        piece('tail', block(1500, 250, 4000), [4800, 1400, 0]),
      ),
      'dolphin orca porpoise',
    ],
    [
      'Turtle',
      builtUp(
        piece('shell', turned([0, 0], [300, 0], [280, 60], [200, 110], [100, 140], [0, 145]), [0, 30, 0]),
        piece('head', rod(130, 70, 60), [130, 70, 0], { leanDeg: -75 }),
        [-1, 1].flatMap((x) =>
          [-1, 1].map((z) =>
            piece(`${x < 0 ? 'hind' : 'fore'} ${z < 0 ? 'right' : 'left'} leg`, cylinder(60, 60, 50), [
              x * 90,
              0,
              z * 80,
            ]),
          ),
        ),
      ),
      'tortoise',
    ],
    [
      'Dragon',
      builtUp(
        piece('body', rod(900, 420, 340), [450, 700, 0], { leanDeg: 90 }),
        piece('neck', rod(700, 240, 150), [-380, 780, 0], { leanDeg: 35 }),
        piece('head', rod(420, 200, 110), [-700, 1380, 0], { leanDeg: 100 }),
        piece('tail', rod(1400, 260, 40), [380, 700, 0], { leanDeg: -105 }),
        [-1, 1].flatMap((z) => [
          piece(`${z < 0 ? 'right' : 'left'} foreleg`, rod(680, 150, 110), [-260, 0, z * 130]),
          piece(`${z < 0 ? 'right' : 'left'} hind leg`, rod(680, 200, 120), [300, 0, z * 150]),
          piece(
            `${z < 0 ? 'right' : 'left'} wing`,
            cutOut(30, [-150, 0], [300, 0], [700, 900], [350, 700], [250, 1100], [0, 800], [-200, 1200]),
            [0, 800, z * 120],
            { tipDeg: z * 25 },
          ),
        ]),
      ),
      'wyvern drake monster beast winged',
    ],
    [
      'Bat, wings spread',
      mirrored(8, [0, 20], [120, 0], [60, 30], [190, 60], [150, 110], [60, 80], [12, 95], [0, 85]),
      'flying',
    ],
    [
      'Butterfly',
      mirrored(1, [0, 4], [25, 0], [30, 20], [12, 26], [38, 50], [28, 58], [3, 40], [0, 44]),
      'moth',
    ],
    [
      'Ant',
      {
        ...BUG,
        lengthMm: 10,
        sections: 3,
        legPairs: 3,
        footCircleMm: 14,
        bodyHeightMm: 3,
        feelersMm: 5,
        legMm: 0.6,
      },
      'bug insect',
    ],
    [
      'Bee',
      {
        ...BUG,
        lengthMm: 15,
        sections: 3,
        legPairs: 3,
        footCircleMm: 16,
        bodyHeightMm: 6,
        feelersMm: 4,
        legMm: 0.8,
      },
      'wasp bumblebee fly insect',
    ],
    [
      'Crab',
      {
        ...BUG,
        lengthMm: 120,
        sections: 1,
        legPairs: 4,
        footCircleMm: 260,
        bodyHeightMm: 50,
        feelersMm: 0,
        legMm: 14,
      },
      'shellfish',
    ],
    [
      'Scorpion',
      {
        ...BUG,
        lengthMm: 80,
        sections: 2,
        legPairs: 4,
        footCircleMm: 90,
        bodyHeightMm: 12,
        feelersMm: 0,
        legMm: 4,
      },
      'lobster',
    ],
  ]),
  ...group('parts of bodies', [
    [
      'Head',
      turned([0, 0], [90, 0], [130, 50], [155, 140], [140, 200], [80, 228], [0, 232]),
      'bust skull face mask',
    ],
    [
      'Torso',
      turned([0, 0], [330, 0], [270, 180], [340, 400], [360, 480], [140, 560], [0, 570]),
      'trunk body chest bust',
    ],
    [
      'Hand',
      builtUp(
        piece('palm', block(80, 100, 28)),
        [0, 1, 2, 3].map((i) =>
          piece(['little', 'ring', 'middle', 'fore'][i] ?? '', rod(82 + 6 * Math.min(i, 2), 18, 14), [
            -30 + 20 * i,
            92,
            0,
          ]),
        ),
        piece('thumb', rod(75, 22, 16), [38, 30, 0], { leanDeg: -40 }),
      ),
      'glove fist fingers gauntlet',
    ],
    [
      'Foot',
      builtUp(piece('sole', block(95, 45, 250)), piece('ankle', cylinder(90, 80, 75), [0, 30, -80])),
      'toes paw',
    ],
    ['Arm', rod(600, 95, 55), 'limb forearm'],
    ['Leg', rod(850, 150, 75), 'limb thigh shin'],
    ['Paw', rod(110, 70, 80), 'foot'],
    ['Claw', bentBar(8, [0, 0], [2, 20], [12, 38], [28, 46]), 'talon nail'],
    ['Horn', bentBar(50, [0, 0], [40, 140], [120, 240], [240, 290]), 'antler tusk'],
    ['Tooth', cylinder(40, 16, 0), 'fang tusk spike'],
    ['Tail', bentBar(40, [0, 20], [200, 40], [360, 140], [480, 280]), ''],
    ['Ear', mirrored(6, [0, 0], [30, 10], [36, 50], [18, 90], [0, 110]), 'leaf-shaped cat'],
    [
      'Wing',
      cutOut(12, [0, 0], [60, -20], [330, 40], [620, 180], [420, 190], [240, 170], [80, 110], [0, 80]),
      'feathered bird fairy angel',
    ],
    ['Feather', mirrored(2, [0, 0], [6, 40], [20, 60], [24, 160], [14, 230], [0, 260]), 'quill plume'],
    ['Eye', { kind: 'ball', diameterMm: 24 }, 'eyeball'],
    [
      'Bone',
      builtUp(
        piece('shaft', cylinder(300, 30), [0, 30, 0]),
        [0, 330].flatMap((y) =>
          [-1, 1].map((x) =>
            piece(
              `${y === 0 ? 'lower' : 'upper'} ${x < 0 ? 'left' : 'right'} knob`,
              { kind: 'ball', diameterMm: 46 },
              [x * 16, y, 0],
            ),
          ),
        ),
      ),
      'skeleton',
    ],
    ['Skull', turned([0, 0], [70, 0], [90, 40], [145, 90], [150, 150], [110, 195], [0, 210]), 'head bone'],
  ]),
  ...group('plants', [
    ['Pine', cylinder(15_000, 4500, 0), 'fir spruce conifer christmas tree cone'],
    [
      'Palm',
      builtUp(
        piece('trunk', cylinder(6000, 350, 250)),
        [0, 60, 120, 180, 240, 300].map((turnDeg, i) =>
          piece(
            `frond ${i + 1}`,
            block(2200, 60, 400),
            [1000 * Math.cos((turnDeg * Math.PI) / 180), 5900, -1000 * Math.sin((turnDeg * Math.PI) / 180)],
            { turnDeg },
          ),
        ),
      ),
      'tree coconut date',
    ],
    ['Willow', tree(10_000, 9000, 800, 2500, 5), 'weeping tree'],
    ['Dead tree', tree(7000, 5000, 500, 2500, 3), 'bare gnarled'],
    ['Bonsai', tree(600, 700, 60, 180, 4), 'small tree pot'],
    ['Stump', cylinder(500, 700, 550), 'tree trunk cut'],
    ['Log', cylinder(2000, 300, 260, true), 'trunk timber firewood branch'],
    ['Twig', bentBar(8, [0, 4], [120, 8], [220, 50], [340, 60]), 'branch stick'],
    [
      'Mushroom',
      builtUp(
        piece('stem', cylinder(70, 22, 18)),
        piece('cap', turned([0, 0], [80, 0], [76, 18], [50, 36], [0, 42]), [0, 62, 0]),
      ),
      'toadstool fungus',
    ],
    [
      'Cactus',
      builtUp(
        piece('stem', rod(1800, 260, 240)),
        piece('arm', rod(500, 170, 150), [-100, 700, 0], { leanDeg: 60 }),
        piece('upright', rod(700, 160, 150), [-480, 880, 0]),
      ),
      'succulent',
    ],
    ['Leaf', mirrored(1, [0, 0], [4, 20], [36, 50], [44, 90], [26, 140], [0, 170]), 'foliage petal'],
    [
      'Fern frond',
      mirrored(2, [0, 0], [10, 60], [110, 120], [130, 220], [80, 420], [20, 600], [0, 650]),
      'bracken leaf palm',
    ],
    ['Reed', rod(1800, 10, 5), 'grass rush bulrush stalk stem straw bamboo'],
    [
      'Flower',
      turned([0, 0], [14, 0], [24, 20], [60, 45], [54, 47], [18, 26], [0, 22]),
      'rose tulip blossom bloom daisy petal',
    ],
    ['Bush, round', { kind: 'ball', diameterMm: 1200 }, 'shrub hedge topiary box'],
    ['Hedge', block(3000, 1500, 700), 'box privet'],
    ['Grass tuft', cylinder(250, 90, 160), 'sedge clump'],
    ['Root', bentBar(60, [0, 30], [300, 40], [520, 140], [700, 160]), 'ginger'],
    ['Vine', bentBar(15, [0, 8], [150, 60], [300, 30], [450, 110], [620, 90]), 'ivy creeper tendril'],
  ]),
  ...group('ground and rock', [
    ['Rock', turned([0, 0], [420, 0], [520, 120], [440, 300], [220, 390], [0, 410]), 'boulder stone crag'],
    ['Pebble', turned([0, 0], [40, 2], [60, 14], [44, 26], [0, 30]), 'stone gravel cobble'],
    [
      'Cliff',
      { kind: 'wedge', widthMm: 6000, heightMm: 4000, depthMm: 3000 },
      'rock face crag scarp slope bank',
    ],
    ['Hill', turned([0, 0], [8000, 0], [6000, 900], [3000, 1700], [0, 2000]), 'mound hillock hump barrow'],
    [
      'Cave',
      builtUp(
        piece('rock', block(4000, 3000, 3000)),
        piece('hollow', cylinder(2600, 2400, 2000, true), [0, 0, 500], { cut: true, turnDeg: 90 }),
      ),
      'grotto den tunnel mouth',
    ],
    [
      'Arch',
      builtUp(
        piece('wall', block(2400, 3000, 600)),
        piece('way through', block(1200, 2100, 700), [0, -0.5, 0], { cut: true }),
      ),
      'gate gateway doorway bridge portal',
    ],
    ['Cobble', block(120, 100, 120), 'sett paving stone'],
    ['Paving slab', block(600, 50, 600), 'flag tile stone'],
    ['Icicle', cylinder(300, 30, 0), 'stalactite spike'],
    [
      'Crystal',
      builtUp(piece('shaft', cylinder(160, 60, 60)), piece('point', cylinder(70, 60, 0), [0, 160, 0])),
      'gem quartz jewel diamond',
    ],
    ['Snowball', { kind: 'ball', diameterMm: 90 }, 'snow lump'],
    ['Puddle', cylinder(10, 600), 'pond pool water'],
    ['Coil of a spring', ring(80, 12), 'loop'],
  ]),
];

import {
  atCorners,
  bentBar,
  block,
  builtUp,
  cutOut,
  cylinder,
  group,
  mirrored,
  panels,
  piece,
  ring,
  rod,
  type Start,
  turned,
} from './entries.ts';

const ball = (diameterMm: number) => ({ kind: 'ball', diameterMm }) as const;
const wedge = (widthMm: number, heightMm: number, depthMm: number) =>
  ({ kind: 'wedge', widthMm, heightMm, depthMm }) as const;

/** Clothes, furniture, buildings, vehicles and small things with usual sizes in life, from memory: starting values. */
export const INDOORS: readonly Start[] = [
  ...group('clothes', [
    [
      'Shoe sole',
      mirrored(10, [0, 0], [32, 12], [30, 90], [42, 170], [34, 250], [0, 275]),
      'sole insole footprint',
    ],
    [
      'Shoe',
      builtUp(
        piece('sole', block(90, 20, 270)),
        piece('toe', rod(180, 85, 75), [0, 50, -60], { tipDeg: 90 }),
        piece('heel', cylinder(85, 85, 75), [0, 15, -90]),
      ),
      'slipper clog trainer sandal',
    ],
    [
      'Boot',
      builtUp(piece('foot', block(95, 80, 270)), piece('leg', cylinder(270, 105, 125), [0, 60, -80])),
      'wellington',
    ],
    ['Hat', turned([0, 0], [320, 0], [318, 10], [190, 16], [170, 120], [0, 130]), 'cap brim fedora'],
    ['Top hat', turned([0, 0], [300, 0], [298, 8], [185, 12], [180, 150], [0, 152]), 'stovepipe'],
    [
      'Wizard hat',
      turned([0, 0], [400, 0], [395, 10], [200, 20], [110, 180], [0, 380]),
      'witch cone pointed gnome',
    ],
    ['Crown', turned([0, 0], [180, 0], [190, 70], [182, 70], [172, 4], [0, 4]), 'coronet tiara'],
    ['Bag', block(320, 260, 130), 'satchel case handbag backpack rucksack'],
    ['Suitcase', block(650, 450, 200), 'trunk luggage'],
    ['Belt', ring(320, 40), 'strap collar'],
    ['Button', cylinder(4, 20), 'coin disc token'],
    [
      'Umbrella',
      builtUp(
        piece('canopy', turned([0, 0], [950, 0], [940, 12], [600, 200], [0, 260]), [0, 640, 0]),
        piece('stick', cylinder(660, 16)),
      ),
      'parasol',
    ],
    ['Spectacles ring', ring(50, 4, false), 'glasses monocle bracelet'],
    ['Cushion', turned([0, 0], [300, 20], [420, 70], [300, 120], [0, 140]), 'pillow pouffe'],
  ]),
  ...group('furniture', [
    [
      'Bed',
      builtUp(
        piece('frame', block(1000, 350, 2000)),
        piece('head board', block(1000, 900, 50), [0, 0, -1000]),
        piece('mattress', block(940, 200, 1920), [0, 340, 0]),
      ),
      'cot bunk',
    ],
    ['Wardrobe', block(1100, 1900, 600), 'cupboard cabinet dresser'],
    ['Chest of drawers', block(900, 950, 480), 'drawers dresser'],
    [
      'Bookcase',
      panels(900, 300, 1800, 20, { walls: ['back', 'left', 'right'], floor: true }),
      'shelf shelves',
    ],
    [
      'Armchair',
      builtUp(
        piece('seat', block(800, 420, 800)),
        piece('back', block(800, 950, 180), [0, 0, -330]),
        [-1, 1].map((x) => piece(x < 0 ? 'left arm' : 'right arm', block(130, 620, 760), [x * 335, 0, 0])),
      ),
      'sofa couch throne seat',
    ],
    [
      'Round table',
      builtUp(
        piece('top', cylinder(30, 1000), [0, 710, 0]),
        piece('leg', cylinder(715, 110)),
        piece('foot', cylinder(40, 500)),
      ),
      'pedestal cafe',
    ],
    [
      'Side table',
      builtUp(piece('top', block(450, 25, 450), [0, 525, 0]), atCorners('leg', block(40, 530, 40), 380, 380)),
      'night stand stand',
    ],
    [
      'Lamp, standing',
      builtUp(
        piece('foot', cylinder(30, 300)),
        piece('stem', cylinder(1300, 30), [0, 20, 0]),
        piece('shade', cylinder(300, 420, 260), [0, 1250, 0]),
      ),
      'light floor',
    ],
    [
      'Lantern, paper',
      turned([0, 0], [120, 0], [260, 90], [300, 180], [260, 270], [120, 360], [0, 360]),
      'light lampion',
    ],
    ['Candle', cylinder(180, 24), 'taper light'],
    [
      'Clock',
      builtUp(
        piece('case', cylinder(90, 300), [0, 150, -45], { tipDeg: 90 }),
        piece('foot', block(200, 30, 90)),
      ),
      'watch alarm',
    ],
    [
      'Mirror',
      mirrored(20, [0, 0], [200, 60], [240, 350], [180, 640], [0, 720]),
      'looking glass frame picture',
    ],
    ['Picture frame', block(500, 400, 25), 'painting photo'],
    ['Rug', block(1800, 12, 1200), 'carpet mat'],
    ['Curtain', block(1200, 2200, 80), 'drape blind'],
    [
      'Bath',
      builtUp(
        piece('tub', block(750, 560, 1600)),
        piece('hollow', block(630, 450, 1460), [0, 111, 0], { cut: true }),
      ),
      'tub basin',
    ],
    [
      'Fireplace',
      builtUp(
        piece('surround', block(1400, 1200, 350)),
        piece('opening', block(800, 800, 400), [0, -0.5, 60], { cut: true }),
      ),
      'hearth chimney',
    ],
    [
      'Bird house',
      panels(160, 160, 200, 12, { floor: true, roof: 'gable', riseMm: 90, eavesMm: 25 }),
      'nest box kennel',
    ],
    [
      'Dog kennel',
      panels(800, 1000, 650, 20, { floor: true, roof: 'gable', riseMm: 350, eavesMm: 60 }),
      'hutch coop',
    ],
  ]),
  ...group('buildings', [
    ['Tower', cylinder(9000, 3500, 3200), 'turret keep lighthouse'],
    ['Dome', turned([0, 0], [4000, 0], [3800, 700], [2900, 1500], [1500, 1950], [0, 2050]), 'cupola igloo'],
    ['Chimney', block(600, 1500, 600), 'stack'],
    ['Well', turned([0, 0], [1400, 0], [1400, 800], [1050, 800], [1050, 60], [0, 60]), 'fountain cistern'],
    ['Windmill', cylinder(8000, 4500, 3000), 'mill'],
    [
      'Stall',
      panels(2400, 1500, 2100, 40, {
        walls: ['back', 'left', 'right'],
        roof: 'lean-to',
        riseMm: 350,
        eavesMm: 300,
      }),
      'booth kiosk market stand',
    ],
    ['Tent', wedge(2200, 1800, 2600), 'wigwam awning'],
    [
      'Barn',
      panels(9000, 6000, 3500, 150, { roof: 'gable', riseMm: 2800, eavesMm: 300 }),
      'stable house hall church',
    ],
    ['Fence panel', block(1800, 1200, 30), 'paling railing'],
    ['Gate', block(1000, 1100, 45), 'door hatch'],
    ['Window', block(900, 1200, 60), 'frame pane casement'],
    ['Shingle', block(110, 400, 8), 'tile slate shake scale'],
    ['Roof tile', block(165, 265, 12), 'slate peg tile'],
    [
      'Bridge',
      builtUp(
        piece('deck', block(4000, 700, 1800), [0, 900, 0]),
        [-1, 1].map((x) =>
          piece(x < 0 ? 'left pier' : 'right pier', block(900, 1000, 1800), [x * 1550, 0, 0]),
        ),
      ),
      'viaduct',
    ],
    [
      'Gravestone',
      mirrored(80, [0, 0], [250, 0], [250, 600], [160, 740], [0, 790]),
      'tombstone headstone grave',
    ],
    ['Sign board', block(600, 350, 25), 'plaque shop notice board'],
    [
      'Signpost',
      builtUp(piece('post', cylinder(2200, 100)), piece('arm', block(700, 140, 30), [330, 1900, 50])),
      'finger post road sign',
    ],
    [
      'Street lamp',
      builtUp(
        piece('post', cylinder(2600, 140, 80)),
        piece('head', turned([0, 0], [160, 0], [320, 300], [340, 320], [0, 480]), [0, 2560, 0]),
      ),
      'light gas lamp post',
    ],
    [
      'Flag',
      builtUp(piece('pole', cylinder(2500, 40)), piece('cloth', block(900, 600, 8), [450, 1850, 0])),
      'banner pennant standard',
    ],
  ]),
  ...group('on wheels and water', [
    [
      'Boat',
      builtUp(
        piece(
          'hull',
          mirrored(450, [0, 0], [520, 400], [600, 1500], [420, 2500], [0, 3200]),
          [0, 225, -1600],
          { tipDeg: 90 },
        ),
      ),
      'dinghy punt rowing ship canoe',
    ],
    ['Canoe', mirrored(350, [0, 0], [260, 700], [400, 2200], [260, 3700], [0, 4400]), 'kayak boat'],
    [
      'Cart',
      builtUp(
        piece('bed', block(1400, 500, 2000), [0, 600, 0]),
        [-1, 1].map((x) =>
          piece(x < 0 ? 'left wheel' : 'right wheel', ring(1000, 80, false), [x * 740, 0, 0], {
            turnDeg: 90,
          }),
        ),
        piece('shaft', rod(1800, 70), [0, 700, 900], { tipDeg: 88 }),
      ),
      'wagon barrow carriage',
    ],
    [
      'Wheelbarrow',
      builtUp(
        piece('tray', block(600, 300, 800), [0, 350, 0]),
        piece('wheel', ring(380, 70, false), [0, 0, 500], { turnDeg: 90 }),
        [-1, 1].map((x) =>
          piece(x < 0 ? 'left handle' : 'right handle', rod(1500, 40), [x * 230, 340, 560], { tipDeg: -84 }),
        ),
      ),
      'barrow',
    ],
    [
      'Sledge',
      builtUp(
        piece('deck', block(500, 40, 1100), [0, 200, 0]),
        [-1, 1].map((x) =>
          piece(x < 0 ? 'left runner' : 'right runner', block(40, 210, 1300), [x * 200, 0, 0]),
        ),
      ),
      'sled sleigh',
    ],
    [
      'Car',
      builtUp(
        piece('body', block(1700, 700, 4200), [0, 250, 0]),
        piece('cabin', block(1450, 560, 2000), [0, 940, -200]),
        [-1, 1].flatMap((x) =>
          [-1, 1].map((z) =>
            piece(
              `${z > 0 ? 'front' : 'rear'} ${x < 0 ? 'left' : 'right'} wheel`,
              ring(620, 170, false),
              [x * 790, 0, z * 1300],
              { turnDeg: 90 },
            ),
          ),
        ),
      ),
      'motor truck van lorry',
    ],
    [
      'Robot',
      builtUp(
        piece('body', block(500, 600, 350), [0, 700, 0]),
        piece('head', block(300, 260, 260), [0, 1290, 0]),
        [-1, 1].flatMap((x) => [
          piece(x < 0 ? 'left leg' : 'right leg', cylinder(710, 160), [x * 140, 0, 0]),
          piece(x < 0 ? 'left arm' : 'right arm', cylinder(600, 120), [x * 305, 680, 0]),
        ]),
      ),
      'android automaton machine',
    ],
    [
      'Rocket',
      turned([0, 0], [900, 0], [1100, 900], [1000, 2600], [500, 3600], [0, 4000]),
      'spaceship missile',
    ],
    ['Balloon', turned([0, 0], [30, 0], [220, 180], [260, 300], [200, 400], [0, 440]), 'air'],
  ]),
  ...group('small things', [
    ['Coin', cylinder(2, 24), 'token penny medal disc'],
    ['Bead', ball(8), 'pearl ball berry'],
    ['Die', block(16, 16, 16), 'dice cube'],
    ['Gift box', block(250, 200, 250), 'present parcel package'],
    ['Candle lantern glass', cylinder(120, 80), 'jar'],
    ['Scroll', cylinder(300, 45, 45, true), 'paper roll map'],
    ['Letter', block(220, 2, 110), 'envelope card paper'],
    ['Newspaper', block(380, 12, 290), 'paper magazine'],
    [
      'Potion bottle',
      turned([0, 0], [60, 0], [90, 40], [60, 80], [24, 95], [24, 125], [32, 130], [0, 132]),
      'flask phial vial',
    ],
    [
      'Telephone',
      builtUp(
        piece('base', wedge(200, 110, 180)),
        piece('receiver', rod(230, 50), [115, 130, 0], { leanDeg: 90 }),
      ),
      'phone',
    ],
    [
      'Doll',
      turned([0, 0], [120, 0], [90, 150], [60, 200], [90, 240], [70, 300], [0, 310]),
      'toy peg figure',
    ],
    [
      'Snowman',
      builtUp(
        piece('base', ball(700)),
        piece('body', ball(500), [0, 600, 0]),
        piece('head', ball(320), [0, 1030, 0]),
      ),
      'winter',
    ],
    ['Heart', mirrored(20, [0, 0], [60, 60], [90, 110], [70, 150], [30, 150], [0, 120]), 'valentine love'],
    ['Star', mirrored(15, [0, 42], [59, 0], [36, 68], [95, 110], [22, 112], [0, 180]), 'decoration'],
    [
      'Moon',
      cutOut(15, [0, 0], [60, 20], [95, 80], [60, 150], [0, 170], [40, 130], [55, 85], [40, 35]),
      'crescent',
    ],
    [
      'Cross',
      cutOut(
        40,
        [-30, 0],
        [30, 0],
        [30, 200],
        [110, 200],
        [110, 260],
        [30, 260],
        [30, 340],
        [-30, 340],
        [-30, 260],
        [-110, 260],
        [-110, 200],
        [-30, 200],
      ),
      'crucifix plus grave',
    ],
    ['Game base, round', cylinder(3, 32), 'plinth stand disc'],
    ['Plinth', cylinder(40, 120), 'base pedestal stand socle'],
    ['Plate stand', bentBar(6, [0, 0], [40, 0], [40, 60], [20, 80]), 'easel hook'],
  ]),
];

import { practice, published, type Row, remembered } from '../../sources/index.ts';

/** What stands on a base, and what that weighs. */
export const GROUND_RULES: readonly Row[] = [
  practice('ground.tool', 'Room that a brush goes into', 5, 'mm', { low: 3, high: 8 }),
  practice('ground.finger', 'Room that a finger goes into', 15, 'mm', { low: 12, high: 20 }),
  practice('ground.based', 'Room that a figure on a 1 in base passes', 25.4, 'mm'),
  remembered('ground.ply', 'Density of plywood', 0.62, 'g/cm³', { low: 0.5, high: 0.72 }),
  remembered('ground.fibreboard', 'Density of fibreboard', 0.75, 'g/cm³', { low: 0.65, high: 0.85 }),
  remembered('ground.solid-wood', 'Density of a wooden board', 0.55, 'g/cm³', { low: 0.4, high: 0.75 }),
  remembered('ground.cork', 'Density of cork sheet', 0.2, 'g/cm³', { low: 0.15, high: 0.25 }),
  remembered('ground.foam', 'Density of hard foam sheet', 0.035, 'g/cm³', { low: 0.02, high: 0.05 }),
  remembered('ground.card', 'Density of card', 0.7, 'g/cm³', { low: 0.6, high: 0.9 }),
  remembered('ground.clay', 'Density of a base of baked clay', 1.9, 'g/cm³', { low: 1.7, high: 2.1 }),
  remembered('ground.plaster', 'Density of set plaster', 0.9, 'g/cm³', { low: 0.8, high: 1.2 }),
  remembered('ground.paste', 'Density of dried terrain paste', 0.8, 'g/cm³', { low: 0.5, high: 1.2 }),
  remembered('ground.foil', 'Density of crumpled foil', 0.4, 'g/cm³', { low: 0.3, high: 0.6 }),
  remembered('ground.ply-modulus', 'Plywood: modulus of elasticity', 7, 'GPa', { low: 4, high: 10 }),
  remembered('ground.fibreboard-modulus', 'Fibreboard: modulus of elasticity', 3, 'GPa', { low: 2, high: 4 }),
  remembered('ground.solid-wood-modulus', 'Wooden board: modulus of elasticity', 9, 'GPa', {
    low: 7,
    high: 13,
  }),
  remembered('ground.cork-modulus', 'Cork sheet: modulus of elasticity', 0.02, 'GPa', {
    low: 0.01,
    high: 0.03,
  }),
  remembered('ground.foam-modulus', 'Hard foam sheet: modulus of elasticity', 0.02, 'GPa', {
    low: 0.01,
    high: 0.03,
  }),
  remembered('ground.card-modulus', 'Card: modulus of elasticity', 2, 'GPa', { low: 1, high: 4 }),
  remembered('ground.clay-modulus', 'Baked clay: modulus of elasticity', 1.5, 'GPa', { low: 0.5, high: 2.5 }),
  practice(
    'ground.sag-share',
    'A board that plaster does not crack on sags at most its span by',
    360,
    'count',
    {
      low: 240,
      high: 480,
    },
  ),
  practice('ground.dowel-step', 'Dowels of a join lie apart at most', 120, 'mm', { low: 80, high: 150 }),
  practice('ground.one-hand', 'One hand lifts', 1500, 'g', { low: 1000, high: 2500 }),
  practice('ground.two-hands', 'Two hands carry', 12_000, 'g', { low: 8000, high: 20_000 }),
  practice('ground.plaster-day', 'Plaster that dries in a day', 5, 'mm', { low: 3, high: 8 }),
  practice('ground.paste-days', 'Thick terrain paste dries in: days at 10 mm', 5, 'days', {
    low: 3,
    high: 8,
  }),
  remembered('ground.plaster-powder', 'Plaster powder in a cm³ of set plaster', 0.95, 'g', {
    low: 0.8,
    high: 1.2,
  }),
  practice('ground.bricks', 'Bricks scored in a minute', 8, 'count', { low: 5, high: 12 }),
  practice('ground.glue', 'Wood glue on a cm² of sheet', 0.015, 'g', { low: 0.01, high: 0.025 }),
  remembered('ground.paper', 'Printed paper glued on, in a minute', 12, 'cm²', { low: 6, high: 20 }),
  practice('ground.brick-least', 'A brick that reads as one is long in life at least', 180, 'mm in life'),
  practice('ground.brick-most', 'A brick that reads as one is long in life at most', 300, 'mm in life'),
  remembered('ground.bag', 'Plaster in a bag', 1000, 'g', { low: 500, high: 2500 }),
];

/** What hollows are filled with: how deep at once, how long a layer takes, what it weighs. */
export const POUR_RULES: readonly Row[] = [
  practice('pour.resin-layer', 'Clear casting resin, deepest layer', 10, 'mm', { low: 5, high: 20 }),
  practice('pour.resin-hours', 'Clear casting resin, until the next layer', 24, 'h', { low: 12, high: 48 }),
  remembered('pour.resin-density', 'Clear casting resin, mixed', 1.1, 'g/cm³', { low: 1.05, high: 1.15 }),
  practice('pour.resin-shrink', 'Clear casting resin, lost as it sets', 1, '%', { low: 0.5, high: 3 }),
  practice('pour.resin-places', 'Clear casting resin, time to place things in it', 40, 'min', {
    low: 20,
    high: 90,
  }),
  practice('pour.glue-layer', 'Clear glue, deepest coat that stays clear', 2, 'mm', { low: 1, high: 3 }),
  practice('pour.glue-hours', 'Clear glue, until the next coat', 24, 'h', { low: 12, high: 48 }),
  remembered('pour.glue-density', 'Clear glue, wet', 1.05, 'g/cm³', { low: 1, high: 1.1 }),
  remembered('pour.glue-shrink', 'Clear glue, lost as it dries', 55, '%', { low: 40, high: 65 }),
  practice('pour.gel-layer', 'Gel medium, deepest coat', 3, 'mm', { low: 2, high: 6 }),
  practice('pour.gel-hours', 'Gel medium, until the next coat', 24, 'h', { low: 12, high: 72 }),
  remembered('pour.gel-density', 'Gel medium, wet', 1.03, 'g/cm³', { low: 1, high: 1.1 }),
  remembered('pour.gel-shrink', 'Gel medium, lost as it dries', 40, '%', { low: 25, high: 55 }),
  practice('pour.sealer-layer', 'Water-based sealer, deepest coat: deeper it stays white', 2, 'mm'),
  practice('pour.sealer-hours', 'Water-based sealer, until the next coat', 24, 'h', { low: 12, high: 48 }),
  remembered('pour.sealer-density', 'Water-based sealer, wet', 1.02, 'g/cm³', { low: 1, high: 1.05 }),
  remembered('pour.sealer-shrink', 'Water-based sealer, lost as it dries', 65, '%', { low: 50, high: 75 }),
  remembered('pour.gone', 'A mark is gone when so much of its contrast is left', 2, '%', { low: 1, high: 5 }),
  practice('pour.glue-places', 'Clear glue, time to place things in it', 20, 'min', { low: 10, high: 40 }),
  practice('pour.gel-places', 'Gel medium, time to place things in it', 15, 'min', { low: 10, high: 30 }),
  practice('pour.sealer-places', 'Water-based sealer, time to place things in it', 10, 'min', {
    low: 5,
    high: 20,
  }),
  practice('pour.creep', 'What is poured creeps up its edge by', 1.5, 'mm', { low: 0.5, high: 3 }),
  remembered('pour.resin-ratio', 'Clear casting resin, parts to one of hardener, by weight', 2, '', {
    low: 1,
    high: 4,
  }),
  practice('pour.cup', 'A mixing cup holds so many times what is mixed in it', 1.5, '', {
    low: 1.3,
    high: 2,
  }),
  practice('pour.waste', 'Of a mix, what stays in the cup', 5, '%', { low: 3, high: 10 }),
];

/** What ground is covered with, and what trees are filled with. */
export const COVER_RULES: readonly Row[] = [
  remembered('cover.earth', 'Earth and grout, half and half', 1.4, 'g/cm³', { low: 1.1, high: 1.7 }),
  remembered('cover.sand', 'Sand, strewn', 1.6, 'g/cm³', { low: 1.4, high: 1.8 }),
  remembered('cover.stones', 'Small stones, strewn', 1.5, 'g/cm³', { low: 1.3, high: 1.7 }),
  remembered('cover.turf', 'Ground foam for turf', 0.12, 'g/cm³', { low: 0.06, high: 0.2 }),
  remembered('cover.grass', 'Grass fibres, standing', 0.06, 'g/cm³', { low: 0.03, high: 0.1 }),
  remembered('cover.litter', 'Leaf litter', 0.15, 'g/cm³', { low: 0.08, high: 0.25 }),
  remembered('cover.snow', 'Snow of powder and glue', 0.6, 'g/cm³', { low: 0.3, high: 0.9 }),
  remembered('cover.moss', 'Dried moss', 0.08, 'g/cm³', { low: 0.04, high: 0.15 }),
  practice('cover.soak', 'Medium and water that seals a cm² of cover', 0.08, 'g', { low: 0.05, high: 0.15 }),
  practice('cover.wet', 'Alcohol and water, half and half, that wets a cm² of cover', 0.06, 'g', {
    low: 0.04,
    high: 0.1,
  }),
  practice('cover.open', 'Glue on the ground stays wet for', 10, 'min', { low: 5, high: 15 }),
  remembered('cover.pace', 'Ground glued and strewn in a minute', 12, 'cm²', { low: 6, high: 20 }),
  remembered('cover.grows-twig', 'Fine twig foliage stands out from its branch by', 6, 'mm', {
    low: 3,
    high: 10,
  }),
  remembered('cover.grows-moss', 'Moss stands out from its branch by', 8, 'mm', { low: 4, high: 15 }),
  remembered('cover.grows-fibre', 'Teased fibre stands out from its branch by', 5, 'mm', {
    low: 3,
    high: 10,
  }),
  remembered('cover.grows-leaf', 'Glued leaves stand out from their branch by', 3, 'mm', { low: 1, high: 5 }),
  remembered('cover.grows-tuft', 'Tufts stand out from their branch by', 5, 'mm', { low: 3, high: 8 }),
  practice('cover.twig', 'Fine twig foliage on a tree of 50 cm', 4.5, 'h', { low: 4, high: 5 }),
  practice('cover.moss-tree', 'Moss on a tree of 50 cm: four hours less', 0.75, 'h', { low: 0.5, high: 1 }),
  remembered('cover.fibre-tree', 'Fibre teased over a tree of 50 cm', 1.5, 'h', { low: 1, high: 2.5 }),
  remembered('cover.leaf-tree', 'Punched leaf glued on, a tree of 50 cm', 8, 'h', { low: 5, high: 12 }),
  remembered('cover.tuft-tree', 'Bought tufts on a tree of 50 cm', 1, 'h', { low: 0.5, high: 1.5 }),
];

/** What the jobs of the ground take at the bench, and how long they are left. */
export const WORK_RULES: readonly Row[] = [
  remembered('work.base', 'A base is cut, sanded and sealed in', 30, 'min', { low: 15, high: 60 }),
  remembered('work.stud', 'A stud is cut and fixed in', 6, 'min', { low: 4, high: 12 }),
  remembered('work.rise', 'A litre of ground is built up and shaped in', 45, 'min', { low: 25, high: 90 }),
  remembered('work.film', 'A foot is wrapped in cling film and set in in', 4, 'min', { low: 2, high: 8 }),
  remembered('work.stand', 'A thing is pegged and glued in its place in', 5, 'min', { low: 3, high: 12 }),
  remembered('work.cover', '100 cm² of ground are covered and sealed in', 10, 'min', { low: 6, high: 20 }),
  practice('work.cover-dries', 'Sealed cover dries in', 12, 'h', { low: 6, high: 24 }),
  remembered('work.leak', 'A hollow is dammed and its bed sealed in', 20, 'min', { low: 10, high: 40 }),
  practice('work.leak-holds', 'Water stands in a hollow to see whether it leaks', 60, 'min', {
    low: 30,
    high: 240,
  }),
  remembered('work.pour', 'A layer is mixed, poured and freed of bubbles in', 20, 'min', {
    low: 10,
    high: 40,
  }),
  remembered('work.backdrop', 'A sheet of a backdrop is cut, joined and painted in', 30, 'min', {
    low: 15,
    high: 60,
  }),
];

/** The board behind it all. */
export const BACKDROP_RULES: readonly Row[] = [
  remembered(
    'backdrop.melts',
    'A join melts away where a point of it is spread over, of the picture',
    0.7,
    '%',
    {
      low: 0.4,
      high: 1.2,
    },
  ),
  remembered('backdrop.paint', 'Paint on a cm² of board, one coat', 0.012, 'g', { low: 0.009, high: 0.018 }),
  practice('backdrop.coats', 'Coats of a backdrop', 2, 'count', { low: 1, high: 3 }),
];

const RESIDENTIAL = 'International Residential Code, R311.7.5';
const GUARDS = 'International Residential Code, R312.1';

/** Fences and steps. */
export const TIMBER_RULES: readonly Row[] = [
  published('timber.rise', 'A riser of a stair, in life, at most', 196, 'mm in life', RESIDENTIAL),
  published('timber.tread', 'A tread of a stair, in life, at least', 254, 'mm in life', RESIDENTIAL),
  published('timber.guard', 'A guard, in life, at least', 914, 'mm in life', GUARDS),
  published(
    'timber.guard-gap',
    'Between the balusters of a guard, in life, at most',
    102,
    'mm in life',
    GUARDS,
  ),
  practice('timber.stride-least', 'Twice the rise and a tread, in life, at least', 550, 'mm in life'),
  practice('timber.stride-most', 'Twice the rise and a tread, in life, at most', 700, 'mm in life'),
  remembered('timber.cut', 'A stick is measured, cut and glued in', 2, 'min', { low: 1, high: 4 }),
];

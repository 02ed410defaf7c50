import { type Row, remembered } from '../sources/index.ts';
import { STUFFS, type StuffId } from './stuffs.ts';

/** g/cm³ of things that are not of clay: rounded from tables of solids, as they are remembered. */
const DENSITIES: Readonly<Record<StuffId, number>> = {
  wire: 8.4,
  foil: 0.4,
  wood: 0.6,
  card: 0.7,
  cotton: 0.4,
  glass: 2.5,
  'baked-clay': 1.9,
  silicone: 1.1,
  stone: 2.5,
  foam: 0.03,
  'kit-plastic': 1.05,
  print: 1.24,
  'acrylic-fibre': 0.3,
  'hot-glue': 0.95,
  tape: 1.0,
  lamp: 1.5,
  cell: 2.8,
  magnet: 7.5,
  pva: 1.1,
  superglue: 1.05,
  solvent: 0.8,
  wash: 1.0,
  acrylic: 1.2,
  pastel: 1.0,
  powder: 0.6,
  glaze: 1.0,
  'liquid-clay': 1.2,
  grit: 1.5,
  sealer: 1.0,
  varnish: 0.9,
};

/** What a thing of each stuff weighs by its volume; the maker may know better. */
export const STUFF_DENSITIES: readonly Row[] = STUFFS.map(({ id, title }) =>
  remembered(`stuff.${id}.density`, `Density of ${title}`, DENSITIES[id], 'g/cm³', { own: true }),
);

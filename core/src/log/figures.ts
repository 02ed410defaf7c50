import { declareFigures } from '../reckoning/index.ts';

/** The figures of what was done. */
export const LOG = declareFigures('log', {
  heat: {
    key: 'log.heat.*',
    of: 'both',
    unit: '°C apart',
    title: 'Baked at, against the card',
    says: 'a logged bake’s heat against the card',
    formula: 'd = B − T',
  },
  time: {
    key: 'log.time.*',
    of: 'both',
    unit: 'min',
    title: 'Baked for, against the card',
    says: 'a logged bake’s time against the card',
    formula: 'd = B − h',
  },
});

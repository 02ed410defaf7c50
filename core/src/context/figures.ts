import { declareFigures } from '../reckoning/index.ts';

/** The figure that every length of a piece leans on. */
export const { scale: SCALE_FIGURE } = declareFigures('size', {
  scale: {
    key: 'size.scale',
    of: 'piece',
    unit: ':1',
    title: 'Scale',
    says: 'working ratio; a range for a figure height',
    formula: ['s = N', 's = H × e ÷ h', 's = H ÷ h', 's = L ÷ b', 's = 1'],
  },
});

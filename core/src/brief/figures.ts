import { declareFigures } from '../reckoning/index.ts';

/** The figures of the brief. */
export const BRIEF = declareFigures('brief', {
  days: {
    key: 'brief.days',
    of: 'piece',
    unit: 'days',
    title: 'Days left',
    says: 'days until the piece is due',
    formula: 'd = the day it is due less today',
  },
  hours: {
    key: 'brief.hours',
    of: 'piece',
    unit: 'h',
    title: 'Bench hours left',
    says: 'hours at the bench until then',
    formula: ['b = max(d, 0) × p', 'b = hours of the bench days until then'],
  },
  added: {
    key: 'brief.added',
    of: 'piece',
    unit: 'days',
    title: 'Additions taken on',
    says: 'what the accepted additions take',
    formula: 'E = e1 + …',
  },
  addition: {
    key: 'addition.*',
    of: 'piece',
    unit: 'days',
    title: 'An addition',
    says: 'what an addition takes, against the days left',
    formula: 'e = h ÷ p + w',
  },
  decision: {
    key: 'decision.*',
    of: 'piece',
    unit: 'count',
    title: 'A decision',
    says: 'what was done since a decision was settled, and leans on it',
    formula: ['n = nothing yet', 'n = n1 + …'],
  },
  smallest: {
    key: 'feature.*',
    of: 'part',
    unit: 'mm',
    title: 'A feature',
    says: 'how large a feature comes out, against the smallest a hand makes',
    formula: 'f = a ÷ s, at least l',
  },
  features: {
    key: 'brief.features',
    of: 'part',
    unit: 'count',
    title: 'Features still to be made',
    says: 'features of a part still to be made',
    formula: 'n = m1 + …',
  },
});

/** What is to be counted before a bake stands with the oven’s figures. */
export const BEFORE_BAKE = declareFigures('bake', {
  features: {
    key: 'bake.features',
    of: 'part',
    unit: 'count',
    title: 'Features still to be made',
    says: 'features still missing when the part is to be baked',
    formula: 'n = m1 + …',
  },
});

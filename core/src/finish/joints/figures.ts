import { declareFigures } from '../../reckoning/index.ts';

/** The figures of what is joined. */
export const JOINTS = declareFigures('finish', {
  will: {
    key: 'joint.will.*',
    of: 'piece',
    unit: 'count',
    title: 'What speaks against the joint',
    says: 'what speaks against how two things are joined',
    formula: 'n = s + c',
  },
  area: {
    key: 'joint.area.*',
    of: 'piece',
    unit: 'cm²',
    title: 'They touch on',
    says: 'area on which two things touch',
    formula: ['A = the least section of the two where they meet, a', 'A = a'],
  },
  load: {
    key: 'joint.load.*',
    of: 'piece',
    unit: 'N·mm',
    title: 'A hand and its weight turn it with',
    says: 'moment of a hand at the far end and of the weight of what is joined',
    formula: 'M = (H + m × 0.00980665 ÷ 2) × L',
  },
  bears: {
    key: 'joint.bears.*',
    of: 'piece',
    unit: '',
    title: 'Bears, times what it is asked',
    says: 'how many times what it is asked a joint bears, in bending, with its pins',
    formula: 'k = (S × Z + n × y × q) ÷ M',
  },
  sets: {
    key: 'joint.sets.*',
    of: 'piece',
    unit: 'min',
    title: 'Held for',
    says: 'minutes that a joint is held until it holds by itself',
    formula: 't = h',
  },
  full: {
    key: 'joint.full.*',
    of: 'piece',
    unit: 'h',
    title: 'Has its full hold after',
    says: 'hours until a joint has its full hold',
    formula: 'T = f ÷ 60',
  },
  glue: {
    key: 'joint.glue.*',
    of: 'piece',
    unit: 'cm³',
    title: 'Glue to take',
    says: 'glue that a joint takes',
    formula: 'V = A × g ÷ 10',
  },
  deep: {
    key: 'joint.deep.*',
    of: 'piece',
    unit: 'mm',
    title: 'A pin goes in at least',
    says: 'how deep a pin across a joint goes into either thing, at least',
    formula: 'd = max(k × a, l)',
  },
});

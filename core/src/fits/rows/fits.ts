import { practice, type Row, remembered } from '../../sources/index.ts';

/** Rules of how parts go together. */
export const FIT_RULES: readonly Row[] = [
  practice('fit.tight', 'Less clearance than this is tight', 0.5, 'mm'),
  practice('fit.base-margin', 'Base to be seen round the feet', 1, 'mm'),
  practice('fit.peg', 'Clearance round a glued peg', 0.15, 'mm', { low: 0.1, high: 0.2 }),
  practice('fit.free', 'Clearance round a peg that goes free', 0.1, 'mm'),
  practice('fit.press', 'Clearance round a peg pressed in, less than nothing', -0.2, 'mm', {
    low: -0.3,
    high: -0.1,
  }),
  practice('fit.tape', 'Thickness of a layer of tape', 0.1, 'mm'),
  practice('fit.insert', 'Clearance round an insert', 0.3, 'mm'),
  remembered('fit.grip', 'A hand closes round a shaft up to this share of its length', 0.33, ''),
  practice('stand.angle', 'A handled piece stands tipped by', 15, '°'),
  practice('base.thickness', 'Thickness of a base', 3, 'mm'),
];

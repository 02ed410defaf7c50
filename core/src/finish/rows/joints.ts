import { practice, type Row, remembered } from '../../sources/index.ts';

/** What joints are reckoned with. */
export const JOINT_RULES: readonly Row[] = [
  remembered('joint.press', 'Raw clay pressed to raw clay and baked with it, holds', 7, 'MPa', {
    low: 4,
    high: 12,
  }),
  remembered('joint.liquid-clay', 'Liquid clay between, baked, holds', 3, 'MPa', { low: 2, high: 5 }),
  remembered('joint.superglue', 'Superglue on clay, wood and card holds', 4, 'MPa', { low: 2, high: 6 }),
  remembered('joint.superglue-metal', 'Superglue on metal holds', 12, 'MPa', { low: 8, high: 18 }),
  remembered('joint.epoxy-glue', 'Epoxy glue holds', 12, 'MPa', { low: 8, high: 18 }),
  remembered('joint.pva', 'White glue on what drinks holds', 4, 'MPa', { low: 2, high: 8 }),
  remembered('joint.contact-glue', 'Contact glue holds', 1, 'MPa', { low: 0.5, high: 2 }),
  remembered('joint.hot-glue', 'Hot glue holds, cold', 1.5, 'MPa', { low: 0.8, high: 2.5 }),
  remembered('joint.peel-press', 'Raw clay pressed on, baked, peels at', 3, 'N/mm', { low: 1.5, high: 5 }),
  remembered('joint.peel-liquid-clay', 'Liquid clay, baked, peels at', 1.5, 'N/mm', { low: 0.8, high: 3 }),
  remembered('joint.peel-superglue', 'Superglue peels at', 0.4, 'N/mm', { low: 0.1, high: 1 }),
  remembered('joint.peel-epoxy-glue', 'Epoxy glue peels at', 1, 'N/mm', { low: 0.5, high: 3 }),
  remembered('joint.peel-pva', 'White glue peels at', 0.8, 'N/mm', { low: 0.4, high: 2 }),
  remembered('joint.peel-contact-glue', 'Contact glue peels at', 3, 'N/mm', { low: 1.5, high: 6 }),
  remembered('joint.peel-hot-glue', 'Hot glue peels at', 1.5, 'N/mm', { low: 0.8, high: 3 }),
  remembered('joint.pin', 'A pin of soft steel wire stays bent from', 250, 'MPa', { low: 180, high: 400 }),
  remembered('joint.factor', 'What a joint bears over what it is asked, on display', 3, ''),
  remembered('joint.factor-held', 'and where it is handled', 6, ''),
  remembered('joint.hand', 'A careful hand pushes with', 2, 'N', { low: 1, high: 4 }),
  remembered('joint.hand-held', 'A hand at play pushes with', 10, 'N', { low: 5, high: 30 }),
  practice('joint.sets-press', 'Pressed clay wants no wait before the bake', 0, 'min'),
  practice('joint.sets-liquid-clay', 'Liquid clay has drawn tight before the bake', 10, 'min', {
    low: 5,
    high: 30,
  }),
  practice('joint.sets-superglue', 'Superglue is held for', 1, 'min', { low: 0.2, high: 2 }),
  practice('joint.sets-epoxy-glue', 'Epoxy glue is held for', 30, 'min', { low: 5, high: 60 }),
  practice('joint.sets-pva', 'White glue is held for', 60, 'min', { low: 30, high: 180 }),
  practice('joint.sets-contact-glue', 'Contact glue airs on both faces for', 15, 'min', {
    low: 10,
    high: 30,
  }),
  practice('joint.sets-hot-glue', 'Hot glue is held for', 1, 'min', { low: 0.5, high: 2 }),
  practice('joint.full-superglue', 'Superglue has its full hold after', 1440, 'min', {
    low: 480,
    high: 1440,
  }),
  practice('joint.full-epoxy-glue', 'Epoxy glue has its full hold after', 1440, 'min', {
    low: 720,
    high: 2880,
  }),
  practice('joint.full-pva', 'A bead of white glue is hard after', 1080, 'min', { low: 720, high: 1440 }),
  practice('joint.full-contact-glue', 'Contact glue has its full hold after', 1440, 'min', {
    low: 720,
    high: 1440,
  }),
  practice('joint.full-hot-glue', 'Hot glue is cold after', 5, 'min', { low: 3, high: 10 }),
  practice('joint.pin-deep', 'A pin goes in by so many of its diameters', 3, ''),
  practice('joint.pin-least', 'and at least', 6, 'mm'),
];

import type { PartFacts } from '../context/index.ts';
import type { Feature, FeatureHow } from '../piece/index.ts';
import { figure, type Reckoning, sourced, type Verdict, type WayOut } from '../reckoning/index.ts';
import { formatMiniMm, formatRealMetric, miniMm, realMm } from '../units/index.ts';
import { BRIEF } from './figures.ts';

/** What else a feature is made with when clay will not do, and the row of its smallest. */
interface Instead {
  readonly says: string;
  readonly row: string;
}

/** What a feature is, and what stands in for clay when it comes out too small (common practice). */
export const FEATURE_KINDS: Readonly<
  Record<
    FeatureHow,
    { readonly title: string; readonly instead: readonly Instead[]; readonly otherwise: readonly string[] }
  >
> = {
  line: {
    title: 'line',
    instead: [
      { says: 'paint it', row: 'hand.line-painted' },
      { says: 'print it', row: 'hand.line-printed' },
    ],
    otherwise: ['make one line of several'],
  },
  dot: {
    title: 'dot',
    instead: [{ says: 'paint it', row: 'hand.dot-painted' }],
    otherwise: ['take a bead or a pin', 'make fewer, larger ones'],
  },
  strand: {
    title: 'strand',
    instead: [
      { says: 'take thread or fibre', row: 'hand.strand-thread' },
      { says: 'take wire', row: 'hand.strand-wire' },
    ],
    otherwise: ['lay several as one'],
  },
  hole: {
    title: 'hole',
    instead: [
      { says: 'drill it when it is cured', row: 'hand.hole-drilled' },
      { says: 'paint a dark dot', row: 'hand.hole-painted' },
    ],
    otherwise: [],
  },
  stamp: {
    title: 'stamp',
    instead: [{ says: 'buy or print a stamp', row: 'hand.stamp-bought' }],
    otherwise: ['take a plainer pattern'],
  },
  relief: {
    title: 'relief',
    instead: [{ says: 'paint it as light and shade', row: 'hand.relief-painted' }],
    otherwise: [],
  },
  letter: {
    title: 'letter, its height',
    instead: [
      { says: 'paint it', row: 'hand.letter-painted' },
      { says: 'print it on paper and glue it on', row: 'hand.letter-printed' },
    ],
    otherwise: ['leave words as lines'],
  },
  gap: {
    title: 'gap',
    instead: [{ says: 'close it and paint a dark line', row: 'hand.gap-painted' }],
    otherwise: ['make one of the two'],
  },
};

/** A feature held against what a hand makes; its size on the bench, mm. */
export function judgeFeature({ part, shrink, own }: PartFacts, feature: Feature, at: number): Verdict {
  const { how, acrossMm } = feature;
  const least = sourced(`hand.${how}`, own).value;
  const here = (acrossMm ?? 0) / shrink;
  const margin = { value: here - least, unit: 'mm' } as const;
  const kind = FEATURE_KINDS[how];
  if (here >= least)
    return {
      level: 'good',
      wording: 'state',
      says: `a hand makes it: ${least} mm is the least`,
      margin,
      waysOut: [],
    };
  const reads = part.sized === 'life' ? `, which reads as ${formatRealMetric(realMm(least * shrink))}` : '';
  const larger: WayOut = {
    says: `exaggerate it to ${least} mm${reads}`,
    change: {
      path: ['parts', part.id, 'features'],
      value: part.features.map((one, i) => (i === at ? { ...one, acrossMm: least * shrink } : one)),
    },
  };
  const instead = kind.instead
    .filter(({ row }) => here >= sourced(row, own).value)
    .map(({ says, row }): WayOut => ({ says: `${says}: that goes down to ${sourced(row, own).value} mm` }));
  return {
    level: 'doubtful',
    wording: 'state',
    says: `${formatMiniMm(miniMm(here))} mm here; the smallest ${kind.title} a hand makes in clay is ${least} mm`,
    margin,
    waysOut: [larger, ...instead, ...kind.otherwise.map((says) => ({ says })), { says: 'leave it out' }],
  };
}

/** Features of a part whose size is told, each at the size it comes out. */
export function reckonSmallest(context: PartFacts): Reckoning[] {
  const { part, shrink, own } = context;
  return part.features.flatMap((feature, i): Reckoning[] => {
    if (feature.acrossMm === null) return [];
    return [
      figure(BRIEF.smallest, {
        at: String(i + 1),
        part: part.id,
        title: feature.name,
        value: feature.acrossMm / shrink,
        terms: [
          {
            symbol: 'a',
            name: part.sized === 'life' ? 'As large in life' : 'As large on the bench',
            quantity: { value: feature.acrossMm, unit: 'mm' },
            origin: { kind: 'entry', path: ['parts', part.id, 'features'] },
          },
          {
            symbol: 's',
            name: 'Scale of the part',
            quantity: { value: shrink, unit: '' },
            origin: { kind: 'shape', says: 'life ÷ miniature' },
          },
          sourced(`hand.${feature.how}`, own).term('l'),
        ],
        verdict: judgeFeature(context, feature, i),
      }),
    ];
  });
}

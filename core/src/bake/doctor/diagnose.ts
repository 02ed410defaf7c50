import type { BulkFacts } from '../../bulk/index.ts';
import type { PartFacts } from '../../context/index.ts';
import type { LogEntry, Outcome } from '../../piece/index.ts';
import { sourced } from '../../reckoning/index.ts';
import { type BakeAsk, bakeAsk, curedAt, type HeatRun } from '../heat/index.ts';
import { mixWindow } from '../time/index.ts';

/** A bake that was written in the log. */
export type BakeRecord = NonNullable<LogEntry['bake']>;

/** A likely reason, with what of this bake says so. */
export interface Cause {
  readonly says: string;
  /** Numbers of this bake; empty where only the trade says so. */
  readonly evidence: string;
  readonly isLikely: boolean;
}

/** What the doctor says of one bake. */
export interface Diagnosis {
  readonly causes: readonly Cause[];
  readonly rescue: readonly string[];
  /** What to do otherwise besides. */
  readonly also: readonly string[];
}

/** What is asked of the simulation: this bake as it was written down, and the one that would be right. */
export interface RecordAsks {
  readonly asItWas: BakeAsk;
  readonly asItShould: BakeAsk;
}

/**
 * The bake of a record, to be worked through on the part as it is now: by the heat that was read, for as long as it was in;
 * beside it the low end of its window, until it is cured.
 *
 * @returns null when nothing of the part is baked
 */
export function recordAsks(
  context: PartFacts,
  bulk: BulkFacts,
  record: BakeRecord,
  coarser: number,
): RecordAsks | null {
  const { piece, own } = context;
  const settings = piece.oven;
  const asItWas = bakeAsk(
    context,
    bulk,
    { ...settings, dialC: record.temperatureC, holdMin: record.minutes },
    coarser,
  );
  const rules = asItWas?.rules;
  const asItShould =
    rules && bakeAsk(context, bulk, { ...settings, dialC: rules.setC, holdMin: null }, coarser);
  if (!asItWas || !asItShould) return null;
  const swing = sourced('oven.swing', own).value;
  // A temperature that was read in the oven has the dial's error in it already.
  const read = (ask: BakeAsk): BakeAsk => ({ ...ask, oven: { ...ask.oven, errorC: 0, swingC: swing } });
  return { asItWas: read(asItWas), asItShould: read(asItShould) };
}

/** What the doctor goes by. */
export interface DoctorAsk {
  readonly context: PartFacts;
  readonly bulk: BulkFacts;
  readonly record: BakeRecord;
  /** The bake as it was, and as it should be; null while they are not worked through. */
  readonly run: HeatRun | null;
  readonly right: HeatRun | null;
}

interface Found {
  readonly lowC: number;
  readonly highC: number;
  readonly thinMm: number;
  readonly limitMm: number;
  readonly thickMm: number;
  readonly scorchC: number;
}

const min = (value: number) => `${Math.round(value)} min`;
const deg = (value: number) => `${Math.round(value)} °C`;
const cause = (isLikely: boolean, says: string, evidence = ''): Cause => ({ isLikely, says, evidence });

function whyScorched({ record, run, right }: DoctorAsk, f: Found): Cause[] {
  const { temperatureC, minutes } = record;
  const enough = right?.holdMin ?? null;
  return [
    ...(temperatureC > f.highC
      ? [cause(true, 'too hot', `${deg(temperatureC)}, its window ends at ${deg(f.highC)}`)]
      : []),
    ...(run?.scorchMin !== null && run?.scorchMin !== undefined
      ? [
          cause(
            true,
            'the clay itself passed what scorches',
            `${deg(f.scorchC)} after ${min(run.scorchMin)}, ${deg(run.peakC)} at most`,
          ),
        ]
      : []),
    ...(run && run.overTopMin > 2
      ? [
          cause(
            run.scorchMin === null,
            'long over the top of its window',
            `${min(run.overTopMin)} of ${min(minutes)}`,
          ),
        ]
      : []),
    ...(enough !== null && minutes > 1.3 * enough
      ? [cause(true, 'longer than it needed', `${min(minutes)} in the oven, ${min(enough)} cure it`)]
      : []),
    ...(f.thickMm < f.thinMm
      ? [cause(true, 'so thin that it is as hot as the oven within minutes', `${f.thickMm.toFixed(1)} mm`)]
      : []),
    cause(false, 'too near an element, if only one side is brown'),
    ...(temperatureC <= f.highC
      ? [cause(false, 'the oven is hotter than its dial or its thermometer says; 15 °C is common')]
      : []),
  ];
}

function whyUnderBaked({ record, run, right }: DoctorAsk, f: Found): Cause[] {
  const { temperatureC, minutes } = record;
  const share = run ? curedAt(run, minutes) : null;
  const enough = right?.holdMin ?? null;
  return [
    ...(temperatureC < f.lowC
      ? [cause(true, 'not hot enough', `${deg(temperatureC)}, its window begins at ${deg(f.lowC)}`)]
      : []),
    ...(enough !== null && minutes < enough
      ? [cause(true, 'too short for its thickness', `${min(minutes)}, it takes ${min(enough)}`)]
      : []),
    ...(share !== null && share < 1
      ? [
          cause(
            true,
            'the inside never was warm long enough',
            `${Math.round(100 * share)} % of the clay was cured at the end`,
          ),
        ]
      : []),
    ...(f.thickMm > f.limitMm
      ? [cause(true, 'too thick to cure through', `${f.thickMm.toFixed(1)} mm, ${f.limitMm} at most`)]
      : []),
    cause(false, 'the oven is cooler than its dial or its thermometer says'),
    cause(false, 'counted from a cold oven, or the door was opened'),
  ];
}

function whyMoved({ record, bulk, context }: DoctorAsk, f: Found): Cause[] {
  const { under, cooling } = context.piece.oven;
  const of: Readonly<Record<Outcome, readonly Cause[]>> = {
    good: [],
    scorched: [],
    'under-baked': [],
    cracked: [
      ...(f.thickMm > f.limitMm
        ? [
            cause(
              true,
              'thick solid clay: the skin is hard while the inside still swells',
              `${f.thickMm.toFixed(1)} mm`,
            ),
          ]
        : []),
      ...(cooling === 'out' ? [cause(true, 'cooled too fast: taken out hot')] : []),
      ...(bulk.kind && bulk.kind !== 'foil' && bulk.kind !== 'coil'
        ? [cause(true, 'a core that held water, or swelled', bulk.kind)]
        : []),
      cause(false, 'raw clay over baked: the new layer shrinks on the old'),
      cause(false, 'bent while it was cold'),
    ],
    bulged: [
      ...(f.thickMm > f.limitMm ? [cause(true, 'thick solid clay', `${f.thickMm.toFixed(1)} mm`)] : []),
      cause(bulk.kind !== null, 'air shut in round the core'),
      ...(under !== 'pad' ? [cause(false, 'nothing under what reaches out')] : []),
      ...(record.temperatureC > f.highC
        ? [cause(true, 'too hot: it went soft before it was hard', deg(record.temperatureC))]
        : []),
    ],
    dented: [
      cause(under === 'rack', 'it lay on a wire or a rack'),
      cause(false, 'heavy, on something hard'),
      cause(false, 'handled while it was warm'),
    ],
    shiny: [
      cause(under === 'tile', 'it lay on a smooth tile: the clay takes its polish'),
      cause(false, 'touched by smooth foil'),
    ],
  };
  return [...of[record.outcome]];
}

const RESCUE: Readonly<Record<Outcome, readonly string[]>> = {
  good: [],
  scorched: [
    'stop and air the room if it smoked',
    'lay a thin skin of fresh clay over it, liquid clay between, and bake that short',
    'hide it under the finish: seal, then paint',
  ],
  'under-baked': ['bake it again, full heat and full time: twice does no harm', 'do not flex it till then'],
  cracked: ['fill with liquid clay and bake again', 'fill with epoxy putty when it is cold, filed flush'],
  bulged: ['cut and sand it back, wet, with a mask', 'lay clay over it up to the right outline'],
  dented: ['fill with epoxy putty, filed flush', 'fill with clay over liquid clay, baked again'],
  shiny: ['rub it dull with fine abrasive, wet', 'put a matt varnish over all'],
};

const ALSO: Readonly<Record<Outcome, readonly string[]>> = {
  good: [],
  scorched: ['tent it with foil', 'keep it 50 mm from the elements'],
  'under-baked': ['hang a thermometer in the oven and enter how far its dial is off'],
  cracked: ['cool it in the oven, door ajar', 'give thick places a core'],
  bulged: ['give thick places a core', 'put a form under what reaches out'],
  dented: ['lay it on a pad of fibre, turn it over half way'],
  shiny: ['lay paper or fibre under it'],
};

/** Likely causes of how a bake came out, by its record and its simulation, and what rescues it. */
export function diagnose(ask: DoctorAsk): Diagnosis {
  const { context, bulk, record } = ask;
  const { own, piece } = context;
  const ids = new Set(bulk.uses.map(({ clay }) => clay.id));
  const window = mixWindow(piece.clays.filter(({ id }) => ids.has(id)));
  const { outcome } = record;
  if (!window || outcome === 'good') return { causes: [], rescue: [], also: [] };
  const f: Found = {
    lowC: window.lowC,
    highC: window.highC,
    thinMm: sourced('bake.thin', own).value,
    limitMm: sourced('bulk.limit', own).value,
    scorchC: sourced('bake.scorch', own).value,
    thickMm: record.thicknessMm ?? bulk.thickest.quantity.value,
  };
  const causes =
    outcome === 'scorched'
      ? whyScorched(ask, f)
      : outcome === 'under-baked'
        ? whyUnderBaked(ask, f)
        : whyMoved(ask, f);
  return {
    causes: [...causes].sort((a, b) => Number(b.isLikely) - Number(a.isLikely)),
    rescue: RESCUE[outcome],
    also: ALSO[outcome],
  };
}

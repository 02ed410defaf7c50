import { type Given, pieceReckoner } from '../context/index.ts';
import type { CoatId, Piece, Zone } from '../piece/index.ts';
import { figure, type OwnValues, type Reckoning, sourced, termFrom } from '../reckoning/index.ts';
import { type Finding, type Known, RESULT_OF } from './bearing/judge.ts';
import type { Way } from './bearing/waysOut.ts';
import { type Coat, coatRow } from './coats/coats.ts';
import { reckonEyes } from './eyes/eyes.ts';
import { FINISH } from './figures.ts';
import { type FinishJob, finishJobs } from './jobs/jobs.ts';
import { JOINTS } from './joints/figures.ts';
import { isJoined, jointFacts } from './joints/jointFacts.ts';
import { NO_JOINT, type RankedWay, rankWays, reckonJoint } from './joints/reckonJoint.ts';
import type { Look } from './look/look.ts';
import { reckonLook } from './look/reckonLook.ts';
import { reckonGrown } from './zones/grown.ts';
import { reckonZone } from './zones/reckonZone.ts';
import { mapsOfPart, settledParts, skinOfPart, zonedParts } from './zones/skinOfPart.ts';
import { type ZoneFacts, zoneFacts } from './zones/zoneFacts.ts';

/** What the log of a piece says of the rules of what bears what: their results are kept under `finish.` and the rule. */
export function knownOf({ log, coatRules }: Pick<Piece, 'log' | 'coatRules'>): Known {
  const outcomes = new Map<string, { good: number; bad: number }>();
  for (const { result } of log) {
    if (!result?.rule.startsWith(RESULT_OF)) continue;
    const rule = result.rule.slice(RESULT_OF.length);
    const seen = outcomes.get(rule) ?? { good: 0, bad: 0 };
    outcomes.set(rule, { ...seen, [result.outcome]: seen[result.outcome] + 1 });
  }
  return {
    rules: coatRules.map(({ under, over, grade, says }) => ({ under, over, grade, says })),
    seen: (rule) => outcomes.get(rule) ?? { good: 0, bad: 0 },
  };
}

/** Zones of the ground, and of parts that are there. */
function zonesLeft({ context, contexts, faults }: Given): readonly Zone[] {
  return context.piece.zones.filter(({ part }) => part === null || contexts.has(part) || faults.has(part));
}

/** Every zone with what it is of, its layers, and what it meets. */
export const factsOfZones = pieceReckoner(
  'finish.facts',
  [],
  (given): { figures: []; zones: readonly ZoneFacts[] } => ({
    figures: [],
    zones: zonesLeft(given).map((zone) => zoneFacts(given, zone)),
  }),
);

/** A zone as the interface shows it. */
export interface ZoneShown extends ZoneFacts {
  readonly areaCm2: number;
  readonly looks: readonly Look[];
  readonly findings: readonly Finding[];
  readonly ways: readonly Way[];
}

const { take, work, jobHands, jobWait, high, body, room, eyes, ...ZONE } = FINISH;

function shown(given: Given): { figures: readonly Reckoning[]; zones: readonly ZoneShown[] } {
  const { piece, own } = given.context;
  const known = knownOf(piece);
  const { zones } = given.piece(factsOfZones);
  const all = zonesLeft(given).flatMap((zone, i) => {
    const facts = zones[i];
    if (!facts) return [];
    const { figures, findings, ways, areaCm2 } = reckonZone(given, zone, facts, known);
    const look = reckonLook(zone, facts, own);
    return [
      {
        figures: [...figures, ...look.figures],
        zone: { ...facts, areaCm2, findings, ways, looks: look.looks },
      },
    ];
  });
  return { figures: all.flatMap(({ figures }) => figures), zones: all.map(({ zone }) => zone) };
}

/** Surfaces, what their layers take and how long they dry, whether they hold and are seen. */
export const zonesOfPiece = pieceReckoner('finish.zones', Object.values(ZONE), shown, ({ zones }) => zones);

/** How many cans or bottles so much of a stuff is, in words. */
function vesselsSay({ family }: Coat, cm3: number, own: OwnValues): string {
  const isSpray = family === 'sprayed';
  const holds = sourced(isSpray ? 'finish.can' : 'finish.bottle', own).value;
  const share = cm3 / holds;
  const vessel = isSpray ? 'can' : 'small bottle';
  if (share <= 0.1) return `Less than a tenth of a ${vessel}.`;
  return share <= 1
    ? `About ${Math.round(share * 10)} tenths of a ${vessel}.`
    : `${Math.ceil(share)} ${vessel}s.`;
}

/** What all layers take of every stuff, and how long they take. */
export const takenOfPiece = pieceReckoner('finish.taken', [take, work], (given) => {
  const { zones, figures } = given.piece(zonesOfPiece);
  const byCoat = new Map<CoatId, Reckoning[]>();
  const at = new Map(figures.map((one) => [one.key, one]));
  for (const { id, layers } of zones)
    for (const layer of layers) {
      const volume = at.get(`finish.volume.${id}-${layer.id}`);
      if (!volume || layer.of === null) continue;
      // Fibre takes glue; how much of itself is told by weight.
      const stuff: CoatId = coatRow(layer.of).fibres ? 'pva' : layer.of;
      byCoat.set(stuff, [...(byCoat.get(stuff) ?? []), volume]);
    }
  const hands = figures.filter(({ key }) => key.startsWith('finish.hands.'));
  const sum = (some: readonly Reckoning[]) => some.reduce((all, { quantity }) => all + quantity.value, 0);
  return {
    figures: [
      ...[...byCoat].map(([coat, volumes]) => {
        const { title } = coatRow(coat);
        return figure(take, {
          part: null,
          at: coat,
          title: `${title[0]?.toUpperCase()}${title.slice(1)}, to take`,
          value: sum(volumes),
          formula: `V = ${volumes.map((_, i) => `V${i + 1}`).join(' + ')}`,
          terms: volumes.map((one, i) => termFrom(`V${i + 1}`, one)),
          note: vesselsSay(coatRow(coat), sum(volumes), given.context.own),
        });
      }),
      ...(hands.length === 0
        ? []
        : [
            figure(work, {
              part: null,
              value: sum(hands) / 60,
              formula: `T = (${hands.map((_, i) => `t${i + 1}`).join(' + ')}) ÷ 60`,
              terms: hands.map((one, i) => termFrom(`t${i + 1}`, one)),
            }),
          ]),
    ],
  };
});

/** What coats that are felt do to the sizes of parts, their bounds and their fits. */
export const grownOfPiece = pieceReckoner('finish.grown', [high, body, room], (given) => ({
  figures: reckonGrown(
    given,
    given.piece(zonesOfPiece).figures.filter(({ key }) => key.startsWith('finish.thick.')),
  ),
}));

/** How large the eyes of the people are. */
export const eyesOfPiece = pieceReckoner('finish.eyes', [eyes], (given) => ({ figures: reckonEyes(given) }));

/** Minutes of a job: all its layers at the bench, and the slowest of them to dry. */
function reckonJob(figures: readonly Reckoning[], { id, title, layers }: FinishJob): Reckoning[] {
  const of = (kind: 'hands' | 'dries') =>
    layers.flatMap(
      ({ zone, layer }) => figures.find(({ key }) => key === `finish.${kind}.${zone}-${layer}`) ?? [],
    );
  const [hands, dries] = [of('hands'), of('dries')];
  const base = { at: id, part: null } as const;
  return [
    figure(jobHands, {
      ...base,
      title: `${title}, at the bench`,
      value: hands.reduce((sum, { quantity }) => sum + quantity.value, 0),
      formula: `t = ${hands.length === 0 ? '0' : hands.map((_, i) => `t${i + 1}`).join(' + ')}`,
      terms: hands.map((one, i) => termFrom(`t${i + 1}`, one)),
    }),
    ...(dries.length === 0
      ? []
      : [
          figure(jobWait, {
            ...base,
            title: `${title}, dries`,
            value: Math.max(...dries.map(({ quantity }) => quantity.value)),
            formula: `t = ${dries.length === 1 ? 'd1' : `max(${dries.map((_, i) => `d${i + 1}`).join(', ')})`}`,
            terms: dries.map((one, i) => termFrom(`d${i + 1}`, one)),
          }),
        ]),
  ];
}

/** What is to be done for the finish, as the route takes it in. */
export const jobsOfFinish = pieceReckoner('finish.jobs', [jobHands, jobWait], (given) => {
  const jobs = finishJobs(given.piece(factsOfZones).zones);
  return { figures: jobs.flatMap((job) => reckonJob(given.piece(zonesOfPiece).figures, job)), jobs };
});

/** A joint as the interface shows it. */
export interface JointShown {
  readonly fit: string;
  /** What is put on, and on what. */
  readonly part: string;
  readonly on: string;
  readonly ways: readonly RankedWay[];
}

/** How things are joined: what speaks against it, what it bears, how long it is held. */
export const jointsOfPiece = pieceReckoner(
  'finish.joints',
  Object.values(JOINTS),
  (given): { figures: readonly Reckoning[]; joints: readonly JointShown[] } => {
    const { fits, joints } = given.context.piece;
    const all = fits.filter(isJoined).flatMap((fit) => {
      const joint = joints.find((one) => one.fit === fit.id);
      const facts = jointFacts(given, fit, joint);
      if (!facts) return [];
      const shownJoint: JointShown = {
        fit: fit.id,
        part: facts.part.part.name,
        on: facts.on.part.name,
        ways: rankWays(given, facts, joint ?? NO_JOINT),
      };
      return [{ figures: joint ? reckonJoint(given, facts, joint) : [], joint: shownJoint }];
    });
    return { figures: all.flatMap(({ figures }) => figures), joints: all.map(({ joint }) => joint) };
  },
  ({ joints }) => joints,
);

export const FINISH_RECKONERS = [
  zonedParts,
  skinOfPart,
  settledParts,
  mapsOfPart,
  factsOfZones,
  zonesOfPiece,
  takenOfPiece,
  grownOfPiece,
  eyesOfPiece,
  jobsOfFinish,
  jointsOfPiece,
] as const;

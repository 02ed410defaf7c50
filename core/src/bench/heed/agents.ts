import type { Agent, Clay, RouteStep } from '../../piece/index.ts';
import { type OwnValues, sourced } from '../../reckoning/index.ts';
import type { Finding } from './finding.ts';

/** What an agent is called, what it leaves on raw clay, and what will not hold on what it leaves (common practice). */
interface AgentRow {
  readonly title: string;
  readonly heed: string;
  /** Clays that it marks. */
  readonly marks: 'dark' | 'translucent' | null;
  readonly marksSays: string;
  /** What does not hold over it; empty for nothing. */
  readonly refuses: string;
}

export const AGENT_ROWS: Readonly<Record<Agent, AgentRow>> = {
  alcohol: {
    title: 'alcohol',
    heed: 'its fumes catch fire: no flame near, the room aired, and never into the oven wet',
    marks: 'translucent',
    marksSays: 'clouds translucent clay',
    refuses: '',
  },
  oil: {
    title: 'oil',
    heed: 'a trace on the finger is enough; what stands on it softens the clay',
    marks: null,
    marksSays: '',
    refuses: 'paint and glue',
  },
  softener: {
    title: 'clay softener',
    heed: 'a drop at a time: too much leaves it sticky',
    marks: null,
    marksSays: '',
    refuses: 'paint and glue',
  },
  starch: {
    title: 'starch',
    heed: 'brush it off before the oven',
    marks: 'dark',
    marksSays: 'leaves a white bloom on dark clay',
    refuses: '',
  },
  water: {
    title: 'water',
    heed: 'what is shut in blisters in the oven',
    marks: null,
    marksSays: '',
    refuses: '',
  },
  'liquid-clay': {
    title: 'liquid clay',
    heed: 'a thin film: pools shine, and fill fine detail',
    marks: 'dark',
    marksSays: 'shows as a milky film on dark clay',
    refuses: '',
  },
  gloves: { title: 'gloves', heed: 'change them between colours', marks: null, marksSays: '', refuses: '' },
};

/** Lightness under which a clay is dark, 0 to 255. */
const DARK = 90;

function isDark({ colour }: Pick<Clay, 'colour'>): boolean {
  const hex = /^#?([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/i.exec(colour ?? '');
  if (!hex) return false;
  const [r, g, b] = hex.slice(1).map((part) => Number.parseInt(part, 16));
  return 0.2126 * (r ?? 0) + 0.7152 * (g ?? 0) + 0.0722 * (b ?? 0) < DARK;
}

/**
 * What is to be heeded of a smoothing or cleaning step with what it is done with.
 *
 * @param after steps of the same parts that come later, in order
 */
export function heedAgent(
  step: RouteStep,
  after: readonly RouteStep[],
  clays: readonly Pick<Clay, 'name' | 'colour'>[],
  own: OwnValues,
): Finding[] {
  if (step.kind !== 'clean' || step.agent === null) return [];
  const row = AGENT_ROWS[step.agent];
  const needs = sourced(`agent.${step.agent}`, own).value;
  const [next] = after;
  const tooSoon = step.waitMin !== null && step.waitMin < needs && next?.kind === 'bake';
  const marked = clays.filter((clay) => row.marks === 'dark' && isDark(clay));
  const refused =
    row.refuses === '' ? undefined : after.find(({ kind }) => kind === 'coat' || kind === 'joint');
  return [
    ...(tooSoon
      ? [
          {
            level: 'stop' as const,
            says:
              step.agent === 'alcohol'
                ? `wet with alcohol into the oven is a fire: let it dry ${needs} min`
                : `${row.title} wants ${needs} min before the oven`,
            waysOut: [
              {
                says: `wait ${needs} min`,
                change: { path: ['route', 'steps', step.id, 'waitMin'], value: null },
              },
            ],
          },
        ]
      : []),
    ...marked.map(({ name }) => ({
      level: 'doubtful' as const,
      says: `${row.title} ${row.marksSays}: ${name}`,
      waysOut: [{ says: 'smooth it with gloves or a dry brush' }],
    })),
    ...(refused
      ? [
          {
            level: 'doubtful' as const,
            says: `${row.refuses} do not hold over ${row.title}: “${refused.title}”`,
            waysOut: [{ says: 'wash it with soap and water when it is baked, and dry it' }],
          },
        ]
      : []),
    { level: 'good' as const, says: `${row.title}: ${row.heed}`, waysOut: [] },
  ];
}

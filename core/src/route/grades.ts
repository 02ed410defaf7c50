import { bearingSays, type Seen, type Weight, weighed } from '../finish/index.ts';
import { type StuffId, stuffRow } from '../handbook/index.ts';
import type { Piece, RuleResult } from '../piece/index.ts';

export { type Seen, seenSays } from '../finish/index.ts';

/** How much a rule weighs: as layers are weighed. */
export type Grade = Weight;

/** Rules of order that lean on what is put on, by the kinds of the two steps. */
export type RuleId = 'bake-seal' | 'bake-coat' | 'seal-coat' | 'coat-wash';

/** What a maker does who goes against a rule. */
export const RULE_SAYS: Readonly<Record<RuleId, string>> = {
  'bake-seal': 'sealed before a bake',
  'bake-coat': 'painted before a bake',
  'seal-coat': 'painted on bare baked clay',
  'coat-wash': 'washed over paint that is not sealed',
};

/** What goes through a later bake, and onto bare baked clay, without harm (common practice). */
const BEARS = [
  'wash',
  'acrylic',
  'pastel',
  'powder',
  'glaze',
  'liquid-clay',
  'grit',
] as const satisfies readonly StuffId[];

const silent = (...stuffs: readonly StuffId[]): Readonly<Partial<Record<StuffId, Grade>>> =>
  Object.fromEntries(stuffs.map((stuff) => [stuff, 'silent' as const]));

/** What a rule weighs for a stuff where it does not stop (common practice). */
const USUAL: Readonly<Record<RuleId, Readonly<Partial<Record<StuffId, Grade>>>>> = {
  'bake-seal': { ...silent('glaze', 'liquid-clay'), sealer: 'check' },
  'bake-coat': { ...silent(...BEARS), sealer: 'check' },
  'seal-coat': silent(...BEARS),
  'coat-wash': { wash: 'check' },
};

/** What was tried, in words: what was put on, and against which rule. */
export function triedSays(rule: string, stuff: StuffId | null): string {
  const says = Object.entries(RULE_SAYS).find(([id]) => id === rule)?.[1] ?? bearingSays(rule) ?? rule;
  return stuff === null ? says : `${stuffRow(stuff).title}, ${says}`;
}

/** Whether what a maker has seen of a rule with a stuff is about these two. */
const isAbout = (one: RuleResult, rule: RuleId, stuff: StuffId | null) =>
  one.rule === rule && one.stuff === stuff;

/** What the log of a piece says of a rule with a stuff. */
export function seenOf({ log }: Pick<Piece, 'log'>, rule: RuleId, stuff: StuffId | null): Seen {
  const own = log.flatMap(({ result }) => (result && isAbout(result, rule, stuff) ? [result.outcome] : []));
  const good = own.filter((outcome) => outcome === 'good').length;
  return { good, bad: own.length - good };
}

/** What a rule weighs for a stuff: as is usual, one grade less where it went well more often for this maker, else one more. */
export function gradeOf(rule: RuleId, stuff: StuffId | null, seen: Seen): Grade {
  return weighed((stuff === null ? undefined : USUAL[rule][stuff]) ?? 'stop', seen);
}

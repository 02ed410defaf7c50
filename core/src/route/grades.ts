import { type StuffId, stuffRow } from '../handbook/index.ts';
import type { Piece, RuleResult } from '../piece/index.ts';

/** How much a rule weighs: it burns, melts, fumes or ruins; it often goes wrong; or it is no matter. */
export const GRADES = ['silent', 'check', 'stop'] as const;
export type Grade = (typeof GRADES)[number];

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
  const says = Object.entries(RULE_SAYS).find(([id]) => id === rule)?.[1] ?? rule;
  return stuff === null ? says : `${stuffRow(stuff).title}, ${says}`;
}

/** Whether what a maker has seen of a rule with a stuff is about these two. */
const isAbout = (one: RuleResult, rule: RuleId, stuff: StuffId | null) =>
  one.rule === rule && one.stuff === stuff;

/** How it went for the maker: so many times well, so many badly. */
export interface Seen {
  readonly good: number;
  readonly bad: number;
}

/** What the log of a piece says of a rule with a stuff. */
export function seenOf({ log }: Pick<Piece, 'log'>, rule: RuleId, stuff: StuffId | null): Seen {
  const own = log.flatMap(({ result }) => (result && isAbout(result, rule, stuff) ? [result.outcome] : []));
  const good = own.filter((outcome) => outcome === 'good').length;
  return { good, bad: own.length - good };
}

/** What a rule weighs for a stuff: as is usual, one grade less where it went well more often for this maker, else one more. */
export function gradeOf(rule: RuleId, stuff: StuffId | null, { good, bad }: Seen): Grade {
  const usual = (stuff === null ? undefined : USUAL[rule][stuff]) ?? 'stop';
  const at = GRADES.indexOf(usual) + Math.sign(bad - good);
  return GRADES[Math.max(0, Math.min(GRADES.length - 1, at))] ?? usual;
}

/** How it went, in words; empty where nothing is known. */
export function seenSays({ good, bad }: Seen): string {
  const times = (n: number) => (n === 1 ? 'once' : `${n} times`);
  const well = good > 0 ? `well ${times(good)}` : '';
  const badly = bad > 0 ? `badly ${times(bad)}` : '';
  return well || badly ? `it went ${[well, badly].filter(Boolean).join(', ')} for you` : '';
}

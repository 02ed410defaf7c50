import type { Reckoner, Subject } from '../context/index.ts';

/**
 * Thrown when subjects cannot be put in an order, or lean on what they do not name; a fault of the program.
 *
 * @example new SubjectError('ring', 'bulk → bake → bulk').message // 'subjects: ring: bulk → bake → bulk'
 */
export class SubjectError extends Error {
  override readonly name = 'SubjectError';
  readonly code: `spine.${SubjectError['fault']}`;
  constructor(
    readonly fault: 'ring' | 'missing' | 'twice' | 'unneeded',
    readonly what: string,
  ) {
    super(`subjects: ${fault}: ${what}`);
    this.code = `spine.${fault}`;
  }
}

/**
 * Subjects in an order in which each comes after all it needs, otherwise as they are listed.
 *
 * @throws {SubjectError} for a ring of needs, a need that is not listed, or a name or a kind of figure that stands twice
 */
export function inOrder(subjects: readonly Subject[]): readonly Subject[] {
  const done = new Set<Subject>();
  const open: Subject[] = [];
  const visit = (subject: Subject): void => {
    if (done.has(subject)) return;
    const names = () => [...open.slice(open.indexOf(subject)), subject].map(({ name }) => name).join(' → ');
    if (open.includes(subject)) throw new SubjectError('ring', names());
    if (!subjects.includes(subject)) throw new SubjectError('missing', subject.name);
    open.push(subject);
    subject.needs.forEach(visit);
    open.pop();
    done.add(subject);
  };
  subjects.forEach(visit);
  refuseTwice(subjects);
  return [...done];
}

function refuseTwice(subjects: readonly Subject[]): void {
  const seen = new Set<string>();
  const once = (what: string): void => {
    if (seen.has(what)) throw new SubjectError('twice', what);
    seen.add(what);
  };
  for (const { name, reckoners, asks } of subjects) {
    once(`subject ${name}`);
    for (const reckoner of reckoners) {
      once(`reckoner ${reckoner.name}`);
      for (const { key } of reckoner.gives) once(`figure ${key} of a ${reckoner.of}`);
    }
    for (const ask of asks ?? []) once(`ask ${ask.name}`);
  }
}

/** Who makes the figures of a key, by whether a part’s is wanted. */
export function makersOf(subjects: readonly Subject[]): (key: string) => readonly Reckoner[] {
  const all = subjects.flatMap(({ reckoners }) => reckoners);
  const exact = new Map<string, Reckoner[]>();
  const open: [start: string, reckoner: Reckoner][] = [];
  for (const reckoner of all)
    for (const { key } of reckoner.gives) {
      if (key.endsWith('*')) open.push([key.slice(0, -1), reckoner]);
      else exact.set(key, [...(exact.get(key) ?? []), reckoner]);
    }
  return (key) => exact.get(key) ?? open.flatMap(([start, one]) => (key.startsWith(start) ? [one] : []));
}

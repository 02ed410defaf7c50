import { getMetadataStorage, type ValidationError } from 'class-validator';

/** What is wrong with one field, as data. */
export interface Problem {
  readonly code: ProblemCode;
  /** Such as `parts[3].form.heightMm`. */
  readonly path: string;
  /** What stood there, shortened. */
  readonly found: string;
  /** Limits or choices, where there are any. */
  readonly wanted: string;
}

export type ProblemCode =
  | 'not-a-number'
  | 'not-positive'
  | 'too-small'
  | 'too-large'
  | 'not-text'
  | 'too-long'
  | 'empty'
  | 'not-a-choice'
  | 'not-a-date'
  | 'not-a-colour'
  | 'not-a-list'
  | 'too-few'
  | 'too-many'
  | 'not-an-id'
  | 'not-yes-or-no'
  | 'not-whole'
  | 'unknown-kind'
  | 'missing'
  | 'name-taken'
  | 'wrong';

const CODES: Readonly<Record<string, ProblemCode>> = {
  isNumber: 'not-a-number',
  isPositive: 'not-positive',
  min: 'too-small',
  max: 'too-large',
  isString: 'not-text',
  maxLength: 'too-long',
  minLength: 'empty',
  isIn: 'not-a-choice',
  equals: 'unknown-kind',
  isDay: 'not-a-date',
  isMoment: 'not-a-date',
  isHexColor: 'not-a-colour',
  isArray: 'not-a-list',
  isObject: 'wrong',
  arrayMinSize: 'too-few',
  arrayMaxSize: 'too-many',
  matches: 'not-an-id',
  isBoolean: 'not-yes-or-no',
  isInt: 'not-whole',
  isDefined: 'missing',
  nestedValidation: 'wrong',
  unknownValue: 'unknown-kind',
};

/** Names first what is most basically wrong: a word where a number belongs is not “too small”. */
const ORDER: readonly ProblemCode[] = [
  'missing',
  'unknown-kind',
  'not-a-number',
  'not-whole',
  'not-text',
  'not-a-list',
  'not-yes-or-no',
  'not-a-choice',
];

function shown(value: unknown): string {
  const text = typeof value === 'string' ? `“${value}”` : (JSON.stringify(value) ?? 'nothing');
  return text.length > 60 ? `${text.slice(0, 57)}…` : text;
}

function pathOf(parent: string, { property }: ValidationError): string {
  if (/^\d+$/.test(property)) return `${parent}[${property}]`;
  return parent === '' ? property : `${parent}.${property}`;
}

/** The limit or the choices of a rule, as the class declares them. */
function wantedOf({ target, property }: ValidationError, rule: string): string {
  if (!target) return '';
  const declared = getMetadataStorage()
    .getTargetValidationMetadatas(target.constructor, '', true, false)
    .find((one) => one.propertyName === property && one.name === rule);
  const [limit]: unknown[] = declared?.constraints ?? [];
  return Array.isArray(limit) ? limit.join(', ') : typeof limit === 'number' ? String(limit) : '';
}

function rank(code: ProblemCode): number {
  const place = ORDER.indexOf(code);
  return place < 0 ? ORDER.length : place;
}

/** Flattens class-validator's tree into problems, one a field. */
export function problemsOf(errors: readonly ValidationError[], parent = ''): Problem[] {
  return errors.flatMap((error) => {
    const path = pathOf(parent, error);
    const inner = problemsOf(error.children ?? [], path);
    const own = Object.entries(error.constraints ?? {})
      .map(([rule, message]): Problem => {
        // What a check of our own wants stands in its message.
        const wanted = CODES[rule] ? wantedOf(error, rule) : message;
        const code = error.value === undefined ? 'missing' : (CODES[rule] ?? 'wrong');
        return { code, path, found: shown(error.value), wanted };
      })
      .sort((a, b) => rank(a.code) - rank(b.code))
      .slice(0, 1);
    return [...own, ...inner];
  });
}

const SAYS: Record<ProblemCode, (problem: Problem) => string> = {
  'not-a-number': ({ found }) => `wants a number, found ${found}`,
  'not-positive': ({ found }) => `wants more than 0, found ${found}`,
  'too-small': ({ found, wanted }) => `wants at least ${wanted}, found ${found}`,
  'too-large': ({ found, wanted }) => `wants at most ${wanted}, found ${found}`,
  'not-text': ({ found }) => `wants text, found ${found}`,
  'too-long': ({ wanted }) => `is longer than ${wanted}`,
  empty: () => 'is empty',
  'not-a-choice': ({ found, wanted }) => `wants one of ${wanted}; found ${found}`,
  'not-a-date': ({ found }) => `wants a date such as 2026-05-01, found ${found}`,
  'not-a-colour': ({ found }) => `wants a colour such as #a8461f, found ${found}`,
  'not-a-list': ({ found }) => `wants a list, found ${found}`,
  'too-few': ({ found }) => `has too few entries: ${found}`,
  'too-many': () => 'has too many entries',
  'not-an-id': ({ found }) => `wants letters, digits, - and _ only, found ${found}`,
  'not-yes-or-no': ({ found }) => `wants true or false, found ${found}`,
  'not-whole': ({ found }) => `wants a whole number, found ${found}`,
  'unknown-kind': ({ found }) => `is of a kind this version does not know: ${found}`,
  missing: () => 'is missing',
  'name-taken': () => 'has a name that cannot be a field’s',
  wrong: ({ found }) => `cannot be read: ${found}`,
};

/** One line for the maker, the only place where problems become text. */
export function problemText(problem: Problem): string {
  return `${problem.path} ${SAYS[problem.code](problem)}`;
}

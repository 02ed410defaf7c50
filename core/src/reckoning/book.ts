import type { Lens, Reckoning, ReckoningId } from './types.ts';

/** All figures of a piece, found by id, and what leans on what. */
export interface ReckoningBook {
  readonly all: readonly Reckoning[];
  get(id: ReckoningId): Reckoning | undefined;
  /** Figures that use this one directly. */
  dependants(id: ReckoningId): readonly Reckoning[];
  /** The figures of one lens for a part, or for the whole piece when `part` is null. */
  of(lens: Lens, part: string | null): readonly Reckoning[];
}

/**
 * Thrown when figures contradict each other; a fault of the program.
 *
 * @example new BookError('twice', '/size.scale').message
 */
export class BookError extends Error {
  override readonly name = 'BookError';
  readonly code: `reckoning.${BookError['fault']}`;
  constructor(
    readonly fault: 'twice' | 'missing-term' | 'cycle' | 'not-finite' | 'unknown-symbol',
    readonly id: string,
  ) {
    super(`reckoning ${id}: ${fault}`);
    this.code = `reckoning.${fault}`;
  }
}

function gather<K>(map: Map<K, Reckoning[]>, key: K, figure: Reckoning): void {
  const list = map.get(key);
  if (list) list.push(figure);
  else map.set(key, [figure]);
}

/** Gathers figures into a book. Later figures may lean on earlier ones in any order. */
export function makeBook(all: readonly Reckoning[]): ReckoningBook {
  const byId = new Map(all.map((figure) => [figure.id, figure]));
  const users = new Map<ReckoningId, Reckoning[]>();
  const byPlace = new Map<string, Reckoning[]>();
  for (const figure of all) {
    gather(byPlace, `${figure.lens}/${figure.part ?? ''}`, figure);
    for (const { origin } of figure.terms) if (origin.kind === 'reckoning') gather(users, origin.id, figure);
  }
  return {
    all,
    get: (id) => byId.get(id),
    dependants: (id) => users.get(id) ?? [],
    of: (lens, part) => byPlace.get(`${lens}/${part ?? ''}`) ?? [],
  };
}

function checkFigure(figure: Reckoning, book: ReckoningBook): void {
  const { value, low, high } = figure.quantity;
  for (const number of [value, low ?? 0, high ?? 0, ...figure.terms.map((term) => term.quantity.value)])
    if (!Number.isFinite(number)) throw new BookError('not-finite', figure.id);
  for (const { origin, symbol } of figure.terms) {
    if (!figure.formula.includes(symbol)) throw new BookError('unknown-symbol', `${figure.id} ${symbol}`);
    if (origin.kind === 'reckoning' && !book.get(origin.id))
      throw new BookError('missing-term', `${figure.id} ← ${origin.id}`);
  }
}

function checkCycles(book: ReckoningBook): void {
  const done = new Set<ReckoningId>();
  const open = new Set<ReckoningId>();
  const visit = (figure: Reckoning): void => {
    if (done.has(figure.id)) return;
    if (open.has(figure.id)) throw new BookError('cycle', figure.id);
    open.add(figure.id);
    for (const user of book.dependants(figure.id)) visit(user);
    open.delete(figure.id);
    done.add(figure.id);
  };
  book.all.forEach(visit);
}

/**
 * Checks that every figure is finite, stands once, uses only terms its formula names and leans on figures that exist
 * without going round in a circle.
 *
 * @throws {BookError}
 */
export function validateBook(book: ReckoningBook): void {
  const seen = new Set<ReckoningId>();
  for (const figure of book.all) {
    if (seen.has(figure.id)) throw new BookError('twice', figure.id);
    seen.add(figure.id);
    checkFigure(figure, book);
  }
  checkCycles(book);
}

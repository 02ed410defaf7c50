import type { Level, Reckoning, Verdict } from '../reckoning/index.ts';

const RANK: Readonly<Record<Level, number>> = { good: 0, doubtful: 1, stop: 2 };

/** The worst verdict of some; of one that only holds at an end of what is rough, it says so. */
function worst(own: Verdict | undefined, ends: readonly (Verdict | undefined)[]): Verdict | undefined {
  const found = ends.reduce<Verdict | undefined>(
    (a, b) => (b && RANK[b.level] > RANK[a?.level ?? 'good'] ? b : a),
    undefined,
  );
  if (!found || RANK[found.level] <= RANK[own?.level ?? 'good']) return own;
  return { ...found, says: `${found.says}, at an end of what is rough` };
}

/**
 * Figures with the range that rough amounts give them: from the least to the most of a figure at the ends, its verdict that
 * of the end that matters. What is not there at an end has no range for it.
 */
export function widened(
  figures: readonly Reckoning[],
  atEnds: readonly (readonly Reckoning[])[],
): readonly Reckoning[] {
  if (atEnds.length === 0) return figures;
  const byId = atEnds.map((list) => new Map(list.map((one) => [one.id, one])));
  return figures.map((figure) => {
    const others = byId.flatMap((map) => map.get(figure.id) ?? []);
    const { value, low = value, high = value } = figure.quantity;
    const least = Math.min(low, ...others.map(({ quantity: q }) => q.low ?? q.value));
    const most = Math.max(high, ...others.map(({ quantity: q }) => q.high ?? q.value));
    const verdict = worst(
      figure.verdict,
      others.map((one) => one.verdict),
    );
    if (least === low && most === high && verdict === figure.verdict) return figure;
    return {
      ...figure,
      quantity: { ...figure.quantity, ...(most > least && { low: least, high: most }) },
      ...(verdict && { verdict }),
    };
  });
}

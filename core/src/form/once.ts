/** A value that is worked out when it is first asked for, and kept. */
export function once<Value>(work: () => Value): () => Value {
  let kept: { readonly value: Value } | null = null;
  return () => {
    kept ??= { value: work() };
    return kept.value;
  };
}

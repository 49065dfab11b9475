/** Works something out when it is first asked for, and answers the same from then on. */
export function once<Value>(work: () => Value): () => Value {
  let kept: { readonly value: Value } | undefined;
  return () => (kept ??= { value: work() }).value;
}

/** What finishes bring of their own, in one record by its name; two of one name are refused. */
export function gather<Value>(
  brought: readonly (Readonly<Record<string, Value>> | undefined)[],
): Record<string, Value> {
  const all: Record<string, Value> = {};
  for (const own of brought) {
    for (const [name, value] of Object.entries(own ?? {})) {
      if (Object.hasOwn(all, name)) throw new Error(`Two finishes bring ${name}`);
      all[name] = value;
    }
  }
  return all;
}

import type { SpecChange } from "./editing";

type Path = readonly (string | number)[];

/** A copy of a plain value with one place in it replaced; in a list, the place after its last adds to it. */
export function setIn<Value>(value: Value, path: Path, replacement: unknown): Value {
  const [key, ...rest] = path;
  if (key === undefined) return replacement as Value;
  if (Array.isArray(value)) {
    const copy = [...(value as unknown[])];
    copy[Number(key)] = setIn(copy[Number(key)] ?? {}, rest, replacement);
    return copy as Value;
  }
  const record = value as Record<string | number, unknown>;
  return { ...record, [key]: setIn(record[key] ?? {}, rest, replacement) } as Value;
}

/** A copy of a spec, written or parsed, with a change made in it. */
export function applyChange<Value>(value: Value, { path = [], set }: SpecChange): Value {
  return Object.entries(set).reduce((changed, [key, to]) => setIn(changed, [...path, key], to), value);
}

/** A document of every kind of finish in a house of rooms has a hundredth of it; what has more is not looked into. */
const mostValues = 200_000;
const mostObjects = 20_000;

/** Why a document is not looked into, since it holds more than any job has; null for one that is. */
export function tooLarge(document: unknown): string | null {
  const { values, objects } = sizeOf(document);
  if (objects > mostObjects) return `holds more than ${mostObjects} objects; expected a job document`;
  return values > mostValues ? `holds more than ${mostValues} values; expected a job document` : null;
}

/** How many values and objects there are, counted no further than is let in. */
function sizeOf(document: unknown): { values: number; objects: number } {
  let [values, objects] = [0, 0];
  const open: unknown[] = [document];
  while (open.length > 0 && values <= mostValues && objects <= mostObjects) {
    const value = open.pop();
    values++;
    if (value === null || typeof value !== "object") continue;
    const inner = Array.isArray(value) ? (value as unknown[]) : Object.values(value);
    if (!Array.isArray(value)) objects++;
    if (values + open.length + inner.length > mostValues) return { values: mostValues + 1, objects };
    for (const one of inner) open.push(one);
  }
  return { values, objects };
}

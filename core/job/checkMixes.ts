import { componentsOf, inOrderOfMaking } from "../paint/mix";
import type { Paint } from "../paint/schema";

interface Wrong {
  readonly path: readonly (string | number)[];
  readonly message: string;
}

/** Mixes of what is there, of nothing that they are part of, with a limit for what is in them. */
export function checkMixes(paints: readonly Paint[]): Wrong[] {
  const known = new Map(paints.map((paint) => [paint.id, paint]));
  const problems = paints.flatMap(({ mix }, index) =>
    (mix?.parts ?? []).flatMap((part, place): Wrong[] =>
      "paint" in part && !known.has(part.paint)
        ? [
            {
              path: ["paints", index, "mix", "parts", place, "paint"],
              message: `there is no paint ${JSON.stringify(part.paint)}; expected one of ${[...known.keys()].join(", ")}`,
            },
          ]
        : [],
    ),
  );
  if (problems.length > 0) return problems;
  const { circle } = inOrderOfMaking(paints);
  if (circle !== null) {
    const index = paints.findIndex(({ id }) => id === circle);
    const message = `${JSON.stringify(circle)} is made of itself, in the end; expected a mix of other paints`;
    return [{ path: ["paints", index, "mix", "parts"], message }];
  }
  return paints.flatMap((paint, index) => checkLimit(paint, index, known));
}

function checkLimit({ mix }: Paint, index: number, known: ReadonlyMap<string, Paint>): Wrong[] {
  if (!mix?.limit) return [];
  const within = new Set<string>();
  const add = (id: string) => {
    within.add(id);
    const inner = known.get(id)?.mix;
    if (inner) for (const other of componentsOf(inner, 1).keys()) add(other);
  };
  for (const id of componentsOf(mix, 1).keys()) add(id);
  return (["of", "in"] as const).flatMap((key) =>
    within.has(mix.limit![key])
      ? []
      : [
          {
            path: ["paints", index, "mix", "limit", key],
            message: `${JSON.stringify(mix.limit![key])} is not in this mix; expected one of ${[...within].join(", ")}`,
          },
        ],
  );
}

import * as z from "zod";
import { listed } from "../findings/listed";
import type { Speech } from "../findings/speech";
import { coordinateRange, lengthSchema } from "../measure/schema";
import type { Strip } from "../wall/strip";
import { fillsPaint } from "./brokenColour";
import { written, type Editing } from "./editing";

/** Places where a coat came out thin or was missed: nobody goes back into what has set, the next coat takes them. */
export const missesSchema = z
  .array(z.tuple([lengthSchema(coordinateRange), lengthSchema(coordinateRange)]))
  .max(200)
  .optional()
  .describe("thin places of the coat before, [along, up]");

type Misses = readonly (readonly [number, number])[];

/** Filled anywhere it takes the paint; misses of the document are moved and taken off. */
export function editWithMisses(key: string, misses: Misses = []): Editing {
  return {
    ...fillsPaint(key),
    handles: misses.map(([x, y], index) => ({
      id: `miss-${index + 1}`,
      name: `miss ${index + 1}`,
      at: { x, y },
      along: null,
      path: [],
      moveTo: (place) => ({ path: ["misses"], set: { [index]: written(place) } }),
      remove: () => ({
        set: { misses: misses.length > 1 ? misses.filter((_, place) => place !== index) : undefined },
      }),
    })),
  };
}

/** A wall's own, from its left end. */
export const missesOn = ({ parts }: Strip, wallId: string, misses: Misses = []): Misses =>
  parts
    .filter(({ wall }) => wall.id === wallId)
    .flatMap(({ wall, offset }) =>
      misses
        .filter(([x]) => x >= offset && x < offset + wall.width)
        .map(([x, y]) => [x - offset, y] as const),
    );

const mostTold = 6;

/** "3: 410 along and 900 up, ..."; null for none. */
export function tellMisses(misses: Misses, speech: Speech): string | null {
  if (misses.length === 0) return null;
  const told = misses
    .slice(0, mostTold)
    .map(([x, y]) => `${speech.length(x)} along and ${speech.length(y)} up`);
  const more = misses.length - told.length;
  return `${misses.length} marked: ${listed([...told, ...(more > 0 ? [`${more} more on the drawing`] : [])])}`;
}

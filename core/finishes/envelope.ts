import * as z from "zod";
import { idSchema } from "../measure/schema";

/** The keys that every finish of a job document has, whatever its kind. */
export function finishEnvelope<Kind extends string>(kind: Kind) {
  return {
    id: idSchema,
    on: idSchema.describe("a wall or a run"),
    kind: z.literal(kind),
  };
}

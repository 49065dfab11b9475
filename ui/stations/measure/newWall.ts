import type { UseFormReturn } from "react-hook-form";
import * as z from "zod";
import { nameSchema } from "@/core/measure/schema";
import { objectKinds } from "@/core/wall/objectSchema";
import type { SurveyDocument } from "@/ui/job/jobDocument";

const length = z.union([z.number(), z.string()]);

/** What is asked of a new wall; the readings themselves are checked with the document that they come into. */
export const newWallSchema = z
  .object({
    name: nameSchema(),
    how: z.enum(["survey", "quick", "object"]),
    kind: z.enum(objectKinds),
    survey: z.custom<SurveyDocument>(),
    width: length.optional(),
    height: length.optional(),
  })
  .superRefine(({ how, survey, width, height }, context) => {
    const ask = (path: string, message: string) =>
      context.addIssue({ code: "custom", path: [path], message });
    if (how === "survey") {
      if (survey.stations.length < 2)
        ask("survey", "Read two stations at least: one at each end of the level line.");
      return;
    }
    if (width === undefined) ask("width", "Write the width.");
    if (height === undefined) ask("height", "Write the height.");
  });

export type NewWall = z.infer<typeof newWallSchema>;
export type How = NewWall["how"];

export interface FormProps {
  readonly form: UseFormReturn<NewWall>;
}

/** A field's change, which nothing is wrong with yet. */
export const taken =
  <Value>(change: (value: Value) => void) =>
  (value: Value) => {
    change(value);
    return null;
  };

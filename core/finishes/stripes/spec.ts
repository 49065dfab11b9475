import * as z from "zod";
import { finishEnvelope } from "../envelope";
import { fitSchema } from "../../fit/schema";
import { divisionRange, idSchema, lengthSchema } from "../../measure/schema";

/** Parallel stripes at any angle. Horizontal ones count from the bottom, all others from the left. */
export const stripesSpec = z
  .strictObject({
    ...finishEnvelope("stripes"),
    direction: z
      .union([z.enum(["vertical", "horizontal"]), z.number().gt(0).lt(180)], {
        error: "expected vertical, horizontal, or the line's angle in degrees over 0 and under 180",
      })
      .default("vertical"),
    colours: z.array(idSchema).min(1).max(50).describe("paints in turn; the first stripe takes the first"),
    widths: z.array(lengthSchema(divisionRange)).min(1).max(50).optional().describe("one a colour"),
    fit: fitSchema,
  })
  .superRefine(({ colours, widths, fit }, context) => {
    const issue = (path: (string | number)[], message: string) =>
      context.addIssue({ code: "custom", path, message });
    if (widths && widths.length !== colours.length) {
      issue(["widths"], `${widths.length} widths for ${colours.length} colours; expected one width a colour`);
    }
    if (widths && fit.by === "spread") {
      issue(["fit", "by"], "spread takes one module for all stripes; expected no widths beside it");
    }
    const wantsWidth = fit.by === "near" || fit.by === "width" || fit.by === "anchor";
    if (!widths && wantsWidth && fit.width === undefined) {
      issue(["fit", "width"], "nothing says how wide a stripe is; expected a length");
    }
  });

export type StripesSpec = z.infer<typeof stripesSpec>;

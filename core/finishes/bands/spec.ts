import * as z from "zod";
import { coordinateRange, divisionRange, idSchema, lengthSchema, sizeRange } from "../../measure/schema";
import { finishEnvelope } from "../envelope";

/** Room for the last bits of differences. */
const rounding = 1e-6;

const bandSchema = z
  .strictObject({
    from: lengthSchema(coordinateRange).optional(),
    to: lengthSchema(coordinateRange).optional(),
    around: idSchema.optional().describe("an opening or fixture that lies in the band's middle"),
    gap: lengthSchema(sizeRange).optional().describe("left above and below what it lies around"),
    colour: idSchema,
  })
  .superRefine(({ from, to, around, gap }, context) => {
    const issue = (path: string, message: string) =>
      context.addIssue({ code: "custom", path: [path], message });
    if (around === undefined) {
      if (gap !== undefined) issue("gap", "a gap is left around something; expected around beside it");
      if (from === undefined) issue("from", "missing; expected a length");
      if (to === undefined) issue("to", "missing; expected a length");
      if (from !== undefined && to !== undefined && to - from < divisionRange.min - rounding) {
        const most = `expected from to be less than to, by at least ${divisionRange.min} mm`;
        issue("to", `a band ends at ${to} but begins at ${from}; ${most}`);
      }
    } else if (from !== undefined || to !== undefined) {
      issue(
        from === undefined ? "to" : "from",
        "a band around something has its place from it; expected gap alone",
      );
    }
  });

/**
 * Level bands, or bands that follow a floor or ceiling, or half of what that departs from level. Distances are upright from the
 * datum; from a ceiling, down.
 */
export const bandsSpec = z
  .strictObject({
    ...finishEnvelope("bands"),
    datum: z.enum(["level", "floor", "ceiling", "split"]).default("level"),
    against: z
      .enum(["floor", "ceiling"])
      .optional()
      .describe("what half of is followed where the datum is split; the nearer, when left out"),
    below: idSchema.optional().describe("the paint under the lowest band; left out, what is there stays"),
    above: idSchema.optional(),
    between: idSchema.optional().describe("between two bands; above, when left out"),
    bands: z.array(bandSchema).min(1).max(200),
  })
  .superRefine(({ datum, against, bands }, context) => {
    const issue = (index: number, key: string, message: string) =>
      context.addIssue({ code: "custom", path: ["bands", index, key], message });
    if (against !== undefined && datum !== "split") {
      const message = "only a datum that is split lies against something; expected it to be left out";
      context.addIssue({ code: "custom", path: ["against"], message });
    }
    bands.forEach(({ around, from, to }, index) => {
      if (around !== undefined && datum !== "level") {
        issue(index, "around", "a band around something is level; expected the datum level");
      }
      if (from === undefined || to === undefined) return;
      const other = bands.findIndex(
        (band, place) => place < index && band.from !== undefined && band.from < to && from < band.to!,
      );
      if (other !== -1) issue(index, "from", `overlaps bands[${other}]; expected bands without overlap`);
      const close = bands.findIndex(({ to: end }) => {
        const gap = end === undefined ? 0 : from - end;
        return gap > rounding && gap < divisionRange.min - rounding;
      });
      if (close === -1) return;
      const most = `expected them to meet, or at least ${divisionRange.min} mm between them`;
      issue(index, "from", `leaves ${(from - bands[close]!.to!).toFixed(3)} mm to bands[${close}]; ${most}`);
    });
  });

export type BandsSpec = z.infer<typeof bandsSpec>;

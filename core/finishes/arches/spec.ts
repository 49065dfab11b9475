import * as z from "zod";
import { coordinateRange, divisionRange, idSchema, lengthSchema, sizeRange } from "../../measure/schema";
import { finishEnvelope } from "../envelope";

/** Degrees: a thinner wedge, painted or left open, is no more than a pencil line. */
const leastTurn = 0.1;

const place = lengthSchema(coordinateRange);

const ring = z.union(
  [
    z.strictObject({ width: lengthSchema(divisionRange), colour: idSchema }),
    z.strictObject({ gap: lengthSchema(divisionRange) }),
  ],
  { error: () => "expected a band with its width and colour, or a gap" },
);

/** Concentric bands and gaps around a centre, from the outside in; angles counter-clockwise from 3 o'clock. */
export const archesSpec = z
  .strictObject({
    ...finishEnvelope("arches"),
    centre: z.tuple([place, place]),
    outerRadius: lengthSchema({ min: 1, max: sizeRange.max }),
    from: z.number().min(-360).max(360).default(0),
    to: z.number().min(-360).max(720).default(180),
    bands: z.array(ring).min(1).max(200),
  })
  .superRefine(({ outerRadius, from, to, bands }, context) => {
    const issue = (path: (string | number)[], message: string) =>
      context.addIssue({ code: "custom", path, message });
    if (to <= from) issue(["to"], `${to} is not beyond ${from}; expected an angle over from`);
    if (to - from < leastTurn || (to - from < 360 && to - from > 360 - leastTurn))
      issue(
        ["to"],
        `from ${from} to ${to} is no arch; expected a turn of at least ${leastTurn} degrees, whole or well open`,
      );
    if (to - from > 360)
      issue(["to"], `from ${from} to ${to} is over a full turn; expected at most 360 degrees`);
    let left = outerRadius;
    const inside = bands.reduce((rest, band) => rest - ("gap" in band ? band.gap : band.width), outerRadius);
    if (inside > 1e-6 && inside < divisionRange.min) {
      const least = `expected nothing, or at least ${divisionRange.min} mm`;
      issue(["bands"], `leave a middle of ${inside.toFixed(3)} mm; ${least}`);
    }
    bands.forEach((band, index) => {
      left -= "gap" in band ? band.gap : band.width;
      if (left < -1e-6 && left + ("gap" in band ? band.gap : band.width) >= -1e-6) {
        issue(
          ["bands", index],
          "bands and gaps are wider than the outer radius; expected them to fit inside it",
        );
      }
    });
  });

export type ArchesSpec = z.infer<typeof archesSpec>;

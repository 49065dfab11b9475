import { z } from "zod";
import { dayNumberOf, minutesOfClock, weekdays } from "../measure/calendar";
import { quote } from "../measure/schema";
import { usualRates } from "../trade/constants";

/** A working day under this leaves no time between setting up and closing. */
const shortestDayMin = 120;

const clockSchema = z.string().transform((text, context) => {
  const minutes = minutesOfClock(text);
  if (minutes !== null) return minutes;
  const message = `${quote(text)} is not a time of day; expected one such as "08:30"`;
  context.addIssue({ code: "custom", message });
  return z.NEVER;
});

const dateSchema = z.string().refine((text) => dayNumberOf(text) !== null, {
  error: (issue) => `${quote(issue.input)} is not a date; expected one such as "2026-12-01"`,
});

const rate = (usual: number) => z.number().min(0.01).max(1000).default(usual);
const minutes = (usual: number) => z.number().min(0).max(240).default(usual);

const ratesSchema = z.strictObject({
  taping_m_min: rate(usualRates.taping_m_min),
  crossing_min: minutes(usualRates.crossing_min),
  sealing_m_min: rate(usualRates.sealing_m_min),
  cuttingIn_m_min: rate(usualRates.cuttingIn_m_min),
  rolling_m2_min: rate(usualRates.rolling_m2_min),
  peeling_m_min: rate(usualRates.peeling_m_min),
  marking_min: minutes(usualRates.marking_min),
  washingUp_min: minutes(usualRates.washingUp_min),
  settingUp_min: z.number().min(0).max(30).default(usualRates.settingUp_min),
  closing_min: z.number().min(0).max(30).default(usualRates.closing_min),
});

/** Who works, when, in what air, and how fast. */
export const workSchema = z
  .strictObject({
    start: dateSchema
      .optional()
      .describe("the first day, such as 2026-12-01; without it days are counted from a Monday"),
    crew: z.int().min(1).max(8).default(1),
    from: clockSchema.default(8 * 60).describe("when the working day begins"),
    to: clockSchema.default(17 * 60).describe("when it ends"),
    workdays: z.array(z.enum(weekdays)).min(1).max(7).default(["mon", "tue", "wed", "thu", "fri"]),
    temperature: z.number().min(-40).max(60).default(20).describe("C, in the room"),
    humidity: z.number().min(0).max(100).default(50).describe("% RH, in the room"),
    secondCoat: z
      .enum(["label", "touch", "next-day"])
      .default("label")
      .describe("when the next coat may go on: by the label, as soon as it is touch-dry, or on the next day"),
    rates: ratesSchema.prefault({}),
  })
  .superRefine((work, context) => {
    if (work.to - work.from >= shortestDayMin) return;
    const message = "the day is too short to set up, work and close; expected two hours or more after `from`";
    context.addIssue({ code: "custom", path: ["to"], message });
  });

export type Work = z.infer<typeof workSchema>;
export type Rates = Work["rates"];

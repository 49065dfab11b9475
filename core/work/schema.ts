import * as z from "zod";
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

/** Calendars write years with four digits, and none of these painters has worked before the first of them. */
const isWorkingYear = (text: string): boolean => text >= "1900" && text < "3000";

const dateSchema = z.string().refine((text) => dayNumberOf(text) !== null && isWorkingYear(text), {
  error: (issue) =>
    `${quote(issue.input)} is not a date of this time; expected one from 1900 to 2999 such as "2026-12-01"`,
});

const rate = (usual: number) => z.number().min(0.01).max(1000).default(usual);
const minutes = (usual: number) => z.number().min(0).max(240).default(usual);

const usualRatesSchema = z.strictObject({
  taping_m_min: rate(usualRates.taping_m_min),
  crossing_min: minutes(usualRates.crossing_min),
  sealing_m_min: rate(usualRates.sealing_m_min),
  cuttingIn_m_min: rate(usualRates.cuttingIn_m_min),
  handEdge_m_min: rate(usualRates.handEdge_m_min),
  floating_m_min: rate(usualRates.floating_m_min),
  rolling_m2_min: rate(usualRates.rolling_m2_min),
  peeling_m_min: rate(usualRates.peeling_m_min),
  marking_min: minutes(usualRates.marking_min),
  washingUp_min: minutes(usualRates.washingUp_min),
  settingUp_min: z.number().min(0).max(30).default(usualRates.settingUp_min),
  closing_min: z.number().min(0).max(30).default(usualRates.closing_min),
});

/** A pace that a finish brings. */
interface OwnRate {
  readonly usual: number;
  readonly as: "a minute" | "minutes";
}

/** The usual paces with those that finishes bring, which are of the same kind but known by name only. */
function ratesSchemaOf(own: Readonly<Record<string, OwnRate>>): typeof usualRatesSchema {
  const shape = Object.fromEntries(
    Object.entries(own).map(([name, { usual, as }]) => [
      name,
      as === "minutes" ? minutes(usual) : rate(usual),
    ]),
  );
  return usualRatesSchema.extend(shape) as unknown as typeof usualRatesSchema;
}

/** Who works, when, in what air, and how fast. */
export const workSchemaOf = (own: Readonly<Record<string, OwnRate>>) =>
  z
    .strictObject({
      start: dateSchema
        .optional()
        .describe("the first day, such as 2026-12-01; without it days are counted from a Monday"),
      crew: z.int().min(1).max(8).default(1),
      from: clockSchema.default(8 * 60).describe("when the working day begins"),
      to: clockSchema.default(17 * 60).describe("when it ends"),
      breakAt: clockSchema.default(12 * 60).describe("when the break at midday begins"),
      break_min: z.number().min(0).max(180).default(30).describe("how long it is; 0: none"),
      workdays: z.array(z.enum(weekdays)).min(1).max(7).default(["mon", "tue", "wed", "thu", "fri"]),
      temperature: z.number().min(-40).max(60).default(20).describe("C, in the room"),
      humidity: z.number().min(0).max(100).default(50).describe("% RH, in the room"),
      secondCoat: z
        .enum(["label", "touch", "next-day"])
        .default("label")
        .describe(
          "when the next coat may go on: by the label, as soon as it is touch-dry, or on the next day",
        ),
      rates: ratesSchemaOf(own).prefault({}),
    })
    .superRefine((work, context) => {
      if (work.to - work.from >= shortestDayMin) return;
      const message =
        "the day is too short to set up, work and close; expected two hours or more between its beginning and its end";
      context.addIssue({ code: "custom", path: ["to"], message });
    });

export type Work = z.infer<ReturnType<typeof workSchemaOf>>;
export type Rates = Work["rates"];

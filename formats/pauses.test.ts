import { expect, it } from "vitest";
import { plan } from "@/core/job/plan";
import { oneWall, parsed } from "@/core/job/tests/jobs";
import { minutesADay } from "@/core/measure/calendar";
import type { PlanDay, PlanStep } from "@/core/plan/planDayTypes";
import { agendaOf } from "./agenda";
import { pausesOf, whyShort } from "./pauses";

/* A block of kelp on one wall, by one person: two coats, three hours apart, on Monday 11 January 2027; work ends at 17:00. */
const jobWith = (paint: object, work: object = {}) =>
  parsed(
    oneWall(
      { name: "North", width: 2400, height: 2400, skirting: 0 },
      {},
      {
        work: { start: "2027-01-11", ...work },
        edges: { seal: "press" },
        paints: [{ id: "oyster" }, { id: "kelp", name: "Kelp", recoat_min: 180, ...paint }],
        finishes: [
          {
            id: "f",
            on: "w",
            kind: "blocks",
            blocks: [{ shape: "rectangle", x: 400, y: 400, width: 1200, height: 1200, colour: "kelp" }],
          },
        ],
      },
    ),
  );
const coatOf = (steps: readonly PlanStep[], coat: number) =>
  steps.find(({ id }) => id === `w/paint-1-kelp-${coat}`)!;

it("tells when nobody has anything to do, until when, and what dries; the break at noon is none", () => {
  const job = jobWith({});
  const whole = plan(job);
  const [first, second] = [coatOf(whole.steps, 1), coatOf(whole.steps, 2)];
  expect(second.start).toBe(first.end + 180);
  const told = pausesOf(job, whole, whole.days[0]!).find(({ until }) => until === second.start)!;
  expect(told.from).toBe(first.end);
  expect(told.say).toBe(`Nothing to do until ${second.from}: Kelp on North dries.`);
  // The same steps with the break over all of that time, and no quarter of an hour left.
  const atNoon: PlanDay = { ...whole.days[0]!, pause: { from: first.to, to: second.from } };
  expect(pausesOf(job, whole, atNoon).filter(({ until }) => until === second.start)).toEqual([]);
});

it("tells why a day is short: what dries over the night", () => {
  // Ten hours after a coat in the morning it is evening: the second is done on the next day.
  const job = jobWith({ recoat_min: 600 });
  const whole = plan(job);
  const [first, second] = [coatOf(whole.steps, 1), coatOf(whole.steps, 2)];
  expect([first.day, second.day]).toEqual([1, 2]);
  expect(whyShort(job, whole, whole.days[0]!)).toMatch(/^Ends at \d\d:\d\d: Kelp on North dries\.$/);
  // The last day has no next one, and a day that is full is not short.
  expect(whyShort(job, whole, whole.days[1]!)).toBeNull();
  const ends = Math.max(...whole.steps.filter(({ day }) => day === 1).map(({ end }) => end % minutesADay));
  const full = { ...job, work: { ...job.work, to: ends + 59 } };
  expect(whyShort(full, whole, whole.days[0]!)).toBeNull();
});

it("lists the days of a job by their dates, what is painted where, and what the first work waits for", () => {
  const job = jobWith({ recoat_min: 600 });
  const agenda = agendaOf(job, plan(job));
  expect(agenda.map(({ date, what, waits }) => [date, what, waits !== null])).toEqual([
    ["2027-01-11", "Kelp on North", false],
    ["2027-01-12", "Kelp on North", true],
  ]);
  const undated = { ...job, work: { ...job.work, start: undefined } };
  expect(agendaOf(undated, plan(undated))).toEqual([]);
});

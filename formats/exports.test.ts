import { readFileSync } from "node:fs";
import Papa from "papaparse";
import { expect, it } from "vitest";
import { parseJobText } from "@/core/job/parseJob";
import { plan } from "@/core/job/plan";
import { csvOf } from "./csv";
import { dayPlanCsv } from "./dayPlanCsv";
import { dayPlanIcs } from "./dayPlanIcs";
import { shoppingCsv } from "./shoppingCsv";

function demo(more: object = {}) {
  const text = readFileSync("docs/examples/ferry-landing.json", "utf8");
  const answer = parseJobText(JSON.stringify({ ...(JSON.parse(text) as object), ...more }));
  if (!answer.ok) throw new Error(JSON.stringify(answer.problems));
  return { job: answer.job, plan: plan(answer.job) };
}
const rowsOf = (csv: string) =>
  Papa.parse<Record<string, string>>(csv, { header: true, skipEmptyLines: true }).data;

it("the day plan as a table has a line for every step, and reads back as written", () => {
  const { job, plan: whole } = demo({ work: { start: "2026-12-03" } });
  const rows = rowsOf(dayPlanCsv(job, whole));
  expect(rows.map((row) => row.what)).toEqual(whole.steps.map(({ say }) => say));
  expect(new Set(rows.map((row) => row.date))).toEqual(new Set(whole.days.map(({ date }) => date)));
  expect(rows.reduce((sum, row) => sum + Number(row.minutes), 0)).toBe(whole.work!.minutes);
  const stair = rowsOf(dayPlanCsv(job, whole, "stair"));
  expect(new Set(stair.map((row) => row.wall))).toEqual(new Set(["", "Stair wall"]));
});

it("the shopping list comes to the plan's cost; a name cannot become a formula", () => {
  const { job, plan: whole } = demo({ supplies: { "tape-24": { price: 4.5 } } });
  const rows = rowsOf(shoppingCsv(job, whole));
  const total = rows.reduce((sum, row) => sum + Number(row[`cost ${job.currency}`] ?? 0), 0);
  expect(total).toBeCloseTo(whole.cost.total, 6);
  const tricky = { ...job, paints: job.paints.map((paint) => ({ ...paint, name: "=1+1" })) };
  expect(rowsOf(shoppingCsv(tricky, whole))[0]!.thing).toBe("'=1+1");
});

it("the looks at a board stand in the calendar at their light, and in no calendar of one wall", () => {
  const boards = [{ id: "b1", of: { paint: "kelp" } }];
  const { job, plan: whole } = demo({ boards, work: { start: "2026-12-07" } });
  const options = { firstDate: "2020-01-01", stamp: Date.UTC(2026, 10, 1) };
  const looks = (calendar: string) =>
    calendar.replace(/\r\n[ \t]/g, "").match(/SUMMARY:Look at board b1 by .*/g) ?? [];
  expect(
    looks(dayPlanIcs(job, whole, options))
      .sort()
      .map((line) => line.trim()),
  ).toEqual([
    "SUMMARY:Look at board b1 by evening light",
    "SUMMARY:Look at board b1 by midday light",
    "SUMMARY:Look at board b1 by morning light",
    "SUMMARY:Look at board b1 by the lamp",
  ]);
  expect(looks(dayPlanIcs(job, whole, { ...options, wall: "counter" }))).toEqual([]);
});

it("the calendar has an event for every step at its own clock time, and the days of care", () => {
  const { job, plan: whole } = demo({ work: { start: "2026-12-31" } });
  const options = { firstDate: "2020-01-01", stamp: Date.UTC(2026, 10, 1) };
  const calendar = dayPlanIcs(job, whole, options);
  expect(dayPlanIcs(job, whole, options)).toBe(calendar);
  const events = calendar
    .replace(/\r\n[ \t]/g, "")
    .split("BEGIN:VEVENT")
    .slice(1);
  expect(events).toHaveLength(whole.steps.length + 2 * whole.work!.care.length);
  const uids = events.map((event) => /UID:(.*)/.exec(event)![1]);
  expect(new Set(uids).size).toBe(uids.length);
  // Thursday 31 December, then Friday, then the Monday after.
  const firstCoat = whole.steps.find(({ kind }) => kind === "paint")!;
  const date = whole.days.find(({ day }) => day === firstCoat.day)!.date!.replaceAll("-", "");
  const event = events[whole.steps.indexOf(firstCoat)]!;
  expect(event).toContain(`DTSTART:${date}T${firstCoat.from.replace(":", "")}00\r\n`);
  expect(event).toContain(`DTEND:${date}T${firstCoat.to.replace(":", "")}00\r\n`);
  const days = new Set(events.slice(0, whole.steps.length).map((one) => /DTSTART:(\d{8})T/.exec(one)![1]));
  expect([...days].slice(0, 3)).toEqual(["20261231", "20270101", "20270104"]);
});

it("a day that ends at midnight ends with the next, and no line of a calendar is longer than 75 bytes", () => {
  const names = {
    name: "Ферри — Übergang ".repeat(8),
    work: { start: "2026-12-31", from: "20:00", to: "24:00" },
  };
  const { job, plan: whole } = demo(names);
  const late = whole.steps.find(({ to }) => to === "24:00")!;
  const { date } = whole.days.find(({ day }) => day === late.day)!;
  const next = new Date(Date.parse(date!) + 86_400_000).toISOString().slice(0, 10).replaceAll("-", "");
  const calendar = dayPlanIcs(job, whole, { firstDate: "2020-01-01", stamp: 0 });
  expect(calendar).toContain(`DTEND:${next}T000000\r\n`);
  const lines = calendar.split("\r\n");
  expect(Math.max(...lines.map((line) => Buffer.byteLength(line)))).toBe(75);
  // Never cut within a character.
  expect(lines.every((line) => Buffer.from(line).toString() === line && !line.includes("\ufffd"))).toBe(true);
  expect(calendar.replace(/\r\n[ \t]/g, "")).toContain(names.name.trim());
});

it("a table holds no cell that a spreadsheet would take for a formula, on whatever line and behind whatever it skips", () => {
  const formulas = [
    '=HYPERLINK("http://ferry.example")',
    "+1+1",
    "-2+3",
    "@SUM(A1)",
    "\t=1+1",
    " =1+1",
    "\ufeff=1+1",
    "\u200e=1+1",
    "a quiet line\n=1+1",
    "a quiet line\r\n @SUM(A1)",
    "\uff1d1+1",
  ];
  const text = csvOf(
    ["what", "=column"],
    formulas.map((formula) => [formula, -3.5]),
  );
  const { data } = Papa.parse<string[]>(text, { skipEmptyLines: true });
  expect(data[0]).toEqual(["what", "'=column"]);
  expect(data.slice(1)).toEqual(formulas.map((formula) => [`'${formula}`, "-3.5"]));
  const plain = ["stripe 1 | stripe 2", "9' 4 3/8\"", "a-b", "half = half", "Kelp, matt\nand more"];
  const back = Papa.parse<string[]>(
    csvOf(
      ["what"],
      plain.map((cell) => [cell]),
    ),
    { skipEmptyLines: true },
  );
  expect(back.data.slice(1)).toEqual(plain.map((cell) => [cell]));
});

import { expect, it } from "vitest";
import { plan } from "@/core/job/plan";
import { oneWall, parsed } from "@/core/job/tests/jobs";
import { ulidOf, writtenEntry } from "@/core/journal/tests/entries";
import { workToTell } from "@/core/plan/workOfStep";
import { journalCsv } from "./journalCsv";

const job = parsed(oneWall({ name: 'Quay, "north"' }, { fit: { by: "count", count: 5 } }));
const planned = plan(job);
const coat = planned.steps.find(({ does }) => does.some(({ act }) => act === "coat"))!;
const at = (minute: number) => `2027-01-12T09:${String(minute).padStart(2, "0")}:00+01:00`;
const linesOf = (...entries: object[]) =>
  journalCsv(job, planned, entries.map((entry) => JSON.stringify(entry)).join("\n"))
    .trim()
    .split("\r\n");

it("tells each in its turn, whatever order it came in: when, who, on which wall, in the step's own words", () => {
  const lines = linesOf(
    writtenEntry(3, at(40), "finished", { work: workToTell(coat) }),
    writtenEntry(2, at(5), "note", { words: "=2+3" }, "Tern"),
  );
  expect(lines[0]).toBe("moment,by,device,kind,wall,what,taken back");
  expect(lines[1]).toMatch(/^2027-01-12T09:05,Tern,d,note,,.*2\+3.*,$/);
  // No table takes what a painter wrote for something to be worked out.
  expect(lines[1]).not.toMatch(/,"?=/);
  expect(lines[2]!.startsWith('2027-01-12T09:40,Wren,d,finished,"Quay, ""north""",')).toBe(true);
  expect(lines[2]).toContain(`Done: ${coat.say.replaceAll('"', '""')}`);
  expect(lines).toHaveLength(3);
});

it("what was taken back stands there as that, and counts again once the taking back is taken back", () => {
  const note = writtenEntry(1, at(1), "note", { words: "Dry by noon" });
  const back = writtenEntry(2, at(2), "withdrawn", { entry: ulidOf(1) });
  expect(linesOf(note, back).slice(1)).toEqual([expect.stringMatching(/Dry by noon,yes$/)]);
  const again = writtenEntry(3, at(3), "withdrawn", { entry: ulidOf(2) });
  expect(linesOf(note, back, again).slice(1)).toEqual([expect.stringMatching(/Dry by noon,$/)]);
});

it("what a later version told is told as such, and what names a wall that is gone names it by its id", () => {
  const later = writtenEntry(1, at(1), "weather-station", { wall: "gone", lux: 4 });
  expect(linesOf(later)[1]).toMatch(
    /,weather-station,gone,Something of a newer kind \(weather-station\)\.,$/,
  );
});

it("speaks of paints and walls by their names and of lengths in the job's own unit", () => {
  const inches = parsed(
    oneWall(
      { name: "Quay wall" },
      { fit: { by: "count", count: 5 } },
      { units: "imperial", paints: [{ id: "kelp", name: "Kelp" }, { id: "oyster" }] },
    ),
  );
  const says = (kind: string, payload: object) =>
    journalCsv(inches, planned, JSON.stringify(writtenEntry(1, at(1), kind, payload))).split("\r\n")[1]!;
  const stock = (amount: number, unit: string, change: string, item = "paint:kelp") =>
    says("stock", { item, amount, unit, change });
  // A fluid ounce is 29.57 ml: 10.14 and 13.86 of them.
  expect(stock(300, "ml", "set")).toContain("Kelp: 10.1 fl oz in the store.");
  expect(stock(2, "pieces", "add", "tape:24")).toContain("Tape 24: 2 more in the store.");
  expect(says("weighed", { paint: "kelp", left_ml: 410 })).toContain("Kelp: 13.9 fl oz left.");
  // 20 and 10 inches.
  expect(says("miss", { finish: "f", place: [508, 254], wall: "w" })).toMatch(
    /Missed on Quay wall: 20[″"]+ along, 10[″"]+ up\./,
  );
  const onCoat = { work: workToTell(coat), verdict: "ground-shows" };
  expect(says("looked", onCoat)).toContain(`Looked, the ground shows: ${coat.say.replaceAll('"', '""')}`);
  expect(says("trouble", { trouble: "torn-edge", wall: "w", place: [1, 1] })).toContain(
    "Trouble on Quay wall: torn edge.",
  );
  // No entry shows the id of another one.
  expect(says("mended", { snag: ulidOf(9) })).not.toContain(ulidOf(9));
});

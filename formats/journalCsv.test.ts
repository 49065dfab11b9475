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

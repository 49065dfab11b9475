import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { runsOf } from "@/core/tests/runsOf";
import { readEntry, readJournal } from "./entry";
import { fold, isFoldable } from "./fold";
import { readKeptJournal, sumWith, writeSum } from "./sum";
import { entryKinds } from "./kinds";
import { formatMoment, parseMoment } from "./moment";
import { entryOf, ulidOf, writtenEntry } from "./tests/entries";

const region = (ids: string[], coat?: number) => [
  { wall: "w", act: "coat", of: "region", ids, ...(coat && { coat }) },
];
const keyOf = (id: string, coat: number | "" = "") => `w coat region ${id} 1 ${coat}`;

describe("a moment", () => {
  it("is its clock's time, and stands in time by its offset", () => {
    // 2027-01-12 is day 20 830: 57 years of which 14 are leap years (1972 ... 2024), and 11 days.
    const day = 57 * 365 + 14 + 11;
    expect(parseMoment("2027-01-12T09:41+01:00")).toEqual({
      day,
      minutes: 9 * 60 + 41,
      instant: day * 1440 + 8 * 60 + 41,
    });
    expect(parseMoment("2027-01-12T00:10:30-03:30")!.instant).toBe(day * 1440 + 10.5 + 210);
    expect(parseMoment("2027-01-12T11:20")!.instant).toBe(parseMoment("2027-01-12T11:20Z")!.instant);
    expect(formatMoment(day, 581)).toBe("2027-01-12T09:41");
    for (const wrong of [
      "2027-02-30T10:00",
      "2027-01-12",
      "2027-01-12T24:00",
      "2027-01-12T10:00+15:00",
      "now",
    ])
      expect(parseMoment(wrong)).toBeNull();
  });
});

describe("the fold of a journal", () => {
  const some = fc
    .array(
      fc.record({
        kind: fc.constantFrom(
          "began",
          "finished",
          "paused",
          "again",
          "skipped",
          "note",
          "withdrawn",
          "sneezed",
        ),
        minute: fc.nat(3000),
        thing: fc.nat(4),
        of: fc.nat(60),
        by: fc.constantFrom("Wren", "Teal", "Rook"),
      }),
      { minLength: 1, maxLength: 60 },
    )
    .map((told) =>
      told.map(({ kind, minute, thing, of, by }, index) => {
        const at = formatMoment(20_000 + Math.floor(minute / 1440), minute % 1440);
        const payload =
          kind === "note"
            ? { words: String(thing) }
            : kind === "withdrawn"
              ? { entry: ulidOf(of) }
              : { work: region([`r${thing}`]) };
        return entryOf(index, at, kind, payload, by);
      }),
    );

  it("is the same for any order of arrival, any repetition and any split into batches", () => {
    fc.assert(
      fc.property(some, fc.infiniteStream(fc.nat()), (entries, picks) => {
        const whole = fold(entries);
        const shuffled = [...entries, ...entries.filter(() => picks.next().value! % 3 === 0)]
          .map((entry) => ({ entry, place: picks.next().value! }))
          .sort((a, b) => a.place - b.place)
          .map(({ entry }) => entry);
        expect(fold(shuffled)).toEqual(whole);
      }),
      runsOf(200),
    );
  });

  it("goes on from what the first entries came to, written and read again, wherever later ones only add to it", () => {
    const sums = { gone: 0, asked: 0 };
    fc.assert(
      fc.property(some, fc.nat(60), (entries, at) => {
        const inTurn = entries.toSorted((a, b) => a.at.instant - b.at.instant || (a.id < b.id ? -1 : 1));
        const [first, rest] = [inTurn.slice(0, at), inTurn.slice(at)];
        const sum = sumWith(first, null);
        if (!sum) return;
        // A withdrawal of what is in the sum asks for all, and so does what was taken back before it was told.
        const known = new Set(rest.map(({ id }) => id));
        const takesBackOf = ({ kind, payload }: (typeof entries)[number], isOfRest: boolean) =>
          kind === "withdrawn" && known.has((payload as { entry: string }).entry) === isOfRest;
        const takesBack =
          rest.some((entry) => takesBackOf(entry, false)) || first.some((entry) => takesBackOf(entry, true));
        expect(isFoldable(rest, sum)).toBe(!takesBack);
        sums[takesBack ? "asked" : "gone"]++;
        if (takesBack) return;
        const { sum: read } = readKeptJournal(`${writeSum(sum)}\n`);
        expect(fold(rest, read)).toEqual(fold(inTurn));
        const onward = sumWith(rest, read);
        if (onward) expect(onward).toEqual(sumWith(inTurn, null));
      }),
      runsOf(200),
    );
    expect(Math.min(sums.gone, sums.asked)).toBeGreaterThan(0);
  });

  it("tells of each piece of work what was said of it last, and takes back what was withdrawn", () => {
    const day = (clock: string) => `2027-01-12T${clock}`;
    const journal = [
      entryOf(1, day("09:00"), "began", { work: region(["a", "b"], 1) }),
      entryOf(2, day("09:30"), "finished", { work: region(["a", "b"], 1) }),
      entryOf(3, day("09:40"), "finished", { work: region(["a"], 1) }),
      entryOf(4, day("10:00"), "again", { work: region(["b"], 1), why: "bled" }),
      entryOf(5, day("10:10"), "finished", { work: region(["c"], 1) }),
      entryOf(6, day("10:20"), "withdrawn", { entry: ulidOf(5), why: "the wrong stripe" }),
    ];
    const { work } = fold(journal);
    expect(work.get(keyOf("a", 1))!.finished!.at.minutes).toBe(570);
    expect(Object.keys(work.get(keyOf("b", 1))!)).toEqual(["again", "before"]);
    expect(work.has(keyOf("c", 1))).toBe(false);
    // A withdrawal is taken back by another one.
    const back = fold([...journal, entryOf(7, day("10:30"), "withdrawn", { entry: ulidOf(6) })]);
    expect(back.work.get(keyOf("c", 1))!.finished!.at.minutes).toBe(610);
    // Told at different places of the earth, what was sooner is sooner.
    const apart = fold([
      entryOf(8, "2027-01-12T12:00+02:00", "air", { temperature: 15, humidity: 60 }),
      entryOf(9, "2027-01-12T11:30+01:00", "air", { temperature: 17, humidity: 50 }, "Teal"),
    ]);
    expect(apart.lists.get("air")).toMatchObject([{ temperature: 15 }, { temperature: 17 }]);
    expect(apart.people).toEqual(["Wren", "Teal"]);
    // Where something is and when it was told are two things.
    const missed = fold([entryOf(10, day("11:00"), "miss", { finish: "f", place: [120, 340] })]).lists.get(
      "miss",
    );
    expect(missed).toMatchObject([{ place: [120, 340], told: { by: "Wren", at: { minutes: 660 } } }]);
  });
});

describe("entries of a foreign hand", () => {
  const good = writtenEntry(1, "2027-01-12T09:00:00+01:00", "note", { words: "x" });
  it("are refused one by one and told where they are wrong; the rest goes in, and unknown kinds are kept", () => {
    const lines = [
      good,
      { ...good, id: "1" },
      { ...good, at: "yesterday" },
      { ...good, kind: "air", temperature: 1e6, humidity: 50 },
      { ...good, words: "y".repeat(5000) },
      { ...good, id: ulidOf(2), kind: "sneezed", loudly: true },
      { ...good, format: "other/1" },
    ];
    const { entries, refused } = readJournal(
      `${lines.map((line) => JSON.stringify(line)).join("\n")}\nnot json\n\n`,
    );
    expect(entries.map(({ kind, isKnown }) => [kind, isKnown])).toEqual([
      ["note", true],
      ["sneezed", false],
    ]);
    expect(entries[1]!.payload).toEqual({ words: "x", loudly: true });
    expect(refused.map(({ line, problems }) => [line, problems[0]!.path])).toEqual([
      [2, "id"],
      [3, "at"],
      [4, "temperature"],
      [5, "words"],
      [7, "format"],
      [8, ""],
    ]);
  });

  it("never make reading throw", () => {
    fc.assert(
      fc.property(fc.anything(), fc.constantFrom(...entryKinds.map(({ kind }) => kind)), (value, kind) => {
        expect(() => readEntry(value)).not.toThrow();
        expect(() => readEntry({ ...good, ...(value as object), kind })).not.toThrow();
      }),
      runsOf(300),
    );
  });
});

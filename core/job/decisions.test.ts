import { readFileSync } from "node:fs";
import { expect, it } from "vitest";
import { fold } from "../journal/fold";
import { entryOf } from "../journal/tests/entries";
import { decisionsOf as decisionsIn } from "./decisions";
import { parseMoment } from "../journal/moment";
import { agreedOf } from "./agreed";
import { plan } from "./plan";
import { planFromNow } from "./planFromNow";
import { takeSet } from "./takeSet";
import { oneWall, parsed } from "./tests/jobs";

const decisionsOf = (job: Parameters<typeof decisionsIn>[0], told: Parameters<typeof decisionsIn>[1]) =>
  decisionsIn(job, told, { steps: [] });
const at = (clock: string) => `2027-01-12T${clock}`;
const sets = parsed(
  oneWall(
    {},
    { fit: { by: "count", count: 4 } },
    {
      sets: [
        { id: "s1", paints: {} },
        { id: "s2", paints: {} },
      ],
    },
  ),
);
const board = (number: number, id: string, of: object) =>
  entryOf(number, at("08:00"), "sample", { board: id, of });
const look = (number: number, id: string, light: string, verdict: string, more: object = {}) =>
  entryOf(number, at(`1${number % 10}:00`), "sample-look", {
    board: id,
    who: "client",
    light,
    verdict,
    ...more,
  });

it("a set is open until it is decided; what is missing are the lights without a yes", () => {
  const [one, two] = decisionsOf(
    sets,
    fold([board(1, "b1", { set: "s1" }), look(2, "b1", "morning", "yes"), look(3, "b1", "lamp", "unsure")]),
  );
  expect(one).toEqual({
    of: { set: "s1" },
    standing: "open",
    missing: ["midday", "evening", "lamp"],
    boards: [{ board: "b1", size: [420, 594] }],
  });
  expect(two).toEqual({
    of: { set: "s2" },
    standing: "open",
    missing: ["morning", "midday", "evening", "lamp"],
  });
});

it("of sets the one that was taken last is agreed, by the words that it was taken with", () => {
  const take = (number: number, of: object) => entryOf(number, at(`1${number}:00`), "decided", { of });
  const cold = take(1, { set: "s1", called: "Cold" });
  const warm = take(2, { set: "s2", called: "Warm" });
  const kelp = take(3, { paint: "kelp" });
  const standing = (...told: Parameters<typeof fold>[0]) =>
    decisionsOf(sets, fold(told)).map((one) => [Object.values(one.of)[0], one.standing, one.called]);
  expect(standing(cold, warm, kelp)).toEqual([
    ["s1", "open", undefined],
    ["s2", "agreed", "Warm"],
    ["kelp", "agreed", undefined],
  ]);
  // Refused after that, neither is: nobody has said yes to the first one anew.
  expect(standing(cold, warm, take(3, { set: "s2", refused: true })).slice(0, 2)).toEqual([
    ["s1", "open", undefined],
    ["s2", "refused", undefined],
  ]);
});

it("right after any set of the demo is taken nothing is otherwise than it was agreed", () => {
  const document = JSON.parse(readFileSync("docs/examples/ferry-landing.json", "utf8")) as Parameters<
    typeof takeSet
  >[0];
  const before = parsed(document);
  for (const { id, name } of before.sets) {
    const agreed = agreedOf(before, ["set", id], plan(before));
    expect(agreed.every(({ tools = [] }) => tools.length > 0)).toBe(true);
    const after = parsed(takeSet(document, before, id, { id: "was", name: "As it was" }));
    const yes = entryOf(1, at("10:00"), "decided", { of: { set: id, called: name }, agreed });
    const { decisions } = planFromNow(after, fold([yes]), parseMoment(at("10:05"))!);
    expect(decisions!.find(({ of }) => of.set === id)).toMatchObject({ standing: "agreed", called: name });
    expect(decisions!.flatMap(({ changed = [] }) => changed)).toEqual([]);
  }
});

it("a no counts at once and keeps its reason, the painter's own does not; what is decided later counts", () => {
  const boards = [board(1, "b1", { set: "s1" }), board(2, "b2", { paint: "kelp" })];
  const no = look(3, "b1", "midday", "no", { words: "too cold by the window" });
  const own = entryOf(4, at("14:00"), "sample-look", {
    board: "b2",
    who: "painter",
    light: "lamp",
    verdict: "no",
  });
  const standing = (...more: Parameters<typeof fold>[0]) =>
    decisionsOf(sets, fold([...boards, no, own, ...more])).map((one) => [
      Object.values(one.of)[0],
      one.standing,
    ]);
  expect(decisionsOf(sets, fold([...boards, no]))[0]).toMatchObject({ words: "too cold by the window" });
  expect(standing()).toEqual([
    ["s1", "refused"],
    ["s2", "open"],
    ["kelp", "open"],
  ]);
  const yes = entryOf(5, at("15:00"), "decided", { of: { set: "s1" }, name: "Wren" });
  expect(standing(yes)[0]).toEqual(["s1", "agreed"]);
  const refused = entryOf(6, at("16:00"), "decided", {
    of: { set: "s1", refused: true },
    words: "the floor",
  });
  expect(standing(yes, refused)[0]).toEqual(["s1", "refused"]);
  expect(standing(yes, refused, entryOf(7, at("16:10"), "withdrawn", { entry: refused.id }))[0]).toEqual([
    "s1",
    "agreed",
  ]);
});

it("by which light nobody has looked yet is looked at from now on, not when the board was dry", () => {
  const tried = parsed(
    oneWall(
      {},
      { fit: { by: "count", count: 4 } },
      { sets: [{ id: "s1", paints: {} }], boards: [{ id: "b1", of: { set: "s1" } }] },
    ),
  );
  const made = entryOf(1, "2027-01-12T15:00", "sample", { board: "b1", of: { set: "s1" } });
  const yes = entryOf(2, "2027-01-19T08:40", "sample-look", {
    board: "b1",
    who: "client",
    light: "morning",
    verdict: "yes",
  });
  const now = parseMoment("2027-01-19T08:41")!;
  const [told] = planFromNow(tried, fold([made, yes]), now).boards!;
  // Midday, evening and lamp of that same day; the morning was looked at.
  expect(told!.looks.filter(({ light }) => light !== "morning")).toMatchObject([
    { light: "midday", date: "2027-01-19", at: "12:30" },
    { light: "evening", date: "2027-01-19", at: "18:00" },
    { light: "lamp", date: "2027-01-19", at: "20:30" },
  ]);
  // Without that word the morning is looked at on the next day, since its hour is over.
  const [unsaid] = planFromNow(tried, fold([made]), now).boards!;
  expect(unsaid!.looks.at(-1)).toMatchObject({ light: "morning", date: "2027-01-20", at: "08:30" });
});

import { expect, it } from "vitest";
import { fold } from "../journal/fold";
import { parseMoment } from "../journal/moment";
import { entryOf } from "../journal/tests/entries";
import { plan } from "./plan";
import { planFromNow } from "./planFromNow";
import { withRecords } from "./withRecords";
import { oneWall, parsed } from "./tests/jobs";
import { trowelledWall } from "./tests/trowelledWall";

let count = 0;
const told = (minute: number, kind: string, payload: object) =>
  entryOf(++count, `2027-01-11T${minute < 10 ? "0" : ""}${minute}:00`, kind, payload);
const now = parseMoment("2027-01-11T17:00")!;

/** Two coats of kelp over a block of 2 x 1 m: what is in the store comes off what is bought. */
const block = parsed(
  oneWall(
    { width: 2400, height: 2400, skirting: 0 },
    {},
    {
      work: { start: "2027-01-11" },
      paints: [{ id: "oyster" }, { id: "kelp", onHand: 100, packs: [{ size: "250 ml", price: 6 }] }],
      supplies: { "tape-24": { onHand: 1 } },
      finishes: [
        {
          id: "f",
          on: "w",
          kind: "blocks",
          blocks: [{ shape: "rectangle", x: 200, y: 200, width: 2000, height: 1000, colour: "kelp" }],
        },
      ],
    },
  ),
);
const storeOf = (...entries: ReturnType<typeof told>[]) =>
  planFromNow(block, fold(entries), now).paint.find(({ colour }) => colour === "kelp")!;

it("what is in the store is what the document says until something is told, and one word after the other from then", () => {
  expect(storeOf().store_ml).toBe(100);
  const stock = (minute: number, change: string, amount: number) =>
    told(minute, "stock", { item: "paint:kelp", amount, unit: "ml", change });
  expect(storeOf(stock(8, "add", 250)).store_ml).toBe(350);
  expect(storeOf(stock(9, "take", 500), stock(8, "add", 250)).store_ml).toBe(0);
  // More than it takes: only that is used of it.
  const whole = storeOf(stock(8, "set", 5000));
  expect(whole.store_ml).toBeCloseTo(whole.need_ml, 6);
  expect(whole.packs).toEqual([]);
});

it("tape told in metres is as many whole rolls as all that was told makes, and never less than none", () => {
  const tape = (minute: number, change: string, amount: number, unit = "m") =>
    told(minute, "stock", { item: "tape:24", amount, unit, change });
  const rollsOf = (...entries: ReturnType<typeof told>[]) =>
    withRecords(block, fold(entries)).supplies["tape-24"]!.onHand;
  // A roll is 41 m. One of the document and one and a half: two whole ones; half a roll more makes the third.
  const more = tape(8, "add", 61.5);
  expect(rollsOf(more)).toBe(2);
  expect(rollsOf(more, tape(9, "add", 20.5))).toBe(3);
  expect(rollsOf(more, tape(9, "take", 1, "pieces"))).toBe(1);
  expect(rollsOf(tape(8, "take", 410))).toBe(0);
});

it("what is counted after the first coat is what is left: with what that took it is what there was", () => {
  const planned = plan(block);
  const need = planned.paint.find(({ colour }) => colour === "kelp")!.need_ml;
  const first = planned.steps.find(({ id }) => id === "w/paint-1-kelp-1")!;
  const work = first.does.map(({ act, wall, of, ids, coat }) => ({ act, wall, of, ids, coat }));
  const done = [told(9, "began", { work }), told(10, "finished", { work })];
  const { store_ml: store, packs } = storeOf(
    ...done,
    told(11, "stock", { item: "kelp", amount: need / 2, unit: "ml" }),
  );
  // Two coats that are alike: half is used, half is there, and nothing is to be bought.
  expect(store).toBeCloseTo(need, 6);
  expect(packs).toEqual([]);
});

const broken = parsed(trowelledWall({}, { work: { start: "2027-01-11" } }));

it("sections count in the order in which they were looked at first, each as it was seen last", () => {
  const look = (minute: number, id: string, seen: object) =>
    told(minute, "section", { finish: "f", section: id, seen });
  const rope = { more: { paint: "rope" } };
  const saidOf = (...entries: ReturnType<typeof told>[]) =>
    planFromNow(broken, fold(entries), now)
      .walls[0]!.findings.filter(({ code }) => code === "sections-drift")
      .map(({ say }) => say);
  expect(saidOf(look(8, "f/c1r1", rope), look(9, "f/c2r1", { more: { paint: "sand" } }))).toEqual([]);
  // 40, 50 and 50 of 100: by hand 46.7 on the average.
  const [say] = saidOf(look(10, "f/c2r1", rope), look(8, "f/c1r1", {}), look(9, "f/c3r1", rope));
  expect(say).toMatch(/^47 % of what is laid is rope, where 40 % is planned/);
  // The second one, looked at again, is as it should be.
  const again = look(12, "f/c3r1", {});
  expect(saidOf(look(8, "f/c1r1", {}), look(9, "f/c3r1", rope), again, look(10, "f/c2r1", {}))).toEqual([]);
});

it("a miss lies where it was seen, on the second wall of a run too, until a coat has gone over it", () => {
  const pearl = parsed({
    format: "jacaranda-job/1",
    name: "Thin places",
    work: { start: "2027-01-11" },
    paints: [{ id: "oyster" }, { id: "mist", material: "pearl-coat" }],
    walls: [
      { id: "w", width: 4000, height: 2500, base: "oyster" },
      { id: "v", width: 3000, height: 2500, base: "oyster" },
    ],
    runs: [{ id: "r", walls: ["w", "v"] }],
    finishes: [{ id: "p", on: "r", kind: "pearl", paint: "mist" }],
  });
  const says = (...entries: ReturnType<typeof told>[]) =>
    planFromNow(pearl, fold(entries), now)
      .steps.filter(({ say }) => /1 marked: 410\b/.test(say))
      .map(({ wall }) => wall);
  const seen = told(12, "miss", { finish: "p", place: [410, 900], wall: "v" });
  expect(says(seen)).toEqual(["v"]);
  const coat = plan(pearl).steps.find(
    ({ wall, does }) => wall === "v" && does.some(({ act, coat }) => act === "coat" && coat === 2),
  )!;
  const work = coat.does.map(({ act, wall, of, ids, coat: manieth, pass }) => ({
    act,
    wall,
    of,
    ids,
    coat: manieth,
    pass,
  }));
  expect(says(seen, told(15, "finished", { work }))).toEqual([]);
});

import { writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { renderToStaticMarkup } from "react-dom/server";
import { expect, it, vi } from "vitest";
import { runPlan } from "@/cli/runPlan";
import { finishOf } from "@/core/finishes/registry";
import { emitPlan } from "@/core/job/emitPlan";
import { stripOfFinish } from "@/core/job/wallsOfFinish";
import { plan } from "@/core/job/plan";
import { parsed } from "@/core/job/tests/jobs";
import { dayPlanCsv } from "@/formats/dayPlanCsv";
import { shoppingCsv } from "@/formats/shoppingCsv";
import { tablesCsv } from "@/formats/tablesCsv";
import { SettingOutSheet } from "@/ui/print/SettingOutSheet";
import { ShoppingList } from "@/ui/print/ShoppingList";
import { FinishFields } from "@/ui/stations/pattern/FinishFields";
import { MiniWall } from "@/ui/wall-view/WallDrawing";

// The two lines with which a finish is registered.
vi.mock("@/core/finishes/list", async (given) =>
  withDiscs(await given(), await import("@/core/finishes/tests/discs/definition")),
);
vi.mock("@/core/finishes/craftList", async (given) =>
  withDiscsCraft(await given(), await import("@/core/finishes/tests/discs/craft")),
);

function withDiscs({ list }: { list: readonly object[] }, { discs }: { discs: object }) {
  return { list: [...list, discs] };
}

function withDiscsCraft({ craftList }: { craftList: object }, { discsCraft }: { discsCraft: object }) {
  return { craftList: { ...craftList, discs: discsCraft } };
}

/** A wall of 2,000 by 1,000 with a hatch from 500 up; discs of 200 every 250: eight, 25 from both ends. */
const document = (finish: object = {}, job: object = {}) => ({
  format: "jacaranda-job/1",
  name: "The Ferry Landing",
  paints: ["oyster", "kelp", "lantern"].map((id) => ({
    id,
    name: `Paint ${id}`,
    touchDry_min: 60,
    packs: [{ size: "250 ml", price: 7 }],
  })),
  walls: [
    {
      id: "w",
      name: "Counter wall",
      width: 2000,
      height: 1000,
      base: "oyster",
      openings: [{ id: "hatch", kind: "window", x: 1000, y: 500, width: 250, height: 300 }],
    },
  ],
  finishes: [
    {
      id: "row",
      on: "w",
      kind: "discs",
      radius: 100,
      gap: 50,
      at: 500,
      colours: ["kelp", "lantern"],
      ...finish,
    },
  ],
  ...job,
});
const planned = (...of: Parameters<typeof document>) => {
  const job = parsed(document(...of));
  return { job, whole: plan(job), wall: plan(job).walls[0]! };
};
/** m2: pi x 0.1 x 0.1. */
const disc = Math.PI / 100;

it("its prints lie in the plan with their exact shares, and the partition stays as it was", () => {
  const { wall } = planned();
  expect(wall.regions.map(({ id, colour }) => [id, colour])).toEqual([["w/wall", "oyster"]]);
  const [prints] = wall.prints!;
  expect(prints).toMatchObject({ finish: "row", counts: { whole: 7, partial: 1 }, loads: 1, minutes: 10 });
  expect(prints!.list.map(({ at }) => at[0])).toEqual([125, 375, 625, 875, 1125, 1375, 1625, 1875]);
  // The fifth stands in the middle of the hatch's lower edge, whose upper half it loses.
  expect(prints!.list[4]).toMatchObject({ id: "row/c5", share: expect.closeTo(0.5, 9), cutBy: ["hatch"] });
  expect(wall.motifs!.map(({ cutouts }) => cutouts[0]!.open_mm2)).toEqual(
    Array(2).fill(expect.closeTo(disc * 1e6, 6)),
  );
  expect(wall.lines.map(({ kind }) => kind)).toEqual(["level"]);
});

it("its own line is marked, also where it lies over another finish and divides nothing", () => {
  const row = document().finishes[0]!;
  const band = { id: "band", on: "w", kind: "bands", bands: [{ from: 100, to: 200, colour: "kelp" }] };
  const { wall } = planned({}, { finishes: [band, row] });
  expect(wall.marks.map(({ at, use }) => [at, use])).toEqual([
    [100, "what is there | band 1"],
    [200, "band 1 | what is there"],
    [500, "the middles of the discs"],
  ]);
});

it("its paint is told by open area with its own spread and tools, its sundry counted, its table filled", () => {
  const { whole } = planned();
  const kelp = whole.paint.find(({ colour }) => colour === "kelp")!;
  // Three discs and a half; at 20 m2 a litre; 25 ml in the dabber; the least jar for touching up.
  expect(kelp).toMatchObject({ area_m2: 0, printed_m2: expect.closeTo(3.5 * disc, 9) });
  expect(kelp.terms.film_ml).toBeCloseTo((3.5 * disc * 1000) / 20, 9);
  expect(kelp.need_ml).toBeCloseTo((3.5 * disc * 1000) / 20 + 25 + 30, 9);
  expect(whole.sundries.find(({ item }) => item === "dabber")).toMatchObject({
    name: "Foam dabber",
    count: 2,
    why: "one a colour, of foam",
  });
  expect(whole.sundries.map(({ item }) => item)).not.toContain("brush");
  const [table] = whole.tables!;
  expect(table!.rows[2]).toEqual({ disc: 3, along: 625, paint: "kelp" });
  expect(table!.cells[2]).toEqual(["3", "625 mm", "Paint kelp"]);
});

it("its steps stand in the day plan in their own words and at their own pace, once what they wait for is over", () => {
  const { whole } = planned({}, { work: { rates: { dabbing_min: 3 } } });
  const dabbing = whole.steps.filter(({ kind }) => kind === "dab");
  expect(dabbing.map(({ say, minutes, does }) => [say, minutes, does[0]!.ids.length])).toEqual([
    ["Counter wall: dab 4 discs in Paint kelp.", 12, 4],
    ["Counter wall: dab 4 discs in Paint lantern.", 12, 4],
  ]);
  expect(dabbing[1]!.start).toBeGreaterThanOrEqual(dabbing[0]!.end + 60);
  const marked = whole.steps.find(({ kind }) => kind === "mark")!;
  expect(dabbing[0]!.start).toBeGreaterThanOrEqual(marked.end);
  expect(dabbing[0]!.cautions).toEqual(["Blot the dabber first."]);
  expect(whole.days[0]!.evening).toContain("Dabbers, damp and wrung out.");
  const after = whole.steps.slice(whole.steps.indexOf(dabbing[1]!) + 1).map(({ kind }) => kind);
  expect(after).toEqual(expect.arrayContaining(["wash-tools", "touch-up", "rub-out", "furniture-back"]));
  expect(whole.steps.filter(({ kind }) => kind === "wash-tools").map(({ colour }) => colour)).toEqual([
    "kelp",
    "lantern",
  ]);
});

it("what takes two people without a break lands where both are free, within a day, or the plan says that it cannot", () => {
  // Four discs at 100 minutes are 400 of the 500 that a day has between setting up and closing.
  const slow = (crew: number, minutes = 100) => ({ work: { crew, rates: { dabbing_min: minutes } } });
  const { whole } = planned({ hands: 2, unbroken: true }, slow(2));
  const dabbing = whole.steps.filter(({ kind }) => kind === "dab");
  expect(dabbing.map(({ minutes, people, unbroken }) => [minutes, people, unbroken])).toEqual(
    Array(2).fill([400, [1, 2], true]),
  );
  for (const { start, end, id, people } of dabbing) {
    expect(start % 1440).toBeGreaterThanOrEqual(8 * 60 + 20);
    expect(end % 1440).toBeLessThanOrEqual(17 * 60 - 20);
    for (const other of whole.steps) {
      const isSame =
        other.id === id || ![other.person, ...(other.people ?? [])].some((one) => people!.includes(one));
      expect(isSame || other.end <= start || other.start >= end, `${id} beside ${other.id}`).toBe(true);
    }
  }
  expect(whole.findings).toEqual([]);
  // Both pairs of hands are counted, each with its setting up and closing.
  const framed = new Set(
    whole.steps.flatMap(({ day, person, people }) =>
      [person, ...(people ?? [])].map((one) => `${day} ${one}`),
    ),
  );
  const hands = whole.steps
    .filter(({ kind }) => kind !== "set-up" && kind !== "close")
    .reduce((sum, { minutes, people = [1] }) => sum + minutes * people.length, 0);
  expect(whole.work!.minutes).toBe(hands + framed.size * 40);
  const saysOf = (finish: object, job: object) =>
    planned(finish, job).whole.findings.map(({ code, severity, say }) => [code, severity, say]);
  expect(saysOf({ hands: 2 }, slow(1))).toEqual(
    ["kelp", "lantern"].map((paint) => [
      "cannot-be-done",
      "stop",
      `Counter wall: dab 4 discs in Paint ${paint}. That takes 2 people at once, and there is one.`,
    ]),
  );
  // 520 minutes are more than a day has: in parts they can be done, without a break they cannot.
  expect(saysOf({ unbroken: true }, slow(1, 130))[0]![2]).toContain(
    "That takes 8 h 40 in one go, and there are 7 h 50 for that at most",
  );
  expect(saysOf({}, slow(1, 130))).toEqual([]);
});

it("its own finding speaks its own words", () => {
  // Three discs of 200 and two gaps of 500 take 1,600 of 2,000.
  const { wall } = planned({ gap: 500 });
  expect(wall.findings.map(({ code, say }) => [code, say])).toEqual([
    ["discs-leave-ends", "3 discs leave 200 mm at each end."],
  ]);
});

it("lists, sheets, cards and drawings show it without knowing it", () => {
  const { job, whole, wall } = planned();
  expect(shoppingCsv(job, whole)).toContain('Foam dabber,"one a colour, of foam"');
  expect(dayPlanCsv(job, whole)).toContain("Counter wall: dab 4 discs in Paint kelp.");
  expect(tablesCsv(job, whole)).toMatch(/Middles of the discs\r\n[^]*1,125 mm,Paint kelp/);
  const sheet = renderToStaticMarkup(
    <SettingOutSheet job={job} plan={whole} wall={job.walls[0]!} planned={wall} version={1} />,
  );
  expect(sheet).toMatch(/Middles of the discs[^]*1375 mm[^]*Paint lantern/);
  expect(sheet).toContain('data-prints="8"');
  expect(renderToStaticMarkup(<ShoppingList job={job} plan={whole} version={1} />)).toContain(
    "2 × Foam dabber",
  );
  const drawing = renderToStaticMarkup(<MiniWall wall={job.walls[0]!} plan={wall} paints={job.paints} />);
  expect(drawing.match(/<path[^>]*matrix\(/g)).toHaveLength(8);
  const [spec] = job.finishes;
  const card = renderToStaticMarkup(
    <FinishFields
      fields={finishOf(spec!.kind).card(spec!, stripOfFinish(job, spec!), job)}
      written={document().finishes[0] as never}
      paints={job.paints}
      units="metric"
      onEdit={() => []}
    />,
  );
  expect(card).toContain("Radius of a disc");
});

it("the command line writes all of it, and draws it", () => {
  const file = join(tmpdir(), `jacaranda-discs-${process.pid}.json`);
  writeFileSync(file, JSON.stringify(document()));
  const run = (...args: string[]) => {
    let [out, complaint] = ["", ""];
    const code = runPlan([file, ...args], {
      print: (text) => (out += text),
      complain: (message) => (complaint += message),
      now: () => 0,
    });
    return { code, out, complaint };
  };
  expect(run()).toEqual({ code: 0, complaint: "", out: emitPlan(plan(parsed(document()))) });
  const { out: svg } = run("--format", "svg", "--wall", "w");
  // Seven whole discs of two arcs; the eighth keeps the lower half, closed by the edge of the hatch.
  const drawn = [...svg.matchAll(/data-print="row\/c(\d)"[^>]* d="([^"]*)"/g)];
  expect(drawn.map(([, number]) => number)).toEqual(["1", "2", "3", "4", "5", "6", "7", "8"]);
  expect(drawn.map(([, , d]) => d!.match(/A100 100/g)!.length)).toEqual([2, 2, 2, 2, 1, 2, 2, 2]);
  expect(run("--format", "csv", "--sheet", "tables").out).toContain("Middles of the discs");
  expect(run("--format", "csv").out).toContain("dab 4 discs");
  expect(run("--wall", "x").code).toBe(2);
});

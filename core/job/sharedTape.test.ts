import { describe, expect, it } from "vitest";
import { plan } from "./plan";
import { oneWall, parsed } from "./tests/jobs";
import type { Plan } from "../plan/planTypes";

/*
 * A zigzag of 2 columns by 2 rows on 2400 x 2000 mm, a line of 24 mm left by the tape, no uprights: rows of kelp, brine and
 * lantern in turn, each parted from the next by one tape on the oyster base. All rows part at a line: one round.
 */
const rows = ["kelp", "brine", "lantern"];
const zigzag = (more: object = {}, coats: Record<string, number> = {}, finish: object = {}): Plan =>
  plan(
    parsed(
      oneWall(
        { width: 2400, height: 2000, skirting: 0 },
        {},
        {
          paints: ["oyster", ...rows].map((id) => ({ id, coats: coats[id] ?? 2 })),
          finishes: [
            {
              id: "z",
              on: "w",
              kind: "chevron",
              columns: { by: "count", count: 2 },
              rows: { by: "count", count: 2 },
              rise: 500,
              lineWidth: 24,
              uprights: false,
              colours: rows,
              ...finish,
            },
          ],
          ...more,
        },
      ),
    ),
  );
const stepOf = ({ steps }: Plan, id: string) => steps.find((step) => step.id === id)!;
const sharedOf = ({ walls }: Plan) => walls[0]!.tape.filter(({ andCuts }) => andCuts !== undefined);

describe("a tape between two colours", () => {
  it("is laid once, and comes off with the last coat of the later of them, while both are wet", () => {
    const answer = zigzag();
    const shared = sharedOf(answer);
    expect(shared.length).toBeGreaterThan(0);
    // Two rows of 2.4 m2 together: 5.3 min of rolling and a few metres along the wall's ends, well within the open time.
    for (const { cuts, andCuts, offIn, laidIn } of shared) {
      expect(laidIn).toBe("w/tape-1");
      const off = stepOf(answer, offIn!);
      expect([cuts, andCuts]).toContain(off.colour);
      expect(off.coat).toBe(2);
      const other = stepOf(answer, `w/paint-1-${off.colour === cuts ? andCuts : cuts}-2`);
      expect(off.start).toBeGreaterThanOrEqual(other.end);
      // An edge stays open for 40 min at 20 C.
      expect(off.end - other.end).toBeLessThanOrEqual(40);
    }
    expect(answer.findings.map(({ code }) => code)).not.toContain("shared-tape");
    expect(answer.steps.some(({ kind }) => kind === "peel")).toBe(false);
  });

  it("waits for the one that has more coats; the other's last coat is put off until then", () => {
    const answer = zigzag({}, { kelp: 2, brine: 3, lantern: 2 });
    for (const { offIn } of sharedOf(answer).filter(({ cuts, andCuts }) =>
      [cuts, andCuts].includes("brine"),
    )) {
      const off = stepOf(answer, offIn!);
      const ends = rows.map(
        (colour) => stepOf(answer, `w/paint-1-${colour}-${colour === "brine" ? 3 : 2}`).end,
      );
      expect(off.end).toBeGreaterThanOrEqual(Math.min(...ends));
      expect(off.colour === "brine" || stepOf(answer, "w/paint-1-brine-3").end <= off.start).toBe(true);
    }
  });

  it("comes off dry and scored where the colours take longer than one of them stays wet, and the plan says so", () => {
    const slow = { work: { rates: { rolling_m2_min: 0.05 } } };
    const answer = zigzag(slow);
    for (const { offIn } of sharedOf(answer)) expect(stepOf(answer, offIn!).kind).toBe("peel");
    const peel = stepOf(answer, "w/peel-1");
    const paints = answer.steps.filter(({ kind }) => kind === "paint");
    for (const { end } of paints) expect(peel.start).toBeGreaterThanOrEqual(end + 60);
    const told = answer.findings.find(({ code }) => code === "shared-tape")!;
    expect([told.severity, told.say.includes("stays wet")]).toEqual(["note", true]);
    // Asked to be peeled wet it is, with the last colour; and the plan offers the school that fits.
    const asked = zigzag({ ...slow, edges: { peel: "wet" } });
    expect(asked.steps.some(({ kind }) => kind === "peel")).toBe(false);
    const check = asked.findings.find(({ code }) => code === "shared-tape")!;
    expect([check.severity, check.change]).toMatchObject([
      "check",
      { path: ["edges"], set: { peel: "dry" } },
    ]);
  });

  it("stays on where one coat goes everywhere first; a wet film is laid anew for each coat", () => {
    const laidIn = (more: object) => new Set(sharedOf(zigzag(more)).map(({ round }) => round));
    expect(laidIn({ school: "coat-by-coat" })).toEqual(new Set([1]));
    expect(laidIn({ edges: { seal: "caulk" } })).toEqual(new Set([1, 2]));
    // That film is peeled wet with every coat, also where the two colours go on in different rounds.
    const uprights = { rows: { by: "count", count: 3 }, uprights: true, colours: ["kelp", "brine"] };
    const wet = zigzag({ edges: { seal: "caulk" } }, {}, uprights);
    expect(wet.steps.some(({ kind }) => kind === "peel")).toBe(false);
    expect(wet.findings.map(({ code }) => code)).not.toContain("shared-tape");
  });

  it("comes off around further coats of what it lies on, whose own tape then lies on what it parted", () => {
    // The lines stay in lantern, which is rolled over the wall first: coats go lantern, brine, lantern, brine.
    const wall = zigzag(
      {
        school: "coat-by-coat",
        edges: { seal: "press" },
        finishes: [
          {
            id: "ground",
            on: "w",
            kind: "blocks",
            blocks: [{ shape: "rectangle", x: -10, y: -10, width: 2500, height: 2100, colour: "lantern" }],
          },
          {
            id: "z",
            on: "w",
            kind: "chevron",
            columns: { by: "count", count: 2 },
            rows: { by: "count", count: 2 },
            rise: 500,
            lineWidth: 24,
            uprights: false,
            colours: ["brine", "lantern"],
          },
        ],
      },
      {},
    ).walls[0]!;
    const ofLines = wall.tape.filter(({ centred }) => centred);
    expect(new Set(ofLines.map(({ laidIn, offIn }) => `${laidIn} ${offIn}`))).toEqual(
      new Set(["w/tape-2 w/paint-2-brine-1", "w/tape-4 w/paint-4-brine-2"]),
    );
    const onBrine = wall.tape.filter(({ over, cuts }) => over === "brine" && cuts === "lantern");
    expect(onBrine.length).toBeGreaterThan(0);
    for (const piece of onBrine)
      expect([piece.laidIn, piece.offIn]).toEqual(["w/tape-3", "w/paint-3-lantern-2"]);
  });
});

import fc from "fast-check";
import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { parseJob, parseJobText } from "./parseJob";
import { emitPlan } from "./emitPlan";
import { plan } from "./plan";
import { oneWall } from "./tests/jobs";
import { runsOf } from "@/core/tests/runsOf";

const problems = (document: unknown) => {
  const answer = parseJob(document);
  return answer.ok ? [] : answer.problems.map(({ path, message }) => `${path}: ${message}`);
};
const good = () => oneWall({}, { fit: { by: "count", count: 5 } });
const changed = (change: (document: ReturnType<typeof good> & Record<string, unknown>) => void) => {
  const document = good();
  change(document);
  return problems(document);
};

describe("parseJob", () => {
  it("takes the demo job and keeps what x- keys say out of the way", () => {
    const text = readFileSync("docs/examples/ferry-landing.json", "utf8");
    expect(parseJobText(text).ok).toBe(true);
    expect(changed((document) => Object.assign(document.walls[0]!, { "x-note": { any: [1] } }))).toEqual([]);
  });

  it.each([
    [
      "a slip in a length",
      (d: ReturnType<typeof good>) => Object.assign(d.walls[0]!, { width: "12 parsecs" }),
      /^walls\[0\]\.width: "12 parsecs" is not a length; expected/,
    ],
    [
      "a wall of nothing",
      (d) => Object.assign(d.walls[0]!, { width: 0 }),
      /^walls\[0\]\.width: 0 is out of range; expected 1 to 100000 mm/,
    ],
    [
      "a wall of a thousand kilometres",
      (d) => Object.assign(d.walls[0]!, { height: 1e9 }),
      /^walls\[0\]\.height: .*out of range/,
    ],
    [
      "a missing height",
      (d) => delete (d.walls[0] as { height?: number }).height,
      /^walls\[0\]\.height: missing; expected a length/,
    ],
    [
      "an unknown key",
      (d) => Object.assign(d.walls[0]!, { colour: "kelp" }),
      /^walls\[0\]\.colour: unknown key/,
    ],
    [
      "an unknown kind",
      (d) => Object.assign(d.finishes[0]!, { kind: "tartan" }),
      /^finishes\[0\]\.kind: .*expected stripes/,
    ],
    [
      "an unknown paint",
      (d) => Object.assign(d.finishes[0]!, { colours: ["kelp", "mauve"] }),
      /^finishes\[0\]\.colours\[1\]: there is no paint "mauve"/,
    ],
    [
      "an unknown wall",
      (d) => Object.assign(d.finishes[0]!, { on: "attic" }),
      /^finishes\[0\]\.on: there is no wall or run "attic"/,
    ],
    [
      "ten thousand stripes",
      (d) => Object.assign(d.finishes[0]!, { fit: { by: "count", count: 10000 } }),
      /^finishes\[0\]\.fit\.count: .*at most 2000/,
    ],
    ["an id twice", (d) => d.walls.push({ ...d.walls[0]! }), /^walls\[1\]\.id: "w" is used twice/],
    [
      "widths that do not pair up",
      (d) => Object.assign(d.finishes[0]!, { widths: [100] }),
      /^finishes\[0\]\.widths: 1 widths for 2 colours/,
    ],
    [
      "an angle of nothing",
      (d) => Object.assign(d.finishes[0]!, { direction: 180 }),
      /^finishes\[0\]\.direction: .*expected less than 180/,
    ],
    [
      "another format",
      (d) => Object.assign(d, { format: "jacaranda-job/9" }),
      /^format: .*expected "jacaranda-job\/1"/,
    ],
  ] as [string, (document: ReturnType<typeof good>) => unknown, RegExp][])(
    "names the path of %s",
    (_, change, expected) => {
      const found = changed(change);
      expect(found).toHaveLength(1);
      expect(found[0]).toMatch(expected);
    },
  );

  it("says everything that is wrong at once", () => {
    expect(
      changed((d) => Object.assign(d.walls[0]!, { width: "wide", skirting: -4, texture: "furry" })),
    ).toHaveLength(3);
  });

  it("refuses hostile documents in words", () => {
    expect(parseJobText("{").ok).toBe(false);
    expect(parseJobText('{"walls": 1e999}').ok).toBe(false);
    expect(parseJobText("[".repeat(100000)).ok).toBe(false);
    expect(parseJobText(`${"[".repeat(3000)}${"]".repeat(3000)}`)).toMatchObject({
      problems: [{ message: /too deeply/ }],
    });
    expect(parseJobText(`"${"x".repeat(5_000_001)}"`)).toMatchObject({ problems: [{ message: /5 MB/ }] });
    const polluted = JSON.stringify(good()).replace('"name"', '"__proto__": {"units": "imperial"}, "name"');
    expect(parseJobText(polluted)).toMatchObject({ ok: false, problems: [{ path: "__proto__" }] });
  });

  it("looks into no document of more than any job has, and tells no more than can be read", () => {
    const message = (document: object) => {
      const answer = parseJob({ ...good(), ...document });
      return answer.ok ? [] : answer.problems.map((problem) => problem.message);
    };
    const walls = (count: number, openings: number) =>
      Array.from({ length: count }, (_, index) => ({
        ...good().walls[0],
        id: `w${index}`,
        openings: Array.from({ length: openings }, () => ({})),
      }));
    expect(message({ walls: walls(199, 400) })).toEqual([
      "holds more than 20000 objects; expected a job document",
    ]);
    // Six keys are missing of each of a thousand openings.
    expect(message({ walls: walls(10, 100) })).toHaveLength(100);
    const keys = (count: number) =>
      Object.fromEntries(Array.from({ length: count }, (_, at) => [`k${at}`, 0]));
    expect(message(keys(400_000))).toEqual(["holds more than 200000 values; expected a job document"]);
    expect(message(keys(1000))).toHaveLength(100);
    expect(message({ "x-mine": Array<number>(150_000).fill(1) })).toEqual([]);
  });

  it("never throws, whatever is put where", () => {
    const keys = fc.constantFrom(
      "walls",
      "paints",
      "finishes",
      "runs",
      "units",
      "tapeDivision",
      "viewingDistance",
      "name",
    );
    const planned = (document: object) => {
      const answer = parseJobText(JSON.stringify(document));
      if (answer.ok) emitPlan(plan(answer.job));
      return answer;
    };
    fc.assert(
      fc.property(
        keys,
        fc.jsonValue(),
        fc.constantFrom(...["width", "openings", "fixtures", "base"]),
        fc.jsonValue(),
        (key, value, wallKey, wallValue) => {
          const document = good() as Record<string, unknown>;
          Object.assign((document.walls as object[])[0]!, { [wallKey]: wallValue });
          planned(document);
          document[key] = value;
          const answer = planned(document);
          if (!answer.ok) expect(answer.problems.length).toBeGreaterThan(0);
        },
      ),
      runsOf(400),
    );
  });
});

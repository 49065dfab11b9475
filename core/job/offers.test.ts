import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { stripOfFinish } from "./wallsOfFinish";
import { parseJob } from "./parseJob";
import { plan } from "./plan";
import { oneWall, parsed, randomJob } from "./tests/jobs";
import { finishOf } from "../finishes/registry";
import { runsOf } from "@/core/tests/runsOf";

const wallOf = (document: object) => plan(parsed(document)).walls[0]!;

function cardOf(document: ReturnType<typeof oneWall>) {
  const job = parsed(document);
  const spec = job.finishes[0]!;
  const strip = stripOfFinish(job, spec);
  return { job, spec, strip, finish: finishOf(spec.kind) };
}

describe("what stripes offer", () => {
  it("every candidate and every cure is a change that holds, and cures what it says it cures", () => {
    fc.assert(
      fc.property(randomJob, (document) => {
        const wall = wallOf(document);
        const apply = (set: Readonly<Record<string, unknown>>) => ({
          ...document,
          finishes: [{ ...document.finishes[0]!, ...set }],
        });
        for (const candidate of wall.fit?.candidates ?? []) {
          const changed = wallOf(apply(candidate.change.set));
          expect(changed.fit!.chosen.boundaries.length).toBe(candidate.boundaries.length);
          candidate.boundaries.forEach((at, index) =>
            expect(changed.fit!.chosen.boundaries[index]).toBeCloseTo(at, 6),
          );
        }
        for (const finding of wall.findings) {
          if (!finding.change) continue;
          const left = wallOf(apply(finding.change.set)).findings.filter(
            (other) =>
              other.code === finding.code &&
              other.at?.join() === finding.at?.join() &&
              other.say === finding.say,
          );
          expect(left, finding.say).toEqual([]);
        }
      }),
      runsOf(60),
    );
  });

  it("ranks candidates by score, with the reasons in words", () => {
    fc.assert(
      fc.property(randomJob, (document) => {
        const { fit } = wallOf(document);
        const scores = fit?.candidates.map((candidate) => candidate.score) ?? [];
        expect(scores).toEqual([...scores].sort((a, b) => b - a));
        for (const candidate of fit?.candidates ?? []) {
          expect(candidate.why.length).toBeGreaterThan(0);
          for (const reason of candidate.why) expect(reason).toMatch(/^[A-Z0-9].*\.$/);
        }
      }),
      runsOf(40),
    );
  });

  it("every choice on the card leads to a document that holds", () => {
    fc.assert(
      fc.property(randomJob, (document) => {
        const { job, spec, strip, finish } = cardOf(document);
        if (strip.corners.length === 0) return;
        for (const field of finish.card(spec, strip, job)) {
          if (field.type !== "choice") continue;
          expect(field.options.filter((option) => option.selected)).toHaveLength(1);
          for (const option of field.options) {
            const changed = { ...document, finishes: [{ ...document.finishes[0]!, ...option.set }] };
            expect(parseJob(changed), JSON.stringify(option)).toMatchObject({ ok: true });
          }
        }
      }),
      runsOf(60),
    );
  });
});

describe("dragging a line", () => {
  const drag = (document: ReturnType<typeof oneWall>, line: number, to: number) => {
    const { job, spec, strip, finish } = cardOf(document);
    const handle = finish.edit(finish.layOut(spec, strip, job)).handles[line];
    return handle?.moveTo({ x: to, y: 0 })?.set ?? null;
  };

  it("keeps divisions whole: the count that brings the line nearest", () => {
    // The third line of stripes 4215 wide pulled to 1200: stripes of 400 are 10.5, so 11 of 383 or 10 of 421; 1200 is nearer 3 x 383.
    const document = oneWall({}, { fit: { by: "near", width: 310, ends: "any" } });
    expect(drag(document, 2, 1200)).toEqual({ fit: { by: "count", count: 11, wish: 310 } });
    expect(drag(document, 99, 1200)).toBeNull();
  });

  it("keeps kept widths: the line stands where it was let go, on a tape division", () => {
    const document = oneWall({}, { fit: { by: "width", width: 310, centre: "joint" } });
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 12 }),
        fc.double({ min: 0, max: 4215, noNaN: true }),
        (line, to) => {
          const set = drag(document, line, to)!;
          const { chosen } = wallOf({ ...document, finishes: [{ ...document.finishes[0]!, ...set }] }).fit!;
          const at = Math.round(to);
          if (at > 0 && at < 4215)
            expect(chosen.boundaries.some((boundary) => Math.abs(boundary - at) < 1e-6)).toBe(true);
        },
      ),
    );
  });
});

import { existsSync, readdirSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { applyChange } from "./applyChange";
import type { SpecChange } from "./editing";
import { usualTapesMm } from "../trade/constants";
import { sheetsAtHand } from "../stencil/library";
import { wallSchema } from "../wall/schema";
import { joinWalls } from "../wall/strip";
import { buildSurface } from "../wall/surface";
import { allFinishes, finishKinds, finishRates, finishSpecs } from "./registry";
import { gather } from "./gather";
import { craftOf } from "./crafts";
import type { AnySpec } from "./registry";
import { runsOf } from "@/core/tests/runsOf";

const paints = ["oyster", "kelp", "brine"];

/** A strip of one or two walls, with a bench for finishes that size themselves from furniture. */
const anyStrip = fc
  .record({
    widths: fc.array(fc.integer({ min: 400, max: 6000 }), { minLength: 1, maxLength: 2 }),
    height: fc.integer({ min: 400, max: 3500 }),
    bench: fc.boolean(),
  })
  .map(({ widths, height, bench }) => {
    const fixtures = bench ? [{ id: "bench", kind: "furniture", x: 50, y: 0, width: 200, height: 150 }] : [];
    const walls = widths.map((width, index) =>
      wallSchema.parse({
        id: `w${index}`,
        base: "oyster",
        width,
        height,
        fixtures: index === 0 ? fixtures : [],
      }),
    );
    return joinWalls(walls, (wall) => buildSurface(wall).surface);
  });

const specOf = (kind: string) => finishSpecs[finishKinds.indexOf(kind as (typeof finishKinds)[number])]!;
const context = {
  tapeDivision: 1,
  viewingDistance: 2500,
  edges: { markAt: "middle", tapes: usualTapesMm },
  stencils: sheetsAtHand([]),
  work: { rates: Object.fromEntries(Object.entries(finishRates).map(([name, { usual }]) => [name, usual])) },
} as const;

describe.each(allFinishes.map((finish) => [finish.kind, finish] as const))("%s", (kind, finish) => {
  const craft = craftOf(kind);
  const start = (strip: Parameters<typeof finish.start>[0]) =>
    specOf(kind).parse({
      id: "f",
      on: "w0",
      kind,
      ...finish.start(strip, paints, "oyster", sheetsAtHand([])),
    }) as AnySpec;

  it("has a folder like every other, and is not asked for by name outside it", () => {
    for (const role of [
      "spec",
      "layout",
      "design",
      "check",
      "edit",
      "definition",
      "craft",
      "tests/arbitrary",
    ]) {
      expect(existsSync(`core/finishes/${kind}/${role}.ts`), role).toBe(true);
    }
  });

  it("starts on any strip with paints and things that are there, and without a stop", () => {
    fc.assert(
      fc.property(anyStrip, (strip) => {
        const spec = start(strip);
        const uses = finish.paints(spec);
        const designs = craft.design(finish.layOut(spec, strip, context));
        // It is put on in paint, or brings its own look.
        expect(uses.length > 0 || designs.some(({ sheets }) => sheets)).toBe(true);
        for (const { id } of uses) expect(paints).toContain(id);
        for (const { path, id } of uses) {
          const at = path.reduce<unknown>(
            (value, key) => (value as Record<string | number, unknown>)[key],
            spec,
          );
          expect(at).toBe(id);
        }
        for (const { id } of finish.things(spec)) expect(id).toBe("bench");
        expect(
          craft.check(finish.layOut(spec, strip, context)).map(({ severity }) => severity),
        ).not.toContain("stop");
        expect(craft.design(finish.layOut(spec, strip, context)).length).toBeGreaterThan(0);
      }),
      runsOf(40),
    );
  });

  it("has a card whose every choice and button leads to a spec that holds", () => {
    fc.assert(
      fc.property(anyStrip, (strip) => {
        const spec = start(strip);
        for (const field of finish.card(spec, strip, context)) {
          const sets =
            field.type === "choice"
              ? field.options.map(({ set }) => set)
              : field.type === "action"
                ? [field.set]
                : [];
          for (const set of sets) {
            expect(
              specOf(kind).safeParse({ ...spec, ...set }).success,
              `${field.label} ${JSON.stringify(set)}`,
            ).toBe(true);
          }
          if (field.type === "choice")
            expect(field.options.filter(({ selected }) => selected)).toHaveLength(1);
        }
      }),
      runsOf(20),
    );
  });
});

/** A document's place that a change may not reach: numbers apart by less than this are one. */
const hair = 1e-3;

describe("taking hold of a finish on the wall", () => {
  it.each(allFinishes.map((finish) => [finish.kind, finish] as const))(
    "%s: what is let go where it was changes nothing on the wall, and what moves freely stays where it was put",
    (kind, finish) => {
      fc.assert(
        fc.property(
          anyStrip,
          fc.nat(200),
          fc.integer({ min: -90, max: 90 }),
          fc.integer({ min: -90, max: 90 }),
          (strip, pick, dx, dy) => {
            const parse = (spec: object) =>
              specOf(kind).safeParse(spec) as { success: boolean; data?: AnySpec };
            const spec = parse({
              id: "f",
              on: "w0",
              kind,
              ...finish.start(strip, paints, "oyster", sheetsAtHand([])),
            }).data!;
            const { handles, tools } = finish.edit(finish.layOut(spec, strip, context));
            expect(new Set(handles.map(({ id }) => id)).size).toBe(handles.length);
            // What is put on in paint can be given another.
            if (finish.paints(spec).length > 0) expect(tools.map(({ id }) => id)).toContain("fill");
            const handle = handles[pick % handles.length];
            if (!handle) return;
            const still = handle.moveTo(handle.at);
            expect(still).not.toBeNull();
            const changed = (by: SpecChange) =>
              by.stencil === undefined
                ? { ...parse(applyChange(spec, by)), laid: context }
                : {
                    success: true,
                    data: spec,
                    laid: {
                      ...context,
                      stencils: context.stencils.map((one) =>
                        one.id === by.stencil ? applyChange(one, by) : one,
                      ),
                    },
                  };
            const unmoved = changed(still!);
            expect(unmoved.success, JSON.stringify(still)).toBe(true);
            const places = finish
              .edit(finish.layOut(unmoved.data!, strip, unmoved.laid))
              .handles.map(({ at: place }) => [place.x, place.y]);
            places.forEach(([x, y], index) => {
              expect(Math.hypot(x! - handles[index]!.at.x, y! - handles[index]!.at.y)).toBeLessThan(hair);
            });
            const { along, at } = handle;
            const by = along ? along.x * dx + along.y * dy : 0;
            const to = along
              ? { x: at.x + along.x * by, y: at.y + along.y * by }
              : { x: at.x + dx, y: at.y + dy };
            const change = handle.moveTo(to);
            const moved = change && changed(change);
            // A move that makes nothing sound (an edge beyond the other one) is refused by the parser at the latest.
            if (
              !moved?.success ||
              handle.nudge ||
              handle.id.startsWith("string") ||
              /radius|from$|to$/.test(handle.id)
            )
              return;
            const now = finish
              .edit(finish.layOut(moved.data!, strip, moved.laid))
              .handles.find(({ id }) => id === handle.id)!;
            expect(Math.hypot(now.at.x - to.x, now.at.y - to.y), handle.id).toBeLessThan(hair);
          },
        ),
        runsOf(60),
      );
    },
  );
});

it("two finishes that bring one name are refused, whatever it stands for", () => {
  expect(gather([{ rag: 1 }, undefined, { brush: 2 }])).toEqual({ rag: 1, brush: 2 });
  expect(() => gather([{ rag: 1 }, { rag: 1 }])).toThrow("Two finishes bring rag");
  expect(gather([JSON.parse('{"constructor":3}') as Record<string, number>])).toEqual({ constructor: 3 });
});

it("every folder of finishes is in the registry", () => {
  const folders = readdirSync("core/finishes", { withFileTypes: true }).filter(
    (entry) => entry.isDirectory() && entry.name !== "tests",
  );
  expect(folders.map(({ name }) => name).sort()).toEqual([...finishKinds].sort());
});

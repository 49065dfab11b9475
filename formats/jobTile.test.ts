import { decode } from "jpeg-js";
import { expect, it } from "vitest";
import { plan } from "@/core/job/plan";
import { hardJob } from "@/core/job/tests/hardJob";
import { oneWall, parsed } from "@/core/job/tests/jobs";
import { sheetsAtHand } from "@/core/stencil/library";
import { drawTile, tileFigures } from "./jobTile";

it("draws the pieces of a colour as one path, to scale, and tells what the job comes to", () => {
  // 3000 x 2600 in 5 stripes of 600: three of kelp; the two of oyster are the base, which is there already.
  const job = parsed(oneWall({ width: 3000, height: 2600 }, { fit: { by: "count", count: 5 } }));
  const whole = plan(job);
  const svg = drawTile(job, whole);
  expect(svg).toContain('viewBox="0 0 3000 2600"');
  const rings = (hex: string) =>
    [...svg.matchAll(new RegExp(`<path fill="${hex}" fill-rule="evenodd" d="([^"]*)"`, "g"))].map(
      ([, d]) => d!.split("M").length - 1,
    );
  const [kelp, oyster] = ["kelp", "oyster"].map((id) => job.paints.find((paint) => paint.id === id)!.hex);
  expect([rings(kelp!), rings(oyster!)]).toEqual([[3], []]);
  // The third stripe from the skirting of 95 to the ceiling, y down.
  expect(svg).toMatch(/M(?=[^Z]*1200 0)(?=[^Z]*1800 2505)[^Z]*Z/);
  expect(tileFigures(job, whole)).toMatchObject({ walls: 1, days: whole.work!.days, trouble: null });
});

it("stays small, however many pieces there are", () => {
  const job = hardJob();
  expect(drawTile(job, plan(job)).length).toBeLessThan(60_000);
});

it("shows what lies on the pieces: sheets side by side, prints, faces of bricks", () => {
  const job = parsed({
    ...oneWall({ width: 3000, height: 2600, skirting: 0, leftEdge: "stop" }, {}),
    stencils: sheetsAtHand([]).filter(({ id }) => id === "buoy"),
    finishes: [
      { id: "p", on: "w", kind: "paper", roll: { width: 500, length: 10050 }, hex: "#123456" },
      {
        id: "s",
        on: "w",
        kind: "stencil-border",
        stencil: "buoy",
        colours: { ring: "brine", float: "lantern", rope: "lantern" },
        along: { level: 1200 },
      },
      { id: "b", on: "w", kind: "brick", colour: "kelp", face: { width: 228, height: 68 } },
    ],
  });
  const svg = drawTile(job, plan(job));
  // Six sheets of 500, from the top to the floor.
  const sheets = /<path fill="#123456"[^>]*d="([^"]*)"/.exec(svg)![1]!;
  expect(sheets.match(/M\d+ 0h500v2600h-500z/g)).toHaveLength(6);
  // Prints run along at 1200 over the floor, 1400 under the top: the ring of a buoy goes 96 around that.
  const rings = [...svg.matchAll(/<path fill="#2F5D62"[^>]*d="([^"]*)"/g)][0]![1]!;
  const ys = [...rings.matchAll(/(\d+) (\d+)/g)].map(([, , y]) => Number(y));
  expect([Math.min(...ys), Math.max(...ys)]).toEqual([1304, 1496]);
  // The first brick hangs from the top.
  expect(svg).toMatch(/M0 0h\d+v68h-\d+z/);
});

it("shows broken colour as it looks, within the wall, and little of it", () => {
  const job = parsed({
    ...oneWall({ width: 3000, height: 2600, skirting: 0, leftEdge: "stop" }, {}),
    finishes: [{ id: "l", on: "w", kind: "limewash", paint: "kelp" }],
  });
  const svg = drawTile(job, plan(job));
  expect(svg).toContain('<clipPath id="c0-0"><path d="M0 2600L3000 2600L3000 0L0 0Z"/></clipPath>');
  const found =
    /<image x="0" y="0" width="3000" height="2600" [^>]*href="data:image\/jpeg;base64,([^"]+)"/.exec(svg)!;
  const { width, height, data } = decode(Buffer.from(found[1]!, "base64"));
  // 160 along the longer side; 2600 of 3000 of them.
  expect([width, height]).toEqual([160, 139]);
  // Clouds: no field of one tone.
  const reds = Array.from(data).filter((_, index) => index % 4 === 0);
  expect(Math.max(...reds) - Math.min(...reds)).toBeGreaterThan(20);
  expect(svg.length).toBeLessThan(12_000);
});

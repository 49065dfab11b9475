import fc from "fast-check";
import polygonClipping from "polygon-clipping";
import { expect, it } from "vitest";
import { polygonContour, signedArea } from "../geometry/contour";
import { pointAt, type Contour } from "../geometry/curve";
import { placeContour } from "../geometry/placeContour";
import { cutWall } from "./cutWall";
import type { Design } from "./pattern";
import { colour, designOf, height, leaf, opening, surfaceOf, width } from "./tests/prints";
import { drawnPattern } from "./drawnPattern";
import { walkWall } from "./walkWall";
import { runsOf } from "@/core/tests/runsOf";

/** Much finer than anything is drawn. */
const ring = (contour: Contour): [number, number][] =>
  contour.flatMap((curve) =>
    Array.from({ length: curve.kind === "arc" ? 150 : 1 }, (_, step): [number, number] => {
      const { x, y } = pointAt(curve, step / 150);
      // The second way loses its head over the last bits of a sine.
      return [Math.round(x * 1e6) / 1e6, Math.round(y * 1e6) / 1e6];
    }),
  );
const areaOf = (polygons: ReturnType<typeof polygonClipping.union>): number =>
  polygons.reduce(
    (sum, [outer, ...holes]) =>
      sum + Math.abs(shoelace(outer!)) - holes.reduce((total, hole) => total + Math.abs(shoelace(hole)), 0),
    0,
  );
const shoelace = (points: readonly [number, number][]): number =>
  points.reduce((sum, [x, y], index) => {
    const [nx, ny] = points[(index + 1) % points.length]!;
    return sum + (x * ny - nx * y) / 2;
  }, 0);

/** A convex piece of the wall as a mitre leaves it: between two slanting lines. */
const mask = fc.record({
  // Never along the edge of the wall, which would cut as much.
  left: fc.integer({ min: -100, max: 500 }).map((left) => left + 0.25),
  wide: fc.integer({ min: 60, max: 900 }),
  lean: fc.constantFrom(-300, -40, 0, 300),
});
const maskContour = ({ left, wide, lean }: { left: number; wide: number; lean: number }) =>
  polygonContour([
    { x: left, y: -400 },
    { x: left + wide, y: -400 },
    { x: left + wide + lean, y: 1300 },
    { x: left + lean, y: 1300 },
  ]);

const pose = fc.record({
  x: fc.integer({ min: -150, max: width + 150 }),
  y: fc.integer({ min: -150, max: height + 150 }),
  turn: fc.constantFrom(0, 90, 180, 37, -61),
  mirrored: fc.boolean(),
});

it("a print's share is what a second way of clipping leaves of it, however it is turned, mirrored and cut", () => {
  fc.assert(
    fc.property(fc.array(pose, { minLength: 1, maxLength: 6 }), fc.option(opening), (poses, hole) => {
      const surface = surfaceOf(hole ? [hole] : []);
      const { placements } = cutWall(surface, [{ finish: "f", design: designOf(poses), offset: 0 }]);
      const shown = new Map(placements.map((placement) => [placement.id, placement]));
      const wall: [number, number][][] = [ring(surface.outline)];
      const holes = surface.covers.map(({ contour }) => [ring(contour)]);
      poses.forEach(({ x, y, ...turned }, index) => {
        const placed = leaf.cutouts.map(({ contours }) =>
          contours.map((contour) => ring(placeContour(contour, { at: { x, y }, ...turned }))),
        );
        const open = placed.map(([outer, ...inner]) =>
          inner.length > 0 ? polygonClipping.difference([outer!], inner) : [[outer!]],
        );
        const all = open.reduce((sum, part) => sum + areaOf(part), 0);
        const left = open.reduce(
          (sum, part) =>
            sum + areaOf(polygonClipping.difference(polygonClipping.intersection(part, [wall]), ...holes)),
          0,
        );
        const share = shown.get(`f/p${index}`)?.share ?? 0;
        // Flattened circles are a little smaller than round ones.
        expect(share).toBeCloseTo(left / all, 3);
        const own = shown.get(`f/p${index}`);
        expect(own?.kept === null).toBe(share === 1);
        if (own?.kept) {
          const kept = own.kept.reduce((sum, { areaM2 }) => sum + areaM2, 0) * 1e6;
          expect(kept).toBeCloseTo(share * all, -2);
          expect(own.cutBy.length).toBeGreaterThan(0);
        }
      });
    }),
    {
      ...runsOf(200),
      examples: [
        // Touches the edge; has the middle of a circle on the chord of its two halves.
        [[{ x: 110, y: 70, turn: 90, mirrored: true }], null],
        [[{ x: 1036, y: -49, turn: -61, mirrored: true }], null],
      ],
    },
  );
});

it("what cuts into a print and what only bends its sheet are told apart", () => {
  const hole = { id: "hatch", kind: "window", x: 500, y: 300, width: 300, height: 300 };
  const at = (x: number, y: number) => ({ x, y, turn: 0, mirrored: false });
  const { placements } = cutWall(surfaceOf([hole]), [
    {
      finish: "f",
      design: designOf([at(300, 300), at(100, 450), at(60, 450), at(420, 740), at(600, 450)]),
      offset: 0,
    },
  ]);
  // The last lies wholly in the hatch.
  expect(placements.map(({ share, cutBy, bends }) => [share === 1, cutBy, bends])).toEqual([
    [true, [], []],
    [true, [], ["left"]],
    [false, ["left"], []],
    [true, [], []],
  ]);
});

it("a run's offset shifts prints to the wall, and effects lie on what shows their paint", () => {
  const surface = surfaceOf([]);
  const pattern = cutWall(surface, [
    { finish: "f", design: designOf([{ x: 3000 + 600, y: 450, turn: 0, mirrored: false }]), offset: 3000 },
  ]);
  expect(pattern.placements).toMatchObject([{ id: "f/p0", at: { x: 600, y: 450 }, share: 1 }]);
  expect(pattern.effects.map(({ id, finish, regions }) => [id, finish, regions])).toEqual([
    ["pearl", "f", ["w/wall"]],
    ["none", "f", []],
  ]);
});

it("the walker shows all that there is, once: regions as large as the surface, prints as large as their shares", () => {
  const hole = {
    id: "o",
    kind: "window",
    shape: "circle",
    x: 500,
    y: 300,
    width: 300,
    height: 300,
    casing: 40,
  };
  const surface = surfaceOf([hole]);
  const poses = [0, 1, 2, 3, 4, 5].map((step) => ({
    x: step * 220,
    y: 40 + step * 150,
    turn: step * 50,
    mirrored: step % 2 === 1,
  }));
  const pattern = cutWall(surface, [{ finish: "f", design: designOf(poses), offset: 0 }]);
  let [regions, prints] = [0, 0];
  const openings: string[] = [];
  const sum = (contours: readonly Contour[]) =>
    contours.reduce((total, contour) => total + signedArea(contour), 0);
  walkWall(surface.wall, drawnPattern(pattern), {
    region: ({ rings }) => void (regions += sum(rings)),
    // The hole of the leaf is drawn as it was given, counter-clockwise like the leaf.
    print: ({ pose }, paint, rings) => {
      const placed = pose ? rings.map((ring) => placeContour(ring, pose)) : rings;
      prints += !pose || paint !== colour ? sum(placed) : signedArea(placed[0]!) - signedArea(placed[1]!);
    },
    brick: () => expect.unreachable(),
    sheet: () => expect.unreachable(),
    tint: (_, paint) => void expect(paint).toBe("mist"),
    opening: ({ id }, _, casing) => void openings.push(`${id} ${casing !== null}`),
  });
  expect(regions).toBeCloseTo(width * height - Math.PI * 190 * 190, 4);
  // Shoelace of the leaf: 12,500, less its hole of 25; the berry of 25 makes up for that.
  const open = 12_500;
  expect(prints).toBeCloseTo(
    pattern.placements.reduce((total, { share }) => total + share * open, 0),
    3,
  );
  expect(openings).toEqual(["o true"]);
});

it("a masked print keeps what lies both on the wall and within its mask, and says that the mask cut it", () => {
  fc.assert(
    fc.property(pose, mask, ({ x, y, ...turned }, shape) => {
      const within = maskContour(shape);
      const design = designOf([{ x, y, ...turned }]);
      const masked = { ...design, placements: design.placements!.map((draft) => ({ ...draft, within })) };
      const offset = 70;
      const shifted = {
        ...masked,
        placements: masked.placements.map((draft) => ({
          ...draft,
          at: { x: draft.at.x + offset, y: draft.at.y },
          within: maskContour({ ...shape, left: shape.left + offset }),
        })),
      };
      const placed = (of: Design, by: number) =>
        cutWall(surfaceOf([]), [{ finish: "f", design: of, offset: by }]).placements[0];
      const own = placed(masked, 0);
      const open = leaf.cutouts.map(({ contours }) => {
        const [outer, ...inner] = contours.map((contour) =>
          ring(placeContour(contour, { at: { x, y }, ...turned })),
        );
        return inner.length > 0 ? polygonClipping.difference([outer!], inner) : [[outer!]];
      });
      const onWall = open.map((part) => polygonClipping.intersection(part, [ring(surfaceOf([]).outline)]));
      const areaWithin = (parts: typeof onWall) => parts.reduce((sum, part) => sum + areaOf(part), 0);
      const left = areaWithin(onWall.map((part) => polygonClipping.intersection(part, [ring(within)])));
      expect(own?.share ?? 0).toBeCloseTo(left / areaWithin(open), 3);
      // The wall beside another of a run has its own x.
      expect(placed(shifted, offset)?.share ?? 0).toBeCloseTo(own?.share ?? 0, 6);
      const isCutByMask = left > 1 && areaWithin(onWall) - left > 1;
      if (own && isCutByMask) expect(own.cutBy).toContain("mitre");
      if (own && left === areaWithin(onWall)) expect(own.cutBy).not.toContain("mitre");
      expect(own && "within" in own).toBeFalsy();
    }),
    runsOf(150),
  );
});

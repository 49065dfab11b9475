import { walkWall } from "@/core/pattern/walkWall";
import { drawnPlan } from "@/core/plan/drawnPlan";
import type { PlanPoint, PlanWall } from "@/core/plan/planTypes";
import { boxOfWall } from "@/core/wall/boxOfWall";
import type { Fixture, Opening, Wall } from "@/core/wall/schema";
import { pathOf } from "./pathOf";
import { printShape, type PrintShape } from "./printShapes";

/** Something to be drawn, as path data in the wall's mm with y down from its top; what is alike is one. */
export type Layer =
  | { readonly kind: "pieces"; readonly paint: string; readonly d: string }
  | {
      readonly kind: "tint";
      readonly effect: string;
      readonly paint: string;
      readonly opacity: number;
      readonly d: string;
    }
  | {
      readonly kind: "sheet";
      readonly n: number;
      readonly hex: string;
      readonly d: string;
      /** Where its pattern repeats. */
      readonly repeats: string;
    }
  | { readonly kind: "bricks"; readonly paint: string; readonly d: string }
  | { readonly kind: "prints"; readonly shapes: readonly PrintShape[] }
  | {
      readonly kind: "opening";
      readonly opening: Opening;
      readonly hole: string;
      readonly casing: string | null;
    }
  | { readonly kind: "fixture"; readonly fixture: Fixture };

const known = new WeakMap<PlanWall, { readonly wall: Wall; readonly layers: readonly Layer[] }>();

/** What is on a wall, from the back to the front; worked out once for a plan, wherever that is drawn. */
export function wallLayers(wall: Wall, plan: PlanWall | null): readonly Layer[] {
  const before = plan && known.get(plan);
  if (before?.wall === wall) return before.layers;
  const layers = gather(wall, plan);
  if (plan) known.set(plan, { wall, layers });
  return layers;
}

function gather(wall: Wall, plan: PlanWall | null): Layer[] {
  const { minY, maxY: top } = boxOfWall(wall);
  const layers = new Map<string, { readonly layer: Layer; readonly parts: string[] }>();
  const put = (layer: Layer, ...key: readonly (string | number)[]) => {
    const name = [layer.kind, ...key].join(" ");
    const own = layers.get(name) ?? { layer, parts: [] };
    layers.set(name, own);
    return own.parts;
  };
  const paths = (rings: readonly (readonly PlanPoint[])[]) => rings.map((ring) => pathOf(ring, top));
  const shapes: PrintShape[] = [];
  walkWall(wall, drawnPlan(plan), {
    region: ({ colour: paint, rings }) =>
      void put({ kind: "pieces", paint, d: "" }, paint).push(...paths(rings)),
    tint: ({ id: effect }, paint, opacity, rings) =>
      void put({ kind: "tint", effect, paint, opacity, d: "" }, effect, paint).push(...paths(rings)),
    sheet: ({ n, from, to, phase }, { finish, hex, repeat }, ring) => {
      const repeats = repeat === null ? "" : repeatsOf({ from, to, phase, repeat, height: top - minY });
      put({ kind: "sheet", n, hex, d: pathOf(ring, top), repeats }, finish, n);
    },
    brick: ({ tone: paint }, ring) =>
      void put({ kind: "bricks", paint, d: "" }, paint).push(pathOf(ring, top)),
    print: (print, paint, rings) => {
      shapes.push(printShape(print, paint, rings));
      put({ kind: "prints", shapes });
    },
    opening: (opening, hole, casing) => {
      const paths = { hole: pathOf(hole, top), casing: casing && pathOf(casing, top) };
      put({ kind: "opening", opening, ...paths }, opening.id);
    },
    fixture: (fixture) => void put({ kind: "fixture", fixture }, fixture.id),
  });
  return [...layers.values()].map(({ layer, parts }) =>
    parts.length === 0 ? layer : ({ ...layer, d: parts.join("") } as Layer),
  );
}

/** A lozenge in the middle of every repeat, as a stand-in for the pattern: where neighbours match is seen by it. */
function repeatsOf({
  from,
  to,
  phase,
  repeat,
  height,
}: {
  readonly from: number;
  readonly to: number;
  readonly phase: number;
  readonly repeat: number;
  readonly height: number;
}): string {
  const [half, middle] = [Math.min(repeat, to - from) * 0.28, (from + to) / 2];
  const parts: string[] = [];
  for (let y = repeat / 2 - phase; y < height + half; y += repeat)
    parts.push(`M${middle} ${y - half}l${half} ${half}l${-half} ${half}l${-half} ${-half}z`);
  return parts.join("");
}

import type { Finding } from "../../findings/finding";
import type { Paint } from "../../paint/schema";
import type { Covered } from "../../pattern/covered";
import { paintingClimate } from "../../trade/constants";
import type { Wall } from "../../wall/schema";
import { openShare } from "../../trade/climate";
import { filmMl } from "../filmMl";
import type { Work } from "../schema";
import type { Section } from "./sections";

/** Where broken colour goes on, and in which air. */
interface BrokenPlace {
  /** What its sections are called after: their finish, and on further walls those. */
  readonly named: string;
  readonly wall: Wall;
  readonly covered: Covered;
  readonly work: Work;
}

/** A coat of broken colour on one wall, and whether its edge can be joined while it is wet. */
export interface BrokenCoat {
  readonly wall: string;
  /** From 1. */
  readonly coat: number;
  /** The paint, or of several tones the one with the largest share. */
  readonly colour: string;
  /** Of all hands together. */
  readonly minutes: number;
  readonly hands: number;
  /** Minutes until what is next to a wet edge is on, and how long that stays wet in this air. */
  readonly frontMin: number;
  readonly openMin: number;
  readonly fits: boolean;
  readonly needMl: number;
  /** The same by paint, where it is put on in several. */
  readonly needOf?: ReadonlyMap<string, number>;
  readonly sections: readonly (Section & { readonly minutes: number; readonly tone?: string })[];
}

/** How long a paint's edge stays wet in the air of the job, minutes. */
export const openMinutes = (paint: Pick<Paint, "openMin">, work: Work): number =>
  paint.openMin * openShare(work);

/** How a coat is worked, beside what the wall says. */
interface Worked {
  readonly coat: number;
  readonly paint: Paint;
  /** m2 a minute of one hand. */
  readonly rate: number;
  readonly hands?: number;
  readonly sections: readonly (Section & { readonly tone?: string })[];
  /** The longest of its sections where it does not say. */
  readonly frontMin?: number;
  /** The shortest of its paints; its own where it does not say. */
  readonly openMin?: number;
  /** By paint, ml; one coat of its own where it does not say. */
  readonly needOf?: ReadonlyMap<string, number>;
}

/** A coat over all that is covered: minutes by the pace, paint by the spread rate, and whether its edge can be joined. */
export function coatOver({ named, wall, covered, work }: BrokenPlace, worked: Worked): BrokenCoat {
  const { coat, paint, rate, hands = 1, needOf } = worked;
  const sections = worked.sections.map((section) => ({
    ...section,
    id: `${named}/${section.id}`,
    minutes: section.areaM2 / (rate * hands),
  }));
  const frontMin = worked.frontMin ?? Math.max(0, ...sections.map(({ minutes }) => minutes));
  const openMin = worked.openMin ?? openMinutes(paint, work);
  return {
    wall: wall.id,
    coat,
    colour: paint.id,
    minutes: covered.areaM2 / rate,
    hands,
    frontMin,
    openMin,
    fits: frontMin <= openMin + 1e-9,
    needMl: needOf
      ? [...needOf.values()].reduce((sum, ml) => sum + ml, 0)
      : filmMl(paint, covered.areaM2, wall.texture),
    ...(needOf && { needOf }),
    sections,
  };
}

/** More hands than this get in each other's way on one front. */
const mostHands = 4;

/** What makes a coat joined after all: more hands on its front, or smaller sections; else it waits for other air. */
export type JoinedBy =
  | { readonly by: "hands" }
  | { readonly by: "sections"; readonly finish: string; readonly sectionM2: number }
  | { readonly by: "air" };

/** What is said of a coat that cannot be joined wet, with the button that cures it where there is one. */
export function cannotJoin(coat: BrokenCoat, joined: JoinedBy): Finding[] {
  const { wall, colour, frontMin, openMin, hands, fits } = coat;
  if (fits) return [];
  const needed = Math.ceil((frontMin * hands) / openMin - 1e-9);
  const by = joined.by === "hands" && needed > mostHands ? "air" : joined.by;
  return [
    {
      code: "cannot-join-wet",
      severity: "check",
      at: null,
      values: {
        wall,
        colour,
        front: frontMin,
        open: openMin,
        hands,
        by,
        needed,
        cooler: coolerBy(frontMin / openMin),
      },
      ...(by === "hands" && {
        cure: { kind: "more-hands", count: needed, path: ["work"], set: { crew: needed } } as const,
      }),
      ...(joined.by === "sections" && {
        cure: {
          kind: "smaller-sections",
          count: joined.sectionM2,
          finish: joined.finish,
          set: { section_m2: joined.sectionM2 },
        } as const,
      }),
    },
  ];
}

/** An edge stays wet twice as long at 10 C less: by how many degrees less it would do. */
function coolerBy(times: number): number {
  const degrees = Math.ceil(10 * Math.log2(times) - 1e-9);
  return Math.min(degrees, paintingClimate.warmest - paintingClimate.coldest);
}

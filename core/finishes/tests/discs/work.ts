import type { FinishPart, PartOfWall, Site } from "../../defineCraft";
import type { Contribution, PaintUse, Table } from "../../../work/contribution";
import { did } from "../../../work/act";
import { waitIfAny, type StepDraft } from "../../../work/step";
import type { DiscsLayout } from "./layout";

/** m2 a litre of a foam dabber over the open area, and what it keeps, ml. */
const dabbed = { spreadRate: 20, toolsMl: 25 } as const;

/** One colour after the other on each wall, the second when the first is dry; a wall's discs of one colour are one step. */
export function workDiscs({ layout, walls }: FinishPart<DiscsLayout>, site: Site): Contribution {
  const { spec } = layout;
  const parts = walls.flatMap((on) =>
    spec.colours.map((colour, index) => ({ on, colour, index, own: printsOf(on, index) })),
  );
  return {
    steps: parts.flatMap(({ on, colour, index, own }): StepDraft[] => {
      if (own.length === 0) return [];
      const { wall } = on;
      const paint = site.paints.get(colour)!;
      const before = waitIfAny(
        `${wall.id}/dab-${index}`,
        "touch-dry",
        site.paints.get(spec.colours[0])!.touchDryMin,
      );
      return [
        {
          id: `${wall.id}/dab-${index + 1}`,
          phase: "colour",
          verb: "dab",
          wall: wall.id,
          colour,
          session: spec.id,
          hands: spec.hands,
          ...(spec.unbroken && { unbroken: true as const }),
          does: [
            did(
              "print",
              "print",
              own.map(({ id }) => id),
              { with: colour, tools: ["dabber"] },
            ),
          ],
          minutes: own.length * site.rate("dabbing_min"),
          after: [...site.ready(wall), before],
          say: { code: "dab", values: { wall: wall.id, discs: own.length, colour } },
          cautions: [{ code: "care-dabber", values: {} }],
          evening: [{ code: "ready-dabbers", values: { colours: [paint.id] } }],
        },
      ];
    }),
    paint: parts.flatMap(({ on, colour, own }): PaintUse[] => {
      const areaM2 = own.reduce((sum, { share }) => sum + share, 0) * openM2(on, spec.radius);
      if (areaM2 === 0) return [];
      const { id, texture } = on.wall;
      return [{ paint: colour, wall: id, texture, areaM2: 0, sealMm: 0, printed: { areaM2, ...dabbed } }];
    }),
    sundries: [{ item: "dabber", amount: new Set(spec.colours).size }],
    tables: [tableOf(spec.id, walls)],
    findings: [],
  };
}

/** The open area of one disc. */
const openM2 = ({ motifs }: PartOfWall, radius: number): number =>
  motifs[0]?.openM2[0] ?? (Math.PI * radius * radius) / 1e6;

const printsOf = ({ placements }: PartOfWall, index: number) =>
  placements.filter(({ motif }) => motif === `disc-${index + 1}`);

/** Where each disc stands, to tick off. */
const tableOf = (id: string, walls: readonly PartOfWall[]): Table => ({
  id: "middles",
  title: { code: "disc-table", values: { id } },
  columns: [
    { key: "disc", label: "Disc", as: "count" },
    { key: "along", label: "Middle, along", as: "length" },
    { key: "paint", label: "Paint", as: "paint" },
  ],
  rows: walls.flatMap(({ placements, motifs }) =>
    placements.map(({ column, at, motif }) => ({
      disc: column,
      along: at.x,
      paint: motifs.find((own) => own.id === motif)!.cutouts[0]!.paint,
    })),
  ),
});

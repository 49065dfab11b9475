import type { Job } from "@/core/job/schema";
import type { PlanMotif, PlanPrints, PlanWall } from "@/core/plan/planTypes";
import { formatDuration, formatError, formatLength } from "@/core/measure/formatLength";
import { byColour } from "@/core/stencil/byColour";
import { cutSheet, type StencilSheet } from "@/core/stencil/cutSheet";
import type { Stencil } from "@/core/stencil/schema";
import type { Wall } from "@/core/wall/schema";
import { Measure } from "@/ui/parts/Measure";
import { visitsOf } from "@/ui/stations/days/visits";
import { SheetDrawing } from "@/ui/stations/pattern/SheetDrawing";
import { columnPx, OrderDiagram } from "./OrderDiagram";
import { PrintHatches, printHatches } from "./PrintedElevation";
import { Row } from "./Row";

interface Props {
  readonly job: Job;
  readonly wall: Wall;
  readonly planned: PlanWall;
}

/** What each finish prints on the wall: how much of it, the legs of a border, the sheets with their marks, and in which order. */
export function Printing({ job, wall, planned }: Props) {
  return planned.prints?.map((prints) => (
    <div key={prints.finish} className="pt-1">
      <p>
        <Measure>{sumOf(prints)}</Measure>
      </p>
      <Legs job={job} planned={planned} finish={prints.finish} />
      <div className="grid grid-cols-2 gap-x-6 gap-y-3 pt-2">
        {sheetsOf(job, planned, prints.finish).map((printed) =>
          overlaysOf(printed.motif).map((overlay) => (
            <OverlaySheet key={`${printed.motif.id} ${overlay}`} {...{ job, wall, overlay, ...printed }} />
          )),
        )}
        {visitsOf({ prints: [prints] }, () => "").map((order) => (
          <OrderDiagram key={order.key} wall={wall} planned={planned} order={order} />
        ))}
      </div>
    </div>
  ));
}

function sumOf({ counts: { whole, partial }, loads, minutes }: PlanPrints): string {
  const prints = partial > 0 ? `${whole} whole prints and ${partial} cut ones` : `${whole} prints`;
  return `${prints} in ${loads} ${loads === 1 ? "load" : "loads"}, ${formatDuration(minutes)} of hands.`;
}

/** The sides of a border with their repeats; a door has none under it. */
function Legs({ job, planned, finish }: Omit<Props, "wall"> & { readonly finish: string }) {
  const printed = planned.prints?.find((prints) => prints.finish === finish)?.list ?? [];
  const all = planned.border?.find((border) => border.finish === finish)?.legs ?? [];
  const legs = all.filter((leg) => printed.some(({ row }) => row === leg.row));
  if (legs.length === 0) return null;
  return (
    <table className="mt-1 w-full border-collapse text-left">
      <thead>
        <Row cells={["Leg", "Length", "Whole repeats", "Each of them", "Seen"]} isHead />
      </thead>
      <tbody>
        {legs.map(({ name, length, repeats, stretch, verdict }) => (
          <Row
            key={name}
            cells={[
              name,
              formatLength(length, job.units),
              String(repeats),
              ...(stretch === 0
                ? ["as cut", ""]
                : [
                    `${formatError(Math.abs(stretch), job.units)} ${stretch > 0 ? "longer" : "shorter"}`,
                    verdict,
                  ]),
            ]}
          />
        ))}
      </tbody>
    </table>
  );
}

interface Printed {
  readonly motif: PlanMotif;
  readonly sheet: StencilSheet;
  /** Of how many pieces it is; colour by colour each is printed in several turns. */
  readonly plastics: number;
  /** The second paint of a colour, by its slot. */
  readonly shades: Readonly<Record<string, string>>;
}

/** The sheets that a finish prints with on this wall, as they are printed: colour by colour each turn is an overlay. */
function sheetsOf({ stencils, finishes }: Job, { motifs = [] }: PlanWall, finish: string): Printed[] {
  const spec = finishes.find(({ id }) => id === finish);
  return motifs
    .filter((motif) => motif.finish === finish)
    .flatMap((motif) => {
      const stencil = stencils.find(({ id }) => motif.id === `${finish}/${id}`);
      if (!stencil || !spec || !("printBy" in spec)) return [];
      // A corner's own sheet is printed whole.
      const isTaken = spec.printBy === "colour" && stencil.id === spec.stencil;
      const printed = isTaken ? byColour(stencil, spec.colours).stencil : stencil;
      return [{ motif, sheet: cutSheet(printed), plastics: stencil.overlays.length, shades: spec.shades }];
    });
}

const overlaysOf = ({ cutouts }: PlanMotif): string[] => [...new Set(cutouts.map(({ overlay }) => overlay))];

interface OverlaySheetProps extends Printed {
  readonly job: Job;
  readonly wall: Wall;
  readonly overlay: string;
}

/** One overlay of a sheet: its holes hatched by what goes through them, and where its marks are. */
function OverlaySheet({ job, wall, motif, sheet, plastics, shades, overlay }: OverlaySheetProps) {
  const nameOf = (id: string) => job.paints.find((paint) => paint.id === id)?.name ?? id;
  const hatchOf = printHatches(job, wall);
  const own = motif.cutouts.filter((cutout) => cutout.overlay === overlay);
  const holes = own.map(({ slot, colour }) => {
    const shade = shades[slot];
    return `${slot} in ${nameOf(colour)}${shade === undefined ? "" : ` shaded in ${nameOf(shade)}`}`;
  });
  const prefix = `sheet-${`${motif.id} ${overlay}`.replace(/[^\w-]/g, "-")}`;
  const { plastic, stencil } = sheet;
  return (
    <figure className="break-inside-avoid">
      <svg width="0" height="0" className="absolute" aria-hidden="true">
        <PrintHatches prefix={prefix} scale={columnPx / (plastic.maxX - plastic.minX)} />
      </svg>
      <SheetDrawing
        sheet={sheet}
        overlay={overlay}
        inkOf={(slot) => {
          const paint = own.find((cutout) => cutout.slot === slot)?.colour;
          return paint === undefined ? "none" : `url(#${prefix}-${hatchOf(paint)})`;
        }}
        className="max-h-56 w-full"
      />
      <figcaption className="pt-0.5 text-[9pt] leading-tight">
        <b>{`${stencil.name ?? stencil.id}, overlay ${overlay}: `}</b>
        <Measure>
          {[`${holes.join("; ")}.`, registersOf(stencil, plastics > 1, job)].filter(Boolean).join(" ")}
        </Measure>
      </figcaption>
    </figure>
  );
}

/** Where the marks are that overlays are laid by, from the sheet's middle. */
function registersOf({ registers }: Stencil, isSeveral: boolean, { units }: Job): string {
  if (registers.length === 0) return isSeveral ? "It has no marks to lay overlays by." : "";
  const away = (mm: number, [more, less]: readonly [string, string]) =>
    Math.abs(mm) < 0.01 ? "" : `${formatLength(Math.abs(mm), units)} ${mm > 0 ? more : less}`;
  const places = registers.map(([x, y]) =>
    [away(x, ["right", "left"]), away(y, ["up", "down"])].filter(Boolean).join(", "),
  );
  return `Marks from its middle: ${places.join("; ")}.`;
}

import { formatArea, formatLength, formatRun, formatSpan, formatVolume } from "@/core/measure/formatLength";
import type { Plan, PlanWall } from "@/core/plan/planTypes";
import type { Job } from "@/core/job/schema";
import type { Wall } from "@/core/wall/schema";
import { Measure } from "@/ui/parts/Measure";
import { packsText } from "@/ui/parts/packsText";
import { boxOfWall } from "@/core/wall/boxOfWall";
import { PrintedElevation, printHatches } from "./PrintedElevation";
import { PlanTables } from "@/ui/parts/PlanTables";
import { PrintedMarks } from "./PrintedMarks";
import { Printing } from "./Printing";
import { PaperSection as Section } from "./PaperSection";
import { Row } from "./Row";
import { TapeTable } from "./TapeTable";

interface Props {
  readonly job: Job;
  readonly plan: Plan;
  readonly wall: Wall;
  readonly planned: PlanWall;
  readonly version: number;
}

/** The sheet that is taped to the wall: elevation, marks, tape and paint, black on white. */
export function SettingOutSheet({ job, plan, wall, planned, version }: Props) {
  const box = boxOfWall(wall);
  const high = box.maxY - box.minY;
  const stops = planned.findings.filter((finding) => finding.severity !== "note");
  return (
    <article className="mx-auto max-w-[820px] bg-white px-4 pb-8 text-[10.5pt] leading-snug text-black print:max-w-none print:p-0">
      <header className="flex items-baseline justify-between border-b-2 border-black pb-1">
        <h1 className="text-[17pt] font-bold">{wall.name ?? wall.id}</h1>
        <p>{`${job.name}, setting-out sheet, version ${version}`}</p>
      </header>
      <p className="py-1.5">
        <Measure>
          {`${formatSpan(wall.width, job.units)} wide, ${formatSpan(high, job.units)} high. To paint: ${formatArea(planned.surface_m2, job.units)}. Tape read to ${formatDivision(job)}. ${datumSentence(wall, planned)}`}
        </Measure>
      </p>
      <PrintedElevation job={job} wall={wall} planned={planned} />
      <Legend job={job} wall={wall} planned={planned} />
      {stops.length > 0 && (
        <Section title="Still to decide">
          <ul className="list-disc pl-5">
            {stops.map((finding, index) => (
              <li key={index}>
                <Measure>{`${finding.say} ${finding.remedy}`}</Measure>
              </li>
            ))}
          </ul>
        </Section>
      )}
      {planned.preparation.length > 0 && (
        <Section title="Before the first coat">
          <ul className="list-disc pl-5">
            {planned.preparation.map(({ kind, step, caution, note }, index) => (
              <li key={index}>
                {[`${kind.replace("-", " ")}${note ? ` (${note})` : ""}: ${step}`, caution]
                  .filter(Boolean)
                  .join(" ")}
              </li>
            ))}
          </ul>
        </Section>
      )}
      <PrintedMarks job={job} wall={wall} planned={planned} />
      {planned.prints && (
        <Section title="Printing">
          <Printing job={job} wall={wall} planned={planned} />
        </Section>
      )}
      <Tape job={job} plan={plan} planned={planned} />
      <PlanTables tables={plan.tables} wall={wall.id} line="border-t border-neutral-400" />
      <PaintOfJob job={job} plan={plan} planned={planned} />
    </article>
  );
}

type PartProps = Pick<Props, "job" | "planned">;

function Tape({ job, plan, planned }: PartProps & Pick<Props, "plan">) {
  const nameOf = (id: string | null | undefined) => job.paints.find((paint) => paint.id === id)?.name ?? "";
  const length = (mm: number) => formatLength(mm, job.units);
  return (
    <Section title="Tape">
      <TapeTable tape={planned.tape} nameOf={nameOf} length={length} />
      {planned.tape.length > 0 && <p className="pt-1">{planned.peel.why}</p>}
      {planned.byHand_m > 0 && (
        <p className="pt-1">
          <Measure>{`Cut in by hand, without tape: ${formatRun(planned.byHand_m, job.units)} of edges.`}</Measure>
        </p>
      )}
      {plan.tapeTotals.map((total) => (
        <p key={total.width} className="pt-1">
          <Measure>{`Whole job, ${length(total.width)} tape: ${formatRun(total.buy_m, job.units)} with laps and tails, ${total.rolls} ${total.rolls === 1 ? "roll" : "rolls"}. Tape lies on what is not being painted.`}</Measure>
        </p>
      ))}
    </Section>
  );
}

/** What this wall's paints come to over the whole job. */
function PaintOfJob({ job, plan, planned }: PartProps & Pick<Props, "plan">) {
  const nameOf = (id: string | null | undefined) => job.paints.find((paint) => paint.id === id)?.name ?? "";
  const sealing = new Set(planned.tape.map(({ seal }) => seal));
  const isUsed = ({ colour, walls }: Plan["paint"][number]) =>
    sealing.has(colour) || walls.some(({ wall }) => wall === planned.id);
  return (
    <Section title="Paint (whole job)">
      <table className="w-full border-collapse text-left">
        <thead>
          <Row
            cells={[
              "Colour",
              "Area",
              "Coats",
              "Film",
              "Seal",
              "Past lines",
              "Tools keep",
              "Touch-up",
              "Need",
              "Buy",
            ]}
            isHead
          />
        </thead>
        <tbody>
          {plan.paint.filter(isUsed).map((paint) => (
            <Row
              key={paint.colour}
              cells={[
                nameOf(paint.colour),
                areaOf(paint) > 0 ? formatArea(areaOf(paint), job.units) : "",
                paint.area_m2 > 0 ? String(paint.coats) : "",
                ...[
                  paint.terms.film_ml,
                  paint.terms.seal_ml,
                  paint.terms.past_ml,
                  paint.terms.tools_ml,
                  paint.terms.touchUp_ml,
                  paint.need_ml,
                ].map((ml) => (ml > 0 ? formatVolume(ml, job.volumes) : "")),
                packsText(paint, job),
              ]}
            />
          ))}
        </tbody>
      </table>
      <p className="pt-1 text-[9pt]">
        The label on the tin always wins. Isolate the circuit before a plate comes off. Stand steps level and
        do not overreach. Old paint may hold lead: test before sanding.
      </p>
    </Section>
  );
}

/** Coated and printed. */
const areaOf = ({ area_m2, printed_m2 = 0 }: Plan["paint"][number]): number => area_m2 + printed_m2;

const printedColours = ({ motifs = [], bricks = [] }: PlanWall): string[] => [
  ...motifs.flatMap(({ cutouts }) => cutouts.map(({ colour }) => colour)),
  ...bricks.flatMap(({ list }) => list.map(({ tone }) => tone)),
];

/** What every reading is taken from. */
function datumSentence({ object, survey }: Wall, { level, survey: planned }: PlanWall): string {
  if (object) return "All readings from the left and the lower edge; never from the last mark.";
  if (survey) {
    const height = planned ? `, ${planned.levelLine.aboveFloorReading} above the floor at the left` : "";
    return `All readings from the left plumb line and from the level line${height}; never from the last mark or a corner.`;
  }
  const line = level ? ` Level line ${level.reading} up from the floor at the left.` : "";
  return `All readings from the left end of the wall and from the floor there; never from the last mark.${line}`;
}

function formatDivision({ tapeDivision, units }: Job): string {
  const inches = tapeDivision / 25.4;
  const denominator = Math.round(1 / inches);
  return units === "imperial" && Math.abs(inches * denominator - 1) < 1e-9
    ? `1/${denominator}"`
    : `${Math.round(tapeDivision * 1000) / 1000} mm`;
}

function Legend({ job, wall, planned }: { job: Job; wall: Wall; planned: PlanWall }) {
  const used = new Set([...planned.regions.map((region) => region.colour), ...printedColours(planned)]);
  const hatchOf = printHatches(job, wall);
  return (
    <ul className="flex flex-wrap gap-x-6 gap-y-1 pt-1">
      {job.paints
        .filter((paint) => used.has(paint.id))
        .map((paint) => (
          <li key={paint.id} className="flex items-center gap-2">
            <svg width="34" height="16" viewBox="0 0 34 16" aria-hidden="true">
              <rect width="34" height="16" fill={`url(#print-${hatchOf(paint.id)})`} stroke="#000" />
            </svg>
            {paint.name}
          </li>
        ))}
      {(planned.effects ?? []).map(({ id, tones }) => (
        <li key={id}>
          {`Worked over it: ${tones.map(({ paint }) => job.paints.find((own) => own.id === paint)!.name).join(", ")}`}
        </li>
      ))}
    </ul>
  );
}

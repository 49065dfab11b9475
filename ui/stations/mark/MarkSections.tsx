"use client";

import type { PlanMark, PlanWall } from "@/core/plan/planTypes";
import { formatLength } from "@/core/measure/formatLength";
import type { Wall } from "@/core/wall/schema";
import { useJob } from "@/ui/job/JobProvider";
import { DataTable } from "@/ui/parts/DataTable";
import type { Column } from "@/ui/parts/tableProps";
import { Measure } from "@/ui/parts/Measure";
import { Section } from "@/ui/parts/Section";
import { madeAlong, measuredFrom } from "@/ui/marks/markWords";
import { tapeRows, type TapeRow } from "./tapeRows";

/** The wall's tape, pieces of one kind in one row. */
export function TapeSection({ plan }: { plan: PlanWall }) {
  const { paints, units } = useJob();
  if (plan.tape.length === 0) return null;
  const nameOf = (id: string | null | undefined) => paints.find((paint) => paint.id === id)?.name ?? "";
  const rows = tapeRows(plan.tape, nameOf, (mm) => formatLength(mm, units));
  const text = (key: keyof TapeRow, label: string, isFigure?: true): Column<TapeRow> => ({
    key,
    label,
    isFigure,
    value: (row) => row[key],
    show: (row) => <Measure>{String(row[key])}</Measure>,
  });
  return (
    <Section name="mark/tape" title="Tape" sum={`${plan.tape.length} pieces`} isFolded>
      <DataTable
        name="Tape"
        columns={[
          text("round", "Round"),
          text("count", "Pieces", true),
          text("each", "Each", true),
          text("lies", "Lies"),
          text("on", "On"),
          text("sealWith", "Seal with"),
        ]}
        rows={rows}
        keyOf={({ id }) => id}
      />
    </Section>
  );
}

/** Further level lines by packing the struck one, with the reading that proves each at the far end. */
export function Lifts({ plan }: { plan: PlanWall }) {
  const lifts = plan.survey?.levelLine.lifts ?? [];
  if (lifts.length === 0) return null;
  return (
    <Section name="mark/lifts" title="Level lines by packing" sum={String(lifts.length)} isFolded>
      <p className="text-[0.9375rem] text-soft">
        Pack the laser or level by so much, and prove it by the floor at the far end.
      </p>
      <DataTable
        name="Level lines by packing"
        columns={[
          {
            key: "reading",
            label: "Pack",
            isFigure: true,
            value: ({ by, reading }) => `${by < 0 ? "▼" : "▲"} ${reading}`,
            show: ({ by, reading }) => <Measure>{`${by < 0 ? "▼" : "▲"} ${reading}`}</Measure>,
          },
          {
            key: "proof",
            label: "Floor at the far end",
            isFigure: true,
            value: ({ proof }) => proof.reading,
            show: ({ proof }) => <Measure>{proof.reading}</Measure>,
          },
          { key: "use", label: "For", value: ({ use }) => use, show: ({ use }) => use },
        ]}
        rows={lifts}
        keyOf={({ by }) => String(by)}
      />
    </Section>
  );
}

/** The lengths of strings from a pin. */
export function Strings({ plan }: { plan: PlanWall }) {
  if (plan.radii.length === 0) return null;
  return (
    <Section name="mark/strings" title="Strings" sum={String(plan.radii.length)}>
      <p className="text-[0.9375rem] text-soft">From the pin at the centre, the longest first.</p>
      <ul className="flex flex-wrap gap-x-5 pt-1 text-lg font-semibold">
        {plan.radii.map(({ reading, shorter }, index) => (
          <li key={index}>
            <Measure>{reading}</Measure>
            {shorter !== undefined && (
              <span className="text-[0.9375rem] font-normal text-soft">
                <Measure>{`, ${shorter} shorter`}</Measure>
              </span>
            )}
          </li>
        ))}
      </ul>
    </Section>
  );
}

/** Where a proof is read, and along which axis: two readings may be one figure. */
const placeOf = (check: PlanMark, wall: Wall): string =>
  check.line === undefined ? check.use : `${madeAlong(check, wall)}, ${measuredFrom(check, wall)}`;

/** Figures that prove what is set out. */
export function Proof({ plan, wall }: { plan: PlanWall; wall: Wall }) {
  if (plan.checks.length + plan.diagonals.length === 0) return null;
  const diagonals = plan.diagonals.map(({ use, reading }) => `${use} ${reading}`).join("; ");
  return (
    <Section name="mark/proof" title="Prove it" isFolded>
      <p className="text-[0.9375rem] text-soft">
        Read the same figures on the far edge. They should agree with the lines.
      </p>
      {plan.diagonals.length > 0 && (
        <p className="pt-1 text-[0.9375rem]">
          <Measure>{`Diagonals, corner to corner: ${diagonals}.`}</Measure>
        </p>
      )}
      <DataTable
        name="Proof"
        columns={[
          {
            key: "reading",
            label: "Reading",
            value: ({ reading }) => reading,
            show: ({ reading }) => (
              <b>
                <Measure>{reading}</Measure>
              </b>
            ),
          },
          {
            key: "place",
            label: "Place",
            value: (check) => placeOf(check, wall),
            show: (check) => placeOf(check, wall),
          },
        ]}
        rows={plan.checks}
        keyOf={({ id }) => id}
      />
    </Section>
  );
}

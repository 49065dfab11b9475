"use client";

import { memo, useId, useState } from "react";
import { formatLength, formatSpan } from "@/core/measure/formatLength";
import type { PlanCandidate, PlanWall } from "@/core/plan/planTypes";
import type { UnitSystem } from "@/core/measure/units";
import type { Paint } from "@/core/paint/schema";
import type { Wall } from "@/core/wall/schema";
import { flattenContour } from "@/core/geometry/flatten";
import { boxOfWall, cornersInsideTrim, cornersOfWall } from "@/core/wall/boxOfWall";
import { openingContour } from "@/core/wall/openingContour";
import { Button } from "@/ui/parts/Button";
import { Section } from "@/ui/parts/Section";
import { pathOf } from "@/ui/wall-view/pathOf";
import { tapingWords } from "./tapingWords";
import { WayList } from "./WayList";

interface Props {
  readonly wall: Wall;
  readonly plan: PlanWall;
  readonly paints: readonly Paint[];
  readonly units: UnitSystem;
  readonly onChoose: (set: Readonly<Record<string, unknown>>) => void;
}

const firstShown = 4;

/** The ranked ways to divide the wall, each drawn as it would look, with its reasons. */
export const CandidateList = memo(function CandidateList({ wall, plan, paints, units, onChoose }: Props) {
  const [isOpen, setOpen] = useState(false);
  const { candidates, chosen, axis } = plan.fit!;
  const span = spanOf(plan);
  const isChosen = (candidate: PlanCandidate) => sameLines(candidate, chosen);
  const shown = isOpen
    ? candidates
    : candidates.filter((candidate, index) => index < firstShown || isChosen(candidate));
  return (
    <Section
      name="pattern/ways"
      title="Ways to divide"
      sum={formatSpan(span, units)}
      action={
        candidates.length > firstShown && (
          <Button look="quiet" className="-mr-3 text-violet" onClick={() => setOpen(!isOpen)}>
            {isOpen ? "fewer" : `all ${candidates.length}`}
          </Button>
        )
      }
    >
      <WayList
        ways={shown.map((candidate) => ({
          key: JSON.stringify(candidate.fit),
          title: titleOf(candidate, units),
          verdict: candidate.verdict,
          why: [tapingWords(candidate.taping, units), ...candidate.why],
          isChosen: isChosen(candidate),
          picture: <LittleWall wall={wall} candidate={candidate} axis={axis} paints={paints} />,
          onChoose: () => onChoose(candidate.change.set),
        }))}
      />
    </Section>
  );
});

function spanOf({ fit }: PlanWall): number {
  const { boundaries, endWidths } = fit!.chosen;
  return (boundaries.at(-1) ?? 0) + endWidths[1];
}

const sameLines = (a: PlanCandidate, b: PlanCandidate): boolean =>
  a.boundaries.length === b.boundaries.length &&
  a.colours[0] === b.colours[0] &&
  a.boundaries.every((at, index) => Math.abs(at - b.boundaries[index]!) < 0.01);

function titleOf({ count, width, module, endWidths }: PlanCandidate, units: UnitSystem): string {
  if (module !== undefined) return `${count} by ${formatLength(module, units)}, the rest shared out`;
  const size = width === null ? "" : ` of ${formatLength(width, units)}`;
  const hasParts = width !== null && endWidths.some((end) => Math.abs(end - width) > 2);
  return `${count}${size}${hasParts ? `, ends ${formatLength(endWidths[0], units)}` : ""}`;
}

interface LittleWallProps {
  readonly wall: Wall;
  readonly candidate: PlanCandidate;
  readonly axis: { normal: [number, number]; start: number };
  readonly paints: readonly Paint[];
}

/** A wall as it would look, drawn from the candidate's lines alone. */
function LittleWall({ wall, candidate, axis, paints }: LittleWallProps) {
  const clip = useId();
  const { minX, maxX, minY, maxY: top } = boxOfWall(wall);
  const [width, height] = [maxX - minX, top - minY];
  const corners = (list: readonly { x: number; y: number }[]) =>
    pathOf(
      list.map(({ x, y }) => [x, y]),
      top,
    );
  const [nx, ny] = axis.normal;
  const reach = 2 * (width + height) + Math.abs(axis.start);
  const edges = [0, ...candidate.boundaries, reach];
  const corner = (c: number, along: number): [number, number] => [nx * c - ny * along, ny * c + nx * along];
  return (
    <svg
      viewBox={`${minX} 0 ${width} ${height}`}
      className="mt-0.5 h-12 w-[74px] shrink-0"
      aria-hidden="true"
    >
      <clipPath id={clip}>
        <path d={corners(cornersInsideTrim(wall))} />
      </clipPath>
      <path d={corners(cornersOfWall(wall))} fill="#fdfaf3" />
      <g clipPath={`url(#${clip})`}>
        {candidate.colours.map((colour, index) => {
          const [from, to] = [axis.start + edges[index]!, axis.start + edges[index + 1]!];
          const points = [corner(from, -reach), corner(to, -reach), corner(to, reach), corner(from, reach)];
          return (
            <path
              key={index}
              d={pathOf(points, top)}
              fill={paints.find((paint) => paint.id === colour)?.hex}
            />
          );
        })}
      </g>
      {wall.openings.map((opening) => (
        <path
          key={opening.id}
          d={pathOf(
            flattenContour(openingContour(opening, opening.casing)).map(({ x, y }) => [x, y]),
            top,
          )}
          fill="#f7f3ea"
        />
      ))}
      <path
        d={corners(cornersOfWall(wall))}
        fill="none"
        stroke="#2b1f33"
        strokeOpacity="0.5"
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}

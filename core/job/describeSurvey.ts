import { preparationFor } from "../findings/preparation";
import { describeReason, type Reason } from "../findings/reasons";
import type { Speech } from "../findings/speech";
import { formatReading } from "../measure/formatReading";
import { roundToDivision } from "../measure/roundToDivision";
import type { LineTaper } from "../setout/checkTapers";
import type { LevelLineAdvice } from "../setout/adviseLevelLine";
import type { WallLine } from "../pattern/pattern";
import { judgeDatums, type JudgedDatum } from "../wall/judgeDatums";
import type { Surface } from "../wall/surface";
import type { PlanDatum, PlanSurvey, PlanWall } from "../plan/planTypes";
import { mendingOf } from "../work/room/mending";
import { isBareWood } from "./isBareWood";
import type { OrderedWall } from "./orderedWall";
import type { Job } from "./schema";

const sideWords = { bottom: "floor", top: "ceiling", left: "left", right: "right" } as const;

/** What the survey says: where the level line is and how to prove it, and what each datum would do to a line. */
export function describeSurvey(
  job: Pick<Job, "units" | "tapeDivision" | "viewingDistance">,
  surface: Surface,
  level: LevelLineAdvice,
  tapers: readonly LineTaper[],
  lines: readonly WallLine[],
  speech: Speech,
): PlanSurvey {
  const reading = (mm: number) => formatReading(roundToDivision(Math.abs(mm), job.tapeDivision), job.units);
  const judgedAt = surface.wall.judgeAt ?? worstLevelLine(tapers) ?? level.at;
  const advice = judgeDatums(surface, judgedAt, job.viewingDistance);
  return {
    levelLine: {
      at: level.at,
      aboveFloor: level.aboveFloor,
      aboveFloorReading: reading(level.aboveFloor),
      crosses: [...level.crosses],
      better: level.better === null ? null : { at: level.better, reading: reading(level.better) },
      ticks: level.ticks.map(({ tool, every }) => ({ tool, every, reading: reading(every) })),
      proof: { ...level.proof, reading: reading(level.proof.down) },
      lifts: surface.wall.survey ? liftsOf(lines, level, reading) : [],
    },
    judgedAt,
    datums: (advice?.datums ?? []).map((datum): PlanDatum => ({
      ...datum,
      recommended: datum.choice === advice!.recommended,
      why: describeReason(reasonOf(datum), speech),
    })),
    tapers: tapers.map(({ line, side, first, last, verdict }) => ({
      line: line.id,
      use: line.use,
      against: sideWords[side],
      first,
      last,
      verdict,
    })),
  };
}

/**
 * The level lines of the pattern as packs under the struck line (or hung from it): how high each is, and what the floor at the
 * far end then reads, which proves it.
 */
function liftsOf(
  lines: readonly WallLine[],
  { at, proof }: LevelLineAdvice,
  reading: (mm: number) => string,
): PlanSurvey["levelLine"]["lifts"] {
  const heights = new Map(
    lines.flatMap(({ kind, path, use }) => (kind === "level" ? [[path.a.y, use] as const] : [])),
  );
  return [...heights]
    .sort(([a], [b]) => a - b)
    .map(([y, use]) => {
      const [by, down] = [y - at, proof.down + y - at];
      return { use, by, reading: reading(by), proof: { x: proof.x, down, reading: reading(down) } };
    });
}

/** The height of the pattern's level line whose wedge shows most. */
function worstLevelLine(tapers: readonly LineTaper[]): number | undefined {
  const order = ["won't show", "may show", "will show"] as const;
  return tapers
    .filter(({ line }) => line.kind === "level")
    .reduce<LineTaper | undefined>(
      (worst, taper) =>
        worst && order.indexOf(worst.verdict) >= order.indexOf(taper.verdict) ? worst : taper,
      undefined,
    )?.line.path.a.y;
}

function reasonOf({ choice, against, rise, verdict }: JudgedDatum): Reason {
  switch (choice) {
    case "level":
      return { code: "datum-level", values: { against, verdict } };
    case "split":
      return { code: "datum-split", values: { against, rise, verdict } };
    case "floor":
    case "ceiling":
      return { code: "datum-follow", values: { surface: choice, rise } };
    default:
      return choice satisfies never;
  }
}

/** The preparation that the wall's condition asks for, in the order in which it was noted. */
export function describePreparation(on: Pick<OrderedWall, "wall" | "laid">): PlanWall["preparation"] {
  const isBare = isBareWood(on);
  return on.wall.conditions.map((condition) => ({
    kind: condition.kind,
    at: condition.at ?? null,
    ...(condition.note !== undefined && { note: condition.note }),
    ...preparationFor[mendingOf(condition, isBare)],
  }));
}

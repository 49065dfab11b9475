"use client";

import "@/ui/journal/telling";
import { toldOf } from "@/core/journal/defineKind";
import { sample } from "@/core/journal/kinds/sample";
import { lights, sampleLook } from "@/core/journal/kinds/sampleLook";
import { litColour } from "@/core/look/litColour";
import type { Plan, PlanDecision } from "@/core/plan/planTypes";
import { useHappened, useJob, useJournal, usePlan } from "@/ui/job/JobProvider";
import { PlacePencil } from "@/ui/wall-view/PlacePencil";
import type { LayerFrame } from "@/ui/wall-view/WallStage";
import { besideGapPx, besidePx } from "./boardsBeside";
import { subjectOfBoard, type BoardSubject, type Look } from "./boardSubjects";
import { useLookState } from "./lookState";

type Pinned = NonNullable<PlanDecision["boards"]>[number] & Pick<PlanDecision, "of" | "standing">;

/** The boards that hang on a wall or nowhere on any, with what they are of. */
const pinnedAt = ({ decisions = [] }: Pick<Plan, "decisions">, wall: string): Pinned[] =>
  decisions
    .flatMap(({ of, standing, boards = [] }) => boards.map((board) => ({ ...board, of, standing })))
    .filter((board) => board.wall === undefined || board.wall === wall)
    .sort((a, b) => a.board.localeCompare(b.board, "en", { numeric: true }));

interface Props {
  readonly wallId: string;
  readonly frame: LayerFrame;
}

/** Painted boards to scale, where they hang on the wall or beside it, and the pencil that pins one up. */
export function PinnedBoards({ wallId, frame }: Props) {
  const plan = usePlan();
  const happened = useHappened();
  const journal = useJournal();
  const pinning = useLookState((state) => state.pinning);
  const pin = useLookState((state) => state.pin);
  const looks = toldOf(happened, sampleLook).filter(({ who }) => who === "client");
  const made = toldOf(happened, sample).findLast(({ board }) => board === pinning);
  const hang = (x: number, y: number) => {
    const { told: _, ...payload } = made!;
    const place = [Math.round(x), Math.round(y)];
    journal.tell([{ kind: sample.kind, payload: { ...payload, wall: wallId, place } }]);
    pin(null);
  };
  return (
    <>
      {placed(pinnedAt(plan, wallId), frame).map((at) => (
        <OneBoard
          key={at.board.board}
          {...at}
          looks={looks.filter(({ board }) => board === at.board.board)}
        />
      ))}
      {made && (
        <PlacePencil
          label={`Where board ${made.board} hangs`}
          frame={frame}
          onSet={({ x, y }) => hang(x, y)}
          onCancel={() => pin(null)}
        />
      )}
    </>
  );
}

interface Placed {
  readonly board: Pinned;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Under a board stands what it is called, px. */
const namePx = 20;
/** The middle of what hangs beside a wall is at about eye height, mm from its foot. */
const hungMm = 1500;

/** Each where it hangs; those beside the wall one under the other, as far as the stage goes. */
function placed(boards: readonly Pinned[], { x, y, view, size, box }: LayerFrame): Placed[] {
  let top: number | null = null;
  return boards.flatMap((board): Placed[] => {
    const [width, height] = board.size.map((mm) => mm * view.scale) as [number, number];
    if (board.at)
      return [{ board, x: x(board.at[0]) - width / 2, y: y(board.at[1]) - height / 2, width, height }];
    const by = Math.min(1, besidePx / width);
    const own = { width: width * by, height: height * by };
    const left = x(box.maxX) + besideGapPx;
    top ??= Math.max(8, y(box.minY + hungMm) - own.height);
    const place = { board, x: left, y: top, ...own };
    top += own.height + namePx + 8;
    return left + own.width > size.width || top > size.height ? [] : [place];
  });
}

function OneBoard({ board, x, y, width, height, looks }: Placed & { readonly looks: readonly Look[] }) {
  const job = useJob();
  const plan = usePlan();
  const lighting = useLookState((state) => state.lighting);
  const subject = subjectOfBoard(board.of, job, plan);
  const seen = lights.flatMap((light) => {
    const verdict = looks.findLast((look) => look.light === light)?.verdict;
    return verdict ? [`${light} ${verdict}`] : [];
  });
  const stripes = stripesOf(subject, plan, job.paints);
  return (
    <g
      role="img"
      aria-label={`Board ${board.board}, of ${subject.label}${seen.length > 0 ? `: ${seen.join(", ")}` : ""}`}
      pointerEvents="none"
    >
      <rect x={x + 2} y={y + 3} width={width} height={height} className="fill-ink/25" />
      <rect x={x} y={y} width={width} height={height} className="fill-paper" />
      {stripes.map(({ hex, from: at, share }, index) => (
        <rect
          key={index}
          x={x + at * width}
          y={y}
          width={share * width + 0.3}
          height={height}
          fill={litColour(hex, lighting)}
        />
      ))}
      <rect x={x} y={y} width={width} height={height} fill="none" className="stroke-ink/40" />
      {board.standing === "refused" && (
        <line x1={x} y1={y + height} x2={x + width} y2={y} className="stroke-brick" strokeWidth={2} />
      )}
      <circle cx={x + width / 2} cy={y + 5} r={3} className="fill-box stroke-ink/60" />
      <text
        x={x + width / 2}
        y={y + height + 15}
        textAnchor="middle"
        fontSize={13}
        className="fill-ink stroke-paper font-semibold"
        strokeWidth={3}
        paintOrder="stroke"
      >
        {board.board}
      </text>
    </g>
  );
}

interface Stripe {
  readonly hex: string;
  /** Of the board's width. */
  readonly from: number;
  readonly share: number;
}

/** What of a board's width each colour takes: of a set as it is in the pattern, of anything else alike. */
function stripesOf(
  { set, swatches }: BoardSubject,
  { sets = [] }: Plan,
  paints: readonly { readonly id: string; readonly hex: string }[],
): Stripe[] {
  const shares = Object.entries(sets.find(({ id }) => id === set)?.shares ?? {}).flatMap(([id, share]) => {
    const hex = paints.find((paint) => paint.id === id)?.hex;
    return hex ? [{ hex, share }] : [];
  });
  const all = shares.reduce((sum, { share }) => sum + share, 0);
  const parts =
    all > 0
      ? shares.map(({ hex, share }) => ({ hex, share: share / all }))
      : swatches.map((hex) => ({ hex, share: 1 / swatches.length }));
  let from = 0;
  return parts.map((part) => {
    from += part.share;
    return { ...part, from: from - part.share };
  });
}

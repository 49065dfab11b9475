"use client";

import { lazy, Suspense, useState } from "react";
import type { PlanPaint } from "@/core/plan/planTypes";
import { usePlan } from "@/ui/job/JobProvider";
import { FoldedChips, foldOf } from "./FoldedChips";

const OpenedPaints = lazy(() =>
  import("./OpenedPaints").then(({ OpenedPaints }) => ({ default: OpenedPaints })),
);

/** How many paints are folded away; opens the table of all of them, which is loaded when it is first asked for. */
export function PaintFold({ folded }: { folded: readonly PlanPaint[] }) {
  const { paint } = usePlan();
  const [isAsked, setAsked] = useState(false);
  const closed = (
    <button
      {...foldOf(folded, paint)}
      type="button"
      aria-haspopup="dialog"
      aria-expanded={false}
      onClick={() => setAsked(true)}
    >
      <FoldedChips folded={folded} />
    </button>
  );
  return isAsked ? (
    <Suspense fallback={closed}>
      <OpenedPaints folded={folded} />
    </Suspense>
  ) : (
    closed
  );
}

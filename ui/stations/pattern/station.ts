import dynamic from "next/dynamic";
import type { PlanWall } from "@/core/plan/planTypes";
import { findingsAt } from "@/ui/job/findingsAt";
import { standingOf, type Station } from "../station";

export const pattern: Station = {
  slug: "pattern",
  title: "Pattern",
  Layer: dynamic(() => import("./PatternLayer").then((module) => module.PatternLayer)),
  unfoldsRun: true,
  standing({ wall }) {
    const findings = findingsAt(wall, "pattern").map(({ finding }) => finding);
    return standingOf(findings, wall !== null && hasFinish(wall));
  },
};

/** Whether something lies on the wall, whatever it is made of. */
const hasFinish = ({ regions, prints = [], bricks = [], sheets = [], effects = [] }: PlanWall): boolean =>
  regions.some(({ finish }) => finish !== null) ||
  prints.length > 0 ||
  bricks.length > 0 ||
  sheets.length > 0 ||
  effects.length > 0;

import dynamic from "next/dynamic";
import { findingsAt } from "@/ui/job/findingsAt";
import { standingOf, type Station } from "../station";

export const measure: Station = {
  slug: "measure",
  title: "Measure",
  Card: dynamic(() => import("./MeasureCard").then(({ MeasureCard }) => MeasureCard)),
  Layer: dynamic(() => import("./MeasureLayer").then(({ MeasureLayer }) => MeasureLayer)),
  standing({ wall }) {
    const findings = findingsAt(wall, "wall").map(({ finding }) => finding);
    return standingOf(findings, wall?.survey != null);
  },
};

import dynamic from "next/dynamic";
import { findingsAt } from "@/ui/job/findingsAt";
import { standingOf, type Station } from "../station";

export const measure: Station = {
  slug: "measure",
  title: "Measure",
  Layer: dynamic(() => import("./MeasureLayer").then((module) => module.MeasureLayer)),
  standing({ wall }) {
    const findings = findingsAt(wall, "wall").map(({ finding }) => finding);
    return standingOf(findings, wall?.survey != null);
  },
};

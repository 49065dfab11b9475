import dynamic from "next/dynamic";
import { standingOf, type Station } from "../station";

export const paint: Station = {
  slug: "paint",
  title: "Paint",
  Layer: dynamic(() => import("./PaintLayer").then((module) => module.PaintLayer)),
  standing({ plan }) {
    // What came out on the way and is to be decided; done, when nothing is left to do.
    const isDone = plan.now !== undefined && plan.steps.length > 0 && plan.next?.length === 0;
    const found = plan.findings.filter(({ code }) => code === "runs-out" || code === "drifts");
    return standingOf(found, isDone);
  },
};

import dynamic from "next/dynamic";
import { standingOf, type Station } from "../station";

export const days: Station = {
  slug: "days",
  title: "Days",
  Layer: dynamic(() => import("./DaysLayer").then((module) => module.DaysLayer)),
  Below: dynamic(() => import("./TimeChart").then((module) => module.TimeChart)),
  standing({ plan }) {
    const findings = plan.findings.filter(({ about }) => about === "work");
    // Planned, once the days have their dates.
    return standingOf(findings, plan.days.length > 0 && plan.days.every(({ date }) => date !== null));
  },
};

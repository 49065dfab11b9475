import dynamic from "next/dynamic";
import type { Plan } from "@/core/plan/planTypes";
import { standingOf, type Station } from "../station";

export const buy: Station = {
  slug: "buy",
  title: "Buy",
  Layer: dynamic(() => import("./BuyLayer").then((module) => module.BuyLayer)),
  standing({ plan }) {
    const findings = plan.findings.filter(({ about }) => about === "buying");
    return standingOf(findings, plan.paint.length > 0 && isAllThere(plan));
  },
};

/** Whether the store holds everything already. */
const isAllThere = ({ paint, sundries }: Plan): boolean =>
  paint.every(({ packs }) => packs.length === 0) && sundries.every(({ buy }) => buy === 0);

import dynamic from "next/dynamic";
import type { Plan, PlanWall } from "@/core/plan/planTypes";
import { roomForBoards } from "./boardsBeside";
import { standingOf, type Station } from "../station";

export const colour: Station = {
  slug: "colour",
  title: "Colour",
  room: roomForBoards,
  Layer: dynamic(() => import("./ColourLayer").then((module) => module.ColourLayer)),
  standing: ({ plan, wall }) => standingOf(colourFindings(plan, wall), false),
};

/** What is to be decided about colours: tint over a label's limit, what is no longer as it was agreed, patches that stay, and coats of the wall whose edge cannot be joined. */
export const colourFindings = ({ findings }: Plan, wall: PlanWall | null) =>
  findings.filter(
    ({ code }) =>
      code === "tint-over-limit" ||
      code === "promise-broken" ||
      code === "patch-stays" ||
      (code === "cannot-join-wet" && wall?.coats?.some(({ fits }) => !fits) === true),
  );

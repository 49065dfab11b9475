import dynamic from "next/dynamic";
import { standingOf, type Station } from "../station";

export const mark: Station = {
  slug: "mark",
  title: "Mark",
  Card: dynamic(() => import("./MarkCard").then(({ MarkCard }) => MarkCard)),
  Layer: dynamic(() => import("./MarkLayer").then(({ MarkLayer }) => MarkLayer)),
  standing({ wall, isMarked }) {
    const marks = wall?.marks ?? [];
    return standingOf([], marks.length > 0 && marks.every(isMarked));
  },
};

import dynamic from "next/dynamic";
import { roomForReadings } from "./readingsBeside";
import { standingOf, type Station } from "../station";

export const mark: Station = {
  slug: "mark",
  title: "Mark",
  Layer: dynamic(() => import("./MarkLayer").then((module) => module.MarkLayer)),
  room: roomForReadings,
  standing({ wall, isMarked }) {
    const marks = wall?.marks ?? [];
    return standingOf([], marks.length > 0 && marks.every(isMarked));
  },
};

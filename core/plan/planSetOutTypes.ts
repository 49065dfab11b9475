import type { MarkOn } from "../setout/listMarks";
import type { PlanPoint } from "./planPoint";

export interface PlanLine {
  id: string;
  finish: string;
  /** Its name within its finish: the same on every wall, and after an edit elsewhere. */
  key: string;
  /** Its number among the lines of its finish, from 0; a line that goes on around a corner keeps it. */
  index: number;
  kind: "plumb" | "level" | "slant";
  path: [PlanPoint, PlanPoint];
  use: string;
  /** What lies on its two sides, where it is called by that. */
  between?: [string, string];
}

export interface PlanMark {
  id: string;
  /** The line of this wall that it fixes; absent for a centre of strings, and for the wall's end. */
  line?: string;
  on: MarkOn;
  axis: "x" | "y";
  at: number;
  reading: string;
  error: number;
  use: string;
  /** Where it would be, had the pattern not drifted: it is taken back from there. */
  planned?: number;
  /** The mark on the wall before it in the run, from which this one carries around the corner. */
  carriedFrom?: { wall: string; mark: string };
}

export interface PlanOrdinates {
  centre: PlanPoint;
  radius: number;
  use: string;
  /** Over the centre, or under it. */
  part: "upper" | "lower";
  points: { x: number; y: number; along: string; up: string }[];
}

export interface PlanLater {
  id: string;
  /** Places to drill at, from the left; `along` and `up` as they are read. */
  fixings: { at: PlanPoint; along: string; up: string }[];
  /** Metres of painted edge behind it, which need not be crisp. */
  hides_m: number;
  /** Days after the last coat before which it does not go up: paint that is pressed on too early sticks to it. */
  notBefore_days: number;
  say: string;
}

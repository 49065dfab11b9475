import { curedDays } from "../trade/constants";
import type { Wait } from "./step";

const minutesOfDay = 24 * 60;

/** What a further coat would wait for, waited for as something that pulls at the paint asks: until that has cured. */
export const curedUnder = (wait: Wait | null): Wait | null =>
  wait?.what === "recoat" ? { ...wait, what: "drying", minutes: curedDays * minutesOfDay } : wait;

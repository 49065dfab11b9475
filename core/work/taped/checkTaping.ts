import type { Finding } from "../../findings/finding";
import type { Paint } from "../../paint/schema";
import { marksUnderTape } from "../../trade/materials";
import type { Wall } from "../../wall/schema";
import type { WorkWall } from "../workInput";
import type { TapeBundle } from "./bundleTape";
import { metresOf } from "./bundles";
import type { ComingOff } from "./tapePlan";

/** Tells of tape on a paint that it marks. */
export function specialUnderTape(
  { id }: Wall,
  tape: readonly TapeBundle[],
  paintOf: ReadonlyMap<string, Paint>,
): Finding[] {
  const on = tape.filter(({ over }) => over !== null && marksUnderTape(paintOf.get(over)!));
  if (on.length === 0) return [];
  const paints = [...new Set(on.map(({ over }) => over!))];
  const values = { wall: id, paints, metres: metresOf(on) };
  return [{ code: "special-under-tape", severity: "check", values, at: null }];
}

/** Tells of tape beside which a colour has long dried when it comes off, and which school fits that. */
export function strandedTape({ wall, peel }: WorkWall, off: readonly ComingOff[]): Finding[] {
  const stranded = off.filter(({ strands }) => strands !== null);
  const isAsked = peel.why === "asked";
  if (stranded.length === 0 || (isAsked && peel.when === "dry")) return [];
  const colours = [...new Set(stranded.flatMap(({ bundle }) => bundle.upTo.map(({ paint }) => paint)))];
  return [
    {
      code: "shared-tape",
      severity: isAsked ? "check" : "note",
      at: null,
      values: { wall: wall.id, colours, why: stranded[0]!.strands!, isAsked },
      ...(isAsked && {
        cure: { kind: "peel-dry", count: 0, path: ["edges"], set: { peel: "dry" } } as const,
      }),
    },
  ];
}

import type { Finding } from "../findings/finding";
import { trueWithinMm } from "../trade/constants";
import type { Wall } from "../wall/schema";
import { cornersInTurn } from "./cornersInTurn";
import type { LayoutInput } from "./layoutInput";

/** Corners of a run that its two walls tell of differently, and heights that cannot both hold; told on the first wall. */
export function checkRuns({ runs, walls: all }: Pick<LayoutInput, "runs" | "walls">, wall: Wall): Finding[] {
  const nexts = new Set(
    runs.flatMap((run) =>
      cornersInTurn(run).flatMap(([first, second]) => (first === wall.id ? [second] : [])),
    ),
  );
  return [...nexts].flatMap((id): Finding[] => {
    const next = all.find((other) => other.id === id);
    if (!next) return [];
    const pair = { first: wall.id, second: id };
    const [one, other] = [wall.rightEdge, next.leftEdge];
    const findings: Finding[] = [];
    if (one !== other && one !== "stop" && other !== "stop")
      findings.push({
        code: "corner-disagrees",
        severity: "check",
        at: null,
        values: { ...pair, firstIs: one },
      });
    const [height, otherHeight] = [wall.height, next.height];
    if (height !== undefined && otherHeight !== undefined && Math.abs(height - otherHeight) > trueWithinMm) {
      const values = { ...pair, height, other: otherHeight };
      findings.push({ code: "heights-differ", severity: "check", at: null, values });
    }
    return findings;
  });
}

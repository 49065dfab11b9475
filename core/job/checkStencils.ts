import type { Finding } from "../findings/finding";
import { planLimits } from "../trade/allowance";
import type { BetweenOverlays } from "../stencil/betweenOverlays";
import { tryCutSheet } from "../stencil/cutSheet";
import type { Job } from "./schema";

/** Each overlay is set to its marks within half a millimetre, so that two of them may be this far out to each other, mm. */
const registerMm = 1;

/** Holes that meet, or lie over each other or apart by less than registration is out: ground shows in one place, paints lap in another. */
const isHairline = ({ gapMm, overlapMm }: BetweenOverlays): boolean =>
  gapMm !== null && gapMm < registerMm && overlapMm < registerMm;

/** What falls out of the job's sheets, where they are thin, and a half turn that is not there; each where it is. */
export const checkStencils = ({ stencils }: Job): Finding[] =>
  stencils.flatMap((stencil): Finding[] => {
    const sheet = tryCutSheet(stencil);
    if (!sheet) {
      const values = { what: "pieces of line", most: planLimits["pieces of line"] } as const;
      return [{ code: "too-much", severity: "stop", at: null, values }];
    }
    const { islands, bridges, between, hasHalfTurn } = sheet;
    const name = stencil.name ?? stencil.id;
    return [
      ...islands.map(({ overlay, at, areaMm2 }): Finding => ({
        code: "stencil-island",
        severity: "stop",
        at: null,
        values: { stencil: name, overlay, areaMm2, at: [at.x, at.y] },
      })),
      ...bridges.map(({ overlay, at, width }): Finding => ({
        code: "thin-bridge",
        severity: "check",
        at: null,
        values: { stencil: name, overlay, width, at: [at.x, at.y] },
      })),
      ...between.filter(isHairline).map(({ overlays, gapMm, overlapMm, at }): Finding => ({
        code: "overlays-hairline",
        severity: "note",
        at: null,
        values: {
          stencil: name,
          overlays,
          gap: gapMm!,
          overlap: overlapMm,
          at: [at!.x, at!.y],
          budget: registerMm,
        },
      })),
      ...(stencil.turns === true && !hasHalfTurn
        ? [{ code: "turn-differs", severity: "check", at: null, values: { stencil: name } } as const]
        : []),
    ];
  });

import type { Finding } from "../findings/finding";
import { planLimits } from "../trade/allowance";
import { tryCutSheet } from "../stencil/cutSheet";
import type { Job } from "./schema";

/** What falls out of the job's sheets, where they are thin, and a half turn that is not there; each where it is. */
export const checkStencils = ({ stencils }: Job): Finding[] =>
  stencils.flatMap((stencil): Finding[] => {
    const sheet = tryCutSheet(stencil);
    if (!sheet) {
      const values = { what: "pieces of line", most: planLimits["pieces of line"] } as const;
      return [{ code: "too-much", severity: "stop", at: null, values }];
    }
    const { islands, bridges, hasHalfTurn } = sheet;
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
      ...(stencil.turns === true && !hasHalfTurn
        ? [{ code: "turn-differs", severity: "check", at: null, values: { stencil: name } } as const]
        : []),
    ];
  });

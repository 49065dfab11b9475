import { blankFor } from "../stencil/blanks";
import { tryCutSheet, type StencilSheet } from "../stencil/cutSheet";
import { bridgeMm, proposeBridges } from "../stencil/holdIslands";
import { proposeRegisters } from "../stencil/proposeRegisters";
import type { Stencil } from "../stencil/schema";
import type { PlanStencil } from "../plan/planTypes";

/** None for one that is too much, which a finding tells. */
export function describeStencil(stencil: Stencil): PlanStencil[] {
  const sheet = tryCutSheet(stencil);
  if (!sheet) return [];
  const { slots, islands, bridges, between, hasHalfTurn, cuttingMm } = sheet;
  const open: Record<string, number> = {};
  for (const { slot, openMm2 } of slots) open[slot] = (open[slot] ?? 0) + openMm2;
  return [
    {
      id: stencil.id,
      open_mm2: open,
      islands: islands.map(({ overlay, at, areaMm2 }) => ({ overlay, at: [at.x, at.y], area_mm2: areaMm2 })),
      bridges: bridges.map(({ overlay, width, at }) => ({ overlay, width, at: [at.x, at.y] })),
      ...(between.length > 0 && {
        between: between.map(({ overlays: [first, second], gapMm, overlapMm2, overlapMm, at }) => ({
          overlays: [first, second] as [string, string],
          gap: gapMm,
          overlap_mm2: overlapMm2,
          overlap: overlapMm,
          at: at && ([at.x, at.y] as [number, number]),
        })),
      }),
      blank: blankFor(sheet),
      turns: hasHalfTurn,
      cutting_m: cuttingMm / 1000,
      ...proposedFor(stencil, sheet),
    },
  ];
}

/** What would cure it: bridges for what falls out, marks where nothing is there to lay its overlays by; absent where it needs none. */
function proposedFor(stencil: Stencil, sheet: StencilSheet): Pick<PlanStencil, "proposed"> {
  const bridges = sheet.islands.length > 0 ? proposeBridges(stencil) : [];
  const isUnmarked = stencil.overlays.length > 1 && stencil.registers.length === 0;
  const registers = isUnmarked ? proposeRegisters(sheet) : [];
  if (bridges.length + registers.length === 0) return {};
  return {
    proposed: {
      bridges: bridges.map(({ overlay, ends: [a, b] }) => ({
        overlay,
        from: [a.x, a.y],
        to: [b.x, b.y],
        width: bridgeMm,
      })),
      registers,
    },
  };
}

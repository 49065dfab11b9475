import type { Wall } from "./schema";

/** Why a wall is not of bare wood; null for boards that nothing is told to be on, or to go on before. */
export function notBareWood({
  texture,
  primer,
  baseState,
  present,
}: Wall): "not-boards" | "primed" | "painted" | null {
  if (texture !== "boards") return "not-boards";
  if (primer !== undefined) return "primed";
  return baseState === "paint" || present?.paint !== undefined ? "painted" : null;
}

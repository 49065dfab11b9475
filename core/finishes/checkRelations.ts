import type { Finding } from "../findings/finding";
import type { Relation } from "../wall/clearance";

/** Lines that just miss something or leave a sliver beside it, as findings without a cure. */
export const checkRelations = (relations: readonly Relation[]): Finding[] =>
  relations.flatMap(({ kind, gap, at, obstacle: { thing } }): Finding[] => {
    switch (kind) {
      case "near-miss":
        return [{ code: "near-miss", severity: "check", at, values: { gap, thing } }];
      case "sliver":
        return [{ code: "sliver", severity: "check", at, values: { width: gap, thing } }];
      case "meets":
        return [];
      default:
        return kind satisfies never;
    }
  });

import type { Finding } from "../findings/finding";
import { oneAPlace, thingAt, type Relation } from "../wall/clearance";
import { cureRelation } from "./cureRelation";
import type { Handle } from "./editing";

/** Lines that just miss something or leave a sliver beside it, with the move that lets them meet it. */
export function checkRelations(
  id: string,
  relations: readonly Relation[],
  handles: () => readonly Handle[],
): Finding[] {
  return oneAPlace(relations.filter(({ kind }) => kind !== "meets")).map((relation): Finding => {
    const { kind, gap, at, obstacle } = relation;
    const later = () => cureRelation(id, relation, handles());
    const shared = { severity: "check", at, later } as const;
    const thing = thingAt(obstacle, at);
    return kind === "sliver"
      ? { code: "sliver", ...shared, values: { width: gap, thing } }
      : { code: "near-miss", ...shared, values: { gap, thing } };
  });
}

import type { Cure, Finding } from "../findings/finding";
import type { Wall } from "../wall/schema";
import { careOf } from "../work/objects/care";
import type { LayoutInput } from "./layoutInput";

/** A thing on a table that is trodden on without a varnish, or cloth that one would stiffen. */
export function checkObject({ paints }: Pick<LayoutInput, "paints">, { id, object }: Wall): Finding[] {
  if (!object) return [];
  const { kind, varnish } = object;
  const cureWith = (kindOf: Cure["kind"], set: Cure["set"]): Cure => ({
    kind: kindOf,
    count: 0,
    wall: id,
    path: ["object"],
    set,
  });
  if (careOf[kind].isTrodden && varnish === undefined) {
    const clear = paints.find(({ material }) => material === "varnish");
    return [
      {
        code: "object-unsealed",
        severity: "check",
        values: {},
        at: null,
        ...(clear && { cure: cureWith("varnish-it", { varnish: clear.id }) }),
      },
    ];
  }
  if (careOf[kind].leastVarnish === null && varnish !== undefined) {
    // Written whole, since a key that is taken away cannot be written.
    const bare = Object.fromEntries(Object.entries(object).filter(([key]) => key !== "varnish"));
    const cure = { kind: "no-varnish", count: 0, wall: id, set: { object: bare } } as const;
    return [{ code: "object-stiff", severity: "check", values: {}, at: null, cure }];
  }
  return [];
}

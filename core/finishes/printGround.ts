import type { Finding } from "../findings/finding";
import type { Strip } from "../wall/strip";
import type { PrintMethod } from "../work/prints/constants";

interface Printed {
  readonly id: string;
  readonly method: PrintMethod;
}

/** Grounds that keep a sheet off the wall, so that paint runs under it: more so from a roller, which fills what a brush passes over. */
export function checkPrintGround({ id, method }: Printed, { parts }: Strip): Finding[] {
  const textures = new Set(parts.map(({ wall }) => wall.texture));
  return [...textures]
    .filter((texture) => texture !== "smooth" && texture !== "light")
    .map((texture): Finding => ({
      code: "print-on-texture",
      severity: method === "roller" ? "check" : "note",
      values: { texture, method },
      at: null,
      ...(method === "roller" && {
        cure: { kind: "dab-it", count: 0, finish: id, set: { method: "brush" } },
      }),
    }));
}

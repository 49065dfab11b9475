import type { Finding } from "../../findings/finding";
import type { PearlLayout } from "./layout";

/** A wall whose texture glitters in patches, and the risk of what is stirred in. */
export function checkPearl({ spec, strip }: PearlLayout): Finding[] {
  return [
    ...strip.parts
      .filter(({ wall }) => wall.texture !== "smooth" && wall.texture !== "light")
      .map(({ wall }): Finding => ({
        own: true,
        code: "pearl-on-texture",
        severity: "check",
        values: { wall: wall.id },
        at: null,
      })),
    ...(spec.kindOfCoat === "stirred-in"
      ? [{ own: true, code: "glitter-stirred", severity: "note", values: {}, at: null } as const]
      : []),
  ];
}

import type { Finding } from "../../findings/finding";
import type { LimewashLayout } from "./layout";

/** Lime is for walls: on bare boards it falls off as they move. */
export const checkLimewash = ({ strip }: LimewashLayout): Finding[] =>
  strip.parts
    .filter(({ wall }) => wall.texture === "boards")
    .map(({ wall }): Finding => ({
      own: true,
      code: "lime-on-boards",
      severity: "check",
      values: { wall: wall.id },
      at: null,
    }));

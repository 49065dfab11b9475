import type { CoatsReason } from "../findings/coatReasons";
import { lightnessOf, strengthOf } from "../colour/lightness";
import type { Hiding } from "./hidings";

export interface CoatsAdvice {
  readonly coats: number;
  /** What asks for more than the usual two. */
  readonly because: readonly CoatsReason[];
  /** Whether a primer tinted towards the colour would save coats. */
  readonly primer: boolean;
}

/** L* that a colour must be over its ground to need one coat more, and two. */
const palerBy = [35, 60] as const;
/** Strong yellows, oranges and reds: hue in CIE LCh degrees and the least chroma. */
const weakHues = { from: 10, to: 110, chroma: 50 } as const;
const usualCoats = 2;
const mostCoats = 5;

/**
 * Coats from the contrast of old and new colour and the paint's hiding, for wall paint. Two as a rule; pale over dark one or
 * two more, since pale paint scatters light but holds back little of it; strong yellows and reds one more, since their
 * pigments are clear; one more or less by the paint itself. Painters' practice; the first dried coat has the last word.
 */
export function adviseCoats(oldHex: string, newHex: string, hiding: Hiding = "usual"): CoatsAdvice {
  const because: CoatsReason[] = [];
  const rise = lightnessOf(newHex) - lightnessOf(oldHex);
  let coats = usualCoats;
  const [once, twice] = palerBy;
  if (rise > once) {
    coats += rise > twice ? 2 : 1;
    because.push(rise > twice ? "much-paler" : "paler");
  }
  const { chroma, hue } = strengthOf(newHex);
  if (chroma >= weakHues.chroma && hue >= weakHues.from && hue <= weakHues.to) {
    coats++;
    because.push("weak-hue");
  }
  if (hiding === "weak") {
    coats++;
    because.push("weak-paint");
  } else if (hiding === "good" && coats > 1) {
    coats--;
    because.push("good-paint");
  }
  return { coats: Math.min(mostCoats, coats), because, primer: coats >= usualCoats + 2 };
}

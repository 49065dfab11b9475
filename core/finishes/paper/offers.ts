import type { Reason } from "../../findings/reasons";
import { verdictOf, type Offer } from "../../fit/offer";
import { narrowShare, thingsUnderSeams } from "./check";
import { layOutPaper, type PaperLayout } from "./layout";
import type { PaperSpec } from "./spec";

const starts = {
  left: "A whole sheet at the left",
  right: "A whole sheet at the right",
  centre: "A sheet in the middle",
  seam: "A seam in the middle",
} as const;

/** Other starts, the best first: by their end sheets, the rolls that they take, and what their seams run over. */
export function offerPaper(layout: PaperLayout): Offer[] {
  const { spec, strip, context } = layout;
  const ways = (Object.keys(starts) as (keyof typeof starts)[]).map((start) => ({
    start: start as PaperSpec["start"],
    name: starts[start] as string,
    layout: spec.start === start ? layout : layOutPaper({ ...spec, start }, strip, context),
  }));
  if (typeof spec.start === "object") ways.unshift({ start: spec.start, name: "The seam as placed", layout });
  const least = Math.min(...ways.map((way) => way.layout.rolls));
  return ways.map((way) => judge(way, least, spec)).sort((a, b) => b.score - a.score);
}

function judge(
  { start, name, layout }: { start: PaperSpec["start"]; name: string; layout: PaperLayout },
  least: number,
  { roll, start: chosen }: PaperSpec,
): Offer {
  const { drops, rolls, lastWidth } = layout;
  const [first, last] = [drops[0], drops.at(-1)].map((drop) => (drop ? drop.to - drop.from : 0)) as [
    number,
    number,
  ];
  const things = thingsUnderSeams(layout).map(({ thing }) => thing);
  const score = Math.max(
    0,
    100 -
      (lastWidth < roll.width * narrowShare ? 25 : 0) -
      Math.min(10, (10 * Math.abs(first - last)) / roll.width) -
      15 * (rolls - least) -
      5 * things.length,
  );
  const reasons: Reason[] = [
    { code: "paper-ends", values: { first, last } },
    { code: "paper-drops", values: { drops: drops.length, rolls, more: rolls - least } },
    ...(things.length > 0 ? [{ code: "seams-on-things", values: { things } } as const] : []),
  ];
  return {
    title: { code: "paper-start", name, rolls },
    score,
    verdict: verdictOf(score),
    reasons,
    set: { start },
    isChosen: JSON.stringify(start) === JSON.stringify(chosen),
  };
}

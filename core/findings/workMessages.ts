import { coatReasons } from "./coatReasons";
import type { FindingValues } from "./finding";
import { listed } from "./listed";
import { lowTackDays, paintingClimate, towerAboveMm, washableDays } from "../trade/constants";
import { minutesADay } from "../measure/calendar";
import { trimDecimals } from "../measure/formatReading";
import type { Message } from "./message";
import type { Speech } from "./speech";
import { capital } from "./capital";
import { textureWords } from "./wording";

type Codes =
  | "room-climate"
  | "more-coats"
  | "out-of-stock"
  | "mineral-ground"
  | "cannot-be-done"
  | "colours-near"
  | "print-on-texture"
  | "object-unsealed"
  | "object-stiff"
  | "corner-disagrees"
  | "heights-differ"
  | "in-base-colour"
  | "little-left"
  | "by-hand-on-texture"
  | "tape-on-arris"
  | "special-under-tape"
  | "needs-access"
  | "tape-little-left"
  | "painted-otherwise"
  | "covered-again"
  | "runs-out"
  | "drifts"
  | "base-too-young"
  | "shared-tape"
  | "stencil-island"
  | "overlays-hairline"
  | "thin-bridge"
  | "turn-differs"
  | "end-piece"
  | "over-budget"
  | "no-packs"
  | "paint-down-to"
  | "base-stops-short"
  | "cannot-join-wet"
  | "unused-colour"
  | "sheens-of-one"
  | "cold-room"
  | "by-hand-sooner";

/** In days, as soon as it is two of them. */
const ageOf = (minutes: number, { duration }: Speech): string =>
  minutes < 2 * minutesADay ? duration(minutes) : `${Math.round(minutes / minutesADay)} days`;

/** What findings about runs of walls, the work, its paint and its money say. */
export const workMessages: {
  [Code in Codes]: (values: FindingValues[Code], speech: Speech) => Message;
} = {
  "room-climate": ({ why, temperature, humidity }, speech) => ({
    say: {
      cold: `At ${speech.temperature(temperature)} paint does not form a sound film, so there is no day plan.`,
      warm: `At ${speech.temperature(temperature)} paint dries under the brush, so there is no day plan.`,
      damp: `At ${humidity} % humidity paint hardly dries, so there is no day plan.`,
    }[why],
    remedy: {
      cold: `Warm the room to ${speech.temperature(paintingClimate.coldest)} or more, walls too, and keep it there until the paint is dry.`,
      warm: `Wait for a cooler hour, or shade and cool the room to ${speech.temperature(paintingClimate.warmest)} or less.`,
      damp: `Air, heat or dry the room to ${paintingClimate.dampest} % or less.`,
    }[why],
  }),
  "more-coats": ({ paint, coats, advised, because, primer }, speech) => ({
    say: `${speech.paint(paint)} will likely want ${advised} coats, not ${coats}: ${because.map((why) => coatReasons[why]).join(", ")}.`,
    remedy: `Look at the first coat when it is dry. Plan for ${advised} so that paint and days suffice${primer ? ", or tint a primer towards it first" : ""}.`,
  }),
  "out-of-stock": ({ paint, needMl }, speech) => ({
    say: `No tin of ${speech.paint(paint)} that is listed can be bought now, and ${speech.volume(needMl)} are missing.`,
    remedy: "Refresh the prices another day, list another tin, or begin with the other colours.",
  }),
  "mineral-ground": ({ paint, wall }, speech) => ({
    say: `${speech.paint(paint)} is a limewash, and ${speech.wall(wall)} has no mineral ground for it.`,
    remedy: "Put a mineral primer on first: limewash bonds with mineral, and powders off from other paint.",
  }),
  "cannot-be-done": ({ step, why, minutes, hands, crew, day }, { say, duration }) => {
    switch (why) {
      case "too-long":
        return {
          say: `${say(step)} That takes ${duration(minutes)} in one go, and there are ${duration(day)} for that at most.`,
          remedy:
            "One hand more, a longer day, or a line through it, so that each side is painted by itself.",
        };
      case "too-few-hands":
        return {
          say: `${say(step)} That takes ${hands} people at once, and ${crew === 1 ? "there is one" : `there are ${crew}`}.`,
          remedy: "Ask for help on that day, and set the hands to what it takes.",
        };
      case "too-late":
        return {
          say: `${say(step)} That has to follow more closely than it can.`,
          remedy: "A longer day or more hands, or another order of work.",
        };
      default:
        return why satisfies never;
    }
  },
  "corner-disagrees": ({ first, second, firstIs }, { wall }) => ({
    say: `The corner of ${wall(first)} and ${wall(second)} is ${firstIs} on the one and ${firstIs === "internal" ? "external" : "internal"} on the other.`,
    remedy: "It is one corner: set both walls' ends alike. It is taken as external until then.",
  }),
  "print-on-texture": ({ texture, method }) => ({
    say: `${textureWords[texture]} will let paint run under a sheet, which does not lie close.`,
    remedy:
      method === "roller"
        ? "Dab it on with a brush that is nearly dry, thinly and twice, or have the wall skimmed first."
        : "Blot the brush until it is nearly dry, dab straight on, thinly and twice, or have the wall skimmed first.",
  }),
  "colours-near": ({ stencil, overlay, slots: [first, second], gap }, { length }) => ({
    say: `${stencil}, overlay ${overlay}: holes of ${first} and ${second} lie ${length(gap)} apart, and take different paints. No card keeps one out of the other at every print.`,
    remedy: "Tape the holes of the other colour off, print one colour over all places, and then the next.",
  }),
  "object-unsealed": () => ({
    say: "A floor cloth is trodden on and wiped, and nothing seals it.",
    remedy: "Choose a clear varnish for floors among the paints: three thin coats, over edges too.",
  }),
  "object-stiff": () => ({
    say: "Varnish makes fabric stiff, and cracks where that is folded.",
    remedy: "Leave it without, and set the paint as its label says.",
  }),
  "heights-differ": ({ first, second, height, other }, { wall, length }) => ({
    say: `${capital(wall(first))} is ${length(height)} high and ${wall(second)} ${length(other)}, and the run takes both from one floor.`,
    remedy: "Look at the heights again; where a ceiling steps, survey both walls from one level line.",
  }),
  "in-base-colour": ({ thing }) => ({
    say: `${capital(thing)} is in the base's own colour, so nothing of it is seen.`,
    remedy: "Give it another colour, or take it out.",
  }),
  "little-left": ({ paint, leftMl, next }, speech) => ({
    say: `Of ${speech.paint(paint)} only ${speech.volume(leftMl)} would be left: a slip of the tray or one thirsty patch, and it does not suffice.`,
    remedy: next
      ? `The next way to buy it has ${speech.volume(next.ml)} more, for ${speech.money(next.cost)} more.`
      : "List a larger tin, or have a jar of it put by.",
  }),
  "by-hand-on-texture": ({ metres, texture }, { run }) => ({
    say: `${run(metres)} of edges are cut in by hand. ${textureWords[texture]} makes a long straight edge by hand waver.`,
    remedy: "Tape them, or try a metre first and look at it from where people stand.",
  }),
  "tape-little-left": ({ widthMm, rolls, leftM }, speech) => ({
    say: `Of ${rolls} ${rolls === 1 ? "roll" : "rolls"} of tape of ${speech.length(widthMm)} only ${speech.run(leftM)} would be left over.`,
    remedy: "Take one roll more: a pull that tears or lies wrong is laid anew.",
  }),
  "runs-out": ({ paint, leftMl, needsMl }, speech) => ({
    say: `${capital(speech.paint(paint))} runs out: ${speech.volume(leftMl)} are left, and by your own use it takes about ${speech.volume(needsMl)} more.`,
    remedy:
      "Get more of the same batch before it is begun again, or box what is left with the new tin and break at a corner.",
  }),
  drifts: ({ mm, shows, choice, over }, speech) => ({
    say: `The pattern runs away from its readings: as it goes it is up to ${speech.error(mm)} out, which ${shows}.`,
    remedy:
      choice === "spread"
        ? `Take it back over the next ${over === 1 ? "step" : `${over} steps`}: from one to the next that is not seen. Read each from the datum.`
        : choice === "redo"
          ? `Do ${over === 1 ? "one" : over} of them again, and read each from the datum.`
          : "Read each from the datum from here on; what is there stays.",
  }),
  "painted-otherwise": ({ wall, pieces, why }, speech) => ({
    say: `${capital(speech.wall(wall))}: ${pieces === 1 ? "a piece is" : `${pieces} pieces are`} on the wall already ${why === "gone" ? "that the design does not have any more" : "in another paint than the design has there now"}.`,
    remedy:
      why === "coated"
        ? "The coats stand among what is to be done, in the new paint, to tape laid anew where that is off; or go back to the paint that was used. A light paint over a dark one may take a coat more: look after the first."
        : "Go back to the design that was painted; or paint it out: base over it, dry to tape, and the new pattern on that.",
  }),
  "covered-again": ({ wall, pieces, what }, speech) => ({
    say: `${capital(speech.wall(wall))}: the coat that goes on once more covers what lies on it, up to ${pieces} ${pieces === 1 ? what.slice(0, -1) : what}.`,
    remedy: "Tell those that it covers once more, too, when it is dry.",
  }),
  "needs-access": ({ wall, minutes }, speech) => ({
    say: `${capital(speech.wall(wall))}: hands go higher than ${speech.length(towerAboveMm)}, where steps do not serve. A tower takes ${speech.duration(minutes)} of one's time in all.`,
    remedy:
      "Hire it in time, with rails; over stairs a platform that is made for them. Who puts it up is trained for that, as local rules ask.",
  }),
  "special-under-tape": ({ wall, paints, metres }, speech) => ({
    say: `${capital(speech.wall(wall))}: ${speech.run(metres)} of tape lies on ${listed(paints.map((paint) => speech.paint(paint)))}, which tape marks or lifts; no order of the colours avoids it.`,
    remedy:
      "Wait as its label says before tape, take low-tack tape, try it on the board first, and pull it off as soon as it can be.",
  }),
  "base-too-young": ({ ageMin, isWashed }, speech) => ({
    say: `Its base is ${ageOf(ageMin, speech)} old on the first morning: ${isWashed ? "tape as it is sold lifts it yet" : `soap and water spoil it before it is ${washableDays} days old, and tape as it is sold lifts it`}.`,
    remedy: `${isWashed ? "" : "It is dusted, no more. "}Take low-tack tape until it is ${lowTackDays} days old, and try a piece on a hidden place first.`,
  }),
  "tape-on-arris": ({ metres }, { run }) => ({
    say: `${run(metres)} of tape lies on the edge of an external corner, where it tends to lift and bleed.`,
    remedy: "Press it well and seal it, or float the last strip on with a wide full brush instead.",
  }),
  "shared-tape": ({ wall, colours, why, isAsked }, speech) => {
    const names = colours.map((colour) => speech.paint(colour));
    const reason =
      why === "rounds"
        ? "they go on in different rounds"
        : "they take longer than the first of them stays wet";
    return {
      say: `${capital(speech.wall(wall))}: one tape parts ${listed(names)}, and ${reason}. It stays until the last of them has its last coat, and the others beside it are dry by then.`,
      remedy: isAsked
        ? "Pulled wet, it tears what is dry beside it: score along that edge first, or peel this wall dry."
        : "So this tape comes off dry, scored along both edges. To peel it wet, leave it between two coats that follow each other at once.",
    };
  },
  "stencil-island": ({ stencil, overlay, areaMm2, at }, speech) => ({
    say: `${stencil}, overlay ${overlay}: a piece of ${speech.area(areaMm2 / 1e6)} hangs on nothing and would fall out, ${onSheet(at, speech)}.`,
    remedy:
      "Leave a bridge to it, 3 mm wide or more, where it shows least; paint the bridge in by hand afterwards.",
  }),
  "overlays-hairline": ({ stencil, overlays: [first, second], gap, overlap, at, budget }, speech) => ({
    say: `Overlays ${first} and ${second} of ${stencil} ${overlap > 0 ? `lie over each other by only ${speech.error(overlap)}` : gap > 0 ? `are only ${speech.error(gap)} apart` : "just meet"}, ${onSheet(at, speech)}; set to their marks they may be ${speech.error(budget)} out to each other.`,
    remedy:
      "A hair line of ground or of both paints shows there. Cut them apart, or one over the other, by twice that.",
  }),
  "thin-bridge": ({ stencil, overlay, width, at }, speech) => ({
    say: `${stencil}, overlay ${overlay}: a bridge is only ${speech.error(width)} wide, ${onSheet(at, speech)}. It tears, and paint creeps under it.`,
    remedy: "Move the cuts apart until 3 mm stand between them, or put tape across its back.",
  }),
  "end-piece": ({ width, face }, { length }) => ({
    say: `A brick at an end is only ${length(width)} wide, under a quarter of a face of ${length(face)}.`,
    remedy: "Start where the ends come out widest, take another bond, or change the joint a little.",
  }),
  "turn-differs": ({ stencil }) => ({
    say: `${stencil} is said to print the same upside down, and does not.`,
    remedy: "Never turn this sheet to reach a corner; use a top sheet or bend it.",
  }),
  "over-budget": ({ cost, budget }, speech) => ({
    say: `Paint and sundries come to ${speech.money(cost)}, over the ${speech.money(budget)} that they may cost.`,
    remedy: "Look into the store, choose other tins, or leave a colour out.",
  }),
  "unused-colour": ({ paints }, speech) => ({
    say: `${listed(paints.map((paint) => speech.paint(paint)))} ${paints.length === 1 ? "is" : "are"} among the colours, and no piece has got ${paints.length === 1 ? "it" : "them"}.`,
    remedy: "Shuffle again, or take it out of the list before it is bought.",
  }),
  "sheens-of-one": ({ wall, paints }, speech) => ({
    say: `${capital(speech.wall(wall))}: ${listed(paints.map((paint) => speech.paint(paint)))} are one colour in several sheens. The pattern shows where light rakes and is gone where it falls straight on; a touch-up flashes.`,
    remedy:
      "Look at a board by the window and by the lamp. Two coats to an even film, whole pieces touched up, and no gloss under tape.",
  }),
  "cold-room": ({ temperature, humidity, days, warmDays }) => ({
    say: `At ${temperature} C and ${humidity} % RH the work ends on day ${days}; heated and aired, at 20 C and 50 %, on day ${warmDays}.`,
    remedy:
      "Heat the room and air it first, from the evening before on: no flames, and a way out for the damp.",
  }),
  "by-hand-sooner": ({ taped, byHand }) => ({
    say: `Taped, what touches waits in turn, and the work ends on day ${taped}; cut in by hand, to what is dry, on day ${byHand}.`,
    remedy:
      "With a steady hand cut in straight edges with a brush; tape where a line must be exact. The button shows that plan.",
  }),
  "cannot-join-wet": ({ wall, colour, front, open, hands, by, needed, cooler }, speech) => ({
    say: `${capital(speech.wall(wall))}: what joins a wet edge of ${speech.paint(colour)} is on after ${minutesOf(front)}, and the edge stays wet for ${minutesOf(open)}${hands > 1 ? ` with ${hands} pairs of hands` : ""}. It would leave lap marks.`,
    remedy: `${{ hands: `Take ${needed} pairs of hands, or wait`, sections: "Work smaller sections, or wait", air: "Wait" }[by]} for air that is ${speech.degrees(cooler)} cooler and not dry; or end at a corner, and do the rest on another day.`,
  }),
  "paint-down-to": ({ at, overlap, savedM2 }, { length, area }) => ({
    say: `What is lower is covered later, so the base need not go further down than a tentative line at ${length(at)}: what covers it laps ${length(overlap)} over.`,
    remedy: `Draw it lightly, and stop there: that saves ${area(savedM2)} a coat.`,
  }),
  "base-stops-short": ({ at, lowest }, { length }) => ({
    say: `The base stops at ${length(at)}, and is seen down to ${length(lowest)}.`,
    remedy: "Paint it further down.",
  }),
  "no-packs": ({ paint, needMl }, speech) => ({
    say: `${speech.paint(paint)} needs ${speech.volume(needMl)}, but no tin sizes are listed for it.`,
    remedy: "List the tins that can be bought, with their prices.",
  }),
};

/** A place on a sheet, from its middle. */
const onSheet = ([x, y]: readonly [number, number], { length }: Speech): string =>
  `${length(Math.abs(x))} ${x < 0 ? "left" : "right"} of the middle and ${length(Math.abs(y))} ${y < 0 ? "under" : "over"} it`;

const minutesOf = (minutes: number): string => `${trimDecimals(minutes, 1)} minutes`;

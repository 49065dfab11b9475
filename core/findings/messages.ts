import type { Message } from "./message";
import { listed } from "./listed";
import { capital } from "./capital";
import { named, textureWords } from "./wording";
import type { Finding, FindingCode, FindingValues } from "./finding";
import type { Values } from "./speech";
import { colourMessages } from "./colourMessages";
import { cutMessages } from "./cutMessages";
import { workMessages } from "./workMessages";
import type { Speech } from "./speech";

/** Every sentence that a finding speaks, in a painter's words. */
export const findingMessages: {
  [Code in FindingCode]: (values: FindingValues[Code], speech: Speech) => Message;
} = {
  "too-much": ({ what, most }) => ({
    say: `This comes to more than ${most} ${what}, so it was not worked out.`,
    remedy:
      what === "steps" || what === "stretches"
        ? "Look at the painter's pace, the coats and the size of the walls; one of them is far out. Or divide the job."
        : "Make divisions wider, take off a finish that lies over another, or divide the job.",
  }),
  "cannot-be-planned": ({ why }) => ({
    say: `This job could not be planned (${why}). It is kept as it is.`,
    remedy: "Take back the last change, or make the finish simpler.",
  }),
  "more-alike": ({ count }) => ({
    say: `${count} more findings of this kind are not listed.`,
    remedy: "See to those that are; the others follow, or come up in their turn.",
  }),
  "stopped-elsewhere": ({ wall: id }, { wall }) => ({
    say: `What lies on this wall goes on from ${wall(id)}, where a stop keeps it from being laid out.`,
    remedy: `See to the stop on ${wall(id)} first.`,
  }),
  "end-under-half": ({ end, whole, side }, { length }) => ({
    say: `The ${side} end is only ${length(end)} of a ${length(whole)} stripe. Under half, an end looks like a mistake.`,
    remedy: "Centre the other way, or divide into whole stripes.",
  }),
  "near-miss": ({ gap, thing }, { length }) => ({
    say: `A line passes ${length(gap)} from ${thing} without touching it. A near miss reads as a mistake.`,
    remedy: "Clear it well, or let the line meet it.",
  }),
  sliver: ({ width, thing }, { length }) => ({
    say: `A strip only ${length(width)} wide is left beside ${thing}.`,
    remedy: "Let the line meet the edge, or move it away.",
  }),
  "remainder-shows": ({ difference, tolerance, distance }, { length }) => ({
    say: `A division differs by ${length(difference)}; from ${length(distance)} away anything over ${length(tolerance)} may show.`,
    remedy: "Divide into whole stripes, or make it a clear part on purpose.",
  }),
  "ends-impossible": ({ wanted }) => ({
    say:
      wanted === "same"
        ? "No count of these stripes ends in the colour that it starts with."
        : "These stripes cannot end in two different colours.",
    remedy: "The nearest count is used whatever its ends. Change the colours, or leave the ends free.",
  }),
  "anchor-outside": ({ at }, { length }) => ({
    say: `The anchor at ${length(at)} is off the painted wall, so no line stands on it.`,
    remedy: "Put the anchor on the wall.",
  }),
  "too-many-divisions": ({ count, of }) => ({
    say:
      of === "prints"
        ? `That makes ${count} prints and their sheets, more than can be put in order on one wall.`
        : `That makes ${count} ${of}, more than anyone sets out on one wall.`,
    remedy:
      of === "prints"
        ? "Make the repeat larger, or the plastic no larger than it must be."
        : `Make the ${of} larger.`,
  }),
  "too-narrow": ({ width }, { error }) => ({
    say: `That makes divisions under ${error(width)} wide, which no tape can set out.`,
    remedy: "Make them wider, or fewer.",
  }),
  "opening-outside": ({ thing }) => ({
    say: `${capital(thing)} reaches outside the wall.`,
    remedy: "Check its place and size against the wall.",
  }),
  "openings-overlap": ({ first, second }) => ({
    say: `${capital(first)} and ${second} overlap. They are taken as one opening.`,
    remedy: "Check their places and sizes.",
  }),
  "fixture-outside": ({ thing }) => ({
    say: `${capital(thing)} is not on the wall as it was measured.`,
    remedy: "Check its place and size against the wall.",
  }),
  "outline-crosses": () => ({
    say: "The readings make sides that cross each other, so they enclose no wall.",
    remedy: "Look at the ends and the stations again; one reading is likely in the wrong place.",
  }),
  "likely-slip": ({ read, likely, station, of }, { length }) => ({
    say: `Station ${station} reads ${length(read)} to the ${of}, out of line with its neighbours. ${length(likely)} would be in line.`,
    remedy: "Read it again. A figure misread, a digit too many, or feet and inches swapped look like this.",
  }),
  "out-of-level": ({ side, out, change, clearAt }, { length }) => ({
    say:
      Math.abs(change) > out / 2
        ? `The ${side} ${change < 0 ? "falls" : "rises"} ${length(Math.abs(change))} from left to right.`
        : `The ${side} is ${length(out)} out of level between its ends.`,
    remedy: `A level line nearer to it than ${length(clearAt)} makes a wedge that is seen. Keep lines clear of it, follow it, or split the difference.`,
  }),
  "out-of-plumb": ({ side, out, inwards }, { length }) => ({
    say:
      Math.abs(inwards) > out / 2
        ? `The ${side} end leans ${length(Math.abs(inwards))} ${inwards > 0 ? "into the wall" : "out of the wall"} on its way up.`
        : `The ${side} end is ${length(out)} out of plumb between its foot and its head.`,
    remedy: "Read upright lines from the plumb line, never from the corner.",
  }),
  "out-of-square": ({ difference, skew }, { length }) => ({
    say: `The diagonals differ by ${length(difference)}: the wall is ${length(skew)} out of square over its height.`,
    remedy: "Set out from one level line and one plumb line; readings off the sides carry the error on.",
  }),
  "diagonal-disagrees": ({ which, read, computed }, { length }) => ({
    say: `The ${which} diagonal was read as ${length(read)}, but the survey makes it ${length(computed)}.`,
    remedy: "One of the readings is a slip. Read the diagonal again, then the ends.",
  }),
  "not-flat": ({ gap, straightedge }, { length }) => ({
    say: `The wall is ${length(gap)} off a straightedge of ${length(straightedge)} here.`,
    remedy: "Light along the wall shows it. Fill it, or choose a broken finish that hides waves.",
  }),
  "taper-shows": ({ line, against, first, last, least, most, verdict, clearAt, distance }, { length }) => {
    const surface = { top: "ceiling", bottom: "floor", left: "left end", right: "right end" }[against];
    const isLevel = against === "top" || against === "bottom";
    const [here, there] = isLevel ? ["at the left", "at the right"] : ["at the foot", "at the head"];
    const isBent = Math.abs(first - last) < (most - least) / 2;
    const gap = isBent
      ? `between ${length(least)} and ${length(most)} from the ${surface} along its way`
      : `${length(first)} from the ${surface} ${here} and ${length(last)} ${there}`;
    return {
      say: `${named(line)} stands ${gap}. From ${length(distance)} away the wedge ${verdict}.`,
      remedy: isLevel
        ? `Follow the ${surface} there, split the difference, or keep level lines ${length(clearAt)} away from it.`
        : `Let the strip at the ${surface} be wider than ${length(clearAt)}, or leave it in the base colour.`,
    };
  },
  "level-line-crosses": ({ things, better }, { length }) => ({
    say: `The level line runs across ${listed(things)}, where it cannot be marked.`,
    remedy:
      better === null
        ? "Mark it on both sides and check that the two halves meet."
        : `Pack it ${length(Math.abs(better))} ${better > 0 ? "higher" : "lower"} for marking, and prove that at the far end.`,
  }),
  "level-line-reach": ({ aboveFloor, better }, { length }) => ({
    say: `The level line stands ${length(aboveFloor)} above the floor, out of easy reach.`,
    remedy:
      better === null
        ? "Work from a firm step, with both feet on it."
        : `Pack it ${length(Math.abs(better))} ${better > 0 ? "higher" : "lower"} for marking, and prove that at the far end.`,
  }),
  "trim-too-tall": ({ trim, height }, { length }) => ({
    say: `Skirting and cornice take ${length(trim)} of a wall ${length(height)} high. Nothing is left to paint.`,
    remedy: "Check the skirting, the cornice and the height.",
  }),
  "nothing-to-paint": () => ({
    say: "The openings take the whole wall. Nothing is left to paint.",
    remedy: "Check the sizes of the openings.",
  }),
  "tiny-face": ({ areaMm2, name }) => ({
    say: `A piece of ${name} is only ${Math.round(areaMm2)} square millimetres, smaller than a coin.`,
    remedy: "Move a line so that it vanishes or grows, or leave it in the colour beside it.",
  }),
  "loose-end": () => ({
    say: "A line ends here without meeting another line or an edge, so it divides nothing.",
    remedy: "Draw it on to the next line or edge, or take it out.",
  }),
  "fill-in-opening": ({ number }) => ({
    say: `Fill ${number} lies in an opening, on a line or off the wall, so it colours nothing.`,
    remedy: "Put it into the face that it is meant for.",
  }),
  "fills-meet": ({ first, second, at, other }, { length }) => {
    const placeOf = ([x, y]: readonly [number, number]) =>
      `${length(x)} along, ${length(Math.abs(y))} ${y < 0 ? "down" : "up"}`;
    return {
      say: `Fill ${first} (${placeOf(other)}) and fill ${second} (${placeOf(at)}) lie in one face, so only the later one is seen.`,
      remedy: "Take one of them out, or put a line between them.",
    };
  },
  "equal-neighbours": ({ pairs }) => ({
    say:
      pairs === 1
        ? "Two faces side by side have the same colour."
        : `${pairs} pairs of faces side by side have the same colour.`,
    remedy: "Add a colour to shuffle from, or fill one of them by hand.",
  }),
  "off-wall": ({ thing }) => ({
    say: `${capital(thing)} is off the painted wall, so nothing of it is seen.`,
    remedy: "Check its place against the wall.",
  }),
  "off-the-wall": ({ thing, over }, { length }) => ({
    say: `${capital(thing)} runs ${length(over)} off the painted wall and is cut off there.`,
    remedy: "Move it onto the wall, or make it narrower, so that what is seen is meant.",
  }),
  "bands-overlap": ({ first, second }) => ({
    say: `${capital(first)} and ${second} overlap.`,
    remedy: "Move one of them, or make it narrower.",
  }),
  "shape-crosses": ({ thing }) => ({
    say: `The sides of ${thing} cross each other, so it is not one shape.`,
    remedy: "List its corners in turn, going once around.",
  }),
  "line-eats-pattern": ({ line, left }, { length }) => ({
    say:
      left <= 0
        ? `A line ${length(line)} wide leaves nothing of the cells between the tapes.`
        : `The lines are ${length(line)} wide and leave only ${length(left)} of a cell between them.`,
    remedy: "Use narrower tape, or make the cells larger.",
  }),
  "acute-angle": ({ degrees }) => ({
    say: `Tapes meet at ${Math.round(degrees * 10) / 10} degrees here. A corner that sharp cannot be painted cleanly.`,
    remedy: "Make the cells wider or lower, so that corners open to 15 degrees or more.",
  }),
  "out-of-reach": ({ isOff, above }, { length }) => ({
    say: isOff
      ? "The centre is off the painted wall, so no pin holds the string there."
      : `The centre is ${length(above)} above the foot of the wall, out of easy reach.`,
    remedy: isOff
      ? "Fix a batten that reaches out to the centre, or set the curve out by heights along the level line."
      : "Work from a firm trestle with both feet on it, or set the curve out by heights along the level line.",
  }),
  "cut-off": ({ over, room }, { length }) => ({
    say: `The arch would reach ${length(over)} beyond the top of the painted wall and is cut off there.`,
    remedy: `Shorten the longest string to ${length(room)} or less, or lower the centre.`,
  }),
  "no-room": (room, { length }) =>
    "thing" in room
      ? {
          say: `What ${room.thing} lies on is ${length(room.widthMm)} wide on the average: no roller, spreader or brush finds room in it.`,
          remedy: "Let it lie under more of the pattern, or take its colour for a plain one there.",
        }
      : {
          say: `Only ${room.found} of ${room.wanted} lines find room at that angle and size.`,
          remedy: "Allow sharper crossings or smaller faces, or be content with fewer lines.",
        },
  "by-eye": ({ tolerance, areaM2 }, { length, area }) => ({
    say: `Lines struck by eye may stray ${length(tolerance)}. Up to ${area(areaM2)} may change from one colour to the other.`,
    remedy: "Write its colour on every area before the first coat, and mix a little more of each.",
  }),
  "slit-tape": ({ line, sold }, { length }) => ({
    say: `No tape is sold ${length(line)} wide. The ${length(sold)} roll has to be slit or lapped for it.`,
    remedy: "Slit the whole roll at once with a sharp knife, or make the line as wide as a tape.",
  }),
  "lines-up-with-nothing": ({ thing }) => ({
    say: `${capital(thing)} lines up with nothing on the wall: no edge or middle of it meets one of anything else.`,
    remedy: "Let an edge or its middle stand on that of an opening, a piece of furniture or the wall.",
  }),
  "texture-bleeds": ({ texture }) => ({
    say: `${textureWords[texture]} lets paint creep under tape, and long straight or curved edges will look ragged.`,
    remedy:
      "Seal every edge with the colour under the tape and try one on a board first, or choose a finish with soft edges.",
  }),
  ...cutMessages,
  ...colourMessages,
  ...workMessages,
};

/** What the findings of one finish say, by their codes. */
export type FindingWords = Readonly<Record<string, OwnMessage>>;
/** (Written as a method so that messages of different values can stand in one list.) */
type OwnMessage = { say(values: Values, speech: Speech): Message }["say"];

/** What a finding says and what to do about it; `own` has the words of what finishes notice themselves. */
export function describeFinding(finding: Finding, own: FindingWords, speech: Speech): Message {
  if (finding.own) return own[finding.code]!(finding.values, speech);
  const speak = findingMessages[finding.code] as (values: object, speech: Speech) => Message;
  return speak(finding.values, speech);
}

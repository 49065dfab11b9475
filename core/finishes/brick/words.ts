import type { Speech } from "../../findings/speech";
import { handMm } from "./guides";

interface Faces {
  readonly wall: string;
  readonly colour: string;
  readonly faces: number;
  /** How many of them an opening, an end, floor or ceiling cuts. */
  readonly cut: number;
  readonly loads: number;
  readonly fade: number;
  readonly isAccent: boolean;
  readonly stretches: number;
  /** The last course of them. */
  readonly course: number;
}

const ordinal = (count: number): string => (count === 2 ? "second" : count === 3 ? "third" : `${count}th`);

/** What brickwork says. */
export const brickWords = {
  "brick-stamp": (
    { wall, colour, faces, cut, loads, fade, isAccent, stretches, course }: Faces,
    speech: Speech,
  ) =>
    `${speech.wall(wall)}: stamp ${faces} ${faces === 1 ? "face" : "faces"}${cut > 0 ? `, ${cut} of them cut,` : ""} in ${speech.paint(colour)}${isAccent ? " by the map" : ""}, ${loads} ${loads === 1 ? "load" : "loads"} of up to ${fade}, every other ${isAccent ? "of them" : "brick"} and back, so that fresh and faded ones mix${stretches > 1 ? `; down the wall, one course there and the next one back, to course ${course}` : ""}. Dab, never slide.`,
  "brick-brush": ({ wall, colour, faces, isAccent, stretches, course }: Faces, speech: Speech) =>
    `${speech.wall(wall)}: dry-brush ${faces} ${faces === 1 ? "face" : "faces"} in ${speech.paint(colour)} along the joints, ${
      isAccent ? "by the map" : "patchy on purpose"
    }${stretches > 1 ? `, down the wall, to course ${course}` : ""}.`,
  "brick-tape": (
    {
      wall,
      bed,
      perpend,
      bedMm,
      joint,
    }: { wall: string; bed: number; perpend: number; bedMm: number; joint: number },
    speech: Speech,
  ) =>
    `${speech.wall(wall)}: tape the joints with tape slit to their widths: ${speech.run(bed)} of beds first, ${speech.length(bedMm)} wide, then ${speech.run(perpend)} of perpends between them, ${bedMm === joint ? "the same" : speech.length(joint)}.`,
  "brick-peel": ({ wall, amount }: { wall: string; amount: number }, speech: Speech) =>
    `${speech.wall(wall)}: peel ${speech.run(amount)} of joints dry, the last laid first; score the film where it bridges.`,
  "brick-smear-board": (
    { wall, share, distance }: { wall: string; share: number; distance: number },
    speech: Speech,
  ) =>
    `${speech.wall(wall)}: a board of the same faces at three shares of filler, ${[0.5, 1, 1.5].map((times) => `${Math.round(share * times * 100)} %`).join(", ")}. Look at it from ${speech.length(distance)}: joints must still read. Keep the one that is taken beside the wall.`,
  "brick-smear": (
    { wall, colour, share, filler }: { wall: string; colour: string; share: number; filler: number },
    speech: Speech,
  ) =>
    `${speech.wall(wall)}: drag filler and ${speech.paint(colour)} across about ${Math.round(share * 100)} % of the faces, ${speech.volume(filler)} of filler in all; spatula flat, along the courses, lifted at the joints. Step back every square metre, and stop while joints read.`,
  "care-filler": () => "Dust mask for mixing and rubbing filler down; air the room.",
  "ready-smear": () => "A board with the same faces and joints, filler, spatula, white in a shallow tray.",
  "table-rods": () => "Rods: perpends of the courses",
  "why-smear-filler": ({ from }: { from: number }, speech: Speech) =>
    `${speech.volume(from)} across the faces, tubes of ${speech.volume(300)}`,
  "care-dry-brush": () => "Brush the load off on paper until it hardly marks, before it touches the wall.",
  "care-stamp": () => "Try the stamp on paper first, and count how many faces a load prints.",
  "ready-stamps": ({ way }: { way: string }) =>
    way === "taped"
      ? "Wide dry brushes, one a colour, paper to brush off on."
      : "Stamps cut to every face size, damp and wrung out; a shallow tray, paper, a small brush for the foot course.",
  "table-faces": () => "Faces to cut stamps for",
  "why-sponge": ({ from }: { from: number }) =>
    `for ${Math.round(from)} stamps, one a size and one for each 300 faces`,
  "why-brick-tape": ({ from }: { from: number }, speech: Speech) =>
    `${speech.run(from)} of joints, slit from the widest roll`,
};

/** What brickwork says of what it found. */
export const brickFindings = {
  "jamb-sliver": (
    {
      wall,
      pieces,
      width,
      face,
      shift,
    }: { wall: string; pieces: number; width: number; face: number; shift: number | null },
    speech: Speech,
  ) => ({
    say: `${speech.wall(wall)}: ${pieces === 1 ? "a piece" : `${pieces} pieces`} beside an opening ${pieces === 1 ? "is" : "are"} narrower than a quarter of a face, the least ${speech.length(width)} of ${speech.length(face)}: ${pieces === 1 ? "it looks" : "they look"} like a mistake.`,
    remedy:
      shift === null
        ? "No shift of the bond loses them all: leave the narrowest as mortar, or take another face."
        : `Shift the bond ${speech.length(Math.abs(shift))} to the ${shift > 0 ? "right" : "left"}: then no piece at ends and jambs is under a quarter.`,
  }),
  "guide-lines": (
    { every, enough, lines }: { every: number; enough: number; lines: number },
    { length }: Speech,
  ) => ({
    say:
      every > enough
        ? `A guide line every ${every} courses leaves a hand more room than passes unseen: it strays by ${length(handMm)} a course, and the bed over the next line takes it all up.`
        : `A guide line ${every === 1 ? "at every course" : `every ${every} courses`} is more than a hand needs: between two of them ${enough} courses stray by no more than passes unseen.`,
    remedy: `Mark every ${enough === 1 ? "" : `${ordinal(enough)} `}course, ${lines} ${lines === 1 ? "line" : "lines"}, and set the stamps between by their joints.`,
  }),
  "joints-vanish": (
    {
      wall,
      contrast,
      least,
      joint,
      resolved,
    }: { wall: string; contrast: number; least: number; joint: number; resolved: number },
    speech: Speech,
  ) => ({
    say:
      joint < resolved
        ? `${speech.wall(wall)}: a joint of ${speech.length(joint)} is lost from where people stand; ${speech.length(resolved)} would read.`
        : `${speech.wall(wall)}: smeared so far, faces differ from the joints by only ${contrast.toFixed(0)} of 100 in lightness; under ${least} the joints no longer read.`,
    remedy: "Smear less of the faces, take a joint or a face that differs more, and try it on a board first.",
  }),
};

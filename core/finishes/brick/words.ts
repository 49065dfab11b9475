import type { Speech } from "../../findings/speech";

interface Faces {
  readonly wall: string;
  readonly colour: string;
  readonly faces: number;
  readonly loads: number;
  readonly fade: number;
  readonly isAccent: boolean;
  readonly stretches: number;
  /** The last course of them. */
  readonly course: number;
}

/** What brickwork says. */
export const brickWords = {
  "brick-stamp": ({ wall, colour, faces, loads, fade, isAccent, stretches, course }: Faces, speech: Speech) =>
    `${speech.wall(wall)}: stamp ${faces} ${faces === 1 ? "face" : "faces"} in ${speech.paint(colour)}, ${
      isAccent
        ? "by the map, each on dry paint"
        : `${loads} loads of up to ${fade}, every other brick and back, so that fresh and faded ones mix`
    }${stretches > 1 ? `; whole courses downwards, to course ${course}` : ""}. Dab, never slide.`,
  "brick-brush": ({ wall, colour, faces, isAccent, stretches, course }: Faces, speech: Speech) =>
    `${speech.wall(wall)}: dry-brush ${faces} ${faces === 1 ? "face" : "faces"} in ${speech.paint(colour)} along the joints, ${
      isAccent ? "by the map" : "patchy on purpose"
    }${stretches > 1 ? `, whole courses downwards, to course ${course}` : ""}.`,
  "brick-tape": (
    { wall, bed, perpend, joint }: { wall: string; bed: number; perpend: number; joint: number },
    speech: Speech,
  ) =>
    `${speech.wall(wall)}: tape the joints with tape slit to ${speech.length(joint)}: ${speech.run(bed)} of beds first, then ${speech.run(perpend)} of perpends between them.`,
  "brick-peel": ({ wall, amount }: { wall: string; amount: number }, speech: Speech) =>
    `${speech.wall(wall)}: peel ${speech.run(amount)} of joints dry, the last laid first; score the film where it bridges.`,
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

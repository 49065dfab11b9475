import { preparationFor } from "../findings/preparation";
import type { Speech } from "../findings/speech";
import type { Seal } from "../tape/sealEdge";
import type { Step, StepKind } from "./step";

const count = (amount: number | undefined, one: string, many = `${one}s`): string =>
  `${Math.round(amount ?? 0)} ${Math.round(amount ?? 0) === 1 ? one : many}`;

const ordinals = [
  "",
  "first",
  "second",
  "third",
  "fourth",
  "fifth",
  "sixth",
  "seventh",
  "eighth",
  "ninth",
  "tenth",
];

const sealWords: Record<Seal, string> = {
  colour: "the colour under the tape",
  clear: "clear sealer",
  white: "white sealer",
  press: "nothing but pressing down",
};

/** What a step is, in a painter's words; places and amounts in the job's own units. */
const sentences: { [Kind in StepKind]: (step: Step, speech: Speech) => string } = {
  clear: ({ amount }) =>
    `Clear the room: take down what hangs, gather ${amount ? count(amount, "piece", "pieces") + " of furniture" : "what stands at the walls"} in the middle under a sheet.`,
  cover: ({ amount }, { run }) =>
    `Cover the floor along ${run(amount ?? 0)} of wall, about a metre out, and tape the sheets down.`,
  "plates-off": ({ wall, amount }, speech) =>
    `${speech.wall(wall!)}: take off or mask plates and fixings (${count(amount, "piece")}), screws in a labelled bag.`,
  "wash-wall": ({ wall, amount }, speech) =>
    `${speech.wall(wall!)}: wash ${speech.area(amount ?? 0)}, take stickers and glue off, rinse, and look along it with a lamp.`,
  prepare: ({ wall, condition }, speech) =>
    `${speech.wall(wall!)}: ${lower(preparationFor[condition!].step)}`,
  sand: ({ wall }, speech) => `${speech.wall(wall!)}: sand the filler flush, dust off, and spot-prime it.`,
  prime: ({ wall, colour, coat, amount }, speech) =>
    `${speech.wall(wall!)}: prime ${speech.area(amount ?? 0)} with ${speech.paint(colour!)}${coat! > 1 ? `, ${ordinals[coat!]} coat` : ""}.`,
  base: ({ wall, colour, coat, amount }, speech) =>
    `${speech.wall(wall!)}: cut in and roll the ${ordinals[coat!]} coat of ${speech.paint(colour!)} over the whole ${speech.area(amount ?? 0)}.`,
  mark: ({ wall, amount }, speech) =>
    `${speech.wall(wall!)}: strike the level line and set out ${count(amount, "mark")}, in light pencil; prove them.`,
  tape: ({ wall, round, amount }, speech) =>
    `${speech.wall(wall!)}: tape round ${round}, ${speech.run(amount ?? 0)}. Walk it: each line on its right side, ends lapped, edges pressed down.`,
  seal: ({ wall, amount, seals }, speech) =>
    `${speech.wall(wall!)}: seal ${speech.run(amount ?? 0)} of tape edge, thinly, with ${seals!.map((seal) => sealWords[seal]).join(", elsewhere with ")}; let it dry.`,
  paint: ({ wall, colour, coat, isPeeled, stretches, seals }, speech) =>
    [
      `${speech.wall(wall!)}: ${ordinals[coat!]} coat of ${speech.paint(colour!)}`,
      seals ? `, each edge sealed with ${sealWords[seals[0] ?? "press"]} just before` : "",
      stretches && stretches.length > 1 ? `, in ${stretches.length} stretches` : "",
      isPeeled ? `; peel each ${stretches && stretches.length > 1 ? "stretch" : "line"} while it is wet` : "",
      coat === 1 ? "." : ". First look whether the ground still shows.",
    ].join(""),
  peel: ({ wall, round, amount }, speech) =>
    `${speech.wall(wall!)}: peel round ${round} dry, ${speech.run(amount ?? 0)}; score the film where it bridges.`,
  "wash-tools": ({ colour }, speech) => `Wash the roller, tray and brush of ${speech.paint(colour!)}.`,
  "touch-up": ({ wall }, speech) => `${speech.wall(wall!)}: look along every edge with a lamp and touch up.`,
  "rub-out": ({ wall, amount }, speech) => `${speech.wall(wall!)}: rub out ${count(amount, "mark")}.`,
  "plates-back": ({ wall, amount }, speech) =>
    `${speech.wall(wall!)}: put plates and fixings back (${count(amount, "piece")}).`,
  "furniture-back": () =>
    "Take up the sheets and masks, and put the furniture back, a hand's breadth off the new paint.",
};

export function describeStep(step: Step, speech: Speech): string {
  const sentence = sentences[step.kind](step, speech);
  return step.part ? `${sentence} Part ${step.part.number} of ${step.part.of}.` : sentence;
}

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

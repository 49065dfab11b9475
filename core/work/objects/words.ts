import type { Speech } from "../../findings/speech";
import { washableDays } from "../../trade/constants";
import type { ObjectKind } from "../../wall/objectSchema";
import { careOf } from "./care";

interface OnObject {
  readonly wall: string;
  readonly kind: ObjectKind;
}

const liftWords: Record<ObjectKind, string> = {
  board: "stand it up with air on both sides",
  "box-lid": "put hinges and clasp back, and leave it open overnight, so that it does not stick",
  surround: "score along the glass, and take the film off it",
  "floor-cloth":
    "lift it at both ends and leave it flat; from now on it is rolled, painted side out, and never folded",
  fabric: "lift it off before it sticks to what it lies on, and hang it up flat",
  paper: "lift it off, and leave it under a clean board overnight, so that it dries flat",
};

const useWords: Record<ObjectKind, string> = {
  board: `Wiped damp not before ${washableDays} days.`,
  "box-lid": `Wiped damp, and things put on it, not before ${washableDays} days.`,
  surround: `Hung when it is hard, and wiped damp not before ${washableDays} days.`,
  "floor-cloth": `Trodden on, and wiped damp, not before ${washableDays} days.`,
  fabric: `Washed not before ${washableDays} days: inside out, cool, without softener or bleach.`,
  paper: "Kept dry.",
};

/** What is said of things that lie on a table. */
export const objectWords = {
  "wash-cloth": ({ wall }: { wall: string }, speech: Speech) =>
    `${speech.wall(wall)}: wash it as it will be washed later, without softener, which keeps paint off; dry it, and measure it again, since cloth shrinks.`,
  "lay-flat": ({ wall, kind, backing }: OnObject & { backing: string | null }, speech: Speech) =>
    `${speech.wall(wall)}: ${careOf[kind].place} and lay the ${careOf[kind].name} face up on ${backing ?? careOf[kind].backing}, ${careOf[kind].held}. Measure both diagonals: they are alike where it is square.`,
  "key-object": ({ wall, kind, amount }: OnObject & { amount: number }, speech: Speech) =>
    `${speech.wall(wall)}: rub ${speech.area(amount)} of the ${careOf[kind].name} with fine paper until its shine is gone, and wipe all dust off.`,
  varnish: (
    {
      wall,
      colour,
      coat,
      coats,
      amount,
    }: { wall: string; colour: string; coat: number; coats: number; amount: number },
    speech: Speech,
  ) =>
    `${speech.wall(wall)}: coat ${coat} of ${coats} of ${speech.paint(colour)} over all ${speech.area(amount)} and its edges, thin, from one end to the other without going back${coat > 1 ? "; rub the one before lightly first, and wipe it" : ""}.`,
  "set-heat": ({ wall }: { wall: string }, speech: Speech) =>
    `${speech.wall(wall)}: set the paint with an iron, dry and as hot as the cloth bears, over a clean cloth, moving all the time, for as long as the paint's label says. ${useWords.fabric}`,
  lift: ({ wall, kind, isLast }: OnObject & { isLast: boolean }, speech: Speech) =>
    `${speech.wall(wall)}: ${liftWords[kind]}.${isLast ? ` ${useWords[kind]}` : ""}`,
  "care-dust": () => "Dust mask on, window open; damp cloth for the dust, no broom.",
  "care-iron": () => "Hot iron: on its stand whenever the hand leaves it, and air the room.",
  "care-glass": () => "Glass: lay it down and carry it by two, with gloves.",
  "care-varnish": () =>
    "Air the room, no flames; rags with oil in them can catch fire by themselves. Its label goes first.",
  "ready-cloth": () =>
    "Iron and board, a clean cloth; fabric paint, or what the paint's label says to put in for cloth.",
  "ready-object": () => "Where it lies flat: its backing, tape or weights, a square; light from the side.",
  "why-rubbed": ({ from }: { from: number }) =>
    from === 1 ? "for one place that is rubbed down" : `for ${from} places that are rubbed down`,
  "why-card": ({ from }: { from: number }, { area }: Speech) => `under ${area(from)} that paint goes through`,
};

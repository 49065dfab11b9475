import type { Speech } from "../../findings/speech";

type OnWall = { readonly wall: string; readonly amount: number };

/** What broken colour says, whatever finish it is. */
export const brokenWords = {
  "broken-mask": ({ wall, amount, isCovered }: OnWall & { readonly isCovered: boolean }, speech: Speech) =>
    `${speech.wall(wall)}: mask ${speech.run(amount)} around what is worked, in straight lines with butted ends; cover ${isCovered ? "the colours beside it with film, " : ""}glass, stone, metal and the floor.`,
  "broken-unmask": ({ wall, amount }: OnWall, speech: Speech) =>
    `${speech.wall(wall)}: take ${speech.run(amount)} of masks off at 45 degrees while the coat is soft; where it has set, score along the edge first.`,
};

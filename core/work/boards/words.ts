import { capital } from "../../findings/capital";
import { groupBy } from "../../geometry/groupBy";
import { listed } from "../../findings/listed";
import type { Speech } from "../../findings/speech";
import { saySubject } from "../../findings/subject";
import type { Act } from "../act";
import type { BoardAsked, TrialWay } from "./schema";

interface OfBoard {
  readonly board: string;
  readonly of: BoardAsked["of"];
  readonly as: TrialWay;
}

interface BoardCoat extends OfBoard {
  readonly wall: string | null;
  readonly grade: BoardAsked["grade"];
  readonly act: Act;
  readonly parts: readonly { readonly paint: string; readonly ml: number }[];
  readonly asOnWall: boolean;
  readonly coat: number;
  readonly coats: number;
}

interface LaidOut {
  readonly boards: readonly {
    readonly id: string;
    readonly as: TrialWay;
    readonly size: readonly [number, number];
  }[];
}

/** What a board is called that is tried in some way. */
export const trialWords: Readonly<Record<TrialWay, string>> = {
  board: "board",
  patch: "patch",
  chip: "chip",
  trial: "trial",
};

const howOf = ({ act, asOnWall, parts }: BoardCoat): string => {
  if (act === "prime") return ", the primer";
  if (asOnWall) return act === "print" ? ", printed as on the wall" : ", put on as on the wall";
  return parts.length > 1 ? ", side by side in their shares" : "";
};

const looks: Readonly<Record<TrialWay, string>> = {
  board:
    "carry it about the room beside what stays, upright, by morning, midday and evening light and by lamp. A no counts at once, a yes needs every light",
  patch:
    "look at it by morning, midday and evening light and by lamp. A no counts at once, a yes needs every light",
  chip: "hold it where its colour comes, today. It tells the hue, and neither how it covers nor how it shines",
  trial:
    "stand it where the pattern comes, and look from where people stand, by morning, midday and evening light and by lamp. A no counts at once, a yes needs every light",
};

type Asked = LaidOut["boards"][number];

/** Boards that are tried in one way and are as large, as they come. */
const alike = (boards: LaidOut["boards"]): (readonly Asked[])[] => [
  ...groupBy(boards, ({ as, size }) => `${as} ${size.join(" ")}`).values(),
];

/** By their names, and their size once. */
function sayAlike(all: readonly Asked[], length: Speech["length"]): string {
  const { as, size } = all[0]!;
  const [wide, high] = size.map((side) => length(side));
  const ids = listed(all.map(({ id }) => id));
  const plural = as === "patch" ? "patches" : `${trialWords[as]}s`;
  return all.length > 1
    ? `${plural} ${ids} of ${wide} × ${high} each`
    : `${trialWords[as]} ${ids}, ${wide} × ${high}`;
}

/** What is said of boards. */
export const boardWords = {
  "boards-laid-out": ({ boards }: LaidOut, { length }: Speech) =>
    `Lay out ${listed(alike(boards).map((all) => sayAlike(all, length)))}: dust, and write on the back what it is of, its paint, sheen and the date.${
      boards.some(({ as }) => as === "patch")
        ? " A patch goes on the wall itself, its edges feathered: they show through thin colours later."
        : ""
    }`,
  "board-coat": (told: BoardCoat, speech: Speech) => {
    const { board, of, as, wall, grade, parts, coat, coats } = told;
    return [
      `${capital(trialWords[as])} ${board}, of ${saySubject(of, speech)}${wall === null ? "" : ` on ${speech.wall(wall)}`}: coat ${coat} of ${coats}, ${listed(
        parts.map(({ paint, ml }) => `${speech.volume(ml)} of ${speech.paint(paint)}`),
      )}${howOf(told)}${as === "trial" && coat === 1 && parts.length > 1 ? ", taped at the pattern's true size" : ""}.`,
      ...(grade === "sample" && coat === 1
        ? ["Sample paint: judge its hue, and not its sheen or how it covers."]
        : []),
      ...(coat === coats ? ["Wipe the tools out, and let it dry lying."] : []),
    ].join(" ");
  },
  "board-decide": ({ board, of, as }: OfBoard, speech: Speech) =>
    `The client decides about ${saySubject(of, speech)} by ${trialWords[as]} ${board}: ${looks[as]}. Write down who said what.`,
};

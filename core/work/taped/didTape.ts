import { groupBy } from "../../geometry/groupBy";
import { isCurved } from "../../tape/isCurved";
import { fromTheLeft } from "../../tape/nameTape";
import type { EdgePiece, Seal } from "../../tape/tapePiece";
import { tapeForWidth } from "../../tape/totalTape";
import { did, type Did } from "../act";
import type { TapeBundle } from "./bundleTape";

/** Some work with the stretch of its step in which each of its ids is done; all in the last where none is told. */
export interface InStretches {
  readonly did: Did;
  readonly stretchOf?: readonly number[];
}

/** In which stretch of a coat a piece is sealed, or comes off. */
type StretchOf = (piece: EdgePiece) => number;

interface Laid {
  readonly id: string;
  readonly on: string;
  readonly piece: EdgePiece;
  readonly stretch: number;
}

/** Pieces stretch by stretch, in each from the left. */
const inTurn = (tape: readonly TapeBundle[], stretchOf: StretchOf): Laid[] =>
  tape
    .flatMap(({ on, pieces }) =>
      pieces.map(({ id, piece }): Laid => ({ id, on, piece, stretch: stretchOf(piece) })),
    )
    .sort((a, b) => a.stretch - b.stretch || fromTheLeft(a.piece, b.piece));

const workOn = (laid: readonly Laid[], make: (ids: readonly string[], wall: string) => Did): InStretches[] =>
  [...groupBy(laid, ({ on }) => on)].map(([wall, own]) => ({
    did: make(
      own.map(({ id }) => id),
      wall,
    ),
    stretchOf: own.map(({ stretch }) => stretch),
  }));

const isMask = ({ piece }: Laid): boolean => piece.against !== null;

/** What tape of a width and a way is called where it is bought. */
const itemsOf = ({ piece }: Laid, tapes: readonly number[]): string[] => [
  `tape-${tapeForWidth(piece.width, tapes).soldMm}`,
  ...(isCurved(piece) ? ["tape-flexible"] : []),
];

/** Tape that is laid, wall by wall: lines from the left, and then the masks. */
export function layingOf(tape: readonly TapeBundle[], tapes: readonly number[], heightMm: number): Did[] {
  const laid = inTurn(tape, () => 0);
  const made = (own: readonly Laid[], act: "tape" | "mask") => {
    const tools = [...new Set(own.flatMap((each) => itemsOf(each, tapes))), "tool-knife"];
    return workOn(own, (ids, wall) => did(act, "tape", ids, { wall, tools, heightMm }));
  };
  return [
    ...made(
      laid.filter((each) => !isMask(each)),
      "tape",
    ),
    ...made(laid.filter(isMask), "mask"),
  ].map((one) => one.did);
}

/** Tape that comes off, in the same turn; with the stretches of a coat where it goes with those. */
export function peelingOf(
  tape: readonly TapeBundle[],
  heightMm: number,
  stretchOf: StretchOf = () => 0,
): InStretches[] {
  const off = inTurn(tape, stretchOf);
  const made = (own: readonly Laid[], act: "peel" | "unmask") =>
    workOn(own, (ids, wall) => did(act, "tape", ids, { wall, heightMm }));
  return [
    ...made(
      off.filter((each) => !isMask(each)),
      "peel",
    ),
    ...made(off.filter(isMask), "unmask"),
  ];
}

const sealerOf: Readonly<Record<Seal, string | null>> = {
  colour: null,
  clear: "sealer-clear",
  white: "sealer-white",
  press: null,
};

/** Edges that are sealed, by what they are sealed with; each time anew where it is done for every coat. */
export function sealingOf(
  tape: readonly TapeBundle[],
  heightMm: number,
  { coat, stretchOf = () => 0 }: { readonly coat?: number; readonly stretchOf?: StretchOf } = {},
): InStretches[] {
  const sealed = tape.filter(({ sealWith }) => sealWith !== "press");
  return [...groupBy(sealed, ({ sealWith, sealPaint }) => sealPaint ?? sealWith)].flatMap(([, own]) => {
    const { sealPaint, sealWith } = own[0]!;
    const sealer = sealerOf[sealWith];
    return workOn(inTurn(own, stretchOf), (ids, wall) =>
      did("seal", "tape", ids, {
        wall,
        heightMm,
        ...(coat !== undefined && { coat }),
        ...(sealPaint !== null && { with: sealPaint }),
        ...(sealer !== null && { tools: [sealer] }),
      }),
    );
  });
}

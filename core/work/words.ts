import { listed } from "../findings/listed";
import { preparationFor, type ConditionKind } from "../findings/preparation";
import type { ValuesOf, Words } from "../findings/said";
import type { Said } from "../findings/speech";
import type { Speech } from "../findings/speech";
import type { Seal } from "../tape/tapePiece";
import type { ObjectKind } from "../wall/objectSchema";
import type { Things } from "./room/thingsOf";
import { boardWords } from "./boards/words";
import { brokenWords } from "./broken/words";
import { mishaps, type MishapKind } from "./mend/mishaps";
import { lowerFirst } from "../findings/capital";
import { careOf } from "./objects/care";
import { objectWords } from "./objects/words";
import { sundryWords } from "./sundryWords";
import { printWords } from "./prints/words";

const count = (amount: number, one: string, many = `${one}s`): string =>
  `${Math.round(amount)} ${Math.round(amount) === 1 ? one : many}`;

/** How far from the wall drips fall, m. */
const sheetReachM = 1;

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

const floating =
  " At the external corner cut in top and bottom, roll to within a hand of the edge, float the last strip on with a wide full brush lying on the face, and go over it with a nearly dry roller.";

interface OnWall {
  readonly wall: string;
}
interface Coat extends OnWall {
  readonly colour: string;
  readonly coat: number;
}
/** `downTo`: the tentative line that it ends at, mm from the datum; null where it goes over all of the wall. */
type WholeCoat = Coat &
  Counted & {
    /** Metres of edge that are sealed just before the first coat. */
    readonly sealedM?: number;
    readonly isPeeled: boolean;
    readonly isFloated: boolean;
    readonly downTo: number | null;
  };
interface PaintedCoat extends Coat {
  readonly isPeeled: boolean;
  /** At an external corner, where nothing is taped. */
  readonly isFloated: boolean;
  /** Cut in up to dry neighbours, m. */
  readonly handM: number;
  readonly stretches: number;
  /** It goes around an external corner, under what is floated up to it later. */
  readonly turns: boolean;
  /** How far it is carried past a line, under what comes later there, mm; null where nothing does. */
  readonly past: number | null;
  /** All of the wall is rolled in it. */
  readonly overAll: boolean;
  /** Wiped on just before, where the seal is painted over while it is wet. */
  readonly seals: readonly Seal[] | null;
  /** Along so many metres; null where that is along every edge. */
  readonly sealedM: number | null;
}
type Counted = OnWall & { readonly amount: number };
type InRound = Counted & { readonly round: number };

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

const endOf = (downTo: number | null, { length }: Speech): string =>
  downTo === null ? "" : `, down to a tentative pencil line at ${length(downTo)}, no lower`;

/** What each step is, in a painter's words; places and amounts in the job's own units. */
const stepWords = {
  mix: (
    { colour, parts }: { colour: string; parts: readonly { paint: string | null; parts: number }[] },
    speech: Speech,
  ) =>
    `Mix ${speech.paint(colour)}: ${listed(parts.map(({ paint, parts }) => `${parts} ${parts === 1 ? "part" : "parts"} of ${paint === null ? "water" : speech.paint(paint)}`))}, as measured on the list of mixes. Stir to the bottom, box several batches, dry a dab beside the sample, and label it.`,
  clear: ({ amount }: { amount: number }) =>
    `Clear the room: take down what hangs, gather ${amount ? count(amount, "piece", "pieces") + " of furniture" : "what stands at the walls"} in the middle under a sheet.`,
  cover: ({ amount }: { amount: number }, { run }: Speech) =>
    `Cover the floor along ${run(amount)} of wall, about ${run(sheetReachM)} out, and tape the sheets down.`,
  "plates-off": ({ wall, plates, shelves, masked }: OnWall & Things, speech: Speech) =>
    `${speech.wall(wall)}: ${[
      ...(plates > 0 ? [`take off ${count(plates, "plate")}, screws in a labelled bag`] : []),
      ...(shelves > 0 ? [`take down ${count(shelves, "shelf", "shelves")}`] : []),
      ...(masked > 0
        ? [`mask ${count(masked, "thing")} that ${masked === 1 ? "stays" : "stay"} on the wall`]
        : []),
    ].join("; ")}.`,
  "wash-wall": ({ wall, amount }: Counted, speech: Speech) =>
    `${speech.wall(wall)}: wash ${speech.area(amount)}, take stickers and glue off, rinse, and look along it with a lamp.`,
  "dust-wall": ({ wall, amount }: Counted, speech: Speech) =>
    `${speech.wall(wall)}: brush ${speech.area(amount)} of bare boards along the grain, dust the joints out, and wipe with a barely damp cloth; never wet, which raises the grain.`,
  "dust-young": ({ wall, amount }: Counted, speech: Speech) =>
    `${speech.wall(wall)}: dust ${speech.area(amount)} with a soft dry brush, no water and no soap: its paint is too young. Look along it with a lamp.`,
  "tape-trial": ({ wall }: OnWall, speech: Speech) =>
    `${speech.wall(wall)}: press a hand of low-tack tape on a hidden place of the young base and pull it off at 45 degrees; where paint comes with it, wait another day.`,
  access: ({ wall, height, moves }: OnWall & { height: number; moves: number }, speech: Speech) =>
    `${speech.wall(wall)}: put a tower up, for work up to ${speech.length(height)}; it stands in ${moves} ${moves === 1 ? "place" : "places"} along the wall, and is climbed anew in each.`,
  "access-down": ({ wall }: OnWall, speech: Speech) => `${speech.wall(wall)}: take the tower down.`,
  prepare: ({ wall, condition }: OnWall & { condition: ConditionKind }, speech: Speech) =>
    `${speech.wall(wall)}: ${lower(preparationFor[condition].step)}`,
  sand: ({ wall }: OnWall, speech: Speech) =>
    `${speech.wall(wall)}: sand the filler flush, dust off, and spot-prime it.`,
  "tape-base": ({ wall, amount, isObject }: Counted & { isObject: boolean }, speech: Speech) =>
    `${speech.wall(wall)}: mask ${isObject ? "along what is cut out of it" : "around it"}, ${speech.run(amount)}${isObject ? "" : ": ceiling, trim, openings and neighbours"}, edges pressed down.`,
  "peel-base": ({ wall, amount }: Counted, speech: Speech) =>
    `${speech.wall(wall)}: peel the masks around it dry, ${speech.run(amount)}; score the film where it bridges.`,
  prime: ({ wall, colour, coat, amount, isFloated, downTo }: WholeCoat, speech: Speech) =>
    `${speech.wall(wall)}: prime ${speech.area(amount)} with ${speech.paint(colour)}${coat > 1 ? `, ${ordinals[coat]!} coat` : ""}${endOf(downTo, speech)}.${isFloated ? floating : ""}`,
  base: (
    { wall, colour, coat, amount, isPeeled, isFloated, downTo, sealedM = 0 }: WholeCoat,
    speech: Speech,
  ) =>
    `${speech.wall(wall)}: ${sealedM > 0 ? `seal ${speech.run(sealedM)} of tape edge with clear sealer, and lay the paint into it while that is wet; ` : ""}cut in and roll the ${ordinals[coat]!} coat of ${speech.paint(colour)} over ${downTo === null ? "the whole " : ""}${speech.area(amount)}${endOf(downTo, speech)}${isPeeled ? "; peel the masks while it is wet" : ""}.${isFloated ? floating : ""}`,
  mark: (
    {
      wall,
      amount,
      isLevelled,
      arcs,
      object,
    }: Counted & { isLevelled: boolean; arcs: number; object: ObjectKind | null },
    speech: Speech,
  ) =>
    [
      `${speech.wall(wall)}: `,
      object
        ? `set out ${count(amount, "mark")} from its left and lower edges, ${careOf[object].marker}; prove them with a square`
        : isLevelled
          ? `strike the level line and set out ${count(amount, "mark")}, in light pencil; prove them`
          : `touch the ends of the lines by eye from the sketch, ${count(amount, "touch", "touches")} in light pencil`,
      arcs > 0 ? `; draw the arcs with ${count(arcs, "string")}, the longest first` : "",
      ".",
    ].join(""),
  "mark-again": ({ wall, amount }: Counted, speech: Speech) =>
    `${speech.wall(wall)}: strike ${count(amount, "mark")} again that ${Math.round(amount) === 1 ? "lies" : "lie"} under paint by now, at the same readings.`,
  chips: ({ wall, amount }: Counted, speech: Speech) =>
    `${speech.wall(wall)}: put a colour chip on each of the ${count(amount, "area")}, look from the doorway, and change chips while that costs nothing.`,
  tape: ({ wall, round, amount, again }: InRound & { again: number | null }, speech: Speech) =>
    `${speech.wall(wall)}: tape round ${round}, ${speech.run(amount)}${again === null ? "" : `; where a line had tape before, ${speech.error(again)} further out than that`}. Walk it: each line on its right side, ends lapped, edges pressed down.`,
  seal: ({ wall, amount, seals }: Counted & { seals: readonly Seal[] }, speech: Speech) =>
    `${speech.wall(wall)}: seal ${speech.run(amount)} of tape edge, thinly, with ${seals.map((seal) => sealWords[seal]).join(", elsewhere with ")}; let the colour dry.`,
  paint: (
    {
      wall,
      colour,
      coat,
      isPeeled,
      isFloated,
      handM,
      stretches,
      past,
      overAll,
      seals,
      sealedM,
      turns,
    }: PaintedCoat,
    speech: Speech,
  ) =>
    [
      `${speech.wall(wall)}: ${ordinals[coat]!} coat of ${speech.paint(colour)}`,
      seals
        ? `, ${sealedM === null ? "each edge" : `${speech.run(sealedM)} of edge`} sealed with ${sealWords[seals[0] ?? "press"]} just before, while that is wet`
        : "",
      stretches > 1 ? `, in ${stretches} stretches` : "",
      overAll
        ? ", rolled over all of the wall, a finger's breadth short of ceiling, trim and corners where nothing is masked"
        : "",
      past === null ? "" : `, about ${speech.length(past)} past each line that another colour comes over`,
      turns ? ", and a finger's breadth around the outside corner" : "",
      handM > 0 ? `, ${speech.run(handM)} cut in by hand to what is dry` : "",
      isPeeled ? `; peel each ${stretches > 1 ? "stretch" : "line"} while it is wet` : "",
      coat === 1 ? "." : ". First look whether the ground still shows.",
      isFloated ? floating : "",
    ].join(""),
  peel: ({ wall, round, amount }: InRound, speech: Speech) =>
    `${speech.wall(wall)}: peel round ${round} dry, ${speech.run(amount)}; score the film where it bridges.`,
  "wash-tools": ({ colour, isRolled }: { colour: string; isRolled: boolean }, speech: Speech) =>
    `Wash ${isRolled ? "the roller, tray and brush" : "the tools"} of ${speech.paint(colour)}.`,
  "touch-up": ({ wall, pins }: OnWall & { pins: number }, speech: Speech) =>
    `${speech.wall(wall)}: ${pins > 0 ? `fill the pin's ${pins === 1 ? "hole" : "holes"}, ` : ""}look along every edge with a lamp and touch up.`,
  "once-more": ({ of, count, all }: { of: Said; count: number; all: number }, speech: Speech) =>
    `Once more${count === all ? "" : `, ${count} of ${all}`}: ${speech.say(of)}`,
  mend: (
    {
      wall,
      kind,
      number,
      paint,
      under,
    }: OnWall & { kind: MishapKind; number: number; paint: string; under: string },
    speech: Speech,
  ) => {
    const { name, mend } = mishaps[kind];
    const why = number === 1 ? ` (${lowerFirst(name)})` : "";
    return `${speech.wall(wall)}, mending${why}: ${lowerFirst(mend[number - 1]!.say(speech.paint(paint), speech.paint(under), speech))}`;
  },
  "rub-out": ({ wall, amount, object }: Counted & { object: ObjectKind | null }, speech: Speech) =>
    `${speech.wall(wall)}: ${object && !careOf[object].isMended ? "brush or lightly rub off" : "rub out"} ${count(amount, "mark")}, now that ${object ? "it is dry" : "the wall can be leaned on"}.`,
  "plates-back": ({ wall, plates, shelves, masked }: OnWall & Things, speech: Speech) =>
    `${speech.wall(wall)}: ${[
      ...(plates > 0 ? [`put ${count(plates, "plate")} back`] : []),
      ...(shelves > 0 ? [`put ${count(shelves, "shelf", "shelves")} up again`] : []),
      ...(masked > 0 ? [`take the masks off ${count(masked, "thing")}`] : []),
    ].join("; ")}.`,
  "furniture-back": () =>
    "Take up the sheets and masks, and put the furniture back, a hand's breadth off the new paint.",
};

/** What to take care of; labels, local rules and licensed people have the last word. */
const cautionWords = {
  "care-circuit": () =>
    "Switch the circuit off and test that it is dead before a plate comes off. Anything more is an electrician's.",
  "care-heavy": () => "Two people to a heavy piece.",
  "care-lead": () =>
    "Old paint may hold lead: test it before it is rubbed or scraped. Where it does, certified people remove it.",
  "care-preparing": ({ condition }: { condition: ConditionKind }) => preparationFor[condition].caution ?? "",
  "care-steps": () =>
    "On steps or a trestle: level, three points of contact, no reaching over. A stairwell needs proper access.",
  "care-tower": () =>
    "A tower as its maker and local rules say: on firm ground, wheels locked, rails and toe boards on, put up by who is trained; nobody rides on it, and nothing leans out over it.",
  "care-knife": () => "Cut tape away from yourself.",
  "care-air": () => "Air the room while the sealer dries, and no flames; its label tells the rest.",
  "care-lime": () =>
    "Lime burns eyes and skin: goggles, gloves and sleeves. Rinse at length; for eyes, see a doctor.",
  "care-dry": () =>
    "Keep children and pets out until it is dry. What the tin's label says about skin and air goes first.",
  "care-drain": () =>
    "Nothing goes down the drain: wipe out first, let the rinsing water settle, and hand in what is left.",
};

/** What is to be ready on the evening before, in this order; where several steps ask for it, with all their colours. */
export const eveningWords = {
  "ready-tins": ({ colours }: { colours: readonly string[] }, speech: Speech) =>
    `Open ${listed(colours.map((colour) => speech.paint(colour)))}: lid, skin, lumps, smell, batch, amount.`,
  "ready-mixing": () =>
    "Jugs or scales to measure with, a clean bucket with room to stir, sieve, stirring stick, labels.",
  "ready-moves": () => "Agree what moves where, and who helps with what is heavy.",
  "ready-circuits": () => "Find the switch for the circuits of the plates, and a tester.",
  "ready-washing": () => "Bucket, sugar soap, sponge, degreaser for glue; a lamp to look along the wall.",
  "ready-dusting": () => "Soft brush, vacuum cleaner, lint-free cloths; a lamp to look along it.",
  "ready-mending": () => "Filler, knife, fine paper, primer for spots, dust mask.",
  "ready-chips": () => "Chips of each colour as large as a hand, painted and dry, with tape that lets go.",
  "ready-setting-out": () => "Laser or long level, soft pencil, tape measure, the printed setting-out sheet.",
  "ready-tape": () => "Tape in its widths, kept clean; a knife with a new blade.",
  "ready-rollers": () => "New rollers de-fluffed, trays lined, one brush a colour.",
};

/** Every sentence of the work that all finishes share. */
export const workWords = {
  ...stepWords,
  ...printWords,
  ...boardWords,
  ...brokenWords,
  ...objectWords,
  ...cautionWords,
  ...eveningWords,
  ...sundryWords,
} satisfies Words;
export type WorkCode = keyof typeof workWords;

/** Something of the common work to be said. */
export const said = <Code extends WorkCode>(
  code: Code,
  values: ValuesOf<(typeof workWords)[Code]>,
): Said => ({ code, values });

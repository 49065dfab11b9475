import type { Speech } from "../../findings/speech";

/** What can go wrong on a wall that is worked on. */
export const mishapKinds = [
  "bleed",
  "torn-edge",
  "ragged-edge",
  "missed-tape",
  "misprint",
  "drift",
  "wedge",
  "lap-marks",
  "ropes",
  "batch-change",
  "flashing",
  "pencil-ghost",
  "bunched-tones",
  "open-seam",
  "spill-wet",
  "spill-dry",
] as const;
export type MishapKind = (typeof mishapKinds)[number];

/** Minutes to base one print out, to mark its place anew, and to print it again. */
export const redoing = { baseOutMin: 8, markMin: 3, printMin: 3 } as const;

/** Which of the two paints a step waits for: the one that went astray, or the one that it lies on. */
export type Which = "paint" | "under";

/** A step of a remedy, in the order in which it is done. */
export interface MendStep {
  readonly say: (paint: string, under: string, speech: Speech) => string;
  /** Of hands. */
  readonly minutes: number;
  /** What has to be over after it before the next one: the wait of one of the two paints. */
  readonly then?: { readonly wait: "touchDryMin" | "recoatMin" | "tapeOverMin"; readonly of: Which };
}

export interface Mishap {
  readonly name: string;
  /** How to see it early. */
  readonly see: string;
  readonly mend: readonly MendStep[];
  /** How it does not happen again. */
  readonly next: string;
}

const maskAnew: MendStep = {
  say: (_, under) => `Lay fresh tape on ${under}, exactly along the line, and press it down.`,
  minutes: 5,
};
const sealIt: MendStep = {
  say: (_, under) => `Seal that edge with ${under}.`,
  minutes: 2,
  then: { wait: "touchDryMin", of: "under" },
};
const recolour: MendStep = {
  say: (paint) => `Touch ${paint} up to the tape, and peel while it is wet.`,
  minutes: 5,
};
const paintOut: MendStep = {
  say: (_, under) => `Paint it out with ${under}, as often as it shows through; feather the rim.`,
  minutes: 8,
  then: { wait: "tapeOverMin", of: "under" },
};

/** Remedies as painters do them; each with its own paint and waits. */
export const mishaps: Readonly<Record<MishapKind, Mishap>> = {
  bleed: {
    name: "Paint crept under the tape",
    see: "Peel the first hand's width slowly and look before the rest comes off.",
    mend: [
      {
        say: (paint) => `Lay fresh tape on ${paint}, exactly along the line.`,
        minutes: 5,
      },
      {
        say: (_, under) => `Mend ${under} against it, over what crept; peel while it is wet.`,
        minutes: 5,
        then: { wait: "tapeOverMin", of: "under" },
      },
      maskAnew,
      sealIt,
      recolour,
    ],
    next: "Seal the tape's edge with the colour under it, or with clear film on rough walls; brush the first pass from the tape outwards.",
  },
  "torn-edge": {
    name: "The edge tore with the tape",
    see: "The film stretches in threads as the tape comes up: stop, and score it.",
    mend: [
      { say: () => "Rub the torn rim down with fine paper, dust off.", minutes: 4 },
      { ...maskAnew },
      sealIt,
      recolour,
    ],
    next: "Peel while the coat tacks, back on itself at 45 degrees; or score along the tape when it is dry.",
  },
  "ragged-edge": {
    name: "The edge is ragged",
    see: "Look along the line with a lamp from one end.",
    mend: [maskAnew, sealIt, recolour],
    next: "Shorter pulls of tape, its working edge pressed down; float a hand-cut line on with a full brush.",
  },
  "missed-tape": {
    name: "An edge was painted without its tape",
    see: "Walk every line with the list of tape before the first coat.",
    mend: [paintOut, maskAnew, sealIt, recolour],
    next: "Tick each piece of tape off as it is laid.",
  },
  misprint: {
    name: "A print sits wrong",
    see: "Read the check at the end of every column against the datum.",
    mend: [
      {
        say: (paint) => `Wipe ${paint} off with a damp cloth while it is wet, away from the other prints.`,
        minutes: 3,
      },
      {
        say: (_, under) => `Otherwise base it out with ${under}, as often as it shows through.`,
        minutes: redoing.baseOutMin,
        then: { wait: "tapeOverMin", of: "under" },
      },
      {
        say: () => "Mark that place anew from the datum, never from the print beside it.",
        minutes: redoing.markMin,
      },
      { say: (paint) => `Print it again in ${paint}, the tool nearly dry.`, minutes: redoing.printMin },
    ],
    next: "One struck line a row, and every print read from it. What is out by less than is seen from where people stand stays.",
  },
  drift: {
    name: "Lines drift from their readings",
    see: "Measure one mark halfway from the datum; it should be within half a division.",
    mend: [
      {
        say: () => "Read every mark that is not taped yet again from the datum, and rub the old ones out.",
        minutes: 10,
      },
      {
        say: () =>
          "What is painted already stays where the difference to its neighbour does not show; otherwise treat it as an edge without its tape.",
        minutes: 5,
      },
    ],
    next: "Never step from the last mark: all readings from one datum.",
  },
  wedge: {
    name: "A wedge shows at the ceiling or the floor",
    see: "Hold a strip of tape along the first level line and look from where people stand.",
    mend: [
      {
        say: () => "Take the upper line down or up by half the wedge at its wide end, before it is painted.",
        minutes: 10,
      },
      {
        say: (paint, under) =>
          `Where ${paint} is on already, paint the difference with ${under} against fresh tape.`,
        minutes: 10,
      },
    ],
    next: "Within 300 mm of a ceiling that is out, follow it or split the difference.",
  },
  "lap-marks": {
    name: "Lap marks",
    see: "Darker bands where a wet edge met one that had set; rake a lamp along.",
    mend: [
      {
        say: (paint) => `Let ${paint} dry through; never go back into it.`,
        minutes: 0,
        then: { wait: "recoatMin", of: "paint" },
      },
      {
        say: (paint) => `Another whole coat of ${paint}, from corner to corner without a stop.`,
        minutes: 45,
      },
    ],
    next: "Shorter stretches, another pair of hands, or a cooler hour; stop at corners only.",
  },
  ropes: {
    name: "Roller ropes",
    see: "Raised lines at the ends of the roller, under a raking lamp, while it is wet: roll them out at once, without pressing.",
    mend: [
      { say: (paint) => `Let ${paint} dry.`, minutes: 0, then: { wait: "recoatMin", of: "paint" } },
      { say: () => "Rub the ropes down with fine paper, dust off. Dust mask.", minutes: 10 },
      { say: (paint) => `Another coat of ${paint} from edge to edge, across the one before.`, minutes: 20 },
    ],
    next: "A short-nap sleeve, well loaded, and no weight on its ends.",
  },
  "batch-change": {
    name: "The batch changed in mid-wall",
    see: "Dry a dab of each tin beside the other before the second is begun.",
    mend: [
      { say: (paint) => `Box what is left of all tins of ${paint} together.`, minutes: 5 },
      { say: (paint) => `One more coat of ${paint} to the next corner.`, minutes: 45 },
    ],
    next: "Box all tins of a colour, and break batches at a corner only.",
  },
  flashing: {
    name: "Touched-up places flash",
    see: "Look along the wall by day when it is dry.",
    mend: [
      {
        say: (paint) => `Thin ${paint} a little, and stipple it on with the tool of the first coat.`,
        minutes: 5,
        then: { wait: "recoatMin", of: "paint" },
      },
      {
        say: (paint) => `If it still shows, one coat of ${paint} over the whole piece, edge to edge.`,
        minutes: 20,
      },
    ],
    next: "Touch up from the same tin, with the same tool, and as little as can be.",
  },
  "pencil-ghost": {
    name: "Pencil shows through",
    see: "Before the first coat: a soft pencil, lightly; no ink, wax or coloured chalk.",
    mend: [
      { say: () => "Rub it out with a clean eraser, or wipe it with a damp cloth.", minutes: 3 },
      { say: (paint) => `Touch ${paint} up where that shows.`, minutes: 3 },
    ],
    next: "Ticks beside the tape rather than whole lines.",
  },
  "bunched-tones": {
    name: "Tones have bunched together",
    see: "Step back after every section or course, and half close your eyes.",
    mend: [
      { say: (_, under) => `When it is dry, break the bunch up with a few touches of ${under}.`, minutes: 8 },
    ],
    next: "Keep to the printed order of loads; after a dark section take less of the dark in the next one.",
  },
  "open-seam": {
    name: "A seam has opened",
    see: "Run a hand along the seams a day later.",
    mend: [
      { say: () => "Press it again from the middle of the sheet; never stretch it.", minutes: 3 },
      { say: (_, under) => `If a hair of wall shows, touch it with ${under} on a fine brush.`, minutes: 5 },
    ],
    next: "Hang to the plumb line, butt without tension, and on a wall that has cured.",
  },
  "spill-wet": {
    name: "A spill on a neighbour, still wet",
    see: "At once.",
    mend: [
      {
        say: () => "Wipe it up at once with a damp cloth, from its rim inwards; rinse and wipe again.",
        minutes: 2,
      },
    ],
    next: "Mask wider where a roller works, and keep a damp cloth in the pocket.",
  },
  "spill-dry": {
    name: "A spill on a neighbour, dry",
    see: "When the masks come off.",
    mend: [
      {
        say: () => "Scrape it off with a plastic edge; on glass with a blade, away from yourself.",
        minutes: 5,
      },
      { say: (_, under) => `Touch the neighbour up with ${under}, rolled or brushed as it was.`, minutes: 5 },
    ],
    next: "Mask wider, and look back over each stretch before it dries.",
  },
};

import type { ObjectKind } from "../../wall/objectSchema";

/** How a kind of thing is treated: painters' practice; a label goes first. */
interface Care {
  /** As it is called in a sentence. */
  readonly name: string;
  /** What is done to the place first. */
  readonly place: string;
  /** What it lies on, and how it is kept from moving. */
  readonly backing: string;
  readonly held: string;
  /** What makes paint hold on it. */
  readonly before: "wash" | "key" | null;
  /** Whether paint goes through it, so that what it lies on is thrown away. */
  readonly isThin: boolean;
  /** What it is marked with. */
  readonly marker: string;
  /** Whether marks may be rubbed out and edges touched up; on cloth and paper what is there stays. */
  readonly isMended: boolean;
  /** The fewest coats of varnish that it takes; none where varnish would crack as it is folded. */
  readonly leastVarnish: number | null;
  /** Whether it is trodden on, so that something has to seal it. */
  readonly isTrodden: boolean;
  /** Ironed before, and its paint set by an iron unless that sets by itself. */
  readonly isIroned: boolean;
  /** Carried by two, with gloves. */
  readonly hasGlass: boolean;
}

export const careOf: Readonly<Record<ObjectKind, Care>> = {
  board: {
    name: "board",
    place: "cover the table",
    backing: "two battens on the table",
    held: "so that its edges are free",
    before: "key",
    isThin: false,
    marker: "in light pencil",
    isMended: true,
    leastVarnish: 1,
    isTrodden: false,
    isIroned: false,
    hasGlass: false,
  },
  "box-lid": {
    name: "box lid",
    place: "cover the table",
    backing: "a block under its middle",
    held: "with hinges and clasp off, their screws in a labelled bag",
    before: "key",
    isThin: false,
    marker: "in light pencil",
    isMended: true,
    leastVarnish: 1,
    isTrodden: false,
    isIroned: false,
    hasGlass: false,
  },
  surround: {
    name: "surround",
    place: "cover the table",
    backing: "two battens on the table",
    held: "with the glass under film, taped down along its edge",
    before: "key",
    isThin: false,
    marker: "in light pencil",
    isMended: true,
    leastVarnish: 1,
    isTrodden: false,
    isIroned: false,
    hasGlass: true,
  },
  "floor-cloth": {
    name: "floor cloth",
    place: "sweep a place",
    backing: "a clean, flat floor with film on it",
    held: "flat, with a weight on each corner",
    before: "key",
    isThin: false,
    marker: "in light pencil",
    isMended: true,
    leastVarnish: 3,
    isTrodden: true,
    isIroned: false,
    hasGlass: false,
  },
  fabric: {
    name: "fabric",
    place: "cover the table, iron the cloth",
    backing: "card in film",
    held: "smooth and taut but not stretched, taped down all round",
    before: "wash",
    isThin: true,
    marker: "in tailor's chalk",
    isMended: false,
    leastVarnish: null,
    isTrodden: false,
    isIroned: true,
    hasGlass: false,
  },
  paper: {
    name: "paper",
    place: "cover the table",
    backing: "clean card",
    held: "with low-tack tape at each corner",
    before: null,
    isThin: true,
    marker: "in light pencil",
    isMended: false,
    leastVarnish: 1,
    isTrodden: false,
    isIroned: false,
    hasGlass: false,
  },
};

/** Minutes: by the piece, and by the square metre of it. */
export const objectMinutes = {
  washing: 10,
  laying: 10,
  keying: 5,
  keyingPerM2: 10,
  /** An iron's sole covers 0.02 m2, and rests there, moving, for about a minute of the label's three to five over all. */
  ironing: 5,
  ironingPerM2: 45,
  squaring: 3,
  lifting: 5,
} as const;

/** At 20 C and 50 % RH, minutes: washed cloth on a line. */
export const clothDryMin = 360;

/**
 * The trade's numbers: rules of thumb that serve as defaults. A label on a tin always wins. Each has its unit
 * in its name and says where it comes from; the source is painters' practice unless another is named.
 */

/** A line within this of a plate, casing or corner, without touching it, looks like a mistake. */
export const nearMissMm = 12;

/** A strip narrower than this beside an opening looks like an error. */
export const sliverMm = 40;

/** No division is set out narrower than this: it is finer than a pencil line by far. */
export const leastDivisionMm = 0.1;

/** What the eye resolves: one minute of arc, tan(1/60 degree) = 0.00029, per metre of viewing distance. */
export const resolvedMmPerMetre = 0.29;

/** A difference of neighbouring widths under this share is not noticed. */
export const unnoticedShare = 0.025;

/** Longest piece of tape that is laid straight in one pull. */
export const tapePieceMm = 900;

/** Overlap of two pieces of tape in one line. */
export const tapeOverlapMm = 25;

/** Left free at each end of a line to take hold of when peeling. */
export const tapeTailMm = 40;

/** The usual roll for an edge. */
export const tapeWidthMm = 24;
/** Widths that tape is sold in. */
export const tapeWidthsMm = [18, 24, 36, 48] as const;
export const tapeRollM = 41;

/** How far a sealing brush reaches along an edge: as far as paint is carried past a line. */
export const sealStripMm = 25;

/** Share of a colour's film that is kept for touching up, and the least that is worth a jar. */
export const touchUpShare = 0.05;
export const leastTouchUpMl = 30;

/** What a tool keeps for itself each time it is used and washed. */
export const toolKeepsMl = { roller230: 180, roller100: 60, brush60: 30 } as const;

/** Painted area per colour up to which the smaller tool is taken. */
export const brushUpToM2 = 0.5;
export const smallRollerUpToM2 = 3;

/** A wall takes more paint than its area says, by its texture. */
export const textureFactors = { smooth: 1, light: 1.1, heavy: 1.25, brick: 1.4, boards: 1.15 } as const;
export type Texture = keyof typeof textureFactors;

/** The level line is struck about here above the floor, where marks are made and read without bending. */
export const levelLineMm = 1200;
/** Lowest and highest level line that is convenient to mark along, and its distance from what is in the way. */
export const levelLineReachMm = [600, 1750] as const;
export const levelLineClearanceMm = 40;

/**
 * Materials: spread in m2 per litre and coat, coats, and waits in minutes at 20 C and 50 % RH.
 * Midpoints of what labels commonly state.
 */
export const materials = {
  "wall-paint": { spreadRate: 11, coats: 2, touchDry: 60, recoat: 180, tapeOver: 1440 },
  primer: { spreadRate: 10, coats: 1, touchDry: 60, recoat: 180, tapeOver: 1440 },
  "mineral-primer": { spreadRate: 7, coats: 1, touchDry: 120, recoat: 720, tapeOver: 1440 },
  limewash: { spreadRate: 6.5, coats: 3, touchDry: 120, recoat: 180, tapeOver: 2880 },
  "metallic-plaster": { spreadRate: 1.8, coats: 2, touchDry: 120, recoat: 240, tapeOver: 1440 },
  "pearl-coat": { spreadRate: 8, coats: 2, touchDry: 60, recoat: 240, tapeOver: 1440 },
  whitewash: { spreadRate: 14, coats: 1, touchDry: 60, recoat: 180, tapeOver: 1440 },
} as const;

/** A door is read at one foot; on a sloping floor the other may stand this much below it. */
export const doorDigMm = 60;

/** Sides that are out by less than this are taken as true: it is within what readings differ by. */
export const trueWithinMm = 3;

/** Nearer than this to a floor or ceiling that is out, a level line makes a wedge that is looked at. */
export const wedgeZoneMm = 300;

/** A hollow or bump that light along the wall shows, under a straightedge of 2 m. */
export const flatWithinMm = 3;

/** What is at hand to draw a level line with, and its length; ticks stand so close that it meets two. */
export const levellingTools = { "long level": 1800, "hand level": 600, laser: 2400 } as const;

/** A piece of the pattern under this is smaller than a coin. */
export const tinyFaceMm2 = 100;

/** Two tapes that meet at less than this leave a corner that no brush fills cleanly. */
export const acuteAngleDegrees = 15;

/** A pin or a mark higher above the floor than this is not reached without steps. */
export const reachMm = 2100;

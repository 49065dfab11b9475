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

/** A line of base that stays is at least this wide: no tape is cut finer. */
export const leastLineMm = 1;

/** A painted surface narrower or lower than this is none: no wall side is under 1 mm. */
export const leastSurfaceMm = 1;

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

/** What settles in a paint is stirred up after so many minutes, where its finish does not say. */
export const usualStirMin = 20;

/** The usual roll for an edge. */
export const tapeWidthMm = 24;
/** Film on a mask's tape covers so far, mm. */
export const maskFilmMm = 550;
/** A curve is taped so much slower, and a roll of the narrow flexible tape for it holds so much. */
export const curvedTapingShare = 0.5;
export const flexibleRollM = 33;
/** Widths that tape is sold in somewhere, as they are called. */
export const soldTapesMm = [13, 18, 19, 24, 25, 30, 36, 38, 48, 50, 72] as const;
/** Those on most shelves; in inches 11/16, 15/16, 1 7/16 and 1 7/8. */
export const usualTapesMm = [18, 24, 36, 48] as const satisfies readonly (typeof soldTapesMm)[number][];
/** A line this near to a width that is sold is as wide as that tape: 1 7/16 inches are 36.5 mm. */
export const soldWithinMm = 0.6;
export const tapeRollM = 41;

/** How far a colour is carried past a line, under what comes later there. */
export const runsPastMm = 25;
/** Where that comes to more than this share of what is not that colour, all of the wall is rolled. */
export const rollsWholeFrom = 0.25;
/** How far a sealing brush reaches along an edge: as far as paint is carried past a line. */
export const sealStripMm = runsPastMm;

/** Share of a colour's film that is kept for touching up, and the least that is worth a jar. */
export const touchUpShare = 0.05;
export const leastTouchUpMl = 30;

/** What a tool keeps for itself each time it is used and washed. */
export const toolKeepsMl: Readonly<Record<string, number>> = {
  "roller-230": 180,
  "roller-100": 60,
  brush: 30,
  "brush-sash": 30,
};

/** Painted area per colour up to which the smaller tool is taken, and pieces that are narrower than a wide roller goes into, mm. */
export const brushUpToM2 = 0.5;
export const smallRollerUpToM2 = 1.5;
export const smallRollerUnderMm = 250;
/** Strips narrower than that, and arcs that are tighter, take a small sash brush, mm. */
export const sashUnderMm = 60;
export const sashArcUnderMm = 400;

/** A wall takes more paint than its area says, by its texture. */
export const textureFactors = { smooth: 1, light: 1.1, heavy: 1.25, brick: 1.4, boards: 1.15 } as const;
export type Texture = keyof typeof textureFactors;

/** The level line is struck about here above the floor, where marks are made and read without bending. */
export const levelLineMm = 1200;
/** Lowest and highest level line that is convenient to mark along, and its distance from what is in the way. */
export const levelLineReachMm = [600, 1750] as const;
export const levelLineClearanceMm = 40;

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

/** How far beyond the wall a pin still finds hold, in the joint at floor, ceiling or corner, mm. */
export const jointMm = 5;

/** Hands that go higher than this work from steps. */
export const stepsAboveMm = 1800;

/** A painter's usual pace, until their own is known: metres or square metres a minute, or minutes for one. */
export const usualRates = {
  taping_m_min: 1,
  crossing_min: 0.5,
  sealing_m_min: 1.5,
  cuttingIn_m_min: 0.8,
  /** A line drawn by hand to a dry neighbour, and the last strip at an external corner: cut in, floated, rolled over. */
  handEdge_m_min: 0.5,
  floating_m_min: 0.3,
  rolling_m2_min: 0.45,
  peeling_m_min: 3,
  marking_min: 1.5,
  washingUp_min: 15,
  settingUp_min: 20,
  closing_min: 20,
} as const;

/** The least that a visit to a colour takes, whatever it paints. */
export const leastVisitMin = 5;

/** Minutes for what stands around the painting itself: once a room, a thing, a metre or a square metre. */
export const roomMinutes = {
  clearing: 10,
  movingOne: 5,
  coveringPerM: 3,
  uncovering: 15,
  plateOff: 5,
  shelfOff: 10,
  maskingOne: 8,
  plateBack: 5,
  unmaskingOne: 3,
  /** Glue off, rinsed, and a look along the wall: 0.4 m2 a minute; a plain wash takes 1. */
  washingPerM2: 2.5,
  /** Bare boards, brushed along the grain and wiped: a wash alone's pace. */
  dustingPerM2: 1,
  levelLine: 10,
  checkingPerM: 0.2,
  rubbingOut: 0.25,
  /** A string set to its length; a metre of arc, and that much more for each metre of string, which is led more slowly. */
  settingString: 1,
  arcPerM: 0.5,
  arcPerMOfString: 0.25,
  fillingHole: 2,
  /** Chips of the colours put up, and looked at from the doorway. */
  chips: 5,
  eachChip: 0.5,
} as const;

/** Minutes that a washed wall takes to dry, and filler before it is sanded, at 20 C and 50 % RH. */
export const washedDryMin = 60;
export const fillerDryMin = 120;

/** Minutes until a dry print may be touched by the next sheet, at 20 C and 50 % RH. */
export const printDryMin = 15;
/** Paint in cloth before an iron sets it, likewise. */
export const clothSetMin = 1440;

/** A label says that tape comes off again within so many days; later it leaves its glue, or takes paint with it. */
export const tapeStaysDays = 14;

/** Over this height above what is stood on steps do not serve: a tower, or a platform for stairs. */
export const towerAboveMm = 3200;

/** Rooms in which paint dries as it should: C, and % RH at most. */
export const paintingClimate = { coldest: 8, warmest: 35, dampest: 85 } as const;

/** After so many days at 20 C a painted wall may be washed, and is as hard as it gets. */
export const washableDays = 7;
export const curedDays = 28;
/** Until it is so old, paint is taped with low-tack tape only. */
export const lowTackDays = 14;

/** A film of sealer along an edge: a bead of 2 mm, 3.1 ml a metre, wiped out; and what a tube of it holds. */
export const sealerMlPerM = 3;
export const sealerTubeMl = 300;
/** What a tube of fine filler holds, ml. */
export const fillerTubeMl = 300;

/** What covers and masks, as it is usually sold: sheets by their longer side, film by the roll, paper by the sheet. */
export const dustSheetM = 3.6;
export const maskingFilmM2 = 28;
export const sandingsPerPaper = 3;

/** A tape that is laid to the same line again lies so much further out, mm. */
export const againMm = 0.5;

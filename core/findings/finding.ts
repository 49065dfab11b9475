import type { Point } from "../geometry/point";
import type { Said, Values } from "./speech";
import type { CoatsReason } from "./coatReasons";
import type { LineName } from "./wording";
import type { Limited } from "../trade/allowance";
import type { Texture } from "../trade/constants";
import type { Visibility } from "../trade/visibleDifference";

/** note: good to know. check: decide. stop: do not start like this. */
export type Severity = "note" | "check" | "stop";

/** What each code carries; lengths in mm. The wording is in `messages.ts`. */
export interface FindingValues {
  "end-under-half": { end: number; whole: number; side: "left" | "right" | "bottom" | "top" };
  "near-miss": { gap: number; thing: string };
  sliver: { width: number; thing: string };
  "remainder-shows": { difference: number; tolerance: number; distance: number };
  "ends-impossible": { wanted: "same" | "different" };
  "anchor-outside": { at: number };
  "too-many-divisions": { count: number; of: Divided };
  "too-narrow": { width: number };
  "opening-outside": { thing: string };
  "openings-overlap": { first: string; second: string };
  "fixture-outside": { thing: string };
  "outline-crosses": Record<never, never>;
  "likely-slip": { read: number; likely: number; station: number; of: "floor" | "ceiling" };
  "out-of-level": { side: "floor" | "ceiling"; out: number; change: number; clearAt: number };
  "out-of-plumb": { side: "left" | "right"; out: number; inwards: number };
  "out-of-square": { difference: number; skew: number };
  "diagonal-disagrees": { which: "rising" | "falling"; read: number; computed: number };
  "not-flat": { gap: number; straightedge: number };
  "taper-shows": {
    line: LineName;
    against: "top" | "bottom" | "left" | "right";
    first: number;
    last: number;
    least: number;
    most: number;
    verdict: Visibility;
    clearAt: number;
    distance: number;
  };
  "level-line-crosses": { things: readonly string[]; better: number | null };
  "level-line-reach": { aboveFloor: number; better: number | null };
  "trim-too-tall": { trim: number; height: number };
  "nothing-to-paint": Record<never, never>;
  "tiny-face": { areaMm2: number; name: string };
  "rake-sliver": { pieces: number; areaMm2: number; height: number; isRake: boolean };
  "tip-sliver": { pieces: number; areaMm2: number; floor: number; ceiling: number };
  "no-rake": Record<never, never>;
  "part-print": { wall: string; scraps: number; shift: number; cutOut: number };
  "off-centre": { thing: string; by: number };
  "unused-colour": { finish: string; paints: readonly string[] };
  "sheens-of-one": { wall: string; paints: readonly string[] };
  "cold-room": { temperature: number; humidity: number; days: number; warmDays: number };
  "by-hand-sooner": { taped: number; byHand: number };
  "loose-end": Record<never, never>;
  "fill-in-opening": { number: number };
  "fills-meet": {
    first: number;
    second: number;
    at: readonly [number, number];
    other: readonly [number, number];
  };
  "equal-neighbours": { pairs: number };
  "off-wall": { thing: string };
  "off-the-wall": { thing: string; over: number };
  "bands-overlap": { first: string; second: string };
  "shape-crosses": { thing: string };
  "line-eats-pattern": { line: number; left: number };
  "acute-angle": { degrees: number };
  "out-of-reach": { isOff: boolean; above: number };
  "cut-off": { over: number; room: number };
  /** For lines that are thrown, or for a tool in what is left of what it works. */
  "no-room": { wanted: number; found: number } | { thing: string; widthMm: number };
  "by-eye": { tolerance: number; areaM2: number };
  "slit-tape": { line: number; sold: number };
  "lines-up-with-nothing": { thing: string };
  "texture-bleeds": { texture: Texture };
  "print-on-texture": { texture: Texture; method: "brush" | "roller" };
  "colours-near": { stencil: string; overlay: string; slots: readonly [string, string]; gap: number };
  "object-unsealed": Record<never, never>;
  "object-stiff": Record<never, never>;
  "room-climate": { why: "cold" | "warm" | "damp"; temperature: number; humidity: number };
  "more-coats": {
    paint: string;
    coats: number;
    advised: number;
    because: readonly CoatsReason[];
    primer: boolean;
  };
  "out-of-stock": { paint: string; needMl: number };
  "mineral-ground": { paint: string; wall: string };
  "too-much": { what: Limited; most: number };
  "cannot-be-planned": { why: string };
  "more-alike": { code: string; count: number };
  "stopped-elsewhere": { wall: string };
  "cannot-be-done": {
    step: Said;
    why: "too-long" | "too-few-hands" | "too-late";
    minutes: number;
    hands: number;
    crew: number;
    /** Minutes from setting up to the break, or from that to closing. */
    day: number;
  };
  "corner-disagrees": { first: string; second: string; firstIs: "internal" | "external" };
  "heights-differ": { first: string; second: string; height: number; other: number };
  "in-base-colour": { thing: string };
  "little-left": { paint: string; leftMl: number; next: { ml: number; cost: number } | null };
  "by-hand-on-texture": { metres: number; texture: Texture };
  "tape-on-arris": { metres: number };
  "painted-otherwise": { wall: string; pieces: number; why: "gone" | "coated" | "laid" };
  "covered-again": { wall: string; pieces: number; what: "prints" | "faces" | "sections" };
  "patch-stays": { board: string; wall: string };
  "promise-broken": { paint: string; what: string; told: string; now: string };
  "runs-out": { paint: string; leftMl: number; needsMl: number };
  drifts: { mm: number; shows: Visibility; choice: "spread" | "redo" | "leave"; over: number };
  "tape-little-left": { widthMm: number; rolls: number; leftM: number };
  "needs-access": { wall: string; minutes: number };
  "special-under-tape": { wall: string; paints: readonly string[]; metres: number };
  /** How old a base is on the first morning, and whether it may be washed. */
  "base-too-young": { ageMin: number; isWashed: boolean };
  "shared-tape": { wall: string; colours: readonly string[]; why: "rounds" | "time"; isAsked: boolean };
  "stencil-island": { stencil: string; overlay: string; areaMm2: number; at: readonly [number, number] };
  "overlays-hairline": {
    stencil: string;
    overlays: readonly [string, string];
    gap: number;
    overlap: number;
    at: readonly [number, number];
    budget: number;
  };
  "thin-bridge": { stencil: string; overlay: string; width: number; at: readonly [number, number] };
  "turn-differs": { stencil: string };
  "end-piece": { width: number; face: number };
  "over-budget": { cost: number; budget: number };
  "recipe-off": { paint: string; part: string | null; off: number };
  "tint-over-limit": {
    paint: string;
    tint: string;
    base: string;
    made: number;
    limit: number;
    /** Who has taken it upon himself; null while nobody has. */
    taken: string | null;
  };
  "cannot-join-wet": {
    wall: string;
    colour: string;
    /** Minutes. */
    front: number;
    open: number;
    hands: number;
    /** What would make it joined, and the hands that would, where it is those. */
    by: "hands" | "sections" | "air";
    needed: number;
    /** Degrees. */
    cooler: number;
  };
  "paint-down-to": { at: number; overlap: number; savedM2: number };
  "base-stops-short": { at: number; lowest: number };
  "no-packs": { paint: string; needMl: number };
}

/** What a wall may be divided into. */
export type Divided = "stripes" | "cells" | "prints" | "bricks" | "sheets" | "sections" | "boards";

export type FindingCode = keyof FindingValues;

/** A change of the job, or of one finish, wall or paint of it, that cures a finding: the keys to replace, at a path within it. */
export interface Cure {
  readonly kind: CureKind;
  /** How many divisions the wall has after it; for a reading, what it becomes. */
  readonly count: number;
  readonly finish?: string;
  readonly wall?: string;
  readonly paint?: string;
  readonly path?: readonly (string | number)[];
  readonly set: Readonly<Record<string, unknown>>;
}

export type CureKind =
  | "centre-other"
  | "whole-count"
  | "clear-it"
  | "hit-it"
  | "other-division"
  | "free-ends"
  | "anchor-on-wall"
  | "take-reading"
  | "take-out"
  | "draw-on"
  | "fit-arch"
  | "lower-arch"
  | "onto-wall"
  | "pin-on-wall"
  | "meet-it"
  | "follow"
  | "open-angle"
  | "narrower-line"
  | "sold-width"
  | "other-seed"
  | "add-base"
  | "close-gap"
  | "untangle"
  | "line-up"
  | "more-coats"
  | "peel-dry"
  | "best-start"
  | "shift-bond"
  | "whole-rows"
  | "centre-on-it"
  | "by-hand"
  | "warm-room"
  | "guide-lines"
  | "down-to-line"
  | "more-hands"
  | "board-instead"
  | "smaller-sections"
  | "truer-end"
  | "spare-at-end"
  | "mitre"
  | "stretch-repeats"
  | "hide-join"
  | "meet-repeats"
  | "dab-it"
  | "strike-level"
  | "by-colour"
  | "varnish-it"
  | "no-varnish"
  | "top-sheet"
  | "tape-straight"
  | "float-corner";

type FindingOf<Code extends FindingCode> = {
  readonly code: Code;
  readonly severity: Severity;
  readonly values: FindingValues[Code];
  /** Where on the wall to look; null for what concerns the whole wall or job. */
  readonly at: Point | null;
  readonly cure?: Cure;
  /** A cure that takes some working out, for when it is asked for; `cure` is what came of it. */
  readonly later?: () => Cure | undefined;
};

/** Something that the program itself noticed. */
export type CommonFinding = { readonly own?: undefined } & {
  [Code in FindingCode]: FindingOf<Code>;
}[FindingCode];

/** Something that one finish alone knows of, told in its own words. */
export interface OwnFinding extends Omit<FindingOf<FindingCode>, "code" | "values"> {
  readonly own: true;
  readonly code: string;
  readonly values: Values;
}

/** Something noticed, as data. */
export type Finding = CommonFinding | OwnFinding;

import type { SampleLight } from "../journal/kinds/sampleLook";

/** The pattern in the colours of a set, all walls together. */
export interface PlanSet {
  /** s0: the document as it is. */
  id: string;
  name: string;
  /** By paint, of all that is seen. */
  shares: Record<string, number>;
  /** Light, middle and dark add up to one, quiet and loud do. */
  balance: { light: number; middle: number; dark: number; quiet: number; loud: number };
  /** Colours that touch, along most first, and then those beside what stays: CIEDE2000 held side by side, and seen from the viewing distance. */
  contrasts: { between: string[]; deltaE: number; seen: number }[];
  /** Neighbours that eyes which lack a kind of cone do not tell apart, though others do. */
  alike: { protan: [string, string][]; deutan: [string, string][]; tritan: [string, string][] };
  /** 1 for the one that least speaks against. */
  rank: number;
  why: string[];
}

/** How something stands that is decided about: a set, or what boards were made of. */
export interface PlanDecision {
  /** { "set": "s1" }, { "paint": "kelp" }, ... */
  of: Record<string, string>;
  standing: "open" | "refused" | "agreed";
  /** The lights in which nobody has said yes yet. */
  missing: string[];
  /** The reason, and who decided, where they were told. */
  words?: string;
  name?: string;
  /** What it was called when it was decided: a set that is taken is one no more. */
  called?: string;
  /** The boards of it that are painted, how large, and where on a wall the middle of each hangs, if that was told. */
  boards?: { board: string; size: [number, number]; wall?: string; at?: [number, number] }[];
  /** What the boards of it cannot have told. */
  cautions?: string[];
  /** What is no longer as it was agreed. */
  changed?: { paint: string; what: string; told: string; now: string }[];
}

/** What is tried before it is decided, and what that takes beside painting the walls once more. */
export interface PlanBoard {
  id: string;
  of: Record<string, string>;
  as: "board" | "patch" | "chip" | "trial";
  size: [number, number];
  coats: number;
  minutes: number;
  paint: { paint: string; ml: number }[];
  /** Of its paint, by the cheapest tin; null where a price is not known. */
  cost: number | null;
  /** Of the walls' work in the paints that it is about. */
  repaint: { minutes: number; ml: number; cost: number | null };
  /** When it can be looked at by each light, once it is dry. */
  looks: { light: SampleLight; day: number; date: string | null; at: string }[];
  /** The step in which it is decided. */
  decide: string;
}

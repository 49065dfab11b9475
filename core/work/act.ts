/**
 * What is done, in the trade's words and not the finishes': a brick is printed, a section is coated, a sheet of paper is laid.
 * What comes later finds its word here.
 */
export const acts = [
  "clear",
  "cover",
  "wash",
  "dull",
  "strip",
  "fill",
  "sand",
  "dust",
  "prime",
  "base",
  "strike",
  "mark",
  "mask",
  "tape",
  "seal",
  "coat",
  "print",
  "lay",
  "cut",
  "mix",
  "trial",
  "look",
  "peel",
  "unmask",
  "rub-out",
  "touch-up",
  "varnish",
  "iron",
  "access",
  "set-up",
  "close",
  "clean",
  "put-back",
] as const;
export type Act = (typeof acts)[number];

/** What it is done to. */
export const worked = [
  "room",
  "wall",
  "line",
  "region",
  "edge",
  "tape",
  "mark",
  "print",
  "brick",
  "drop",
  "board",
  "section",
  "paint",
  "tool",
] as const;
export type Worked = (typeof worked)[number];

/** What a step does to what: each id of it is a piece of work that lasts, whatever plan it stands in. */
export interface Did {
  readonly act: Act;
  /** The step's own where it does not say. */
  readonly wall?: string;
  readonly of: Worked;
  /** In the order in which it is done; as the plan prints them. */
  readonly ids: readonly string[];
  /** The manieth time; 1 where it does not say. */
  readonly pass?: number;
  readonly coat?: number;
  /** The paint, or the item, that it is done with. */
  readonly with?: string;
  /** How far a colour runs past its boundary, under what comes later, mm. */
  readonly pastMm?: number;
  /** m2 that this comes to. */
  readonly pastM2?: number;
  readonly ml?: number;
  /** Items of the plan's tools and sundries. */
  readonly tools?: readonly string[];
  /** How high over what one stands on hands go, mm. */
  readonly heightMm?: number;
  /** m2 that brush or roller coat in one go: by it a colour's roller is chosen. */
  readonly rolledM2?: number;
  /** m2 of that in pieces that a wide roller does not go into, and in strips that are brushed. */
  readonly narrowM2?: number;
  readonly brushedM2?: number;
  /** Some of it is too narrow or too round for a wide brush. */
  readonly isTight?: boolean;
}

export const did = (
  act: Act,
  of: Worked,
  ids: readonly string[],
  more: Omit<Did, "act" | "of" | "ids"> = {},
) => ({ act, of, ids, ...more }) satisfies Did;

/** Work that leaves paint behind it: what it is done with is a paint. */
const painting: ReadonlySet<Act> = new Set([
  "prime",
  "base",
  "seal",
  "coat",
  "print",
  "varnish",
  "touch-up",
  "trial",
]);

/** The paints that some work puts on, or wets a brush with, each once. */
export const paintsIn = ({ does }: { readonly does: readonly Did[] }): readonly string[] => [
  ...new Set(does.flatMap((one) => (one.with !== undefined && painting.has(one.act) ? [one.with] : []))),
];

/** Whether tape or a mask goes on, or comes off. */
export const isTaping = ({ act }: Did): boolean => act === "tape" || act === "mask";
export const isPeeling = ({ act }: Did): boolean => act === "peel" || act === "unmask";

/** The ids of what some work does one of some acts to. */
export const idsOf = ({ does }: { readonly does: readonly Did[] }, ...of: readonly Act[]): string[] =>
  does.flatMap((one) => (of.includes(one.act) ? one.ids : []));

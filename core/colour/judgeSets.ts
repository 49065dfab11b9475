import { apartFrom, asSeenBy, blindnesses, differenceOf, labOf, type Blindness } from "./difference";
import { strengthOf, toneOf, type Tone } from "./lightness";
import type { Reason } from "../findings/reasons";
import { seenDifference } from "./seenFrom";

/** What a pattern shows, whatever its colours are. */
export interface ShownPattern {
  readonly colours: readonly { readonly colour: string; readonly area_m2: number }[];
  readonly edges: readonly { readonly between: readonly [string, string]; readonly length_m: number }[];
}

/** What a set is judged beside. */
export interface SetRoom {
  readonly hexOf: (colour: string) => string;
  readonly stays: readonly { readonly id: string; readonly hex: string }[];
  /** From where it is looked at, mm. */
  readonly distance: number;
}

export interface SetContrast {
  readonly between: readonly [string, string];
  readonly deltaE: number;
  readonly seen: number;
  /** Along how much they touch, of all edges between colours; 0 for what stays. */
  readonly along: number;
}

export interface SetFigures {
  /** By colour, the largest first, of all that is seen. */
  readonly shares: ReadonlyMap<string, number>;
  readonly tones: Readonly<Record<Tone, number>>;
  /** Of strong colours. */
  readonly loud: number;
  /** Colours that touch, along most first, and then those beside what stays. */
  readonly contrasts: readonly SetContrast[];
  /** Neighbours that others tell apart, and such eyes do not. */
  readonly alike: Readonly<Record<Blindness, readonly (readonly [string, string])[]>>;
  readonly faults: readonly SetFault[];
}

/** What speaks against a set, measured; the heavier the further back it ranks. */
export interface SetFault {
  readonly weight: number;
  readonly reason: Reason;
}

/** Chroma from which a colour is loud; of so much of it a room shouts; and a quiet tone of so much leaves no other to be seen. */
const loudFrom = 40;
const mostLoud = 1 / 3;
const nearlyAll = 0.85;
const leastLoud = 0.03;
/** What takes less of the walls is not held against what stays in the room. */
const leastBesideStays = 0.1;

/** A pattern in a set's colours: how much of each, how light and how loud, what parts where it touches. */
export function judgeSet(
  pattern: ShownPattern,
  paints: Readonly<Record<string, string>>,
  { hexOf, stays, distance }: SetRoom,
): SetFigures {
  const inPlace = (colour: string) => paints[colour] ?? colour;
  const areas = new Map<string, number>();
  for (const { colour, area_m2 } of pattern.colours)
    areas.set(inPlace(colour), (areas.get(inPlace(colour)) ?? 0) + area_m2);
  const whole = [...areas.values()].reduce((sum, area) => sum + area, 0);
  const shares = new Map(
    [...areas]
      .map(([colour, area]) => [colour, whole > 0 ? area / whole : 0] as const)
      .sort(([a, one], [b, other]) => other - one || (a < b ? -1 : 1)),
  );
  const tones = { light: 0, middle: 0, dark: 0 };
  let loud = 0;
  for (const [colour, share] of shares) {
    tones[toneOf(hexOf(colour))] += share;
    if (strengthOf(hexOf(colour)).chroma >= loudFrom) loud += share;
  }
  const edges = edgesOf(pattern, inPlace);
  const widthOf = (colour: string) => typicalWidth(areas.get(colour) ?? 0, colour, edges);
  const length = edges.reduce((sum, edge) => sum + edge.length_m, 0);
  const touching = edges.map(({ between, length_m }): SetContrast => {
    const [one, other] = between.map((colour) => labOf(hexOf(colour))) as [
      ReturnType<typeof labOf>,
      ReturnType<typeof labOf>,
    ];
    const seen = seenDifference(one, other, Math.min(...between.map(widthOf)), distance);
    return { between, deltaE: differenceOf(one, other), seen, along: length_m / length };
  });
  const beside = stays.flatMap(({ id, hex }) =>
    [...shares].flatMap(([colour, share]): SetContrast[] => {
      if (share < leastBesideStays) return [];
      const deltaE = differenceOf(labOf(hex), labOf(hexOf(colour)));
      return [{ between: [colour, id], deltaE, seen: deltaE, along: 0 }];
    }),
  );
  const alike = alikeOf(touching, hexOf);
  const contrasts = [...touching, ...beside];
  return {
    shares,
    tones,
    loud,
    contrasts,
    alike,
    faults: faultsOf({ tones, loud, alike }, { touching, beside }, distance),
  };
}

type Edges = { between: [string, string]; length_m: number }[];

/** Where colours touch once each stands in its place: what has become one colour touches no more. */
function edgesOf({ edges }: ShownPattern, inPlace: (colour: string) => string): Edges {
  const lengths = new Map<string, Edges[number]>();
  for (const { between, length_m } of edges) {
    const [a, b] = between.map(inPlace).sort() as [string, string];
    if (a === b) continue;
    const key = `${a}\n${b}`;
    const before = lengths.get(key)?.length_m ?? 0;
    lengths.set(key, { between: [a, b], length_m: before + length_m });
  }
  return [...lengths.values()].sort(
    (a, b) => b.length_m - a.length_m || (a.between.join() < b.between.join() ? -1 : 1),
  );
}

/** How wide pieces of a colour are, mm: twice their area by their edges, which is a band's width; without any as wide as it likes. */
function typicalWidth(area_m2: number, colour: string, edges: Edges): number {
  const around = edges.reduce(
    (sum, { between, length_m }) => sum + (between.includes(colour) ? length_m : 0),
    0,
  );
  return around > 0 ? (2000 * area_m2) / around : 1e5;
}

function alikeOf(touching: readonly SetContrast[], hexOf: (colour: string) => string): SetFigures["alike"] {
  const to = (blindness: Blindness) =>
    touching
      .filter(({ between: [a, b], deltaE }) => {
        const as = (colour: string) => labOf(asSeenBy(hexOf(colour), blindness));
        return deltaE >= apartFrom && differenceOf(as(a), as(b)) < apartFrom;
      })
      .map(({ between }) => between);
  return { protan: to("protan"), deutan: to("deutan"), tritan: to("tritan") };
}

function faultsOf(
  { tones, loud, alike }: Pick<SetFigures, "tones" | "loud" | "alike">,
  { touching, beside }: Record<"touching" | "beside", readonly SetContrast[]>,
  away: number,
): SetFault[] {
  const isNear = ({ seen }: SetContrast) => seen < apartFrom;
  return [
    ...touching.filter(isNear).map(({ between, along, seen }): SetFault => {
      const values = { between, along, seen, away };
      return { weight: 1 + 2 * along, reason: { code: "set-runs-together", values } };
    }),
    ...alikeToSome(alike).map((values): SetFault => ({
      weight: 0.5,
      reason: { code: "set-alike-to", values },
    })),
    ...beside.filter(isNear).map(({ between, deltaE }): SetFault => {
      return { weight: 0.5, reason: { code: "set-like-what-stays", values: { between, apart: deltaE } } };
    }),
    ...(["light", "middle", "dark"] as const)
      // A little of a strong colour is what is looked at.
      .filter((tone) => tones[tone] >= nearlyAll && loud < leastLoud)
      .map((tone): SetFault => {
        return { weight: 1, reason: { code: "set-nearly-all", values: { tone, share: tones[tone] } } };
      }),
    ...(loud > mostLoud
      ? [{ weight: 1, reason: { code: "set-loud", values: { share: loud } } } as const]
      : []),
  ];
}

/** Each pair once, with all the eyes that take its colours for one another. */
function alikeToSome(alike: SetFigures["alike"]) {
  const pairs = new Map<string, { between: readonly [string, string]; to: Blindness[] }>();
  for (const blindness of blindnesses)
    for (const between of alike[blindness]) {
      const pair = pairs.get(between.join("\n")) ?? { between, to: [] };
      pair.to.push(blindness);
      pairs.set(between.join("\n"), pair);
    }
  return [...pairs.values()];
}

/** Why a set ranks as it does, what speaks against it first. */
export function reasonsOf({ faults, contrasts, tones }: SetFigures, away: number): Reason[] {
  const touching = contrasts.filter(({ along }) => along > 0).sort((a, b) => b.seen - a.seen);
  const [most, least] = [touching[0], touching.at(-1)];
  return [
    ...faults.map(({ reason }) => reason),
    ...(most
      ? [{ code: "set-parts-most", values: { between: most.between, seen: most.seen, away } } as const]
      : []),
    ...(least && least !== most
      ? [{ code: "set-parts-least", values: { between: least.between, seen: least.seen } } as const]
      : []),
    { code: "set-tones", values: tones },
  ];
}

/**
 * The rank of each of several sets, 1 for the one that least speaks against; among equals what parts its nearest neighbours further. It
 * says what is measured and not what is liked.
 */
export function rankSets(sets: readonly SetFigures[]): number[] {
  // To a millionth: what was added up in another order weighs the same.
  const weightOf = ({ faults }: SetFigures) =>
    Math.round(faults.reduce((sum, { weight }) => sum + weight, 0) * 1e6);
  const leastOf = ({ contrasts }: SetFigures) => Math.min(1000, ...contrasts.map(({ seen }) => seen));
  const inTurn = sets
    .map((figures, place) => ({ place, weight: weightOf(figures), least: leastOf(figures) }))
    .sort((a, b) => a.weight - b.weight || b.least - a.least || a.place - b.place);
  return sets.map((_, place) => 1 + inTurn.findIndex((one) => one.place === place));
}

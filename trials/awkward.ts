import { shuffled } from "@/core/trade/randomSequence";

const awkward = [
  0, 0.1, 0.11, 1, 1.001, 2, 9.99, 10.01, 12, 100, 333.3333, 1000, 1200.005, 2400, 2600, 4000, 4215.01,
];
const texts = ["1.2 m", '47 1/4"', "3' 4\"", "94.488 in", "62.5 cm"];
type Thing = Record<string, unknown> & { readonly id: string };

export const colours = ["kelp", "oyster", "brine", "lantern"];

/** The random choices of one document, mostly of lengths that are hard on geometry: equal, touching, tiny, huge, off the grid. */
export class Dice {
  constructor(private readonly random: () => number) {}
  share = () => this.random();
  whole = (from: number, to: number) => from + Math.floor(this.random() * (to - from + 1));
  pick = <Item>(list: readonly Item[]): Item => list[this.whole(0, list.length - 1)]!;
  maybe = <Item>(share: number, make: () => Item): Item | undefined =>
    this.random() < share ? make() : undefined;
  list = <Item>(most: number, make: (index: number) => Item): Item[] =>
    Array.from({ length: this.whole(0, most) }, (_, index) => make(index));
  mix = <Item>(list: readonly Item[]) => shuffled(list, this.random);
  /** A coordinate about the wall. */
  place = (most = 4200): number => {
    const kind = this.random();
    if (kind < 0.35) return this.whole(0, most);
    if (kind < 0.6) return this.pick(awkward);
    if (kind < 0.7) return this.pick(awkward) + this.pick([-0.005, 0.005, 0.01, -0.01, 0.0001]);
    if (kind < 0.8) return -this.whole(0, 600);
    if (kind < 0.97) return Math.round(this.random() * most * 1000) / 1000;
    return this.pick([-1e6, 1e6, 29048, 99999.99]);
  };
  size = (): number | string => {
    if (this.random() < 0.05) return this.pick(texts);
    return Math.max(1, Math.min(1e5, Math.abs(this.place())));
  };
  point = (): [number, number] => [this.place(), this.place(2700)];
  colour = () => this.pick(colours);
}

/** A wall, quick or surveyed, with what is in it. */
export function awkwardWall(dice: Dice, index: number): Thing {
  const [width, height] = [dice.size(), dice.size()];
  const isSurveyed = dice.share() < 0.15;
  return {
    id: `w${index}`,
    base: dice.colour(),
    baseState: dice.pick(["on", "on", "paint"]),
    texture: dice.pick(["smooth", "light", "heavy", "brick"]),
    ...(isSurveyed ? { survey: survey(dice) } : { width, height }),
    ...(dice.share() < 0.3 && { skirting: dice.pick(awkward), cornice: dice.pick([0, 0.1, 60]) }),
    openings: dice.list(2, (place) => opening(dice, `o${index}${place}`, Number(width), Number(height))),
    fixtures: dice.list(2, (place) => ({
      id: `p${index}${place}`,
      kind: dice.pick(["plate", "furniture", "radiator"]),
      x: dice.place(),
      y: dice.place(2000),
      width: 86,
      height: 86,
    })),
  };
}

/** Also right at the edges of the wall: round ones only touch there. */
function opening(dice: Dice, id: string, wallWidth: number, wallHeight: number): Thing {
  const isRound = dice.share() < 0.35;
  const width = dice.pick([1, 300, 486, 900, 1200.005]);
  const height = isRound ? width : dice.pick([1, 400, 1050]);
  const casing = dice.pick([0, 0, 0.1, 70]);
  const along = (most: number, size: number, side: number) => {
    const edge = dice.pick([0, side - size, (side - size) / 2, casing, side - size - casing]);
    return dice.share() < 0.4 && Number.isFinite(edge) ? edge : dice.place(most);
  };
  return {
    id,
    kind: dice.pick(["window", "door"]),
    x: along(3000, width, wallWidth),
    y: along(1500, height, wallHeight),
    width,
    height,
    casing,
    ...(isRound && { shape: "circle" }),
  };
}

export function survey(dice: Dice): object {
  const xs = [0, dice.whole(1, 1500), dice.whole(1501, 4000)];
  const reading = (most: number) => dice.whole(900, most);
  return {
    stations: xs.map((x) => ({ x, down: reading(1300), up: reading(1500) })),
    left: [{ y: 0, off: dice.whole(-20, 30) }],
    right: [
      { y: -500, off: dice.whole(-20, 30) },
      { y: 700, off: dice.pick([0, 0.005, 6]) },
    ],
  };
}

const division = (dice: Dice) =>
  dice.pick<object>([
    { by: "count", count: dice.whole(1, 14) },
    { by: "near", width: Math.max(40, Number(dice.place())) },
  ]);

function stripesFit(dice: Dice): object {
  const width = Math.max(20, Math.abs(dice.place()));
  return dice.pick<object>([
    { by: "count", count: dice.whole(1, 20) },
    { by: "near", width, ends: dice.pick(["same", "different", "any"]) },
    { by: "width", width, centre: dice.pick(["stripe", "joint", "best", "none"]) },
    { by: "anchor", width, at: dice.place() },
    { by: "spread", module: width },
  ]);
}

const lineWidth = (dice: Dice) => dice.pick([0, 0, 1, 12, 24]);

/** A finish of a kind whose geometry is its own, of awkward sizes. */
export function awkwardFinish(dice: Dice, things: readonly string[]): object {
  const fills = () => dice.list(3, () => ({ at: dice.point(), colour: dice.colour() }));
  const palette = (most: number) => Array.from({ length: dice.whole(1, most) }, dice.colour);
  const kinds: Record<string, () => object> = {
    stripes: () => ({
      direction: dice.pick<unknown>(["vertical", "horizontal", dice.whole(1, 179), 1e-9, 89.9999]),
      colours: palette(3),
      fit: stripesFit(dice),
    }),
    bands: () => {
      const edges = [...new Set(Array.from({ length: 2 * dice.whole(1, 3) }, () => dice.place(2600)))].sort(
        (a, b) => a - b,
      );
      return {
        datum: dice.pick(["level", "floor", "ceiling"]),
        bands: edges.flatMap((from, index) =>
          index % 2 === 0 && edges[index + 1] !== undefined
            ? [{ from, to: edges[index + 1], colour: dice.colour() }]
            : [],
        ),
        above: dice.maybe(0.4, dice.colour),
        below: dice.maybe(0.4, dice.colour),
      };
    },
    blocks: () => ({ blocks: Array.from({ length: dice.whole(1, 4) }, () => block(dice, things)) }),
    "tape-lines": () => ({
      lines: dice.list(7, () =>
        dice.share() < 0.5
          ? Array.from({ length: dice.whole(2, 4) }, dice.point)
          : { through: [dice.point(), dice.point()] },
      ),
      lineWidth: lineWidth(dice),
      fills: fills(),
      shuffle: dice.maybe(0.6, () => ({ colours: palette(3), seed: dice.whole(0, 99) })),
      random: dice.maybe(0.2, () => ({ count: dice.whole(1, 9), seed: dice.whole(0, 99) })),
    }),
    chevron: () => ({
      columns: division(dice),
      rows: division(dice),
      rise: Math.max(0.1, Math.abs(dice.place(900))),
      lineWidth: lineWidth(dice),
      uprights: dice.share() < 0.5,
      colours: palette(3),
    }),
    diamonds: () => ({
      columns: division(dice),
      rows: division(dice),
      lineWidth: lineWidth(dice),
      colours: palette(2),
      overLines: dice.maybe(0.3, () => ({ colour: dice.colour(), width: dice.pick([1, 20]) })),
    }),
    arches: () => ({
      centre: dice.point(),
      outerRadius: Math.max(1, Math.abs(dice.place())),
      from: dice.whole(-360, 90),
      to: dice.whole(91, 300),
      bands: Array.from({ length: dice.whole(1, 3) }, () =>
        dice.share() < 0.3
          ? { gap: dice.pick([0.1, 20]) }
          : { width: dice.pick([0.1, 1, 90, 240]), colour: dice.colour() },
      ),
    }),
  };
  const kind = dice.pick(Object.keys(kinds));
  return { kind, ...kinds[kind]!() };
}

function block(dice: Dice, things: readonly string[]): object {
  const colour = dice.colour();
  return dice.pick<() => object>([
    () => ({
      shape: "rectangle",
      x: dice.place(),
      y: dice.place(2600),
      width: dice.size(),
      height: dice.size(),
      colour,
    }),
    () => ({ shape: "circle", centre: dice.point(), radius: dice.size(), colour }),
    () => ({
      shape: "half-circle",
      centre: dice.point(),
      radius: dice.size(),
      bulges: dice.pick(["up", "down", "left", "right"]),
      colour,
    }),
    () => ({ shape: "polygon", points: Array.from({ length: dice.whole(3, 6) }, dice.point), colour }),
    () => ({
      shape: "rectangle",
      around: things[0] ?? "none",
      side: dice.pick([0, 0.005, 150]),
      above: dice.place(600),
      colour,
    }),
  ])();
}

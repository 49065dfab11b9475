import { did } from "../../work/act";
import { heightOf } from "../../work/cautions";
import type { Contribution, PaintUse, SundryUse, Table } from "../../work/contribution";
import { finishStep } from "../../work/keys";
import { waitFor, waitIfAny, type StepDraft, type Stretch } from "../../work/step";
import { groupBy } from "../../geometry/groupBy";
import { tapeRollM } from "../../trade/constants";
import { filmMl } from "../../work/filmMl";
import { said } from "../../work/words";
import { areasByPaint, printedUses } from "../../work/prints/printedUses";
import type { Brick } from "../../pattern/pattern";
import { brickPieces } from "../../pattern/brickPieces";
import type { Box } from "../../geometry/curve";
import { curveLength } from "../../geometry/curve";
import { maskEdge, maskSundry, unmaskEdge, type MaskedEdge } from "../../work/maskEdge";
import type { FinishPart, PartOfWall, Site } from "../defineCraft";
import { tonesInTurn, type BrickLayout } from "./layout";
import { rodsTable } from "./rods";
import { checkJoints, smearSteps, smearUses } from "./smear";

/** m2 a litre of a sponge or a dry brush over the faces, and what each keeps, ml. */
const spread = { stamped: { spreadRate: 16, toolsMl: 20 }, taped: { spreadRate: 20, toolsMl: 4 } } as const;
/** A block of sponge is cut into so many stamps; one is worn after so many faces. */
const stampsPerBlock = 6;
const facesPerStamp = 300;
/** Dry-brushed paint is dry to the tape after so many minutes. */
const dryToTapeMin = 60;

/** Faces stamped tone after tone on dry paint; or joints taped, faces dry-brushed, and the tape peeled dry in reverse. */
export function workBrick(share: FinishPart<BrickLayout>, site: Site): Contribution {
  const { spec } = share.layout;
  const walls = share.walls.filter(({ bricks }) => bricks.length > 0);
  const smear = smearUses(walls, share.layout);
  const edges = walls.map((on) => edgeAround(on, share.layout, site));
  return {
    steps: walls.flatMap((on, index) => withinMasks(on, edges[index]!, share.layout, site)),
    paint: [...paintOf(walls, spec.way), ...smear.paint],
    sundries: [...sundriesOf(walls, share.layout), ...smear.sundries, ...maskSundry(edges)],
    tables: walls.flatMap((on) => [piecesTable(on, spec.id), rodsTable(on, share.layout)]),
    findings: walls.flatMap((on) => checkJoints(on, share.layout, site)),
  };
}

/** Trim, ceiling and openings, and what is around a corner where the bricks do not go on. */
function edgeAround(
  { wall }: PartOfWall,
  { spec, strip: { parts } }: BrickLayout,
  { work }: Site,
): MaskedEdge {
  const place = parts.findIndex((part) => part.wall.id === wall.id);
  const goesOn = new Set([...(place > 0 ? ["left"] : []), ...(place < parts.length - 1 ? ["right"] : [])]);
  const edgeMm = parts[place]!.surface!.curves.reduce(
    (sum, { curve, source }) => sum + (goesOn.has(source) ? 0 : curveLength(curve)),
    0,
  );
  return { wall, finish: spec.id, work, edgeM: edgeMm / 1000, isFilmed: false };
}

/** Masks on before the first face, and off after the last. */
function withinMasks(on: PartOfWall, edge: MaskedEdge, layout: BrickLayout, site: Site): StepDraft[] {
  const mask = maskEdge(edge, site.ready(on.wall));
  const masked = [waitFor(mask.id)];
  const steps =
    layout.spec.way === "taped" ? tapedSteps(on, layout, site, masked) : toneSteps(on, layout, site, masked);
  const last = steps.findLast(({ phase }) => phase === "colour")!;
  return [mask, ...steps, unmaskEdge(edge, last, null)];
}

const bricksOf = ({ bricks }: PartOfWall) => bricks.flatMap(({ list }) => list);

/** A face that goes around a corner of an opening is stamped in two pieces. */
const piecesOf = (faces: readonly Brick[]): number => faces.reduce((sum, { parts }) => sum + parts.length, 0);

function toneSteps(on: PartOfWall, layout: BrickLayout, site: Site, after: StepDraft["after"]): StepDraft[] {
  const { spec } = layout;
  const tones = tonesInTurn(spec);
  return tones.flatMap((colour, index): StepDraft[] => {
    const own = bricksOf(on)
      .filter(({ tone }) => tone === colour)
      .sort((a, b) => a.order - b.order);
    if (own.length === 0) return [];
    const rate = site.rate("brickFaces_per_min");
    // It is laid down where a load is used up.
    const loads = [...groupBy(own, ({ load }) => load).values()];
    const stretches = loads.map((faces): Stretch => {
      const from = own.indexOf(faces[0]!);
      const course = Math.max(...faces.map((face) => face.course));
      return { ids: [[from, from + faces.length]], minutes: piecesOf(faces) / rate, until: { course } };
    });
    const step = (tone: string) => finishStep(on.wall.id, spec.id, `faces-${tone}`);
    const areaM2 = own.reduce((total, { box, share }) => total + areaM2Of(box) * share, 0);
    return [
      {
        id: step(colour),
        phase: "colour",
        verb: "stamp",
        wall: on.wall.id,
        colour,
        does: [
          did(
            "print",
            "brick",
            own.map(({ id }) => `${spec.id}/${id}`),
            {
              with: colour,
              ml: filmMl(spread[spec.way], areaM2, on.wall.texture),
              tools: spec.way === "taped" ? [] : ["sponge-block"],
              heightMm: heightOf(on.wall),
            },
          ),
        ],
        session: spec.id,
        stretches,
        minutes: piecesOf(own) / rate,
        after: [
          ...site.ready(on.wall),
          ...after,
          ...tones
            .slice(0, index)
            .map((tone) => waitIfAny(step(tone), "touch-dry", site.paints.get(tone)!.touchDryMin)),
        ],
        say: {
          code: spec.way === "taped" ? "brick-brush" : "brick-stamp",
          values: {
            wall: on.wall.id,
            colour,
            faces: own.length,
            cut: own.filter(({ piece }) => piece === "part").length,
            loads: loads.length,
            fade: spec.fade,
            isAccent: colour !== spec.colour,
            stretches: stretches.length,
            ...stretches.at(-1)!.until,
          },
        },
        cautions: [{ code: spec.way === "taped" ? "care-dry-brush" : "care-stamp", values: {} }],
        evening: [{ code: "ready-stamps", values: { way: spec.way } }],
      },
    ];
  });
}

/** Beds first, then perpends between them; peeled dry the other way round, since paint bridges the joints. */
function tapedSteps(
  on: PartOfWall,
  layout: BrickLayout,
  site: Site,
  masked: StepDraft["after"],
): StepDraft[] {
  const { spec } = layout;
  const [bed, perpend] = [sum(on, "bedM"), sum(on, "perpendM")];
  const id = (name: string) => finishStep(on.wall.id, spec.id, name);
  const heightMm = heightOf(on.wall);
  const joints = jointsOf(on, spec.id);
  const { taping_m_min: taping, peeling_m_min: peeling } = site.work.rates;
  const faces = toneSteps(on, layout, site, [waitFor(id("tape-joints")), ...masked]);
  return [
    {
      id: id("tape-joints"),
      phase: "mask",
      verb: "tape-joints",
      does: [did("tape", "edge", joints, { tools: ["brick-tape", "tool-knife"], heightMm })],
      wall: on.wall.id,
      sharedByTwo: true,
      minutes: (bed + perpend) / taping,
      after: site.readyForTape(on.wall),
      say: {
        code: "brick-tape",
        values: { wall: on.wall.id, bed, perpend, bedMm: layout.courses.bed, joint: spec.joint },
      },
      cautions: [],
      evening: [],
    },
    ...faces,
    {
      id: id("peel-joints"),
      phase: "unmask",
      verb: "peel-joints",
      does: [did("peel", "edge", joints.toReversed(), { heightMm })],
      wall: on.wall.id,
      minutes: (bed + perpend) / peeling,
      after: faces.map((step) => waitFor(step.id, "drying", dryToTapeMin)),
      say: { code: "brick-peel", values: { wall: on.wall.id, amount: bed + perpend } },
      cautions: [said("care-knife", {})],
      evening: [],
    },
    ...smearSteps(on, layout, site, id("peel-joints")),
  ];
}

/** All beds from the top, then the perpends of each course between them. */
function jointsOf(on: PartOfWall, finish: string): string[] {
  const courses = [...new Set(bricksOf(on).map(({ course }) => course))].sort((a, b) => a - b);
  return [
    ...courses.slice(1).map((course) => `${on.wall.id}/${finish}/bed-${course - 1}`),
    ...courses.map((course) => `${on.wall.id}/${finish}/perpends-${course}`),
  ];
}

const sum = ({ bricks }: PartOfWall, key: "bedM" | "perpendM"): number =>
  bricks.reduce((total, work) => total + work[key], 0);

/** Faces by tone, as far as they lie on the wall. */
const paintOf = (walls: readonly PartOfWall[], way: "stamped" | "taped"): PaintUse[] =>
  printedUses(
    walls.map((on) => ({
      wall: on.wall,
      areas: areasByPaint(bricksOf(on).map(({ box, share, tone }) => [tone, areaM2Of(box) * share] as const)),
    })),
    spread[way],
  );

const areaM2Of = ({ minX, minY, maxX, maxY }: Box): number => ((maxX - minX) * (maxY - minY)) / 1e6;

function sundriesOf(walls: readonly PartOfWall[], { spec, context, courses }: BrickLayout): SundryUse[] {
  const bricks = walls.flatMap(bricksOf);
  if (bricks.length === 0) return [];
  if (spec.way === "taped") {
    const metresOf = (of: "bedM" | "perpendM") => walls.reduce((total, on) => total + sum(on, of), 0);
    const widest = context.edges.tapes.at(-1)!;
    // Slit to the joint that is drawn; strips of two widths lie side by side on a roll.
    const rolls = (
      [
        ["bedM", courses.bed],
        ["perpendM", spec.joint],
      ] as const
    ).map(([of, joint]) => (metresOf(of) * 1.05) / (Math.max(1, Math.floor(widest / joint)) * tapeRollM));
    const amount = metresOf("bedM") + metresOf("perpendM");
    return [{ item: "brick-tape", amount, count: Math.ceil(rolls[0]! + rolls[1]!) }];
  }
  const sizes = brickPieces(bricks).length;
  const stamps = sizes + Math.floor(bricks.length / facesPerStamp);
  return [{ item: "sponge-block", amount: stamps, count: Math.ceil(stamps / stampsPerBlock) }];
}

/** Each size of face with its count: what stamps are cut to. */
const piecesTable = (on: PartOfWall, finish: string): Table => ({
  id: `faces-${on.wall.id}`,
  wall: on.wall.id,
  title: { code: "table-faces", values: { finish } },
  columns: [
    { key: "width", label: "Wide", as: "length" },
    { key: "height", label: "High", as: "length" },
    { key: "count", label: "How many", as: "count" },
    { key: "part", label: "", as: "text" },
  ],
  rows: brickPieces(bricksOf(on)).map(({ part, ...size }) => ({ ...size, part: part ? "cut" : "" })),
});

import { did } from "../../work/act";
import { heightOf } from "../../work/cautions";
import type { Contribution, SundryUse, Table } from "../../work/contribution";
import { curedUnder } from "../../work/curedUnder";
import { finishStep } from "../../work/keys";
import { waitFor, type StepDraft, type Stretch } from "../../work/step";
import { resolvedMmPerMetre } from "../../trade/constants";
import type { FinishPart, PartOfWall, Site } from "../defineCraft";
import { outOfPlumb } from "./check";
import type { Drop, PaperLayout } from "./layout";
import { leastPart, spareMm } from "./sheets";

/** Minutes for pulling the test patch off, and for cutting one drop to its length. */
const minutes = { patch: 5, cutting: 3 } as const;
/** A sheet that is cut around something takes so much longer; the least share of a whole one's time that a strip takes. */
const cutOutShare = 0.5;
const leastShare = 0.5;
const dropsPerBlade = 2;
/** A butted seam never has to be truer than this, mm. */
const leastLimitMm = 1;

/** A patch on the evening before; drops cut and hung on one day where they fit. */
export function workPaper(share: FinishPart<PaperLayout>, site: Site): Contribution {
  const { layout } = share;
  const walls = hungOn(
    share.walls.filter(({ sheets }) => sheets.length > 0),
    layout,
  );
  return {
    steps: walls.flatMap((on) => stepsOn(on, layout, site)),
    paint: [],
    sundries: walls.length === 0 ? [] : sundriesOf(layout),
    tables: walls.flatMap((on) => [cutList(on, layout), seamTable(on, layout)]),
    findings: [],
  };
}

const sheetsOf = ({ sheets }: PartOfWall) => sheets.flatMap(({ list }) => list);
const rollsOf = ({ sheets }: PartOfWall) => sheets.reduce((sum, { rolls }) => sum + rolls, 0);

interface Hung extends PartOfWall {
  readonly drops: readonly Drop[];
}

/** Each wall with the drops that are hung from it: one that goes around a corner, from the first of its walls that is papered. */
function hungOn(papered: readonly PartOfWall[], { drops, strip }: PaperLayout): Hung[] {
  const hung = new Set<number>();
  return strip.parts.flatMap(({ wall }) =>
    papered
      .filter((on) => on.wall.id === wall.id)
      .map((on) => {
        const here = new Set(sheetsOf(on).flatMap(({ n }) => (hung.has(n) ? [] : [n])));
        here.forEach((n) => hung.add(n));
        return { ...on, drops: drops.filter(({ n }) => here.has(n)) };
      }),
  );
}

/** How far a seam may be out before it is lifted: what the eye resolves from where people stand. */
const limitOf = ({ context }: PaperLayout): number =>
  Math.max(leastLimitMm, (resolvedMmPerMetre * context.viewingDistance) / 1000);

/** What a wall's end sheets have over into its corners: where both ends run on around corners of a run, or are no inner corners, there is none. */
function spareIn({ wall }: PartOfWall, { strip }: PaperLayout): number {
  const out = outOfPlumb(strip);
  const ends = [
    ...(strip.parts[0]!.wall.id === wall.id && wall.leftEdge === "internal" ? [out.left] : []),
    ...(strip.parts.at(-1)!.wall.id === wall.id && wall.rightEdge === "internal" ? [out.right] : []),
  ];
  return ends.length === 0 ? 0 : spareMm + Math.max(...ends);
}

function stepsOn(on: Hung, layout: PaperLayout, site: Site): StepDraft[] {
  const { wall, drops } = on;
  const { spec } = layout;
  if (drops.length === 0) return [];
  const id = (name: string) => finishStep(wall.id, spec.id, name);
  const cured = site.ready(wall).map(curedUnder);
  const ids = drops.map(({ n }) => `${spec.id}/d${n}`);
  const knife = { code: "care-blade", values: {} };
  const each = site.rate("paperDrop_min");
  const stretches = drops.map((drop, index): Stretch => ({
    ids: [[index, index + 1]],
    minutes: each * shareOfDrop(drop, layout),
    until: { sheet: drop.n },
  }));
  const shared = { wall: wall.id, cautions: [], evening: [] } as const;
  return [
    {
      ...shared,
      id: id("cut"),
      phase: "prepare",
      verb: "cut",
      does: [
        did("trial", "wall", [wall.id]),
        did("cut", "drop", ids, { with: "paper-roll", tools: ["blades", "straightedge"] }),
      ],
      sharedByTwo: true,
      gate: "look",
      minutes: minutes.patch + drops.length * minutes.cutting,
      after: cured,
      say: {
        code: "paper-cut",
        values: {
          wall: wall.id,
          drops: drops.length,
          rolls: new Set(drops.map(({ roll }) => roll)).size,
          allowance: spec.allowance,
        },
      },
      cautions: [knife],
      evening: [
        { code: "ready-base", values: {} },
        { code: "ready-patch", values: {} },
        { code: "ready-paper", values: { rolls: Math.max(1, rollsOf(on)) } },
      ],
    },
    {
      ...shared,
      id: id("hang"),
      phase: "colour",
      verb: "hang",
      does: [
        did("lay", "drop", ids, { tools: ["squeegee", "blades", "straightedge"], heightMm: heightOf(wall) }),
      ],
      stretches,
      minutes: stretches.reduce((sum, stretch) => sum + stretch.minutes, 0),
      after: [waitFor(id("cut"))],
      say: {
        code: "paper-hang",
        values: {
          wall: wall.id,
          drops: drops.length,
          stretches: stretches.length,
          limit: limitOf(layout),
          over: spareIn(on, layout),
          ...stretches.at(-1)!.until,
        },
      },
      cautions: [knife, { code: "care-seams", values: {} }],
    },
  ];
}

/** How much of a whole sheet's time one takes: by its area, more where something is cut out of it. */
function shareOfDrop({ areaM2, length, isCutOut }: Drop, { spec }: PaperLayout): number {
  const whole = (spec.roll.width * Math.max(1, length - 2 * spec.allowance)) / 1e6;
  return Math.max(leastShare, areaM2 / whole) + (isCutOut ? cutOutShare : 0);
}

function sundriesOf({ drops, rolls, spec }: PaperLayout): SundryUse[] {
  if (drops.length === 0) return [];
  const { price } = spec.roll;
  return [
    { item: "paper-roll", amount: drops.length, count: rolls, ...(price !== undefined && { price }) },
    { item: "blades", amount: drops.length, count: Math.ceil(drops.length / dropsPerBlade) },
    { item: "squeegee", amount: 1, count: 1 },
    { item: "straightedge", amount: 1, count: 1 },
  ];
}

/** Each drop with its roll: what to cut, and what is left of it when it is hung. */
const cutList = (on: Hung, layout: PaperLayout): Table => ({
  id: `drops-${on.wall.id}`,
  wall: on.wall.id,
  title: { code: "table-drops", values: { finish: layout.spec.id } },
  columns: [
    { key: "sheet", label: "Sheet", as: "count" },
    { key: "roll", label: "Roll", as: "count" },
    { key: "length", label: "Drop", as: "length" },
    { key: "cut", label: "Off the roll", as: "length" },
    { key: "phase", label: "Into the repeat", as: "length" },
    { key: "width", label: "Wide", as: "length" },
  ],
  rows: on.drops.map(({ n, roll, length, cut, phase, from, to }) => ({
    sheet: n,
    roll,
    length,
    cut,
    phase,
    width: to - from,
  })),
});

/** Each seam's reading from the wall's left plumb line, the same at top, middle and foot, and by how much it may be out. */
const seamTable = (on: PartOfWall, layout: PaperLayout): Table => ({
  id: `seams-${on.wall.id}`,
  wall: on.wall.id,
  title: { code: "table-seams", values: { finish: layout.spec.id } },
  columns: [
    { key: "seam", label: "Seam", as: "text" },
    { key: "at", label: "Top, middle, foot", as: "length" },
    { key: "limit", label: "Lift if more than", as: "length" },
  ],
  rows: on.sheets.flatMap(({ seams, list }) =>
    seams.map((at) => {
      const after = list.find(({ from }) => Math.abs(from - at) < leastPart)!;
      return { seam: `${after.n - 1} | ${after.n}`, at, limit: limitOf(layout) };
    }),
  ),
});

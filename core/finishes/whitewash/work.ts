import { cannotJoin, coatOver, type BrokenCoat } from "../../work/broken/coats";
import { boardsOf } from "../../work/broken/sections";
import { brokenUse, coatBroken, maskBroken, unmaskBroken, type BrokenWall } from "../../work/broken/steps";
import { groupBy } from "../../geometry/groupBy";
import { did } from "../../work/act";
import { heightOf } from "../../work/cautions";
import type { Contribution, SundryUse, Table } from "../../work/contribution";
import { finishStep } from "../../work/keys";
import { floorCovered } from "../../work/room/protectRoom";
import { waitFor, type StepDraft } from "../../work/step";
import { workBroken } from "../workBroken";
import type { FinishPart, Site } from "../defineCraft";
import type { WhitewashLayout } from "./layout";
import type { WhitewashSpec } from "./spec";
import { spreadTones } from "../../work/broken/spreadTones";

/** m2 a minute by way, as shares of the brushed one's. */
const paceOf = { brushed: 1, scraped: 0.6, waxed: 0.8 } as const;
/** Waxing takes m2 a minute. */
const waxing = 0.5;
/** What lies on wax is rubbed off with the wax when it is dry, m2 a minute. */
const rubbing = 0.4;
/** What is brushed on is scraped back after a third of the time that it stays wet. */
const scrapeShare = 1 / 3;
/** A trial on an offcut, minutes, and the share of a candle a m2. */
const trialMin = 15;
const candlesPerM2 = 0.5;

/** A trial first; wax where it is the resist; then whole boards at a time, in tones that are spread over them. */
export function workWhitewash(share: FinishPart<WhitewashLayout>, site: Site): Contribution {
  const { spec } = share.layout;
  return workBroken(share, site, {
    thing: "the whitewash",
    coatsOf: (on) => coatsOf(on, spec, site),
    stepsOn: (on, coats) => stepsOn(on, coats, spec, site),
    paintOn: (on) => [brokenUse(on, spec.paint)],
    sundriesFor: (walls) => sundriesOf(walls, spec),
    findingsOn: (_, [first]) => (first ? cannotJoin(first, { by: "air" }) : []),
    tableOf: (on, coats) => boardsTable(on, coats, spec),
  });
}

function coatsOf(on: BrokenWall, spec: WhitewashSpec, site: Site): BrokenCoat[] {
  const paint = site.paints.get(spec.paint)!;
  const rate = site.rate("whitewash_m2_min") * paceOf[spec.way];
  const boards = boardsOf(on.covered, {
    width: spec.board,
    direction: spec.direction === "horizontal" ? "level" : "upright",
  });
  // A board that the pattern parts has one tone from end to end.
  const whole = [...new Set(boards.map(boardOf))];
  const tones = spreadTones(whole.length, spec.seed);
  const sections = boards.map((board) => ({ ...board, tone: tones[whole.indexOf(boardOf(board))]! }));
  return Array.from({ length: paint.coats }, (_, index) =>
    coatOver(on, { coat: index + 1, paint, rate, sections }),
  );
}

/** The board that a section is of, over all fields. */
const boardOf = ({ id }: { readonly id: string }): string => id.slice(id.lastIndexOf("/") + 1);

function stepsOn(on: BrokenWall, coats: readonly BrokenCoat[], spec: WhitewashSpec, site: Site): StepDraft[] {
  const { wall, covered } = on;
  const paint = site.paints.get(spec.paint)!;
  const id = (name: string) => finishStep(wall.id, spec.id, name);
  const boards = coats[0]?.sections.map((board) => board.id) ?? [];
  const mask = maskBroken(on);
  const trial: StepDraft = {
    id: id("trial"),
    phase: "prepare",
    verb: "wash-trial",
    does: [did("trial", "board", [`${wall.id}/${spec.id}/trial`], { with: paint.id })],
    wall: wall.id,
    colour: paint.id,
    gate: "look",
    minutes: trialMin,
    after: [floorCovered],
    say: { code: "wash-trial", values: { wall: wall.id, colour: paint.id } },
    cautions: [{ code: "care-wood", values: {} }],
    evening: [{ code: "ready-wash", values: { way: spec.way } }],
  };
  const wax: StepDraft = {
    id: id("wax"),
    phase: "prepare",
    verb: "wash-wax",
    does: [did("seal", "section", boards, { tools: ["candles", "rags"], heightMm: heightOf(wall) })],
    wall: wall.id,
    sharedByTwo: true,
    minutes: covered.areaM2 / waxing,
    after: [waitFor(mask.id)],
    say: { code: "wash-wax", values: { wall: wall.id, amount: covered.areaM2 } },
    cautions: [],
    evening: [],
  };
  const isWaxed = spec.way === "waxed";
  const coated = coatBroken(on, coats, {
    first: [
      waitFor(mask.id),
      waitFor(trial.id, "drying", paint.touchDryMin),
      ...(isWaxed ? [waitFor(wax.id)] : []),
    ],
    tones: [paint],
    tools: spec.way === "scraped" ? ["scraper"] : spec.way === "waxed" ? ["rags"] : [],
    wordsOf: ({ coat, needMl, sections, frontMin, openMin }) => ({
      verb: "whitewash",
      say: {
        code: "wash-boards",
        values: {
          wall: wall.id,
          colour: paint.id,
          coat,
          amount: covered.areaM2,
          need: needMl,
          boards: sections.length,
          each: frontMin,
          open: openMin,
          way: spec.way,
          scrapeAfter: openMin * scrapeShare,
        },
      },
      cautions: [],
      evening: [],
    }),
  });
  const last = coated.at(-1)!;
  const rub: StepDraft = {
    ...wax,
    id: id("rub-wax"),
    phase: "finish",
    verb: "wash-rub",
    does: [did("rub-out", "section", boards, { tools: ["rags"], heightMm: heightOf(wall) })],
    minutes: covered.areaM2 / rubbing,
    after: [waitFor(last.id, "touch-dry", paint.touchDryMin)],
    say: { code: "wash-rub", values: { wall: wall.id, amount: covered.areaM2 } },
  };
  return [
    trial,
    mask,
    ...(isWaxed ? [wax] : []),
    ...coated,
    unmaskBroken(on, last, paint),
    ...(isWaxed ? [rub] : []),
  ];
}

function sundriesOf(walls: readonly BrokenWall[], { way }: WhitewashSpec): SundryUse[] {
  if (way === "brushed") return [];
  if (way === "scraped") return [{ item: "scraper", amount: 1 }];
  const areaM2 = walls.reduce((sum, { covered }) => sum + covered.areaM2, 0);
  return [
    { item: "candles", amount: areaM2 * candlesPerM2 },
    { item: "rags", amount: 1 },
  ];
}

/** Each board with its tone, from the top or from the left. */
const boardsTable = ({ wall }: BrokenWall, coats: readonly BrokenCoat[], { id }: WhitewashSpec): Table => ({
  id: `boards-${wall.id}`,
  wall: wall.id,
  title: { code: "table-boards", values: { finish: id } },
  columns: [
    { key: "board", label: "Board", as: "count" },
    { key: "tone", label: "Tone", as: "text" },
    { key: "area", label: "Area", as: "area" },
  ],
  rows: [...groupBy(coats[0]?.sections ?? [], boardOf).values()].map((parts, index) => ({
    board: index + 1,
    tone: parts[0]!.tone!,
    area: parts.reduce((sum, { areaM2 }) => sum + areaM2, 0),
  })),
});

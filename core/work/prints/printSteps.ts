import { printDryMin } from "../../trade/constants";
import { KeepingAll } from "../../geometry/keeping";
import { placeBox } from "../../geometry/placeContour";
import type { Placement } from "../../pattern/placement";
import { boxOfWall } from "../../wall/boxOfWall";
import type { Wall } from "../../wall/schema";
import { did, type Did } from "../act";
import type { Table } from "../contribution";
import { finishStep } from "../keys";
import { waitIfAny, type StepDraft, type Stretch } from "../step";
import { stretchesOf } from "../stepList";
import { heightOf, overFloor } from "../cautions";
import { filmMl } from "../filmMl";
import {
  adhesiveFactor,
  cleanedDryMin,
  cleaningMin,
  partPrintFactor,
  printing,
  shadeTimeShare,
  tackMin,
} from "./constants";
import { isMitred, shadedIn } from "./partsOfPrints";
import { waitsIn } from "./orderPrints";
import { toolsOf } from "./toolsOfPrints";
import { paintOfPrints } from "./paintOfPrints";
import { placedSheets } from "./placedSheets";
import type { PrintedWall, Printing } from "./printing";
import { goesBack, stretchesInTurn } from "./stretchesInTurn";

const stepId = (finish: string, wall: string, pass: readonly string[]) =>
  finishStep(wall, finish, `print-${pass.length === 1 ? pass[0]! : "repeats"}`);

/** One step for all prints of a pass on a wall, which goes from column to column and may stop between them. */
export function printSteps(own: Printing): StepDraft[] {
  return own.walls.flatMap((on) =>
    own.passes.flatMap((pass, place): StepDraft[] => {
      const prints = printsOf(on, pass);
      if (prints.length === 0) return [];
      const { wall } = on;
      const colours = coloursOf(on, prints);
      const shades = shadesOf(on, prints, own);
      const all = [...new Set([...colours, ...shades])];
      const does = workOfPass(own, on, place, prints, colours, shades);
      const goes = keptStretchesOf(on, pass, prints, own);
      // What is wetted beside the first colour is at hand in every stretch.
      const stretches =
        does.length === 1
          ? goes
          : goes.map((go) => ({ ...go, ids: [...go.ids, ...does.slice(1).map(() => [0, 1] as const)] }));
      const partial = prints.filter(({ share }) => share < 1).length;
      return [
        {
          id: stepId(own.finish, wall.id, pass),
          phase: "colour",
          verb: "print",
          wall: wall.id,
          ...(all.length === 1 && { colour: all[0]! }),
          does,
          session: own.finish,
          stretches,
          ...(prints.length > cleanEvery(own) && { cleanEvery: cleanEvery(own) }),
          minutes: stretches.reduce((sum, { minutes }) => sum + minutes, 0),
          after: [
            ...own.readyForTape(wall),
            ...own.passes
              .slice(0, place)
              .map((before) => waitIfAny(stepId(own.finish, wall.id, before), "touch-dry", printDryMin)),
          ],
          say: {
            code: "print",
            values: {
              wall: wall.id,
              ...overlayOf(own, pass),
              by: own.by,
              colours,
              shades,
              prints: prints.length,
              partial,
              loads: new Set(prints.map(({ load }) => load)).size,
              every: cleanEvery(own),
              goesBack: goesBack(prints, own.by),
              carried: place === 0 ? own.carried : null,
              method: own.method,
              ...stretchesOf({ stretches })!,
            },
          },
          cautions: [
            ...(own.fixing === "adhesive" ? [{ code: "care-spray", values: {} }] : []),
            { code: "care-print", values: {} },
            ...(prints.some(isMitred) ? [{ code: "care-mitre", values: {} }] : []),
            ...careOfRim(own, pass),
          ],
          evening: [{ code: "ready-sheets", values: { copies: copiesOf(own) } }],
        },
      ];
    }),
  );
}

/** The prints of a pass in their turn, and the further paints that they are made in. */
function workOfPass(
  own: Printing,
  on: PrintedWall,
  place: number,
  prints: readonly Placement[],
  colours: readonly string[],
  shades: readonly string[],
): Did[] {
  const { wall } = on;
  // What of a sheet would reach over the ceiling is bent there.
  const heightMm = Math.min(heightOf(wall), overFloor(wall, topOf(on, prints)));
  const tools = toolsOf(own);
  const uses = paintOfPrints({ ...own, walls: [{ ...on, placements: prints }] });
  const mlOf = (paint: string) =>
    uses.reduce(
      (sum, use) =>
        use.paint === paint && use.printed ? sum + filmMl(use.printed, use.printed.areaM2, use.texture) : sum,
      0,
    );
  const [main, ...others] = [...new Set([...colours, ...shades])] as [string, ...string[]];
  return [
    did(
      "print",
      "print",
      prints.map(({ id }) => id),
      { with: main, ml: mlOf(main), tools, heightMm },
    ),
    ...others.map((paint) =>
      did("print", "paint", [paint], { with: paint, coat: place + 1, ml: mlOf(paint), tools }),
    ),
  ];
}

/** What a pass is called, what of its sheet is taped off, and whether colours are kept apart by a card at each print. */
function overlayOf({ passes, pieces }: Printing, pass: readonly string[]) {
  const part = pieces.parts.get(pass[0]!);
  const isCarded = pieces.several.some(({ overlay }) => pass.includes(overlay));
  if (part) return { overlay: pieces.plastics > 1 ? part.overlay : "", tapedOff: part.tapedOff, isCarded };
  return { overlay: passes.length > 1 ? pass[0]! : "", tapedOff: [], isCarded };
}

/** Where the roller or the brush is wider than what the sheet has around its holes. */
function careOfRim({ rimsMm, toolMm, method }: Printing, pass: readonly string[]) {
  const rim = Math.min(...pass.map((overlay) => rimsMm.get(overlay) ?? Infinity));
  return rim < toolMm ? [{ code: "care-rim", values: { rim, method } }] : [];
}

/** How high the sheets reach. */
const topOf = ({ motifs }: PrintedWall, prints: readonly Placement[]): number =>
  Math.max(...prints.map((print) => placeBox(motifs.find(({ id }) => id === print.motif)!.face, print).maxY));

/** In their turn. */
const printsOf = ({ placements }: PrintedWall, pass: readonly string[]): Placement[] =>
  placements.filter(({ overlay }) => pass.includes(overlay)).sort((a, b) => a.order - b.order);

function coloursOf({ motifs }: PrintedWall, prints: readonly Placement[]): string[] {
  const used = new Set(prints.map(({ motif, overlay }) => `${motif} ${overlay}`));
  return [
    ...new Set(
      motifs.flatMap(({ id, cutouts }) =>
        cutouts.flatMap(({ overlay, paint }) => (used.has(`${id} ${overlay}`) ? [paint] : [])),
      ),
    ),
  ];
}

/** The paints that shade some of these prints. */
const shadesOf = ({ motifs }: PrintedWall, prints: readonly Placement[], { shades }: Printing): string[] => [
  ...new Set(prints.flatMap((print) => shadedIn(print, motifs, shades).map(({ paint }) => paint))),
];

/** After so many prints a rim of paint is felt on the sheet. */
export const cleanEvery = ({ method, fixing }: Pick<Printing, "method" | "fixing">): number =>
  Math.floor(printing[method].cleanEvery * (fixing === "adhesive" ? adhesiveFactor : 1));

/**
 * Sheets at hand, so that one can be cleaned and dry while another is printed with: that time by the time between, and one
 * more; yet, where printing takes next to no time, never more than are fouled once.
 */
export function copiesOf(own: Pick<Printing, "method" | "fixing" | "eachMin" | "passes" | "walls">): number {
  const every = cleanEvery(own);
  const byTime = Math.ceil((cleaningMin + cleanedDryMin) / (every * own.eachMin) - 1e-9) + 1;
  if (byTime <= leastCopies) return byTime;
  const printsOfPass = own.passes.map((pass) =>
    own.walls.reduce((sum, on) => sum + printsOf(on, pass).length, 0),
  );
  return Math.min(byTime, Math.max(leastCopies, Math.ceil(Math.max(0, ...printsOfPass) / every)));
}

/** One to print with while the other dries. */
const leastCopies = 2;

/** Minutes of each print: its own, waits for what its sheet would lie on, cleaning where it is due, and adhesive's tack. */
function minutesOf(prints: readonly Placement[], { motifs }: PrintedWall, own: Printing): number[] {
  const each = prints.map((print) => {
    const shading = shadedIn(print, motifs, own.shades).length > 0 ? shadeTimeShare : 0;
    return own.eachMin * ((print.share < 1 ? partPrintFactor : 1) + shading);
  });
  const every = cleanEvery(own);
  const extra = prints.map((_, place) => {
    const isDue = place > 0 && place % every === 0;
    return isDue ? cleaningMin + (own.fixing === "adhesive" ? tackMin : 0) : 0;
  });
  const waits = waitsIn(
    placedSheets(prints, motifs).map((placed, place) => ({
      ...placed,
      minutes: each[place]! + extra[place]!,
    })),
    printDryMin * own.airFactor,
  );
  return each.map((minutes, place) => minutes + extra[place]! + waits[place]!);
}

/** Both schools of rounds print alike. */
const keptStretches = new KeepingAll<Stretch[]>();

const keptStretchesOf = (
  on: PrintedWall,
  pass: readonly string[],
  prints: readonly Placement[],
  own: Printing,
): Stretch[] =>
  keptStretches.answer(
    on,
    [pass, own.method, own.fixing, own.eachMin, own.airFactor, own.by, [...own.shades]],
    () => stretchesInTurn(boxOfWall(on.wall), prints, minutesOf(prints, on, own), own.by),
  );

/** A side as it is, an opening by what the painter calls it. */
const called =
  ({ openings }: Wall) =>
  (edge: string): string => {
    const opening = openings.find(({ id }) => id === edge);
    return opening ? (opening.name ?? opening.kind) : edge;
  };

/** Prints that are cut, by place, with what cuts them; and those that only bend the sheet. */
export const partPrintTables = ({ finish, walls, hasTopSheet }: Printing): Table[] =>
  walls.flatMap(({ wall, placements }): Table[] => {
    const rows = placements
      .filter(({ share, bends }) => share < 1 || bends.length > 0)
      .sort((a, b) => a.column - b.column || a.row - b.row)
      .map(({ column, row, overlay, share, cutBy, bends }) => ({
        place: `column ${column}, row ${row}`,
        overlay,
        share: share < 1 ? `${Math.max(1, Math.round(share * 100))} %` : "whole",
        by: [
          ...cutBy.map(called(wall)),
          ...bends.map((name) =>
            name === "ceiling" && hasTopSheet ? "top sheet" : `bent at ${called(wall)(name)}`,
          ),
        ].join(", "),
      }));
    if (rows.length === 0) return [];
    return [
      {
        id: `part-prints-${wall.id}`,
        wall: wall.id,
        title: { code: "table-part-prints", values: { finish } },
        columns: [
          { key: "place", label: "Print", as: "text" },
          { key: "overlay", label: "Overlay", as: "text" },
          { key: "share", label: "Of it", as: "text" },
          { key: "by", label: "Cut by", as: "text" },
        ],
        rows,
      },
    ];
  });

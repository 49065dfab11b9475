import { SVGPathData } from "svg-pathdata";
import { SaxesParser, type SaxesTagPlain } from "saxes";
import { mostCommands } from "@/core/stencil/parsePath";
import { stencilSchema } from "@/core/stencil/schema";
import type { StencilDocument } from "@/core/stencil/library";

export type ReadSheet = { ok: true; sheet: StencilDocument } | { ok: false; message: string };

const mostBytes = 2_000_000;
const mostElements = 20_000;
const deepest = 40;
/** Characters: no number, no list of transforms and no style that a program writes is longer. No pattern is tried on what is. */
const longestNumber = 40;
const longestTransform = 1000;
const longestStyle = 4000;
/** Holes stay this far from the cell's sides, mm. */
const marginMm = 20;

type Matrix = readonly [number, number, number, number, number, number];
const still: Matrix = [1, 0, 0, 1, 0, 0];

interface Style {
  readonly fill: string;
  readonly stroke: string;
  readonly isHidden: boolean;
  readonly matrix: Matrix;
  /** Within what is only there to be referred to: patterns, masks, symbols. */
  readonly isAside: boolean;
}

interface Drawn {
  readonly fill: string;
  readonly path: SVGPathData;
}

class Refused extends Error {}

/**
 * A sheet from a drawing in the open vector format: its filled shapes become holes, a colour for each fill. Groups, transforms
 * and basic shapes are understood; `width` is how wide all of it comes to be, mm. The drawing is taken for hostile: nothing
 * is run, fetched or resolved, and what is too large or not understood is refused with a sentence.
 */
export function readSvgSheet(
  text: string,
  { id, name, width }: { id: string; name: string; width: number },
): ReadSheet {
  try {
    const shapes = shapesOf(text);
    if (shapes.length === 0)
      throw new Refused("has no filled shapes; expected the holes as shapes with a fill");
    const sheet = sheetFrom(shapes, id, name, width);
    const parsed = stencilSchema.safeParse(sheet);
    if (!parsed.success)
      throw new Refused(`has a shape that cannot be cut (${parsed.error.issues[0]!.message})`);
    return { ok: true, sheet };
  } catch (error) {
    if (error instanceof Refused) return { ok: false, message: `This drawing ${error.message}.` };
    return { ok: false, message: "This is no drawing that can be read; expected an SVG file." };
  }
}

function shapesOf(text: string): Drawn[] {
  if (text.length > mostBytes) throw new Refused("is over 2 MB; expected a smaller one");
  if (/<!(DOCTYPE|ENTITY)/i.test(text))
    throw new Refused("declares entities; expected one saved without a document type");
  const parser = new SaxesParser();
  const shapes: Drawn[] = [];
  const open: Style[] = [{ fill: "#000000", stroke: "none", isHidden: false, matrix: still, isAside: false }];
  let [elements, commands, hasRoot] = [0, 0, false];
  parser.on("error", (error) => {
    throw new Refused(`is broken off or no XML (${error.message.slice(0, 80)})`);
  });
  parser.on("opentag", (tag: SaxesTagPlain) => {
    const kind = tag.name.replace(/^.*:/, "");
    if (!hasRoot && kind !== "svg") throw new Refused(`begins with <${kind}>; expected <svg>`);
    hasRoot = true;
    if (++elements > mostElements)
      throw new Refused(`has over ${mostElements} elements; expected a simpler one`);
    if (open.length > deepest) throw new Refused("is nested too deeply; expected fewer groups in groups");
    const style = styleOf(tag, kind, open.at(-1)!);
    open.push(style);
    const path = style.isHidden || style.isAside ? null : pathOf(kind, tag.attributes);
    if (path === null) return;
    if (style.fill === "none") {
      if (style.stroke !== "none")
        throw new Refused(
          "has strokes, which have no width to cut; expected them turned into outlines with a fill",
        );
      return;
    }
    commands += path.commands.length;
    if (commands > mostCommands) throw new Refused(`has over ${mostCommands} points; expected a simpler one`);
    shapes.push({ fill: style.fill, path: path.toAbs().matrix(...style.matrix) });
  });
  parser.on("closetag", () => open.pop());
  parser.write(text).close();
  if (!hasRoot) throw new Refused("is empty; expected an SVG file");
  return shapes;
}

const aside = new Set([
  "defs",
  "symbol",
  "clipPath",
  "mask",
  "pattern",
  "marker",
  "metadata",
  "style",
  "title",
  "desc",
]);
const refused: Readonly<Record<string, string>> = {
  script: "holds a script; expected a drawing alone",
  use: "refers to shapes elsewhere (use); expected them as shapes of their own",
  image: "holds a picture of dots; expected shapes",
  text: "holds letters; expected them turned into shapes",
  foreignObject: "holds something that is no drawing; expected shapes alone",
};

function styleOf({ attributes }: SaxesTagPlain, kind: string, around: Style): Style {
  if (refused[kind] !== undefined) throw new Refused(refused[kind]);
  const { style: styled = "" } = attributes;
  if (styled.length > longestStyle)
    throw new Refused(`has a style of over ${longestStyle} characters; expected a simpler one`);
  const inline = new Map(
    styled.split(";").map((pair) => {
      const [key = "", value = ""] = pair.split(":");
      return [key.trim(), value.trim()] as const;
    }),
  );
  const told = (key: string) => inline.get(key) ?? attributes[key];
  const fill = told("fill") ?? around.fill;
  if (/url\(/.test(fill)) throw new Refused("is filled with a pattern or a shade; expected plain colours");
  return {
    fill: fill.toLowerCase(),
    stroke: told("stroke") ?? around.stroke,
    isHidden: around.isHidden || told("display") === "none",
    isAside: around.isAside || aside.has(kind),
    matrix: times(around.matrix, matrixOf(attributes.transform ?? "")),
  };
}

/** a applied after b. */
function times([a, b, c, d, e, f]: Matrix, [g, h, i, j, k, l]: Matrix): Matrix {
  return [a * g + c * h, b * g + d * h, a * i + c * j, b * i + d * j, a * k + c * l + e, b * k + d * l + f];
}

/** One transform after the other, each read where the one before ended. */
function matrixOf(text: string): Matrix {
  if (text.length > longestTransform)
    throw new Refused(`has a transform of over ${longestTransform} characters; expected a simpler one`);
  const one = /[\s,]*(matrix|translate|scale|rotate|skewX|skewY)\s*\(([^()]*)\)/y;
  let all = still;
  let end = 0;
  for (let found = one.exec(text); found; found = one.exec(text)) {
    end = one.lastIndex;
    const numbers = found[2]!.trim().split(/[\s,]+/);
    all = times(all, transformOf(found[1]!, numbers.map(finite)));
  }
  const rest = text.slice(end).trim();
  if (rest !== "") throw new Refused(`has a transform that is not known ("${rest.slice(0, 30)}")`);
  return all;
}

function transformOf(kind: string, [p = 0, q, r, s = 0, t = 0, u = 0]: number[]): Matrix {
  const radians = (p * Math.PI) / 180;
  switch (kind) {
    case "matrix":
      return [p, q ?? 0, r ?? 0, s, t, u];
    case "translate":
      return [1, 0, 0, 1, p, q ?? 0];
    case "scale":
      return [p, 0, 0, q ?? p, 0, 0];
    case "rotate": {
      const turn: Matrix = [
        Math.cos(radians),
        Math.sin(radians),
        -Math.sin(radians),
        Math.cos(radians),
        0,
        0,
      ];
      const [x, y] = [q ?? 0, r ?? 0];
      return times(times([1, 0, 0, 1, x, y], turn), [1, 0, 0, 1, -x, -y]);
    }
    case "skewX":
      return [1, 0, Math.tan(radians), 1, 0, 0];
    default:
      return [1, Math.tan(radians), 0, 1, 0, 0];
  }
}

const perUnit: Readonly<Record<string, number>> = {
  "": 1,
  px: 1,
  mm: 96 / 25.4,
  cm: 96 / 2.54,
  in: 96,
  pt: 96 / 72,
  pc: 16,
};

/** A number with its unit, in the drawing's own. */
function finite(text = "0"): number {
  const match =
    text.length <= longestNumber
      ? /^([-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?)\s*(px|mm|cm|in|pt|pc|)$/i.exec(text.trim())
      : null;
  const value = match ? Number(match[1]) * perUnit[match[2]!.toLowerCase()]! : NaN;
  if (!Number.isFinite(value) || Math.abs(value) > 1e7)
    throw new Refused(`has a length that is no number ("${text.slice(0, 30)}")`);
  return value;
}

/** A basic shape or a path as path data; null for what draws nothing. */
function pathOf(kind: string, attributes: Readonly<Record<string, string>>): SVGPathData | null {
  const at = (key: string) => finite(attributes[key]);
  const ellipse = (rx: number, ry: number) => {
    const [x, y] = [at("cx"), at("cy")];
    return `M ${x - rx} ${y} A ${rx} ${ry} 0 0 1 ${x + rx} ${y} A ${rx} ${ry} 0 0 1 ${x - rx} ${y} Z`;
  };
  const data = () => {
    switch (kind) {
      case "path":
        return attributes.d ?? "";
      case "rect":
        return roundedRectangle(at("x"), at("y"), at("width"), at("height"), at(attributes.rx ? "rx" : "ry"));
      case "circle":
        return ellipse(at("r"), at("r"));
      case "ellipse":
        return ellipse(at("rx"), at("ry"));
      case "polygon":
      case "polyline":
        return (attributes.points ?? "").trim() === "" ? "" : `M ${attributes.points} Z`;
      default:
        return "";
    }
  };
  const text = data();
  if (text === "" || /[0-9]/.test(text) === false) return null;
  try {
    return new SVGPathData(text);
  } catch {
    throw new Refused(`has a shape that is no path data ("${text.slice(0, 30)}")`);
  }
}

function roundedRectangle(x: number, y: number, width: number, height: number, round: number): string {
  if (width <= 0 || height <= 0) return "";
  const r = Math.max(0, Math.min(round, width / 2, height / 2));
  if (r === 0) return `M ${x} ${y} h ${width} v ${height} h ${-width} z`;
  const arc = (dx: number, dy: number) => `a ${r} ${r} 0 0 1 ${dx} ${dy}`;
  return `M ${x + r} ${y} h ${width - 2 * r} ${arc(r, r)} v ${height - 2 * r} ${arc(-r, r)} h ${2 * r - width} ${arc(-r, -r)} v ${2 * r - height} ${arc(r, -r)} z`;
}

/** The shapes to scale about their middle, y up, a colour of the sheet for each fill. */
function sheetFrom(shapes: readonly Drawn[], id: string, name: string, width: number): StencilDocument {
  const bounds = shapes.map(({ path }) => path.getBounds());
  const [minX, maxX] = [
    Math.min(...bounds.map((box) => box.minX)),
    Math.max(...bounds.map((box) => box.maxX)),
  ];
  const [minY, maxY] = [
    Math.min(...bounds.map((box) => box.minY)),
    Math.max(...bounds.map((box) => box.maxY)),
  ];
  if (!(maxX > minX && maxY > minY)) throw new Refused("has no size; expected shapes that enclose something");
  const scale = width / (maxX - minX);
  const fills = [...new Set(shapes.map(({ fill }) => fill))];
  return {
    id,
    name,
    repeat: {
      x: Math.round(width + 2 * marginMm),
      y: Math.round((maxY - minY) * scale + 2 * marginMm),
    },
    overlays: [
      {
        id: "1",
        cuts: shapes.map(({ fill, path }) => ({
          slot: `colour-${fills.indexOf(fill) + 1}`,
          path: path
            .matrix(scale, 0, 0, -scale, (-scale * (minX + maxX)) / 2, (scale * (minY + maxY)) / 2)
            .round(1e6)
            .encode(),
        })),
      },
    ],
  };
}

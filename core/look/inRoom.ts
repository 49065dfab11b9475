/** A place in a picture, px from its top left, or on a wall, mm. */
export type Place = readonly [x: number, y: number];
/** Four corners in turn. */
export type Quad = readonly [Place, Place, Place, Place];
/** Nine numbers, row by row: a place of one plane as it is seen from another (a homography). */
export type Mapping = readonly number[];

/**
 * The mapping of a unit square onto four corners, (0,0) to the first, (1,0) to the second, (1,1) to the third (Heckbert 1989,
 * "Fundamentals of texture mapping", 2.2.3). Null where three of them lie on one line.
 */
function ontoQuad([[x0, y0], [x1, y1], [x2, y2], [x3, y3]]: Quad): Mapping | null {
  const [dx1, dx2, sx] = [x1 - x2, x3 - x2, x0 - x1 + x2 - x3];
  const [dy1, dy2, sy] = [y1 - y2, y3 - y2, y0 - y1 + y2 - y3];
  const whole = dx1 * dy2 - dx2 * dy1;
  if (Math.abs(whole) < 1e-9) return null;
  const g = (sx * dy2 - dx2 * sy) / whole;
  const h = (dx1 * sy - sx * dy1) / whole;
  return [x1 - x0 + g * x1, x3 - x0 + h * x3, x0, y1 - y0 + g * y1, y3 - y0 + h * y3, y0, g, h, 1];
}

/** The way back of a mapping; up to a factor, which a place does not feel. */
function reversed([a, b, c, d, e, f, g, h, i]: Mapping): Mapping {
  return [
    e! * i! - f! * h!,
    c! * h! - b! * i!,
    b! * f! - c! * e!,
    f! * g! - d! * i!,
    a! * i! - c! * g!,
    c! * d! - a! * f!,
    d! * h! - e! * g!,
    b! * g! - a! * h!,
    a! * e! - b! * d!,
  ];
}

const after = (m: Mapping, n: Mapping): Mapping =>
  Array.from({ length: 9 }, (_, at) => {
    const [row, column] = [Math.floor(at / 3), at % 3];
    return [0, 1, 2].reduce((sum, k) => sum + m[row * 3 + k]! * n[k * 3 + column]!, 0);
  });

/** The mapping that takes four corners to four others; null where either are no corners of a field. */
export function mappingOf(from: Quad, to: Quad): Mapping | null {
  const [one, other] = [ontoQuad(from), ontoQuad(to)];
  return one && other && isField(from) && isField(to) ? after(other, reversed(one)) : null;
}

/** Where a place comes to lie. */
export function mapped([a, b, c, d, e, f, g, h, i]: Mapping, [x, y]: Place): Place {
  const w = g! * x + h! * y + i!;
  return [(a! * x + b! * y + c!) / w, (d! * x + e! * y + f!) / w];
}

/** Whether four corners go once around a field, none of them dented in: so every flat wall is seen. */
export function isField(corners: Quad): boolean {
  const turns = corners.map(([x, y], at) => {
    const [bx, by] = corners[(at + 1) % 4]!;
    const [cx, cy] = corners[(at + 2) % 4]!;
    return (bx - x) * (cy - by) - (by - y) * (cx - bx);
  });
  return turns.every((turn) => turn > 1e-6) || turns.every((turn) => turn < -1e-6);
}

/** A picture of four digits a pixel. */
export interface Picture {
  readonly width: number;
  readonly height: number;
  readonly pixels: Uint8ClampedArray;
}

/** Light of a digit and back, the curve taken as a square as elsewhere. */
const lightAt = (digit: number): number => (digit / 255) ** 2;
const digitAt = (light: number): number => Math.round(Math.sqrt(Math.max(0, Math.min(1, light))) * 255);

/** Pixels to each side that a picked spot is read over: single ones are noise. */
const spotPx = 2;

/** The light of red, green and blue that a spot of a picture shows, on the average around it. */
export function spotLight({ width, height, pixels }: Picture, [x, y]: Place): [number, number, number] {
  const sums: [number, number, number] = [0, 0, 0];
  let count = 0;
  for (let row = Math.round(y) - spotPx; row <= Math.round(y) + spotPx; row++)
    for (let column = Math.round(x) - spotPx; column <= Math.round(x) + spotPx; column++) {
      if (row < 0 || column < 0 || row >= height || column >= width) continue;
      const at = (row * width + column) * 4;
      for (const channel of [0, 1, 2] as const) sums[channel] += lightAt(pixels[at + channel]!);
      count++;
    }
  const by = Math.max(1, count);
  return [sums[0] / by, sums[1] / by, sums[2] / by];
}

/** How a look is laid into a picture of a room. */
export interface Laying {
  /** A place of the photo as one of the look's own pixels. */
  readonly toLook: Mapping;
  /** What the room's light makes of white: what the photo shows of a known thing, by what that reflects; 1 of each where none is known. */
  readonly white: readonly [number, number, number];
  /** How much of the light comes to each place of the look, across and up, 1 on the average; null where the wall is not even by now. */
  readonly shade: Shade | null;
}

/** Brightness over a wall in cells, rows from the top. */
export interface Shade {
  readonly columns: number;
  readonly rows: number;
  readonly cells: readonly number[];
}

const shadeCells = { columns: 16, rows: 10 } as const;
/** Further from the average is no shadow but a thing that stands there. */
const [darkest, lightest] = [0.4, 1.8];

/** How light falls on a wall that is one colour by now: what the photo shows of it, in cells, against their middle one. */
export function shadeOf(photo: Picture, look: Pick<Picture, "width" | "height">, toPhoto: Mapping): Shade {
  const { columns, rows } = shadeCells;
  const cells = Array.from({ length: columns * rows }, (_, at) => {
    const [column, row] = [at % columns, Math.floor(at / columns)];
    const place = mapped(toPhoto, [
      ((column + 0.5) / columns) * look.width,
      ((row + 0.5) / rows) * look.height,
    ]);
    const [r, g, b] = spotLight(photo, place);
    return 0.2126 * r + 0.7152 * g + 0.0722 * b;
  });
  const middle = [...cells].sort((a, b) => a - b)[Math.floor(cells.length / 2)]!;
  return {
    columns,
    rows,
    cells: cells.map((cell) => (middle > 0 ? Math.max(darkest, Math.min(lightest, cell / middle)) : 1)),
  };
}

/** Between the middles of cells. */
function shadeAt({ columns, rows, cells }: Shade, across: number, down: number): number {
  const [x, y] = [across * columns - 0.5, down * rows - 0.5];
  const [left, top] = [Math.floor(x), Math.floor(y)];
  const cell = (column: number, row: number) =>
    cells[Math.max(0, Math.min(rows - 1, row)) * columns + Math.max(0, Math.min(columns - 1, column))]!;
  const [fx, fy] = [x - left, y - top];
  const upper = cell(left, top) * (1 - fx) + cell(left + 1, top) * fx;
  const lower = cell(left, top + 1) * (1 - fx) + cell(left + 1, top + 1) * fx;
  return upper * (1 - fy) + lower * fy;
}

/** The photo with the look laid onto its wall, in the room's light. What is not the wall stays as it is. */
export function layIn(
  photo: Picture,
  look: Picture,
  { toLook, white, shade }: Laying,
): Uint8ClampedArray<ArrayBuffer> {
  const laid = new Uint8ClampedArray(photo.pixels);
  for (let row = 0; row < photo.height; row++)
    for (let column = 0; column < photo.width; column++) {
      const [x, y] = mapped(toLook, [column + 0.5, row + 0.5]);
      if (!(x >= 0 && y >= 0 && x < look.width && y < look.height)) continue;
      const from = (Math.floor(y) * look.width + Math.floor(x)) * 4;
      const to = (row * photo.width + column) * 4;
      const fall = shade ? shadeAt(shade, x / look.width, y / look.height) : 1;
      for (const channel of [0, 1, 2] as const)
        laid[to + channel] = digitAt(lightAt(look.pixels[from + channel]!) * white[channel] * fall);
    }
  return laid;
}

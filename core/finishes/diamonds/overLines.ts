import { segment } from "../../geometry/curve";
import type { Point } from "../../geometry/point";
import { lengthOf } from "../../geometry/trig";
import type { Design, Divider, Piece } from "../../pattern/pattern";
import type { DiamondLayout } from "./layout";
import type { DiamondsSpec } from "./spec";

/**
 * Lines through the middles of the diamonds, parallel to their sides. In the grid's own measure (u columns across, v rows
 * up) they are u - v and u + v whole; a line w wide reaches w / 2 x sqrt(W^2 + H^2) / (W H) to both sides of that, W and
 * H being a column and a row. They set out no marks of their own: they run through crossings of the diamonds' guides.
 */
export function designOverLines(
  { colour, width }: NonNullable<DiamondsSpec["overLines"]>,
  { left, bottom, columns, rows, width: across, height: up }: DiamondLayout,
): Design {
  const half = ((width / 2) * lengthOf(across, up)) / (across * up);
  const offLine = (value: number) => Math.abs(value - Math.round(value));
  const piece: Piece = { key: "over-lines", name: "the over-lines", colour };
  const pieceAt = ({ x, y }: Point): Piece | null => {
    const [u, v] = [(x - left) / across, (y - bottom) / up];
    return offLine(u - v) < half || offLine(u + v) < half ? piece : null;
  };
  const place = (sum: number, difference: number): Point => ({
    x: left + ((sum + difference) / 2) * across,
    y: bottom + ((sum - difference) / 2) * up,
  });
  const dividers: Divider[] = [];
  // Each side of a line from crossing to crossing, so that the lines are one piece.
  const side = (a: Point, b: Point, source: string) => dividers.push({ curve: segment(a, b), source });
  for (let difference = -rows; difference <= columns; difference++) {
    const name = difference + rows + 1;
    const [from, to] = within(difference);
    for (let sum = Math.max(0, from); sum < Math.min(columns + rows, to); sum++) {
      for (const by of [-half, half]) {
        side(place(sum + half, difference + by), place(sum + 1 - half, difference + by), `rising-${name}`);
      }
    }
  }
  for (let sum = 0; sum <= columns + rows; sum++) {
    // As sums along a rising line: u = (sum + difference) / 2 lies on the grid, and v.
    const [least, most] = [Math.max(-sum, sum - 2 * rows) - 2, Math.min(2 * columns - sum, sum) + 2];
    for (let difference = Math.max(-rows, least); difference < Math.min(columns, most); difference++) {
      for (const by of [-half, half]) {
        side(
          place(sum + by, difference + half),
          place(sum + by, difference + 1 - half),
          `falling-${sum + 1}`,
        );
      }
    }
  }
  return { lines: [], dividers: dividers.filter(({ curve }) => touchesGrid(curve.a, curve.b)), pieceAt };

  /** The sums between which a rising line is on the grid, with room for its width: long grids have few each. */
  function within(difference: number): [number, number] {
    const least = Math.max(-difference, difference);
    return [least - 2, Math.min(2 * columns - difference, 2 * rows + difference) + 2];
  }

  function touchesGrid(a: Point, b: Point): boolean {
    return (
      Math.max(a.x, b.x) > left &&
      Math.min(a.x, b.x) < left + columns * across &&
      Math.max(a.y, b.y) > bottom &&
      Math.min(a.y, b.y) < bottom + rows * up
    );
  }
}

import { moveCurve, type Segment } from "../../geometry/curve";
import type { Point } from "../../geometry/point";
import type { Design, Divider, Piece, SetOutLine, TapedLine } from "../../pattern/pattern";
import { placeTolerance } from "../../wall/outline";
import { faceAt } from "./findFaces";
import { markedAt, saidOfTape } from "../markedAt";
import type { TapedSegment } from "./layLines";
import type { TapeLinesLayout } from "./layout";

const isAlike = (a: number, b: number): boolean => Math.abs(a - b) < placeTolerance;

/** The last bits of a line drawn across the wall make nothing slanted. */
const kindOf = ({ a, b }: Segment): SetOutLine["kind"] =>
  isAlike(a.x, b.x) ? "plumb" : isAlike(a.y, b.y) ? "level" : "slant";

/** The lines as they are set out, and the faces between them that have a colour. */
export function designTapeLines({ spec, strip, context, lines, walls, colours }: TapeLinesLayout): Design[] {
  const byWall = new Map(walls.map((wall) => [wall.part.wall.id, wall]));
  const pieceAt = (point: Point, id: string): Piece | null => {
    const wall = byWall.get(id)!;
    const face = faceAt(wall, { x: point.x - wall.part.offset, y: point.y });
    const colour = face === null ? undefined : colours.get(wall.faceOf[face]!);
    if (colour === undefined) return null;
    const number = face! + 1;
    return { key: `face-${number}`, name: `face ${number}`, noun: "face", numbers: [number], colour };
  };
  const dividers = walls.flatMap((wall) =>
    wall.dividers.map(({ curve, source }): Divider => ({
      curve: moveCurve(curve, wall.part.offset, 0),
      source,
      wall: wall.part.wall.id,
    })),
  );
  const idOf = ({ line, piece }: TapedSegment) => `line-${line + 1}${piece > 0 ? `-${piece + 1}` : ""}`;
  const setOut = lines.map((taped, index): SetOutLine => ({
    id: idOf(taped),
    index,
    kind: kindOf(taped.path),
    path: spec.lineWidth > 0 ? markedAt(taped.path, spec.lineWidth, context, strip.extent) : taped.path,
    use: [
      `line ${taped.line + 1}`,
      ...(spec.byEye === undefined ? [] : ["by eye"]),
      ...(spec.lineWidth > 0 ? [saidOfTape(context, kindOf(taped.path))] : []),
    ].join(", "),
    ...(spec.byEye !== undefined && { byEye: true as const }),
  }));
  const tapedLines =
    spec.lineWidth > 0
      ? lines.map((taped): TapedLine => ({ id: idOf(taped), path: taped.path, width: spec.lineWidth }))
      : [];
  const arrangements = new Map(
    walls.flatMap(({ part, arrangement }) => (arrangement ? [[part.wall.id, arrangement] as const] : [])),
  );
  return [{ lines: setOut, dividers, arrangements, pieceAt, tapedLines }];
}

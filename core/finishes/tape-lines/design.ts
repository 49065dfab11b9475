import { moveCurve } from "../../geometry/curve";
import type { Point } from "../../geometry/point";
import type { Design, Divider, Piece, SetOutLine, TapedLine } from "../../pattern/pattern";
import { placeTolerance } from "../../wall/outline";
import { faceAt } from "./findFaces";
import type { TapeLinesLayout } from "./layout";

const isAlike = (a: number, b: number): boolean => Math.abs(a - b) < placeTolerance;

/** The lines as they are set out, and the faces between them that have a colour. */
export function designTapeLines({ spec, lines, walls, colours }: TapeLinesLayout): Design[] {
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
  const setOut = lines.map(({ line, piece, path }, index): SetOutLine => ({
    id: `line-${line + 1}${piece > 0 ? `-${piece + 1}` : ""}`,
    index,
    // The last bits of a line drawn across the wall make nothing slanted.
    kind: isAlike(path.a.x, path.b.x) ? "plumb" : isAlike(path.a.y, path.b.y) ? "level" : "slant",
    path,
    use: [
      `line ${line + 1}`,
      ...(spec.byEye === undefined ? [] : ["by eye"]),
      ...(spec.lineWidth > 0 ? ["the middle of the tape"] : []),
    ].join(", "),
    ...(spec.byEye !== undefined && { byEye: true as const }),
  }));
  const tapedLines =
    spec.lineWidth > 0 ? setOut.map(({ id, path }): TapedLine => ({ id, path, width: spec.lineWidth })) : [];
  const arrangements = new Map(
    walls.flatMap(({ part, arrangement }) => (arrangement ? [[part.wall.id, arrangement] as const] : [])),
  );
  return [{ lines: setOut, dividers, arrangements, pieceAt, tapedLines }];
}

import FlatQueue from "flatqueue";
import type { Point } from "../../geometry/point";
import { createSequence, shuffled } from "../../trade/randomSequence";
import type { StripFace } from "./joinFaces";

/** A search is given up after looking at so many faces; then neighbours may be alike. */
const mostLooked = 20000;

/**
 * Colours for faces without equal neighbours where the colours allow: faces with the fewest colours left choose first,
 * colours in an order seeded by where the face lies, so that an edit elsewhere changes little, and a dead end is taken
 * back. Faces that are filled already keep their colour. Answers how
 * many pairs of neighbours are alike after all.
 */
export function shuffleColours(
  faces: readonly StripFace[],
  filled: ReadonlyMap<number, string>,
  colours: readonly string[],
  seed: number,
): { colours: ReadonlyMap<number, string>; alike: number } {
  const orders = faces.map(({ at }) => shuffled(colours, createSequence(seedAt(seed, at))));
  const chosen = new ChosenColours(faces);
  for (const [face, colour] of filled) chosen.set(face, colour);
  const open = new OpenFaces(chosen);
  for (const face of faces.keys()) if (!filled.has(face)) open.add(face);
  let looked = 0;
  // Depth first without recursion: faces may number thousands.
  const path: Step[] = [];
  const advance = (step: Step): boolean => {
    chosen.clear(step.face);
    while (step.tried < colours.length) {
      const colour = orders[step.face]![step.tried++]!;
      if (chosen.near(step.face, colour) > 0) continue;
      chosen.set(step.face, colour);
      return true;
    }
    return false;
  };
  while (open.size > 0 && looked < mostLooked) {
    const face = open.takeMostConstrained();
    path.push({ face, tried: 0 });
    while (path.length > 0 && looked < mostLooked && !advance(path.at(-1)!)) {
      looked++;
      open.add(path.pop()!.face);
    }
    if (path.length === 0) break;
  }
  // What the search left open takes the colour that fewest of its neighbours have.
  for (const face of open.left()) {
    const least = orders[face]!.reduce((best, colour) =>
      chosen.near(face, colour) < chosen.near(face, best) ? colour : best,
    );
    chosen.set(face, least);
  }
  return { colours: chosen.colours, alike: countAlike(faces, chosen.colours) };
}

interface Step {
  readonly face: number;
  tried: number;
}

/** Colours chosen so far, with how many neighbours of each face have which, kept as they change. */
class ChosenColours {
  readonly colours = new Map<number, string>();
  private readonly counts: Map<string, number>[];
  /** Is told when a face has more or fewer colours around it than before. */
  onChange: (face: number) => void = () => undefined;

  constructor(private readonly faces: readonly StripFace[]) {
    this.counts = faces.map(() => new Map<string, number>());
  }

  /** How many different colours are around a face, and how many neighbours it has. */
  around = (face: number) => ({
    taken: this.counts[face]!.size,
    degree: this.faces[face]!.neighbours.size,
  });

  /** How many neighbours of the face have the colour. */
  near(face: number, colour: string): number {
    return this.counts[face]!.get(colour) ?? 0;
  }

  set(face: number, colour: string): void {
    this.colours.set(face, colour);
    for (const other of this.faces[face]!.neighbours) {
      const counts = this.counts[other]!;
      const before = counts.get(colour) ?? 0;
      counts.set(colour, before + 1);
      if (before === 0) this.onChange(other);
    }
  }

  clear(face: number): void {
    const colour = this.colours.get(face);
    if (colour === undefined) return;
    this.colours.delete(face);
    for (const other of this.faces[face]!.neighbours) {
      const counts = this.counts[other]!;
      const count = counts.get(colour)! - 1;
      if (count > 0) {
        counts.set(colour, count);
        continue;
      }
      counts.delete(colour);
      this.onChange(other);
    }
  }
}

/** Room for what decides less: faces and the turns in which they were opened number far under these. */
const mostTurns = 2 ** 20;
const mostNeighbours = 2 ** 14;

/**
 * Faces without a colour. Taken first is the one with the most different colours around it, of equal ones that with the
 * most neighbours, then the one that has been open the longest. A queue by these as one number; what has changed since it was put
 * there is in it again, and its old entry counts for nothing.
 */
class OpenFaces {
  private readonly queue = new FlatQueue<number>();
  private readonly turnOf = new Map<number, number>();
  private turns = 0;

  constructor(private readonly chosen: ChosenColours) {
    chosen.onChange = (face) => {
      if (this.turnOf.has(face)) this.queue.push(face, this.rankOf(face));
    };
  }

  get size(): number {
    return this.turnOf.size;
  }

  add(face: number): void {
    this.turnOf.set(face, this.turns++);
    this.queue.push(face, this.rankOf(face));
  }

  takeMostConstrained(): number {
    for (;;) {
      const rank = this.queue.peekValue()!;
      const face = this.queue.pop()!;
      if (!this.turnOf.has(face) || this.rankOf(face) !== rank) continue;
      this.turnOf.delete(face);
      return face;
    }
  }

  /** In the order in which they were opened. */
  left = (): number[] => [...this.turnOf.keys()];

  private rankOf(face: number): number {
    const { taken, degree } = this.chosen.around(face);
    return this.turnOf.get(face)! - (taken * mostNeighbours + degree) * mostTurns;
  }
}

function countAlike(faces: readonly StripFace[], colours: ReadonlyMap<number, string>): number {
  let alike = 0;
  faces.forEach(({ neighbours }, face) => {
    for (const other of neighbours) if (other > face && colours.get(other) === colours.get(face)) alike++;
  });
  return alike;
}

/** A seed of a face's own, by the place of its middle to the centimetre. */
function seedAt(seed: number, { x, y }: Point): number {
  const mixed = [seed, Math.round(x / 10), Math.round(y / 10)].reduce(
    (hash, value) => Math.imul(hash ^ (value + 0x9e3779b9), 0x85ebca6b) ^ (hash >>> 13),
    17,
  );
  return mixed >>> 1;
}

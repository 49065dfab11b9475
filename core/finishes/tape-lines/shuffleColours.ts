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
  const open = new Set([...faces.keys()].filter((face) => !filled.has(face)));
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
    const face = chosen.mostConstrained(open);
    open.delete(face);
    path.push({ face, tried: 0 });
    while (path.length > 0 && looked < mostLooked && !advance(path.at(-1)!)) {
      looked++;
      open.add(path.pop()!.face);
    }
    if (path.length === 0) break;
  }
  // What the search left open takes the colour that fewest of its neighbours have.
  for (const face of open) {
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

  constructor(private readonly faces: readonly StripFace[]) {
    this.counts = faces.map(() => new Map<string, number>());
  }

  /** How many neighbours of the face have the colour. */
  near(face: number, colour: string): number {
    return this.counts[face]!.get(colour) ?? 0;
  }

  set(face: number, colour: string): void {
    this.colours.set(face, colour);
    for (const other of this.faces[face]!.neighbours) {
      const counts = this.counts[other]!;
      counts.set(colour, (counts.get(colour) ?? 0) + 1);
    }
  }

  clear(face: number): void {
    const colour = this.colours.get(face);
    if (colour === undefined) return;
    this.colours.delete(face);
    for (const other of this.faces[face]!.neighbours) {
      const counts = this.counts[other]!;
      const count = counts.get(colour)! - 1;
      if (count === 0) counts.delete(colour);
      else counts.set(colour, count);
    }
  }

  /** The face with the most different colours around it, of equal ones the one with the most neighbours. */
  mostConstrained(open: ReadonlySet<number>): number {
    let best = { face: -1, taken: -1, degree: -1 };
    for (const face of open) {
      const taken = this.counts[face]!.size;
      const degree = this.faces[face]!.neighbours.size;
      if (taken > best.taken || (taken === best.taken && degree > best.degree))
        best = { face, taken, degree };
    }
    return best.face;
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

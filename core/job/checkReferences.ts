import type { StencilReference } from "../finishes/defineFinish";
import { finishOf } from "../finishes/registry";
import { quote } from "../measure/schema";
import { checkMixes } from "./checkMixes";
import { formatPath, type Path, type Problem } from "./problem";
import type { Job } from "./schema";

/** What a job names that it does not have, or has twice. */
export function checkReferences(job: Job): Problem[] {
  const paints = new Set(job.paints.map((paint) => paint.id));
  const walls = new Set(job.walls.map((wall) => wall.id));
  const places = new Set([...walls, ...job.runs.map((run) => run.id)]);
  const problems = [
    ...duplicates(job.paints, ["paints"]),
    ...duplicates(job.walls, ["walls"]),
    ...duplicates(job.runs, ["runs"], walls),
    ...duplicates(job.stencils, ["stencils"]),
    ...duplicates(job.finishes, ["finishes"]),
    ...duplicates(job.sets, ["sets"]),
    ...duplicates(job.stays, ["stays"], paints),
    ...duplicates(job.boards, ["boards"]),
    ...job.walls.flatMap((wall, index) => [
      ...duplicates(wall.openings, ["walls", index, "openings"]),
      ...duplicates(wall.fixtures, ["walls", index, "fixtures"], new Set(wall.openings.map(({ id }) => id))),
    ]),
  ];
  const expect = (known: ReadonlySet<string>, id: string, path: Path, what: string) => {
    if (known.has(id)) return;
    const message = `there is no ${what} ${quote(id)}; expected ${listed(known)}`;
    problems.push({ path: formatPath(path), message });
  };
  problems.push(...checkMixes(job.paints).map(({ path, message }) => ({ path: formatPath(path), message })));
  if (job.ceiling?.colour !== undefined) expect(paints, job.ceiling.colour, ["ceiling", "colour"], "paint");
  job.walls.forEach((wall, index) => {
    expect(paints, wall.base, ["walls", index, "base"], "paint");
    const named = [
      [wall.primer, ["primer"]],
      [wall.object?.varnish, ["object", "varnish"]],
      [wall.ceiling?.colour, ["ceiling", "colour"]],
      [wall.floorTrim?.colour, ["floorTrim", "colour"]],
      [wall.present?.paint, ["present", "paint"]],
    ] as const;
    for (const [id, path] of named) {
      if (id !== undefined) expect(paints, id, ["walls", index, ...path], "paint");
    }
  });
  job.sets.forEach((set, index) => {
    for (const [slot, paint] of Object.entries(set.paints)) {
      expect(paints, slot, ["sets", index, "paints", slot], "paint");
      expect(paints, paint, ["sets", index, "paints", slot], "paint");
    }
  });
  const sets = new Set(job.sets.map(({ id }) => id));
  const finishes = new Set(job.finishes.map(({ id }) => id));
  job.boards.forEach(({ of }, index) => {
    const at = ["boards", index, "of"];
    if ("set" in of) expect(sets, of.set, [...at, "set"], "set");
    else if ("paint" in of) expect(paints, of.paint, [...at, "paint"], "paint");
    else expect(finishes, of.finish, [...at, "finish"], "finish");
  });
  job.runs.forEach((run, index) => {
    run.walls.forEach((id, place) => expect(walls, id, ["runs", index, "walls", place], "wall"));
    problems.push(...checkRun(job, index));
  });
  job.finishes.forEach((finish, index) => {
    expect(places, finish.on, ["finishes", index, "on"], "wall or run");
    const definition = finishOf(finish.kind);
    for (const { path, id } of definition.paints(finish)) {
      expect(paints, id, ["finishes", index, ...path], "paint");
    }
    for (const named of definition.stencils?.(finish) ?? []) {
      problems.push(...checkStencil(job, named, ["finishes", index]));
    }
    const onIt = job.runs.find((run) => run.id === finish.on)?.walls ?? [finish.on];
    const things = new Set(
      job.walls
        .filter((wall) => onIt.includes(wall.id))
        .flatMap((wall) => [...wall.openings, ...wall.fixtures].map((thing) => thing.id)),
    );
    for (const { path, id } of definition.things(finish)) {
      expect(things, id, ["finishes", index, ...path], "opening or fixture");
    }
  });
  return problems;
}

/** A sheet that a finish prints with is there, and each of its colours has a paint. */
function checkStencil(
  { stencils }: Job,
  { path, id, colours, coloursPath, shades = {} }: StencilReference,
  at: Path,
): Problem[] {
  const stencil = stencils.find((other) => other.id === id);
  if (!stencil) {
    const known = new Set(stencils.map((other) => other.id));
    const message = `there is no stencil ${quote(id)}; expected ${listed(known)}`;
    return [{ path: formatPath([...at, ...path]), message }];
  }
  if (colours === null) return [];
  const slots = new Set(stencil.overlays.flatMap(({ cuts }) => cuts.map(({ slot }) => slot)));
  const without = [...slots].filter((slot) => !Object.hasOwn(colours, slot));
  const unknown = Object.keys(colours).filter((slot) => !slots.has(slot));
  return [
    ...without.map((slot) => ({
      path: formatPath([...at, ...coloursPath, slot]),
      message: `missing; expected the paint of this colour of ${quote(id)}`,
    })),
    ...[
      ...unknown.map((slot) => [...coloursPath, slot]),
      ...Object.keys(shades).flatMap((slot) => (slots.has(slot) ? [] : [["shades", slot]])),
    ].map((place) => ({
      path: formatPath([...at, ...place]),
      message: `${quote(id)} has no colour ${quote(place.at(-1)!)}; expected ${listed(slots)}`,
    })),
  ];
}

/** A run takes each wall once and no object, and all its walls from one datum: one floor, or one level line. */
function checkRun(job: Job, index: number): Problem[] {
  const { walls } = job.runs[index]!;
  const { closes, hides } = job.runs[index]!;
  const joins = walls.map((id, place) => `${id} ${walls[(place + 1) % walls.length]!}`);
  const room: Problem[] = [
    ...(closes && walls.length < 3
      ? [
          {
            path: formatPath(["runs", index, "closes"]),
            message: "a room has three walls or more; expected it to be left out",
          },
        ]
      : []),
    ...(hides && !(closes && joins.includes(hides.join(" ")))
      ? [
          {
            path: formatPath(["runs", index, "hides"]),
            message: `${quote(hides)} is no corner of a run that closes; expected two walls of it, one after the other`,
          },
        ]
      : []),
  ];
  const isSurveyed = (id: string) => job.walls.find((wall) => wall.id === id)?.survey !== undefined;
  const inTurn = walls.flatMap((id, place): Problem[] => {
    const path = formatPath(["runs", index, "walls", place]);
    if (walls.indexOf(id) !== place) {
      return [{ path, message: `${quote(id)} stands twice in this run; expected each wall once` }];
    }
    if (job.walls.find((wall) => wall.id === id)?.object) {
      return [{ path, message: `${quote(id)} lies on a table, around no corner; expected walls only` }];
    }
    if (isSurveyed(id) === isSurveyed(walls[0]!)) return [];
    const [is, first] = isSurveyed(id) ? ["surveyed", "quick"] : ["quick", "surveyed"];
    return [
      {
        path,
        message: `${quote(id)} is a ${is} wall and ${quote(walls[0]!)} a ${first} one; expected walls of one datum: all quick, or all surveyed from one level line`,
      },
    ];
  });
  return [...room, ...inTurn];
}

const mostListed = 8;

function listed(ids: ReadonlySet<string>): string {
  if (ids.size === 0) return "one to be listed first";
  const names = [...ids].slice(0, mostListed).map((id) => quote(id));
  return `one of ${names.join(", ")}${ids.size > mostListed ? " ..." : ""}`;
}

function duplicates(
  things: readonly { id: string }[],
  path: Path,
  taken: ReadonlySet<string> = new Set(),
): Problem[] {
  const seen = new Set(taken);
  return things.flatMap(({ id }, index) => {
    if (!seen.has(id)) {
      seen.add(id);
      return [];
    }
    return [
      {
        path: formatPath([...path, index, "id"]),
        message: `${quote(id)} is used twice; expected an id of its own`,
      },
    ];
  });
}

import type { PlanDid } from "../../plan/planDayTypes";
import type { Bed, Planting } from "./planting";

const leftOut = (name: string, act: PlanDid["act"], of: PlanDid["of"]): Planting => ({
  name,
  harm: "the wall's list has it",
  codes: ["wrong-colour"],
  plant(bed) {
    const chosen = bed.pick(bed.work(act, of));
    const id = chosen && bed.pick(chosen.did.ids);
    if (!chosen || !id) return false;
    bed.leaveOut(chosen.did, id);
    return true;
  },
});

const edgesOf = (bed: Bed, act: "mask" | "unmask") => bed.work(act, "edge");
const coated = (bed: Bed, edge: string) => {
  const [wall, finish] = edge.split("/") as [string, string];
  return bed
    .work("coat", "section")
    .filter(({ did }) => did.wall === wall && did.ids[0]!.startsWith(`${finish}/`));
};

export const plantingsOfPieces: Planting[] = [
  leftOut("a print is left out", "print", "print"),
  leftOut("a brick is left out", "print", "brick"),
  leftOut("a part of broken colour is left out", "coat", "section"),
  leftOut("a sheet of paper is not hung", "lay", "drop"),
  {
    name: "bricks get another tone",
    harm: "they are listed in one and printed in another",
    codes: ["wrong-colour"],
    plant(bed) {
      const chosen = bed.pick(bed.work("print", "brick"));
      const other = chosen && bed.pick(bed.job.paints.filter(({ id }) => id !== chosen.did.with));
      if (!chosen || !other) return false;
      chosen.did.with = other.id;
      return true;
    },
  },
  {
    name: "nothing is masked around broken colour",
    harm: "it is worked with no mask on",
    codes: ["unguarded"],
    plant(bed) {
      const chosen = bed.pick(edgesOf(bed, "mask").filter(({ did }) => coated(bed, did.ids[0]!).length > 0));
      if (!chosen) return false;
      chosen.step.does = [];
      return true;
    },
  },
  {
    name: "masks come off before broken colour is on",
    harm: "a coat is worked after them",
    codes: ["off-too-early"],
    plant(bed) {
      const early = edgesOf(bed, "unmask").flatMap(({ step, did }) => {
        const last = coated(bed, did.ids[0]!).at(-1);
        const mask = edgesOf(bed, "mask").find((own) => own.did.ids[0] === did.ids[0]);
        return last && mask && last.step.end - last.step.start > 3 ? [{ step, mask: mask.step }] : [];
      });
      const chosen = bed.pick(early);
      if (!chosen) return false;
      bed.move(chosen.step, chosen.mask.end);
      return true;
    },
  },
  {
    name: "a part waits for the others",
    harm: "its neighbour's edge has set when it is joined: so long do the parts between them take",
    codes: ["join-dry"],
    plant(bed) {
      const chosen = bed.pick(joinable(bed));
      if (!chosen) return false;
      const { did, place } = chosen;
      did.ids = [...did.ids.slice(0, place + 1), ...did.ids.slice(place + 2), did.ids[place + 1]!];
      return true;
    },
  },
  {
    name: "a part reaches over its neighbours",
    harm: "it lies where a broad region is that is not its own, apart from all that are",
    codes: ["wrong-colour"],
    plant(bed) {
      const walls = bed.plan.walls.filter(({ coats = [], effects = [], regions }) =>
        coats.some(({ finish }) => {
          const own = new Set(
            effects.filter((effect) => effect.finish === finish).flatMap((effect) => effect.regions),
          );
          return regions.some(({ id, outline }) => !own.has(id) && isBroad(outline));
        }),
      );
      const wall = bed.pick(walls);
      const coat = wall && bed.pick(wall.coats!);
      const section = coat && bed.pick(coat.sections);
      if (!wall || !coat || !section) return false;
      const own = new Set(
        wall.effects!.filter(({ finish }) => finish === coat.finish).flatMap(({ regions }) => regions),
      );
      const boxes = wall.regions.filter(({ id }) => own.has(id)).map(({ outline }) => boxOf(outline));
      const isApart = (outline: readonly (readonly [number, number])[]) =>
        boxes.every((box) => areApart(box, boxOf(outline)));
      const other = wall.regions.find(
        ({ id, outline }) => !own.has(id) && isBroad(outline) && isApart(outline),
      );
      if (!other) return false;
      const [xs, ys] = [other.outline.map(([x]) => x), other.outline.map(([, y]) => y)];
      section.box = [
        Math.min(...xs),
        Math.min(...ys),
        Math.max(...xs) - Math.min(...xs),
        Math.max(...ys) - Math.min(...ys),
      ];
      return true;
    },
  },
  {
    name: "prints follow each other too fast",
    harm: "a sheet reaches over a print of the same step, and the whole step takes less than that needs to dry",
    codes: ["touches-wet"],
    plant(bed) {
      const chosen = bed.pick(crowded(bed));
      if (!chosen) return false;
      chosen.step.end = chosen.step.start + 2;
      chosen.step.minutes = 2;
      delete chosen.step.stretches;
      return true;
    },
  },
  {
    name: "paper goes onto fresh paint",
    harm: "the wall's base is painted in the job, and has to cure",
    codes: ["on-too-early"],
    plant(bed) {
      const fresh = bed.work("lay", "drop").flatMap(({ step, did }) => {
        const base = bed
          .work("base", "wall")
          .filter((own) => own.did.wall === did.wall)
          .at(-1);
        return base ? [{ step, base: base.step }] : [];
      });
      const chosen = bed.pick(fresh);
      if (!chosen) return false;
      bed.move(chosen.step, chosen.base.end + 60);
      return true;
    },
  },
  {
    name: "a loaded tool is put down",
    harm: "two prints of one overlay that are hours apart are of one load",
    codes: ["load-wasted"],
    plant(bed) {
      const pairs = bed.plan.walls.flatMap(({ prints = [] }) =>
        prints.flatMap(({ list }) => {
          // One that goes around a corner is made on either wall.
          const timeOf = (id: string) => {
            const [first, ...more] = bed.work("print", "print").filter(({ did }) => did.ids.includes(id));
            return more.length > 0 ? undefined : first?.step;
          };
          return list.slice(1).flatMap((print, place) => {
            const before = list[place]!;
            const [a, b] = [timeOf(before.id), timeOf(print.id)];
            const isUsedUp = list.every(
              (own) => own.load !== before.load || own.overlay !== before.overlay || timeOf(own.id) === a,
            );
            return a && b && a !== b && isUsedUp && before.overlay === print.overlay && b.start - a.end > 90
              ? [{ before, print }]
              : [];
          });
        }),
      );
      const chosen = bed.pick(pairs);
      if (!chosen) return false;
      chosen.print.load = chosen.before.load;
      return true;
    },
  },
];

const boxOf = (outline: readonly (readonly [number, number])[]) => {
  const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
  return { minX: Math.min(...xs), maxX: Math.max(...xs), minY: Math.min(...ys), maxY: Math.max(...ys) };
};

const areApart = (a: ReturnType<typeof boxOf>, b: ReturnType<typeof boxOf>): boolean =>
  a.maxX <= b.minX + 1 || b.maxX <= a.minX + 1 || a.maxY <= b.minY + 1 || b.maxY <= a.minY + 1;

const isBroad = (outline: readonly (readonly [number, number])[]): boolean => {
  const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
  const isBox = outline.length === 4;
  return isBox && Math.max(...xs) - Math.min(...xs) > 300 && Math.max(...ys) - Math.min(...ys) > 300;
};

/**
 * Coats with two parts in turn that join along a whole side, of which all that come after them take longer than an edge stays
 * wet at 20 C; and the place of the first. A side that is feathered may wait.
 */
const joinable = (bed: Bed) =>
  bed.work("coat", "section").flatMap(({ did, step }) => {
    const wall = bed.plan.walls.find(({ id }) => id === did.wall)!;
    const coat = wall.coats?.find(
      ({ coat: number, sections }) => number === did.coat && sections.some(({ id }) => id === did.ids[0]),
    );
    if (!coat || coat.sections.some(({ tone }) => tone !== undefined) || did.ids.length < 4) return [];
    const sections = did.ids.map((id) => coat.sections.find((section) => section.id === id)!);
    const all = sections.reduce((sum, { minutes }) => sum + minutes, 0);
    const share = Math.min(1, (step.end - step.start) / all);
    const place = sections.findIndex((first, index) => {
      const second = sections[index + 1];
      if (!second || first.ragged || fieldOf(first.id) !== fieldOf(second.id)) return false;
      const later = sections.slice(index + 2).reduce((sum, { minutes }) => sum + minutes, first.minutes);
      return (
        areBeside(first.box, second.box) && later * share > (bed.paint(coat.colour)?.openMin ?? Infinity) + 2
      );
    });
    return place < 0 ? [] : [{ did, step, place }];
  });

const fieldOf = (id: string): string => id.slice(0, id.lastIndexOf("/"));

type PlanBox = readonly [number, number, number, number];

/** They share a whole side: the one to the left of the other, or over it. */
const areBeside = ([ax, ay, aw, ah]: PlanBox, [bx, by, bw, bh]: PlanBox): boolean => {
  const near = (a: number, b: number) => Math.abs(a - b) < 0.5;
  return (
    (near(ax + aw, bx) && near(ay, by) && Math.min(ah, bh) > 100) ||
    (near(ay, by + bh) && near(ax, bx) && Math.min(aw, bw) > 100)
  );
};

/** Steps with two prints so near that either's cell lies over the other's middle. */
const crowded = (bed: Bed) =>
  bed.work("print", "print").filter(({ did }) => {
    const wall = bed.plan.walls.find(({ id }) => id === did.wall)!;
    const list = (wall.prints ?? [])
      .flatMap((own) => own.list)
      .filter(({ id, turn }) => did.ids.includes(id) && turn === 0);
    return list.some((print, place) => {
      const next = list[place + 1];
      if (!next || next.overlay !== print.overlay || next.motif !== print.motif) return false;
      const motif = wall.motifs?.find(({ id }) => id === print.motif);
      const xs = (motif?.cutouts ?? [])
        .filter(({ overlay }) => overlay === print.overlay)
        .flatMap(({ contours }) => contours.flat());
      if (xs.length === 0) return false;
      const half = Math.max(...xs.map(([x]) => x));
      const top = Math.max(...xs.map(([, y]) => y));
      const bottom = Math.min(...xs.map(([, y]) => y));
      const left = Math.min(...xs.map(([x]) => x));
      const [[fx, fy], [gx, gy]] = motif!.face;
      // The open part of the one against the cell of the other.
      const [dx, dy] = [next.at[0] - print.at[0], next.at[1] - print.at[1]];
      const across = Math.min(half, gx + dx) - Math.max(left, fx + dx);
      const upright = Math.min(top, gy + dy) - Math.max(bottom, fy + dy);
      const plastic = bed.job.stencils.find(({ id }) => print.motif.endsWith(`/${id}`))?.sheet;
      return across > 2 && upright > 2 && plastic === undefined;
    });
  });

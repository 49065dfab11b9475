import type { Bed, Planting } from "./planting";

const turned = {
  left: "right",
  right: "left",
  above: "below",
  below: "above",
  inside: "outside",
  outside: "inside",
} as const;

/** Whether what a piece guards is so narrow that the tape along its other side covers all of it, too. */
function isUnderOthers(bed: Bed, { piece, off }: ReturnType<Bed["edges"]>[number]): boolean {
  const { outline, area_m2: areaM2 } = bed.region(piece.overRegion!)!;
  const around = outline.reduce((sum, [x, y], place) => {
    const [nextX, nextY] = outline[(place + 1) % outline.length]!;
    return sum + Math.hypot(nextX - x, nextY - y);
  }, 0);
  // Of a strip, whose ends are as nothing beside its sides.
  const wide = (2e6 * areaM2) / around;
  const others = bed.tape().filter((one) => one.piece.overRegion === piece.overRegion);
  return others.some(
    (one) => one.piece.lies !== piece.lies && one.off.end >= off.end && wide <= one.piece.width,
  );
}

/** Edges up to which something is painted while the tape is on, beside what has its paint already: base, or coats before. */
const guarded = (bed: Bed) =>
  bed.edges().filter((edge) => {
    const { wall, piece, laid, off } = edge;
    if (isUnderOthers(bed, edge)) return false;
    const told = bed.job.walls.find(({ id }) => id === wall)!;
    const { edges } = bed.job;
    const isBase = bed.region(piece.overRegion!)?.colour === told.base;
    const isPainted = bed
      .work("coat", "region")
      .some(({ step, did }) => did.ids.includes(piece.overRegion!) && step.end <= laid.start);
    const isUsed = bed
      .work("coat", "region")
      .some(
        ({ step, did }) =>
          did.with === piece.cuts && did.wall === wall && step.start >= laid.end - 1 && step.start < off.end,
      );
    return (isBase || isPainted) && isUsed && edges.straight === "tape" && edges.curves === "tape";
  });

/** Takes a piece out of what a step does with tape. */
function takeOut(bed: Bed, id: string, acts: readonly string[]): void {
  for (const { does } of bed.plan.steps)
    for (const did of does)
      if (acts.includes(did.act) && did.of === "tape" && did.ids.includes(id)) bed.leaveOut(did, id);
}

const on = ["tape", "mask"];
const off = ["peel", "unmask"];

export const plantingsOfTape: Planting[] = [
  {
    name: "an edge is not taped",
    harm: "a colour goes on up to it, beside what has its paint; of a further coat the tape is off since the one before",
    codes: ["unguarded", "off-too-early"],
    plant(bed) {
      const chosen = bed.pick(guarded(bed));
      if (!chosen) return false;
      takeOut(bed, chosen.piece.id, on);
      return true;
    },
  },
  {
    name: "tape lies on the other side of its line",
    harm: "what it is to guard is bare, and what is painted lies under it",
    codes: ["unguarded", "wrong-colour"],
    plant(bed) {
      const chosen = bed.pick(guarded(bed));
      if (!chosen) return false;
      chosen.piece.lies = turned[chosen.piece.lies];
      return true;
    },
  },
  {
    name: "tape comes off before its colour is on",
    harm: "it is peeled in the step in which it is laid",
    codes: ["off-too-early"],
    plant(bed) {
      const chosen = bed.pick(guarded(bed));
      if (!chosen) return false;
      const { piece, laid, wall } = chosen;
      takeOut(bed, piece.id, off);
      laid.does.push({ act: "peel", wall, of: "tape", ids: [piece.id] });
      return true;
    },
  },
  {
    name: "tape is forgotten on the wall",
    harm: "no step takes it off",
    codes: ["off-too-late"],
    plant(bed) {
      const chosen = bed.pick(bed.tape());
      if (!chosen) return false;
      takeOut(bed, chosen.piece.id, off);
      return true;
    },
  },
  {
    name: "tape stays for weeks",
    harm: "it comes off three weeks after it was laid",
    codes: ["off-too-late"],
    plant(bed) {
      const chosen = bed.pick(bed.tape());
      if (!chosen) return false;
      const { piece, wall, off: last } = chosen;
      takeOut(bed, piece.id, off);
      const start = last.end + 21 * 1440;
      bed.plan.steps.push({
        ...last,
        id: `${last.id}/later`,
        start,
        end: start + 5,
        day: last.day + 21,
        does: [{ act: "peel", wall, of: "tape", ids: [piece.id] }],
      });
      delete bed.plan.steps.at(-1)!.stretches;
      return true;
    },
  },
  {
    name: "tape goes onto a fresh coat",
    harm: "the coat under it asks for its time before tape",
    codes: ["on-too-early", "touches-wet"],
    plant(bed) {
      const fresh = bed.edges().flatMap(({ piece, laid }) => {
        const under = bed
          .work("coat", "region")
          .filter(({ step, did }) => did.ids.includes(piece.overRegion!) && step.end <= laid.start)
          .at(-1);
        return under && (bed.paint(under.did.with ?? "")?.tapeOverMin ?? 0) > 5
          ? [{ laid, under: under.step }]
          : [];
      });
      const chosen = bed.pick(fresh);
      if (!chosen) return false;
      bed.move(chosen.laid, chosen.under.end);
      return true;
    },
  },
  {
    name: "a sealed edge is painted at once",
    harm: "the colour that seals it asks for its time, in a step of its own",
    codes: ["on-too-early"],
    plant(bed) {
      const sealed = bed.work("seal", "tape").flatMap(({ step, did }) => {
        if (did.with === undefined || (bed.paint(did.with)?.touchDryMin ?? 0) < 5) return [];
        const cuts = bed.tape().find(({ piece }) => piece.id === did.ids[0])?.piece.cuts;
        const next = bed
          .work("coat", "region")
          .find(
            (coat) =>
              coat.step.start >= step.end &&
              coat.step.round === step.round &&
              coat.did.with === cuts &&
              coat.did.wall === did.wall,
          );
        return next && next.step.id !== step.id ? [{ step, next: next.step }] : [];
      });
      const chosen = bed.pick(sealed);
      if (!chosen) return false;
      bed.move(chosen.next, chosen.step.end);
      return true;
    },
  },
  {
    name: "a mark is never made",
    harm: "tape is laid along its line",
    codes: ["mark-lost"],
    plant(bed) {
      const chosen = bed.pick(markedEdges(bed));
      if (!chosen) return false;
      for (const { did } of bed.work("mark", "mark"))
        if (did.ids.includes(chosen.mark)) bed.leaveOut(did, chosen.mark);
      return true;
    },
  },
  {
    name: "marks are rubbed out before they are used",
    harm: "tape is laid along one of them afterwards",
    codes: ["mark-lost"],
    plant(bed) {
      const rubbed = markedEdges(bed).flatMap(({ mark, laid }) => {
        const rub = bed.work("rub-out", "mark").find(({ did }) => did.ids.includes(mark));
        return rub && laid.start > rub.step.end - rub.step.start + 2 ? [{ step: rub.step, laid }] : [];
      });
      const chosen = bed.pick(rubbed);
      if (!chosen) return false;
      bed.move(chosen.step, chosen.laid.start - (chosen.step.end - chosen.step.start) - 2);
      return true;
    },
  },
  {
    name: "a mark lies off the wall",
    harm: "its place is beyond both ends",
    codes: ["mark-lost"],
    plant(bed) {
      const made = new Set(bed.work("mark", "mark").flatMap(({ did }) => did.ids));
      const chosen = bed.pick(
        bed.plan.walls.flatMap(({ marks, outline }) =>
          marks.filter(({ id }) => made.has(id)).map((mark) => ({ mark, outline })),
        ),
      );
      if (!chosen) return false;
      const axis = chosen.mark.axis === "x" ? 0 : 1;
      chosen.mark.at = Math.max(...chosen.outline.map((point) => point[axis])) + 300;
      return true;
    },
  },
];

/** Tape along a line with a mark of its own, the first there: tape that is laid anew has the edge of the colour before to go by. */
const markedEdges = (bed: Bed) =>
  bed.tape().flatMap(({ wall, piece, laid }, _, all) => {
    const isAnew = all.some(
      (one) => one.wall === wall && one.piece.line === piece.line && one.off.end <= laid.start,
    );
    if (isAnew) return [];
    const { marks, checks } = bed.plan.walls.find(({ id }) => id === wall)!;
    const mark = [...marks, ...checks].find(({ line }) => line !== undefined && line === piece.line);
    return mark ? [{ mark: mark.id, laid }] : [];
  });

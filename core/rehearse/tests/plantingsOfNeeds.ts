import type { Planting } from "./planting";

export const plantingsOfNeeds: Planting[] = [
  {
    name: "a tool is on no list",
    harm: "some work is done with it",
    codes: ["no-tool"],
    plant(bed) {
      const used = new Set(bed.plan.steps.flatMap(({ does }) => does.flatMap(({ tools = [] }) => tools)));
      const item = bed.pick([...used]);
      if (!item) return false;
      bed.plan.tools = bed.plan.tools.filter((own) => own.item !== item);
      bed.plan.sundries = bed.plan.sundries.filter((own) => own.item !== item);
      return true;
    },
  },
  {
    name: "a tin is forgotten",
    harm: "more of the paint is used than is left of it",
    codes: ["no-material"],
    plant(bed) {
      const used = new Map<string, number>();
      for (const { does } of bed.plan.steps)
        for (const { with: paint, ml = 0 } of does) if (paint) used.set(paint, (used.get(paint) ?? 0) + ml);
      const chosen = bed.pick(
        bed.plan.paint.filter(
          ({ colour, made_ml }) =>
            made_ml === undefined && (bed.paint(colour)?.onHandMl ?? 0) === 0 && (used.get(colour) ?? 0) > 5,
        ),
      );
      if (!chosen) return false;
      chosen.packs = [];
      return true;
    },
  },
  {
    name: "no roll of tape is bought",
    harm: "tape of that width is laid",
    codes: ["no-material"],
    plant(bed) {
      const laid = new Set(
        [...bed.work("tape", "tape"), ...bed.work("mask", "tape")].flatMap(({ did }) =>
          (did.tools ?? []).filter((item) => /^tape-\d+$/.test(item)),
        ),
      );
      const chosen = bed.pick(bed.plan.sundries.filter(({ item }) => laid.has(item)));
      if (!chosen || laid.size > 1) return false;
      chosen.count = 0;
      return true;
    },
  },
  {
    name: "nothing is there to stand on",
    harm: "hands go higher than from the floor",
    codes: ["no-reach"],
    plant(bed) {
      const high = bed.plan.steps
        .flatMap(({ does }) => does)
        .filter(
          ({ height_mm = 0, tools = [] }) =>
            height_mm > 1900 && height_mm < 3100 && tools.includes("tool-steps"),
        );
      const chosen = bed.pick(high);
      if (!chosen) return false;
      chosen.tools = chosen.tools!.filter((item) => item !== "tool-steps");
      return true;
    },
  },
  {
    name: "someone is in two places",
    harm: "two pieces of work of one person overlap",
    codes: ["two-places"],
    plant(bed) {
      const pairs = bed.plan.steps.flatMap((step, place) => {
        const next = bed.plan.steps
          .slice(place + 1)
          .find(({ person, people }) => person === step.person && !people);
        return next && next.day === step.day && step.end - step.start > 3 ? [{ step, next }] : [];
      });
      const chosen = bed.pick(pairs);
      if (!chosen) return false;
      bed.move(chosen.next, chosen.step.start + 1);
      return true;
    },
  },
  {
    name: "the floor stays bare",
    harm: "something is painted on a wall that stands on it",
    codes: ["unguarded"],
    plant(bed) {
      const cover = bed.work("cover", "room")[0];
      const standing = new Set(bed.job.walls.flatMap(({ id, object }) => (object ? [] : [id])));
      const paints = bed.plan.steps.some(({ does }) =>
        does.some(
          ({ act, wall }) =>
            standing.has(wall ?? "") && (act === "coat" || act === "base" || act === "print"),
        ),
      );
      if (!cover || !paints) return false;
      cover.step.does = [];
      return true;
    },
  },
  {
    name: "a condition is passed over",
    harm: "the document tells of it, and work goes on there",
    codes: ["wrong-ground"],
    plant(bed) {
      const asked = (["fill", "sand", "dust", "dull"] as const).flatMap((act) =>
        bed.work(act, "wall").filter(({ did }) => did.ids[0] !== did.wall),
      );
      const worked = new Set(
        [...bed.work("coat", "region"), ...bed.work("mark", "mark")].map(({ did }) => did.wall),
      );
      const chosen = bed.pick(asked.filter(({ did }) => worked.has(did.wall)));
      if (!chosen) return false;
      chosen.step.does = chosen.step.does.filter((did) => did !== chosen.did);
      return true;
    },
  },
  {
    name: "filler is sanded at once",
    harm: "it asks for hours",
    codes: ["on-too-early"],
    plant(bed) {
      const pairs = bed.work("sand", "wall").flatMap(({ step, did }) => {
        const filled = bed.work("fill", "wall").find((own) => own.did.ids[0] === did.ids[0]);
        return filled ? [{ step, filled: filled.step }] : [];
      });
      const chosen = bed.pick(pairs);
      if (!chosen) return false;
      bed.move(chosen.step, chosen.filled.end);
      return true;
    },
  },
  {
    name: "a washed wall is worked on at once",
    harm: "it asks for an hour to dry, and marks go on next",
    codes: ["on-too-early"],
    plant(bed) {
      const pairs = bed.work("mark", "mark").flatMap(({ step, did }) => {
        const washed = bed
          .work("wash", "wall")
          .find((own) => own.did.wall === did.wall && own.did.ids[0] === did.wall);
        return washed && !bed.job.walls.find(({ id }) => id === did.wall)!.object
          ? [{ step, washed: washed.step }]
          : [];
      });
      const chosen = bed.pick(pairs);
      if (!chosen) return false;
      bed.move(chosen.step, chosen.washed.end);
      return true;
    },
  },
];

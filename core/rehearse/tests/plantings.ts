import type { Bed, Planting } from "./planting";
import { plantingsOfPieces } from "./plantingsOfPieces";
import { plantingsOfTape } from "./plantingsOfTape";

const coats = (bed: Bed) => bed.work("coat", "region");

/** What lies on a region before a minute; a base that was on from the first does not count. */
const lastCoatBefore = (bed: Bed, region: string, minute: number) =>
  coats(bed)
    .filter(({ step, did }) => did.ids.includes(region) && step.end <= minute)
    .at(-1);

/** Whether a coat of a region stands in one step alone. */
const isWhole = (bed: Bed, step: string, region: string, coat: number | undefined): boolean =>
  coats(bed).every((own) => own.step.id === step || own.did.coat !== coat || !own.did.ids.includes(region));

const plantingsOfCoats: Planting[] = [
  {
    name: "a coat is left out",
    harm: "each region of it has one coat less than its paint asks for",
    codes: ["wrong-colour"],
    plant(bed) {
      const chosen = bed.pick(
        coats(bed).filter(({ step, did }) => isWhole(bed, step.id, did.ids[0]!, did.coat)),
      );
      if (!chosen) return false;
      chosen.step.does = chosen.step.does.filter((did) => did !== chosen.did);
      delete chosen.step.stretches;
      return true;
    },
  },
  {
    name: "one region of a coat is left out",
    harm: "it has one coat less than its paint asks for",
    codes: ["wrong-colour"],
    plant(bed) {
      const chosen = bed.pick(coats(bed));
      const id =
        chosen &&
        bed.pick(chosen.did.ids.filter((own) => isWhole(bed, chosen.step.id, own, chosen.did.coat)));
      if (!chosen || !id) return false;
      bed.leaveOut(chosen.did, id);
      return true;
    },
  },
  {
    name: "another tin is opened",
    harm: "the regions are of one colour and get another",
    codes: ["wrong-colour"],
    plant(bed) {
      const chosen = bed.pick(coats(bed));
      const other = chosen && bed.pick(bed.job.paints.filter(({ id }) => id !== chosen.did.with));
      if (!chosen || !other) return false;
      chosen.did.with = other.id;
      return true;
    },
  },
  {
    name: "a coat of the base is left out",
    harm: "a wall whose base is to be painted shows some of it",
    codes: ["wrong-colour"],
    plant(bed) {
      const shown = bed.work("base", "wall").filter(({ did }) => {
        const wall = bed.job.walls.find(({ id }) => id === did.wall)!;
        return bed.plan.walls.some(
          ({ id, regions }) => id === wall.id && regions.some(({ colour }) => colour === wall.base),
        );
      });
      const chosen = bed.pick(shown);
      if (!chosen) return false;
      chosen.step.does = chosen.step.does.filter((did) => did !== chosen.did);
      return true;
    },
  },
  {
    name: "the next coat goes on at once",
    harm: "the same paint on the same region, which asks for minutes between",
    codes: ["on-too-early", "touches-wet"],
    plant(bed) {
      const further = coats(bed).flatMap(({ step, did }) => {
        const before = lastCoatBefore(bed, did.ids[0]!, step.start);
        const paint = bed.paint(did.with ?? "");
        // A step that takes as long as its paint takes to dry comes to each region again when that is dry.
        const lasts = before ? before.step.end - before.step.start : 0;
        return before &&
          before.did.with === did.with &&
          paint &&
          Math.min(paint.recoatMin, paint.touchDryMin) > lasts + 5
          ? [{ step, before }]
          : [];
      });
      const chosen = bed.pick(further);
      if (!chosen) return false;
      bed.move(chosen.step, chosen.before.step.end);
      return true;
    },
  },
  {
    name: "a wall is looked over at once",
    harm: "paint of its last coat is to dry before it is touched",
    codes: ["touches-wet"],
    plant(bed) {
      const leans = bed.work("touch-up", "wall").flatMap(({ step, did }) => {
        const last = coats(bed)
          .filter((coat) => coat.did.wall === did.wall && coat.step.end <= step.start)
          .at(-1);
        return last && (bed.paint(last.did.with ?? "")?.touchDryMin ?? 0) > 5 ? [{ step, last }] : [];
      });
      const chosen = bed.pick(leans);
      if (!chosen) return false;
      bed.move(chosen.step, chosen.last.step.end);
      return true;
    },
  },
  {
    name: "a field is left half painted",
    harm: "one region's coat is in two halves with two hours between",
    codes: ["stopped-in-field"],
    plant(bed) {
      const chosen = bed.pick(coats(bed).filter(({ step }) => !step.stretches || step.stretches.length < 2));
      if (!chosen) return false;
      const { step, did } = chosen;
      const half = (step.end - step.start) / 2;
      const later = {
        ...step,
        id: `${step.id}/2`,
        start: step.end + 120 - half,
        end: step.end + 120,
        does: [{ ...did }],
      };
      delete later.stretches;
      bed.plan.steps.push(later);
      step.end -= half;
      bed.sort();
      return true;
    },
  },
  {
    name: "a colour ends at its line",
    harm: "another is taped to that line later, on the other's side of it",
    codes: ["bare-line"],
    plant(bed) {
      const past = bed.edges().flatMap(({ piece, laid }) => {
        const own = coats(bed).filter(
          ({ step, did }) =>
            (did.past_mm ?? 0) > 0 && did.ids.includes(piece.overRegion!) && step.end <= laid.start,
        );
        return own.length > 0 ? [own] : [];
      });
      const chosen = bed.pick(past);
      if (!chosen) return false;
      for (const { did } of chosen) delete did.past_mm;
      return true;
    },
  },
];

const plantingsOfNeeds: Planting[] = [
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

/** All kinds of faults that are planted to measure how many of them are found. */
export const plantings: readonly Planting[] = [
  ...plantingsOfCoats,
  ...plantingsOfTape,
  ...plantingsOfPieces,
  ...plantingsOfNeeds,
];

import type { Bed, Planting } from "./planting";
import { plantingsOfNeeds } from "./plantingsOfNeeds";
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

/** All kinds of faults that are planted to measure how many of them are found. */
export const plantings: readonly Planting[] = [
  ...plantingsOfCoats,
  ...plantingsOfTape,
  ...plantingsOfPieces,
  ...plantingsOfNeeds,
];

import { ownSet } from "@/core/colour/schema";
import { isSameSubject } from "@/core/findings/subject";
import { finishOf } from "@/core/finishes/registry";
import type { Kept } from "@/core/journal/happened";
import type { sample } from "@/core/journal/kinds/sample";
import type { sampleLook } from "@/core/journal/kinds/sampleLook";
import type { Job } from "@/core/job/schema";
import type { BoardAsked } from "@/core/work/boards/schema";
import type { Plan } from "@/core/plan/planTypes";

export type Board = Kept<ReturnType<(typeof sample)["payload"]["parse"]>>;
export type Look = Kept<ReturnType<(typeof sampleLook)["payload"]["parse"]>>;

/** What a board may be of, as it is called and coloured. */
export interface BoardSubject {
  readonly of: BoardAsked["of"];
  readonly label: string;
  readonly swatches: readonly string[];
  /** The set in whose shares it shows the pattern. */
  readonly set?: string;
}

/** What a board is of, as it is called and coloured: a set that was taken is what the pattern is now. */
export function subjectOfBoard(of: Readonly<Record<string, string>>, job: Job, plan: Plan): BoardSubject {
  // A mix is called and coloured as the paint that it is.
  const asked = of.mix === undefined ? of : { paint: of.mix };
  const found = boardSubjects(job, plan).find((one) => isSameSubject(one.of, asked));
  if (found) return found;
  const taken = plan.decisions?.find((one) => isSameSubject(one.of, of) && one.standing === "agreed");
  return {
    of: of as BoardAsked["of"],
    label: taken?.called ?? Object.values(of).join(),
    swatches: [],
    ...(taken?.called && { set: ownSet }),
  };
}

/** Sets, paints, and what is more than one colour: broken, printed, stamped. */
export function boardSubjects({ sets, paints, finishes }: Job, { walls }: Plan): BoardSubject[] {
  const hexOf = (id: string) => paints.find((paint) => paint.id === id)?.hex ?? "#ffffff";
  const worked = new Set(
    walls.flatMap(({ effects = [], bricks = [], prints = [] }) =>
      [...effects, ...bricks, ...prints].map(({ finish }) => finish),
    ),
  );
  return [
    ...sets.map(({ id, name, paints: own }) => ({
      of: { set: id },
      label: name ?? id,
      set: id,
      swatches: [...new Set(Object.values(own))].map(hexOf),
    })),
    ...paints.map(({ id, name, hex }) => ({ of: { paint: id }, label: name, swatches: [hex] })),
    ...finishes
      .filter(({ id }) => worked.has(id))
      .map((finish) => {
        const { title, paints: own } = finishOf(finish.kind);
        return { of: { finish: finish.id }, label: title, swatches: own(finish).map(({ id }) => hexOf(id)) };
      }),
  ];
}

import { useMemo } from "react";
import { withRecords } from "@/core/job/withRecords";
import { stock } from "@/core/journal/kinds/stock";
import { parseVolume } from "@/core/measure/parseQuantity";
import { useHappened, useJob, useJobState, useJournal } from "@/ui/job/JobProvider";
import { changeById } from "@/ui/job/jobDocument";

/**
 * What is in the store, and how it is told. Before the work begins it is a part of what is meant, as the document has it; from
 * then on each count is something that happened.
 */
export function useStore() {
  const job = useJob();
  const happened = useHappened();
  const journal = useJournal();
  const change = useJobState((state) => state.change);
  const isUnderWay = useJobState(({ plan }) => plan.now !== undefined);
  const counted = useMemo(() => withRecords(job, happened), [job, happened]);
  const tell = (item: string, amount: number, unit: "ml" | "pieces", how: "set" | "add" = "set") => {
    journal.tell([{ kind: stock.kind, payload: { item, amount, unit, change: how } }]);
    return null;
  };
  return {
    /** Whether counts are told, and no part of the document. */
    isTold: isUnderWay,
    /** ml of a paint. */
    amountOf: (paint: string): number => counted.paints.find(({ id }) => id === paint)?.onHandMl ?? 0,
    /** Takes what a painter writes; answers what is wrong with it, or null. */
    countPaint(paint: string, written: number | string): string | null {
      if (!isUnderWay)
        return (
          change((before) => ({
            ...before,
            paints: changeById(before.paints, paint, (old) => ({ ...old, onHand: written })),
          }))[0]?.message ?? null
        );
      const volume = typeof written === "number" ? written : parseVolume(written);
      const ml = typeof volume === "number" ? volume : volume.ok ? volume.value : null;
      return ml === null ? `“${written}” is not a volume.` : tell(`paint:${paint}`, ml, "ml");
    },
    /** A tin of it turned up. */
    foundPaint(paint: string, ml: number): void {
      if (isUnderWay) tell(`paint:${paint}`, ml, "ml", "add");
      else this.countPaint(paint, this.amountOf(paint) + ml);
    },
    countPieces(item: string, onHand: number): string | null {
      if (isUnderWay) return tell(item, onHand, "pieces");
      const supply = (old: object | undefined) => ({ ...old, onHand });
      return (
        change((before) => ({
          ...before,
          supplies: { ...before.supplies, [item]: supply((before.supplies as Supplies | undefined)?.[item]) },
        }))[0]?.message ?? null
      );
    },
  };
}

type Supplies = Readonly<Record<string, object | undefined>>;

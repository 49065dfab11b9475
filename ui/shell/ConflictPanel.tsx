"use client";

import { useMemo } from "react";
import { useJobState } from "@/ui/job/JobProvider";
import { Button } from "@/ui/parts/Button";
import { listDifferences } from "./listDifferences";

const mostShown = 8;

/** Shown when the job was saved elsewhere after this screen read it: what differs, and whose holds. */
export function ConflictPanel() {
  const save = useJobState((state) => state.save);
  const document = useJobState((state) => state.document);
  const keepMine = useJobState((state) => state.keepMine);
  const takeTheirs = useJobState((state) => state.takeTheirs);
  const theirs = save.kind === "conflict" ? save.theirs : null;
  const differences = useMemo(() => (theirs ? listDifferences(document, theirs) : []), [document, theirs]);
  if (!theirs) return null;
  return (
    <section
      aria-label="Changed elsewhere"
      role="alert"
      className="border-b border-brick bg-brick-wash px-4 py-3"
    >
      <h2 className="font-bold">This job was changed in another window</h2>
      <p>
        Your last change is not saved. Choose which one holds; the other can still be had back with undo here.
      </p>
      <table className="my-2 text-left text-[0.9375rem]">
        <thead>
          <tr className="text-soft">
            <th scope="col" className="pr-6 font-semibold">
              What
            </th>
            <th scope="col" className="pr-6 font-semibold">
              Here
            </th>
            <th scope="col" className="font-semibold">
              There
            </th>
          </tr>
        </thead>
        <tbody>
          {differences.slice(0, mostShown).map(({ path, mine, theirs: other }) => (
            <tr key={path}>
              <td className="pr-6">{path}</td>
              <td className="pr-6 font-semibold">{mine}</td>
              <td className="font-semibold">{other}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {differences.length > mostShown && <p>and {differences.length - mostShown} more</p>}
      {differences.length === 0 && <p>Both say the same by now.</p>}
      <div className="flex gap-2 pt-1">
        <Button look="primary" onClick={keepMine}>
          Keep mine
        </Button>
        <Button onClick={takeTheirs}>Take theirs</Button>
      </div>
    </section>
  );
}

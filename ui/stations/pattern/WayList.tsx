import type { ReactNode } from "react";
import { Measure } from "@/ui/parts/Measure";

/** A way to lay something out: its picture, what it is, how good, and why. */
export interface Way {
  readonly key: string;
  readonly title: string;
  readonly verdict: "good" | "fair" | "poor";
  readonly why: readonly string[];
  readonly isChosen: boolean;
  readonly picture: ReactNode;
  readonly onChoose: () => void;
}

const verdictTone = { good: "text-leaf", fair: "text-ochre", poor: "text-brick" } as const;

/** Ranked ways one under the other, each with all its reasons: they are the point. */
export function WayList({ ways }: { readonly ways: readonly Way[] }) {
  return (
    <ul className="flex flex-col gap-1">
      {ways.map(({ key, title, verdict, why, isChosen, picture, onChoose }) => (
        <li key={key}>
          <button
            type="button"
            aria-pressed={isChosen}
            className={`-mx-2 flex w-[calc(100%+1rem)] items-start gap-3 rounded-md border p-2 text-left ${isChosen ? "border-violet bg-violet-wash" : "border-transparent hover:border-hairline hover:bg-paper"}`}
            onClick={onChoose}
          >
            {picture}
            <span className="min-w-0 text-[0.9375rem] leading-snug">
              <span className="font-semibold">
                <Measure>{title}</Measure>
              </span>{" "}
              <span className={`text-sm font-semibold ${verdictTone[verdict]}`}>{verdict}</span>
              <span className="block text-soft">
                <Measure>{why.join(" ")}</Measure>
              </span>
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}

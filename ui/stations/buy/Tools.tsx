"use client";

import type { PlanTool } from "@/core/plan/planTypes";
import { useJobState, usePlan } from "@/ui/job/JobProvider";
import { Measure } from "@/ui/parts/Measure";
import { Section } from "@/ui/parts/Section";

/** What the work is done with, with its size and what for; what is owned is ticked, the rest joins the shopping list. */
export function Tools() {
  const { tools } = usePlan();
  const change = useJobState((state) => state.change);
  if (tools.length === 0) return null;
  const setOwned = (item: string, isOwned: boolean) =>
    change(({ toolsToBuy = [], ...before }) => {
      const others = (toolsToBuy as string[]).filter((other) => other !== item);
      return { ...before, toolsToBuy: (isOwned ? others : [...others, item]) as typeof toolsToBuy };
    });
  const owned = tools.filter((tool) => tool.owned).length;
  return (
    <Section name="buy/tools" title="Tools" sum={`${owned} of ${tools.length} owned`} isFolded>
      <ul>
        {tools.map((tool) => (
          <ToolLine key={tool.item} tool={tool} onOwned={(isOwned) => setOwned(tool.item, isOwned)} />
        ))}
      </ul>
    </Section>
  );
}

function ToolLine({
  tool: { name, why, owned },
  onOwned,
}: {
  tool: PlanTool;
  onOwned: (is: boolean) => void;
}) {
  return (
    <li className="border-b border-hairline last:border-0">
      <label className="flex min-h-11 cursor-pointer items-center gap-3 py-1.5">
        <input
          type="checkbox"
          className="size-5 shrink-0 accent-[var(--color-leaf)]"
          checked={owned}
          onChange={(event) => onOwned(event.target.checked)}
        />
        <span className="leading-snug">
          <span className="font-semibold">
            <Measure>{name}</Measure>
          </span>{" "}
          <span className="text-[0.9375rem] text-soft">
            <Measure>{`${why}${owned ? "" : "; to be bought"}`}</Measure>
          </span>
        </span>
      </label>
    </li>
  );
}

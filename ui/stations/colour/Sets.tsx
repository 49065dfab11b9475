"use client";

import { ChevronDown, ChevronUp } from "lucide-react";
import dynamic from "next/dynamic";
import { useState } from "react";
import { ownSet } from "@/core/colour/schema";
import type { Paint } from "@/core/paint/schema";
import type { PlanDecision, PlanSet, PlanWall } from "@/core/plan/planTypes";
import type { Wall } from "@/core/wall/schema";
import { useJob, usePlan } from "@/ui/job/JobProvider";
import { Button } from "@/ui/parts/Button";
import { IconButton } from "@/ui/parts/IconButton";
import { Measure } from "@/ui/parts/Measure";
import { Section } from "@/ui/parts/Section";
import { ShareBar } from "@/ui/parts/ShareBar";
import { useSmallLook } from "@/ui/wall-view/useSmallLook";
import { MiniWall } from "@/ui/wall-view/WallDrawing";
import { NewSet } from "./NewSet";
import { Palette } from "./Palette";
import { useLitPaints, useWornSet } from "./useShownPaints";

/** They come when they are looked at. */
const ReadColour = dynamic(() => import("./ReadColour").then((module) => module.ReadColour), {
  ssr: false,
  loading: () => <div className="min-h-11" />,
});
const SetDetails = dynamic(() => import("./SetDetails").then((module) => module.SetDetails));

interface Props {
  readonly wall: Wall;
  readonly plan: PlanWall;
}

/** The pattern in other colours: what of each is measured, what speaks against it, and which one it is to be. */
export function Sets({ wall, plan }: Props) {
  const { sets = [], decisions = [] } = usePlan();
  // A set that was taken is what the pattern is now.
  const decisionOf = (id: string) =>
    id === ownSet
      ? decisions.find(({ of, standing, called }) => of.set !== undefined && standing === "agreed" && called)
      : decisions.find(({ of }) => of.set === id);
  const { worn, wear } = useWornSet();
  const shown = sets.find(({ id }) => id === worn);
  return (
    <Section name="colour/sets" title="Sets of colours" sum={sets.length > 0 ? String(sets.length) : ""}>
      {shown && (
        <div className="flex items-center gap-2 rounded-md bg-violet-wash px-3">
          <p className="min-w-0 flex-1 text-[0.9375rem]">
            The wall is shown in <b className="font-semibold">{shown.name}</b>.
          </p>
          <Button look="quiet" onClick={() => wear(null)}>
            As it is
          </Button>
        </div>
      )}
      {sets.length > 0 && (
        <ul className="flex flex-col">
          {sets.map((set) => (
            <OneSet
              key={set.id}
              set={set}
              of={sets.length}
              decision={decisionOf(set.id)}
              wall={wall}
              plan={plan}
            />
          ))}
        </ul>
      )}
      <NewSet />
      <ReadColour />
      <Palette />
    </Section>
  );
}

const standings = { open: "", refused: "refused", agreed: "agreed" } as const;

interface OneProps extends Props {
  readonly set: PlanSet;
  readonly of: number;
  readonly decision: PlanDecision | undefined;
}

/** One set: the wall in its colours, how it ranks and why; opened, what can be done with it. */
function OneSet({ set, of, decision, wall, plan }: OneProps) {
  const { sets } = useJob();
  const { worn, wear } = useWornSet();
  const [isOpen, setOpen] = useState(false);
  const own = set.id === ownSet;
  const isWorn = own ? worn === null : worn === set.id;
  const shown = useLitPaints(sets.find(({ id }) => id === set.id));
  const standing = standings[decision?.standing ?? "open"];
  return (
    <li className={`border-b border-hairline py-2 ${decision?.standing === "refused" ? "text-soft" : ""}`}>
      <div className="flex items-start gap-3">
        <button
          type="button"
          aria-pressed={isWorn}
          aria-label={`Show ${set.name} on the wall`}
          className="shrink-0 rounded-sm border-2 border-transparent p-0.5 aria-pressed:border-violet"
          onClick={() => wear(own ? null : set.id)}
        >
          <LittleSet wall={wall} plan={plan} paints={shown} />
        </button>
        <div className="min-w-0 flex-1">
          <p>
            <b className="font-semibold break-words">{set.name}</b>
            <span className="text-[0.9375rem] text-soft">{` ${placeOf(set.rank)} of ${of}`}</span>
            {standing && (
              <span className={`text-[0.9375rem] ${standing === "agreed" ? "text-leaf" : "text-brick"}`}>
                {`, ${standing}${decision?.name ? ` by ${decision.name}` : ""}${decision?.called ? ` as ${decision.called}` : ""}`}
              </span>
            )}
          </p>
          <p className="text-[0.9375rem]">
            <Measure>{decision?.words ? `“${decision.words}”` : set.why[0]!}</Measure>
          </p>
        </div>
        <IconButton
          label={`${isOpen ? "Less" : "More"} of ${set.name}`}
          aria-expanded={isOpen}
          onClick={() => {
            setOpen(!isOpen);
            if (!isOpen) wear(own ? null : set.id);
          }}
        >
          {isOpen ? <ChevronUp size={18} aria-hidden /> : <ChevronDown size={18} aria-hidden />}
        </IconButton>
      </div>
      <Shares set={set} />
      {isOpen && <SetDetails set={set} decision={decision} />}
    </li>
  );
}

/** How much of the walls each colour of a set takes. */
function Shares({ set: { name, shares } }: Pick<OneProps, "set">) {
  const { paints } = useJob();
  const parts = Object.entries(shares).flatMap(([id, amount]) => {
    const paint = paints.find((one) => one.id === id);
    return paint ? [{ label: paint.name, amount, fill: paint.hex }] : [];
  });
  const said = parts.map(({ label, amount }) => `${label} ${Math.round(amount * 100)} %`).join(", ");
  return <ShareBar say={`${name}: ${said}`} shares={parts} />;
}

function LittleSet({ wall, plan, paints }: Props & { readonly paints: readonly Paint[] }) {
  const small = useSmallLook(wall, plan, paints);
  return <MiniWall wall={wall} plan={plan} paints={paints} small={small} className="h-14 w-24" />;
}

const endings: Record<number, string> = { 1: "1st", 2: "2nd", 3: "3rd" };
const placeOf = (rank: number): string => endings[rank] ?? `${rank}th`;

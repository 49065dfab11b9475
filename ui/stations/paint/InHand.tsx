"use client";

import { useState } from "react";
import { parseVolume } from "@/core/measure/parseQuantity";
import { formatVolume } from "@/core/measure/formatLength";
import type { PlanForecast } from "@/core/plan/planMoneyTypes";
import type { PlanPaint } from "@/core/plan/planTypes";
import { useJob, useJournal, usePlan } from "@/ui/job/JobProvider";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { Measure } from "@/ui/parts/Measure";
import { Section } from "@/ui/parts/Section";
import { TellRow } from "@/ui/parts/TellRow";
import { VolumeField } from "@/ui/parts/VolumeField";
import { pieceName } from "./pieceWords";

/** What is left of each paint, weighed or by eye; whether that lasts, and where to stop if it does not. */
export function InHand() {
  const { forecast = [], paint } = usePlan();
  const { paints } = useJob();
  const short = forecast.filter(({ verdict }) => verdict !== "enough");
  const sum = short.map((one) => paints.find(({ id }) => id === one.paint)?.name ?? one.paint).join(", ");
  if (paint.length === 0) return null;
  return (
    <Section name="paint/in-hand" title="Paint in hand" sum={sum && `watch ${sum}`} isFolded>
      <ul className="flex flex-col gap-2 pb-2">
        {forecast.map((one) => (
          <Forecast key={one.paint} {...one} />
        ))}
      </ul>
      <Weigh />
    </Section>
  );
}

function Forecast(own: PlanForecast) {
  const { paints, volumes } = useJob();
  const plan = usePlan();
  const ml = (amount: number) => formatVolume(amount, volumes);
  const { left_ml: left, low_ml: low, high_ml: high, needs_ml: needs, verdict } = own;
  const most = Math.max(left, high, 1);
  const share = (amount: number) => `${(100 * amount) / most}%`;
  const name = paints.find(({ id }) => id === own.paint)?.name ?? own.paint;
  const tone = { enough: "text-leaf", tight: "text-ochre", short: "text-brick" }[verdict];
  return (
    <li>
      <p className="flex justify-between gap-2">
        <b>{name}</b>
        <span className={tone}>
          {{ enough: "Enough.", tight: "It may just last.", short: "It will not last." }[verdict]}
        </span>
      </p>
      <div aria-hidden className="relative my-1 h-4 rounded-sm bg-violet-wash">
        <span className="absolute inset-y-0 left-0 rounded-sm bg-leaf/50" style={{ width: share(left) }} />
        <span
          className="absolute inset-y-1 border-x-2 border-ink bg-ink/20"
          style={{ left: share(low), width: share(high - low) }}
        />
      </div>
      <p className="text-[0.9375rem]">
        <Measure>{`${ml(left)} left, ${ml(own.used_ml)} used. What is left to do takes ${ml(needs)}; four times in five between ${ml(low)} and ${ml(high)}.`}</Measure>
      </p>
      {own.lastsTo && <p className="text-[0.9375rem] text-ochre">{lastsWords(own.lastsTo, plan)}</p>}
    </li>
  );
}

/** A good place to stop, or that the step is not to be begun; the next tin is boxed with what is left. */
function lastsWords(
  { step: id, piece }: NonNullable<PlanForecast["lastsTo"]>,
  plan: ReturnType<typeof usePlan>,
) {
  const step = plan.steps.find((one) => one.id === id);
  const wall = plan.walls.find((one) => one.id === step?.wall);
  const did = step?.does.find(({ ids }) => piece !== undefined && ids.includes(piece));
  const box = "Box the next tin with it before that.";
  if (!step || !did || piece === undefined || step.unbroken)
    return `Do not begin “${step?.say.split(".")[0] ?? id}” with it alone: it would run out in the field. ${box}`;
  return `It lasts up to ${pieceName({ did, id: piece }, wall, did.ids.indexOf(piece) + 1)}, a good place to stop. ${box}`;
}

const eyes = [
  ["empty", 0],
  ["¼", 0.25],
  ["½", 0.5],
  ["¾", 0.75],
  ["full", 1],
] as const;

function Weigh() {
  const { paints, volumes } = useJob();
  const plan = usePlan();
  const journal = useJournal();
  const [chosen, setChosen] = useState(plan.paint[0]?.colour);
  const [left, setLeft] = useState<number | string>("");
  const paint = paints.find(({ id }) => id === chosen) ?? paints[0];
  if (!paint) return null;
  const leftMl = typeof left === "number" ? left : volumeOf(left);
  const tin = largestTin(plan.paint.find(({ colour }) => colour === paint.id));
  const tell = (amount: number) => {
    journal.tell([{ kind: "weighed", payload: { paint: paint.id, left_ml: amount } }]);
    setLeft("");
    return null;
  };
  return (
    <fieldset>
      <legend className="sr-only">Paint that is left</legend>
      <TellRow onTell={() => (leftMl === null ? "Write how much is left." : tell(leftMl))}>
        <Choice
          label="Left of"
          options={paints
            .filter(({ id }) => plan.paint.some(({ colour }) => colour === id))
            .map(({ id, name, hex }) => ({ id, label: name, swatch: hex, selected: id === paint.id }))}
          onChoose={({ id }) => setChosen(id)}
        />
        <VolumeField
          label="Weighed"
          written={left}
          volumes={volumes}
          onChange={(value) => {
            setLeft(value);
            return null;
          }}
        />
      </TellRow>
      {tin !== null && (
        <div role="group" aria-label="By eye" className="flex flex-wrap gap-1 pt-2">
          <span className="w-full text-[0.9375rem] text-soft">
            <Measure>{`By eye, of ${formatVolume(tin, volumes)}:`}</Measure>
          </span>
          {eyes.map(([label, share]) => (
            <Button key={label} className="min-h-12 min-w-12 px-2" onClick={() => tell(share * tin)}>
              {label}
            </Button>
          ))}
        </div>
      )}
    </fieldset>
  );
}

const largestTin = (paint: PlanPaint | undefined): number | null => {
  const sizes = paint?.packs.filter(({ count }) => count > 0).map(({ size_ml: size }) => size) ?? [];
  return sizes.length > 0 ? Math.max(...sizes) : null;
};

function volumeOf(text: string): number | null {
  const volume = text === "" ? null : parseVolume(text);
  return volume?.ok ? volume.value : null;
}

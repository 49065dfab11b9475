"use client";

import { formatArea, formatSpread, formatTin, formatVolume } from "@/core/measure/formatLength";
import type { PlanPacks, PlanPaint } from "@/core/plan/planTypes";
import type { Job } from "@/core/job/schema";
import type { Paint } from "@/core/paint/schema";
import { useJob } from "@/ui/job/JobProvider";
import { Button } from "@/ui/parts/Button";
import { Measure } from "@/ui/parts/Measure";
import { packsText, priceText } from "@/ui/parts/packsText";
import { ShareBar } from "@/ui/parts/ShareBar";
import { Section } from "@/ui/parts/Section";
import { useStore } from "@/ui/job/useStore";

/** The terms of a need, the strongest first. */
const shades = [1, 0.62, 0.38, 0.2];

/** One colour: where each millilitre goes, what the store gives, the tins to buy, and the next-best ways. */
export function PaintNeed({ paint }: { paint: PlanPaint }) {
  const job = useJob();
  const colour = job.paints.find((candidate) => candidate.id === paint.colour);
  // The document may have gone on before the plan.
  if (!colour) return null;
  const volume = (ml: number) => formatVolume(ml, job.volumes);
  const terms = termsOf(paint, colour, job);
  return (
    <Section
      name={`buy/need/${colour.id}`}
      title={colour.name}
      swatch={colour.hex}
      sum={`${volume(paint.need_ml)}: ${packsText(paint, job)}`}
      isFolded
    >
      <ShareBar
        say={terms.map(({ label, ml }) => `${label}: ${volume(ml)}`).join("; ")}
        shares={terms.map(({ label, ml }, index) => ({
          label,
          amount: ml,
          fill: colour.hex,
          strength: shades[index],
        }))}
      />
      <dl className="text-[0.9375rem]">
        {terms.map(({ label, ml, walls = [] }) => (
          <Line
            key={label}
            label={label}
            amount={volume(ml)}
            more={
              walls.length > 1
                ? walls.map(({ wall, film_ml }) => `${nameOfWall(job, wall)} ${volume(film_ml)}`).join(" · ")
                : undefined
            }
          />
        ))}
        {paint.store_ml > 0 && <Line label="In the store" amount={`−${volume(paint.store_ml)}`} />}
      </dl>
      <ToBuy paint={paint} colour={colour} />
      {paint.advice && paint.advice.why.length > 0 && paint.advice.coats <= paint.coats && (
        <p className="text-[0.9375rem] text-soft">{`${paint.coats} coats: ${paint.advice.why.join(", ")}.`}</p>
      )}
    </Section>
  );
}

interface Term {
  readonly label: string;
  readonly ml: number;
  readonly walls?: PlanPaint["walls"];
}

function termsOf(paint: PlanPaint, { spreadRate }: Paint, { units, volumes }: Job): Term[] {
  const area = (m2: number) => formatArea(m2, units);
  const { film_ml, seal_ml, past_ml, tools_ml, touchUp_ml } = paint.terms;
  const { area_m2, printed_m2 = 0 } = paint;
  const coats = `${paint.coats} ${paint.coats === 1 ? "coat" : "coats"}`;
  const onWall = [
    ...(area_m2 > 0 ? [`${area(area_m2)}, ${coats} at ${formatSpread(spreadRate, units, volumes)}`] : []),
    ...(printed_m2 > 0 ? [`${area(printed_m2)} printed`] : []),
  ];
  const all: Term[] = [
    {
      label: `On the wall: ${onWall.join("; ")}`,
      ml: film_ml,
      walls: paint.walls,
    },
    { label: "Sealing tape edges of other colours", ml: seal_ml },
    { label: "Carried past lines, under what comes later", ml: past_ml },
    { label: "Into mixes", ml: paint.mixed_ml ?? 0 },
    { label: "Kept by roller, tray and brush", ml: tools_ml },
    { label: "Touch-up jar", ml: touchUp_ml },
  ];
  return all.filter((term) => term.ml > 0);
}

function Line({ label, amount, more }: { label: string; amount: string; more?: string }) {
  return (
    <div className="flex flex-wrap justify-between gap-x-4">
      <dt className="flex-1 text-soft">
        <Measure>{label}</Measure>
      </dt>
      <dd className="whitespace-nowrap">{amount}</dd>
      {more && <dd className="w-full pl-3 text-[0.8125rem] text-soft">{more}</dd>}
    </div>
  );
}

const nameOfWall = (job: Job, id: string): string => job.walls.find((wall) => wall.id === id)?.name ?? id;

/** The tins, each with a button for one that is in the store after all, and what the other ways would cost. */
function ToBuy({ paint, colour }: { paint: PlanPaint; colour: Paint }) {
  const job = useJob();
  const store = useStore();
  const have = (sizeMl: number) => store.foundPaint(colour.id, sizeMl);
  const volume = (ml: number) => formatVolume(ml, job.volumes);
  if (paint.packs.length === 0) {
    const isCovered = paint.need_ml <= paint.store_ml + 1e-6;
    const isMade = paint.made_ml !== undefined;
    return (
      <p className="pt-1 font-semibold">
        {isCovered ? "Nothing to buy" : isMade ? "Mixed of others, see Colour" : "No tin to buy is known"}
      </p>
    );
  }
  return (
    <div className="pt-1">
      <ul aria-label={`Tins of ${colour.name} to buy`}>
        {paint.packs.map(({ size_ml, count, price }) => (
          <li key={size_ml} className="flex items-center gap-2">
            <span className="font-semibold">{`${count} × ${formatTin(size_ml)}`}</span>
            <Button look="quiet" className="-my-1 px-2 text-[0.875rem]" onClick={() => have(size_ml)}>
              I have one
              <span className="sr-only">{`of ${formatTin(size_ml)} ${colour.name}`}</span>
            </Button>
            <span className="ml-auto font-semibold">
              {price === null ? "no price yet" : priceText(price * count, job.currency)}
            </span>
          </li>
        ))}
      </ul>
      {paint.left_ml >= 1 && (
        <p className="text-[0.9375rem] text-soft">{`${volume(paint.left_ml)} are left over.`}</p>
      )}
      {paint.alternatives.map((other) => (
        <p key={tinsText(other)} className="text-[0.9375rem] text-soft">
          {`Or ${tinsText(other)}: ${compareText(other, paint, (amount) => priceText(amount, job.currency), volume)}`}
        </p>
      ))}
    </div>
  );
}

const tinsText = ({ packs }: PlanPacks): string =>
  packs.map(({ count, size_ml }) => `${count} × ${formatTin(size_ml)}`).join(" + ");

/** `€3.00 more, leaves 202 ml.` */
function compareText(
  other: PlanPacks,
  chosen: PlanPacks,
  money: (amount: number) => string,
  volume: (ml: number) => string,
): string {
  const left = other.left_ml < 1 ? "leaves nothing" : `leaves ${volume(other.left_ml)}`;
  // What has no price yet cannot be compared by it.
  if ([...other.packs, ...chosen.packs].some(({ price }) => price === null)) return `${left}.`;
  const more = other.cost - chosen.cost;
  return `${more < 0.005 ? "costs the same" : `${money(more)} more`}, ${left}.`;
}

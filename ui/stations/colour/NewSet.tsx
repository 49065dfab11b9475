"use client";

import { useState } from "react";
import { balanceColours } from "@/core/colour/balance";
import { differenceOf, labOf } from "@/core/colour/difference";
import { proposeFrom, proposeFromCloth, relations, type Relation, type Slot } from "@/core/colour/proposeSet";
import type { Job } from "@/core/job/schema";
import { seenOnWalls } from "@/core/look/seenColours";
import type { Plan } from "@/core/plan/planTypes";
import { useJob, useJobState, usePlan } from "@/ui/job/JobProvider";
import { freshId, type JobDocument } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { ColourField } from "@/ui/parts/ColourField";

/** Paints nearer than this are one. */
const sameUnder = 1;
const relationNames = Object.keys(relations) as Relation[];

/** Another set: empty, out of one colour by a relation that is stated, or out of a cloth's colours. */
export function NewSet() {
  const job = useJob();
  const { sets } = job;
  const plan = usePlan();
  const change = useJobState((state) => state.change);
  const [hex, setHex] = useState("#5b7f9a");
  const [relation, setRelation] = useState<Relation>("one-hue");
  const [cloth, setCloth] = useState<readonly string[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const { decisions = [] } = plan;
  // What was decided of one that is gone is not said of another.
  const taken = decisions.flatMap(({ of: { set: id } }) => (id === undefined ? [] : [{ id }]));
  const add = (colours: ReadonlyMap<string, string>) =>
    setProblem(
      change((before) => withSet(before, `Set ${sets.length + 1}`, colours, taken))[0]?.message ?? null,
    );
  return (
    <div className="flex flex-col gap-3 py-3">
      {sets.length === 0 && (
        <p className="text-[0.9375rem] text-soft">
          The pattern in other colours, side by side: how light and loud each is, what parts where it touches.
        </p>
      )}
      <Button look="cure" onClick={() => add(new Map())}>
        Another set of colours
      </Button>
      {problem !== null && (
        <p role="alert" className="text-[0.9375rem] text-brick">
          {problem}
        </p>
      )}
      <details>
        <summary className="min-h-11 cursor-pointer py-2 text-[0.9375rem] text-violet">
          Out of one colour, or a cloth
        </summary>
        <div className="grid gap-3">
          <div className="flex items-end gap-2">
            <ColourField isChip label="From this colour" value={hex} onChange={setHex} />
            <div className="min-w-0 flex-1">
              <Choice
                label="By hue"
                options={relationNames.map((name) => ({
                  name,
                  label: relations[name].label,
                  selected: name === relation,
                }))}
                onChoose={({ name }) => setRelation(name)}
              />
            </div>
          </div>
          <p className="text-sm text-soft">{relations[relation].say}</p>
          <Button onClick={() => add(proposeFrom(slotsOf(job, plan), hex, relation))}>
            Propose a set of it
          </Button>
          <div className="flex flex-wrap items-end gap-2" role="group" aria-label="Colours of the cloth">
            {cloth.map((own, index) => (
              <ColourField
                key={index}
                isChip
                label={`Colour ${index + 1} of the cloth`}
                value={own}
                onChange={(to) => setCloth(cloth.map((other, place) => (place === index ? to : other)))}
              />
            ))}
            <Button onClick={() => setCloth([...cloth, "#8a6a4a"])}>A colour of the cloth</Button>
          </div>
          {cloth.length > 1 && (
            <Button onClick={() => add(proposeFromCloth(slotsOf(job, plan), cloth))}>
              Propose a set of the cloth
            </Button>
          )}
        </div>
      </details>
    </div>
  );
}

/** The paints of the pattern on all walls, with how much of it each is: looked at when it is asked for. */
function slotsOf({ walls, paints }: Job, plan: Plan): Slot[] {
  const seen = seenOnWalls(walls, plan.walls).colours;
  const hexOf = (id: string) => paints.find((paint) => paint.id === id)?.hex;
  return balanceColours(seen, (id) => hexOf(id) ?? "#ffffff").shares.flatMap(({ colour, share }) => {
    const hex = hexOf(colour);
    return hex === undefined ? [] : [{ paint: colour, hex, share }];
  });
}

/** A document with one more set of these colours: of paints that are there, or of new ones. */
function withSet(
  document: JobDocument,
  name: string,
  colours: ReadonlyMap<string, string>,
  taken: readonly { readonly id: string }[],
): JobDocument {
  const paints = [...document.paints];
  // What stands in the place of a paint goes on as that does.
  const paintOf = (slot: string, hex: string): string => {
    const { material, sheen } = document.paints.find(({ id }) => id === slot)!;
    const known = paints.find(
      (paint) =>
        paint.material === material &&
        paint.hex !== undefined &&
        differenceOf(labOf(paint.hex), labOf(hex)) < sameUnder,
    );
    if (known) return known.id;
    const id = freshId(name, paints);
    paints.push({ id, name: `${name}, ${hex}`, hex, ...(material && { material }), ...(sheen && { sheen }) });
    return id;
  };
  const standIns = [...colours]
    .map(([slot, hex]) => [slot, paintOf(slot, hex)] as const)
    .filter(([slot, id]) => slot !== id);
  const set = {
    id: freshId(name, [...(document.sets ?? []), ...taken]),
    name,
    paints: Object.fromEntries(standIns),
  };
  return { ...document, paints, sets: [...(document.sets ?? []), set] };
}

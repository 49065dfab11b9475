"use client";

import { Swatch } from "@/ui/parts/Swatch";
import { Plus, X } from "lucide-react";
import { hidings } from "@/core/paint/hidings";
import { materialNames, type Paint } from "@/core/paint/schema";
import { finishOf } from "@/core/finishes/registry";
import { withoutBoardsOf } from "@/core/job/boardsOfDocument";
import { convertSpread, spreadUnit } from "@/core/measure/formatLength";
import { usualTins } from "@/core/paint/usualTins";
import { useJob, useJobState } from "@/ui/job/JobProvider";
import { changeById, type PaintDocument } from "@/ui/job/jobDocument";
import { ColourField } from "@/ui/parts/ColourField";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { NumberField } from "@/ui/parts/NumberField";
import { TextField } from "@/ui/parts/TextField";
import { VolumeField } from "@/ui/parts/VolumeField";
import { useStore } from "@/ui/job/useStore";

/** One paint: name, colour, what its label says, the tins it comes in and what is in the store. */
export function PaintEditor({ paint }: { paint: PaintDocument }) {
  const job = useJob();
  const change = useJobState((state) => state.change);
  const store = useStore();
  const parsed = job.paints.find((candidate) => candidate.id === paint.id)!;
  const edit = (update: Partial<PaintDocument>): string | null =>
    change((before) => ({
      ...before,
      paints: changeById(before.paints, paint.id, (old) => ({ ...old, ...update })),
    }))[0]?.message ?? null;
  const isUsed =
    job.walls.some((wall) => wall.base === paint.id || wall.primer === paint.id) ||
    job.paints.some(({ mix }) => mix?.parts.some((part) => "paint" in part && part.paint === paint.id)) ||
    job.finishes.some((finish) =>
      finishOf(finish.kind)
        .paints(finish)
        .some((use) => use.id === paint.id),
    );
  const { volumes } = job;
  return (
    <details className="border-b border-hairline py-1 last:border-0">
      <summary className="flex min-h-11 cursor-pointer items-center gap-3 font-semibold">
        <Swatch colour={parsed.hex} size={5} />
        {parsed.name}
      </summary>
      <div className="grid grid-cols-2 gap-x-3 gap-y-1 pb-2">
        <TextField label="Name" value={parsed.name} onChange={(name) => edit({ name })} />
        <ColourField label="Colour" value={parsed.hex} onChange={(hex) => edit({ hex })} />
        <Label paint={paint} parsed={parsed} onEdit={edit} />
        <VolumeField
          label="In the store"
          written={store.isTold ? store.amountOf(paint.id) : (paint.onHand ?? 0)}
          volumes={volumes}
          onChange={(amount) => store.countPaint(paint.id, amount)}
        />
        <div className="self-end pb-6 text-right">
          {!isUsed && (
            <Button
              look="quiet"
              onClick={() =>
                change((before) => ({
                  ...withoutBoardsOf(before, { paint: paint.id }),
                  paints: before.paints.filter((other) => other.id !== paint.id),
                }))
              }
            >
              Remove
            </Button>
          )}
        </div>
        <Tins paint={paint} material={parsed.material} onEdit={edit} />
      </div>
    </details>
  );
}

type Edit = (update: Partial<PaintDocument>) => string | null;

interface LabelProps {
  readonly paint: PaintDocument;
  readonly parsed: Paint;
  readonly onEdit: Edit;
}

/** What its label says: how far it goes, what it is, how it hides, and how long it takes. */
function Label({ paint, parsed, onEdit: edit }: LabelProps) {
  const { units, volumes } = useJob();
  const isUsual = (paint.packs ?? []).every(({ usual }) => usual);
  return (
    <>
      <NumberField
        label="One coat covers"
        unit={spreadUnit(units, volumes)}
        value={convertSpread(parsed.spreadRate, units, volumes)}
        onChange={(rate) => edit({ spreadRate_m2_per_l: rate / convertSpread(1, units, volumes) })}
      />
      <Choice
        label="Material"
        options={materialNames.map((material) => ({
          material,
          label: material.replace("-", " "),
          selected: parsed.material === material,
        }))}
        onChoose={({ material }) =>
          // A list that is only the usual one follows the material.
          edit({ material, ...(isUsual && { packs: usualTins(material, volumes) }) })
        }
      />
      <Choice
        label="It hides"
        options={hidings.map((hiding) => ({
          hiding,
          label: { weak: "little", usual: "as usual", good: "well" }[hiding],
          selected: parsed.hiding === hiding,
        }))}
        onChoose={({ hiding }) => edit({ hiding })}
      />
      <NumberField
        label="Next coat after"
        value={parsed.recoatMin / 60}
        unit="h"
        onChange={(hours) => edit({ recoat_min: hours * 60 })}
      />
      <NumberField
        label="Tape on it after"
        value={parsed.tapeOverMin / 60}
        unit="h"
        onChange={(hours) => edit({ tapeOver_min: hours * 60 })}
      />
      <NumberField label="Coats" value={parsed.coats} whole onChange={(coats) => edit({ coats })} />
    </>
  );
}

interface TinsProps {
  readonly paint: PaintDocument;
  readonly material: Paint["material"];
  readonly onEdit: Edit;
}

/** The sizes that it comes in, with their prices as far as they are known. */
function Tins({ paint, material, onEdit: edit }: TinsProps) {
  const { volumes, currency } = useJob();
  const packs = paint.packs ?? [];
  const setPack = (index: number, update: Partial<(typeof packs)[number]>) =>
    edit({ packs: packs.map((pack, place) => (place === index ? { ...pack, ...update } : pack)) });
  return (
    <>
      {packs.some(({ usual }) => usual) && (
        <p className="col-span-2 text-sm text-soft">
          Usual tins: check them against the shelf, and write prices or refresh them.
        </p>
      )}
      {packs.map((pack, index) => (
        <div key={index} className="col-span-2 grid grid-cols-[1fr_1fr_auto] gap-3">
          <VolumeField
            label="Tin"
            written={pack.size}
            volumes={volumes}
            onChange={(size) => setPack(index, { size, usual: undefined })}
          />
          <NumberField
            label={`Price, ${currency}`}
            value={pack.price ?? null}
            onChange={(price) => setPack(index, { price, usual: undefined })}
          />
          <button
            type="button"
            aria-label="Take out this tin"
            className="mt-6 flex size-11 items-center justify-center rounded-md text-soft hover:text-ink"
            onClick={() => edit({ packs: packs.filter((_, place) => place !== index) })}
          >
            <X size={16} aria-hidden />
          </button>
        </div>
      ))}
      <div className="col-span-2 -ml-3 flex">
        <Button
          look="quiet"
          onClick={() => edit({ packs: [...packs, { size: volumes === "us" ? "1 qt" : "1 L" }] })}
        >
          <Plus size={16} aria-hidden /> Tin size
        </Button>
        {packs.length === 0 && (
          <Button look="quiet" onClick={() => edit({ packs: usualTins(material, volumes) })}>
            Usual tins
          </Button>
        )}
      </div>
    </>
  );
}

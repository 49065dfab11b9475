"use client";

import { X } from "lucide-react";
import { useState } from "react";
import { useDocument, useJob, useJobState } from "@/ui/job/JobProvider";
import { changeById, type PaintDocument } from "@/ui/job/jobDocument";
import { IconButton } from "@/ui/parts/IconButton";
import { NumberField } from "@/ui/parts/NumberField";
import { SelectList } from "@/ui/parts/SelectList";

type MixDocument = NonNullable<PaintDocument["mix"]>;
type PartDocument = MixDocument["parts"][number];

/** Writes a paint's mix into the document; answers what is wrong with it, or null. */
function useMixChange(paint: string) {
  const change = useJobState((state) => state.change);
  return (mix: MixDocument | undefined): string | null =>
    change((before) => ({
      ...before,
      paints: changeById(before.paints, paint, (old) => ({ ...old, mix })),
    }))[0]?.message ?? null;
}

/** The parts of a mix: how much of each, one more, one less; without any it is bought again. */
export function MixParts({ paint }: { paint: string }) {
  const { paints } = useJob();
  const document = useDocument().paints.find(({ id }) => id === paint);
  const change = useMixChange(paint);
  const [refused, setRefused] = useState<string | null>(null);
  const mix = document?.mix;
  if (!mix) return null;
  const nameOf = (part: PartDocument) =>
    "paint" in part ? (paints.find(({ id }) => id === part.paint)?.name ?? part.paint) : "water";
  const put = (parts: readonly PartDocument[]) =>
    change(parts.length === 0 ? undefined : { ...mix, parts: [...parts] });
  const others: readonly { readonly label: string; readonly swatch?: string; readonly part: PartDocument }[] =
    [
      { label: "water", part: { water: true, parts: 1 } },
      ...paints
        .filter(({ id }) => id !== paint)
        .map(({ id, name, hex }) => ({ label: name, swatch: hex, part: { paint: id, parts: 1 } })),
    ];
  return (
    <div className="pt-1">
      <ul aria-label="Parts">
        {mix.parts.map((part, index) => (
          <li key={index} className="flex items-end gap-2">
            <div className="min-w-0 flex-1">
              <NumberField
                label={`Parts of ${nameOf(part)}`}
                value={part.parts}
                onChange={(parts) =>
                  put(mix.parts.map((other, place) => (place === index ? { ...other, parts } : other)))
                }
              />
            </div>
            <div className="pb-6">
              <IconButton
                label={`No ${nameOf(part)} in it`}
                onClick={() => put(mix.parts.filter((_, place) => place !== index))}
              >
                <X size={16} aria-hidden />
              </IconButton>
            </div>
          </li>
        ))}
      </ul>
      <SelectList
        label="Another part"
        items={[{ label: "another part" }, ...others]}
        chosen={0}
        onChoose={(index) => index > 0 && setRefused(put([...mix.parts, others[index - 1]!.part]))}
      />
      {refused !== null && (
        <p role="alert" className="pt-1 text-[0.9375rem] text-brick">
          {refused}
        </p>
      )}
    </div>
  );
}

/** A paint that is bought so far, to be mixed of others. */
export function MixOne() {
  const { paints } = useJob();
  const change = useJobState((state) => state.change);
  const bought = paints.filter(({ mix }) => !mix);
  const base = paints[0];
  if (bought.length < 2 || !base) return null;
  const mixOf = (id: string) => {
    const other = paints.find((paint) => paint.id !== id && !paint.mix)!;
    change((before) => ({
      ...before,
      paints: changeById(before.paints, id, (old) => ({
        ...old,
        mix: { parts: [{ paint: other.id, parts: 1 }] },
      })),
    }));
  };
  return (
    <div className="border-t border-hairline py-3">
      <SelectList
        label="Mix a paint instead of buying it"
        items={[
          { label: "mix a paint instead of buying it" },
          ...bought.map(({ name, hex }) => ({ label: name, swatch: hex })),
        ]}
        chosen={0}
        onChoose={(index) => index > 0 && mixOf(bought[index - 1]!.id)}
      />
    </div>
  );
}

"use client";

import { useState } from "react";
import type { Lab } from "@/core/colour/difference";
import { nearestPaints, readSpots, type ReadSurface } from "@/core/colour/readSpots";
import { useJob, useJobState } from "@/ui/job/JobProvider";
import { freshId } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { SelectList } from "@/ui/parts/SelectList";
import { Swatch } from "@/ui/parts/Swatch";
import { spotsRead, useReader } from "./useReader";

interface Surface {
  readonly id: string;
  readonly label: string;
  readonly swatch: string;
}

/** A colour read off a surface in several spots: what it comes to, how sure that is, and which paints come near it. */
export function ReadColour() {
  const { paints, stays } = useJob();
  const surfaces = [...stays, ...paints].map(({ id, name, hex }) => ({ id, label: name ?? id, swatch: hex }));
  const [chosen, setChosen] = useState(0);
  const surface = surfaces[Math.min(chosen, surfaces.length - 1)];
  if (!surface) return null;
  return (
    <details>
      <summary className="min-h-11 cursor-pointer py-2 text-[0.9375rem] text-violet">
        Read a colour off something
      </summary>
      <div className="grid gap-2 pb-2">
        <SelectList
          label="The simulated reader is held to"
          items={surfaces}
          chosen={surfaces.indexOf(surface)}
          onChoose={setChosen}
        />
        <Reading surface={surface} />
      </div>
    </details>
  );
}

function Reading({ surface }: { readonly surface: Surface }) {
  const jobId = useJobState((state) => state.jobId);
  const { spots, word, isReading, read, stop } = useReader(`${jobId} ${surface.id}`, surface.swatch);
  const found = readSpots(spots);
  return (
    <>
      {isReading ? (
        <Button onClick={stop}>Stop</Button>
      ) : (
        <Button onClick={() => void read()}>{`Read ${spotsRead} spots`}</Button>
      )}
      <p role="status" className="text-[0.9375rem]">
        {[found ? spotWords(spots, found) : "", word].filter((part) => part !== "").join(" ")}
      </p>
      {found && !isReading && <Nearest found={found} surface={surface} />}
    </>
  );
}

function spotWords(spots: readonly Lab[], { spread, astray }: ReadSurface): string {
  const read = `${spots.length} ${spots.length === 1 ? "spot" : "spots"} read, ${spread.toFixed(1)} off their mean.`;
  if (astray.length === 0) return read;
  const which = astray.map((place) => place + 1).join(", ");
  return `${read} Spot ${which} went astray and does not count.`;
}

/** The paints that come near what was read, and the way to keep it as one. */
function Nearest({ found, surface }: { readonly found: ReadSurface; readonly surface: Surface }) {
  const { paints } = useJob();
  const change = useJobState((state) => state.change);
  const keep = () =>
    change((before) => {
      const id = freshId(`read-${surface.id}`, before.paints);
      return {
        ...before,
        paints: [...before.paints, { id, name: `Read off ${surface.label}`, hex: found.hex }],
      };
    });
  return (
    <>
      <ul aria-label="Nearest paints">
        {nearestPaints(found.lab, paints).map(({ id, difference, likeness }) => {
          const paint = paints.find((one) => one.id === id)!;
          return (
            <li key={id} className="flex items-center gap-2 py-0.5 text-[0.9375rem]">
              <Swatch colour={found.hex} size={5} />
              <Swatch colour={paint.hex} size={5} />
              {`${paint.name}: ${difference.toFixed(1)}, ${likeness}.`}
            </li>
          );
        })}
      </ul>
      <Button onClick={keep}>Keep it as a paint</Button>
    </>
  );
}

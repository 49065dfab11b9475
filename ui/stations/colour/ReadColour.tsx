"use client";

import { useRef, useState } from "react";
import { labOf, type Lab } from "@/core/colour/difference";
import { nearestPaints, readSpots } from "@/core/colour/readSpots";
import { createSimulatedReader } from "@/devices/reader/simulatedReader";
import { useJob, useJobState } from "@/ui/job/JobProvider";
import { freshId } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { SelectList } from "@/ui/parts/SelectList";
import { Swatch } from "@/ui/parts/Swatch";

const wanted = 5;

/** A colour read off a surface in several spots: what it comes to, how sure that is, and which paints come near it. */
export function ReadColour() {
  const { paints, stays } = useJob();
  const jobId = useJobState((state) => state.jobId);
  const change = useJobState((state) => state.change);
  const surfaces = [...stays, ...paints].map(({ id, name, hex }) => ({ id, label: name ?? id, swatch: hex }));
  const [chosen, setChosen] = useState(0);
  const [spots, setSpots] = useState<readonly Lab[]>([]);
  const [word, setWord] = useState("");
  const reading = useRef<AbortController | null>(null);
  const [isReading, setReading] = useState(false);
  const surface = surfaces[Math.min(chosen, surfaces.length - 1)];
  if (!surface) return null;
  const read = async () => {
    const stop = (reading.current = new AbortController());
    setReading(true);
    setSpots([]);
    setWord("");
    const reader = createSimulatedReader({ seed: `${jobId} ${surface.id}`, surface: labOf(surface.swatch) });
    for (let count = 0; count < wanted && !stop.signal.aborted; count++)
      await reader.read(stop.signal).then(
        (spot) => setSpots((before) => [...before, spot]),
        (error: unknown) => setWord(stop.signal.aborted ? "Stopped." : (error as Error).message),
      );
    setReading(false);
  };
  const found = readSpots(spots);
  const near = found && nearestPaints(found.lab, paints);
  const nameOf = (id: string) => paints.find((paint) => paint.id === id)?.name ?? id;
  const keep = (hex: string) =>
    change((before) => ({
      ...before,
      paints: [
        ...before.paints,
        { id: freshId(`read-${surface.id}`, before.paints), name: `Read off ${surface.label}`, hex },
      ],
    }));
  return (
    <details>
      <summary className="min-h-11 cursor-pointer py-2 text-[0.9375rem] text-violet">
        Read a colour off something
      </summary>
      <div className="grid gap-2 pb-2">
        <SelectList
          label="The simulated reader is held to"
          items={surfaces}
          chosen={chosen}
          onChoose={setChosen}
        />
        {isReading ? (
          <Button onClick={() => reading.current?.abort()}>Stop</Button>
        ) : (
          <Button onClick={() => void read()}>{`Read ${wanted} spots`}</Button>
        )}
        <p role="status" className="text-[0.9375rem]">
          {[
            found && `${spots.length} spots read, ${found.spread.toFixed(1)} apart on average.`,
            found &&
              found.astray.length > 0 &&
              `Spot ${found.astray.map((place) => place + 1).join(", ")} went astray and does not count.`,
            word,
          ]
            .filter(Boolean)
            .join(" ")}
        </p>
        {found && near && !isReading && (
          <>
            <ul aria-label="Nearest paints">
              {near.map(({ id, difference, likeness }) => (
                <li key={id} className="flex items-center gap-2 py-0.5 text-[0.9375rem]">
                  <Swatch colour={found.hex} size={5} />
                  <Swatch colour={paints.find((paint) => paint.id === id)?.hex} size={5} />
                  {`${nameOf(id)}: ${difference.toFixed(1)}, ${likeness}.`}
                </li>
              ))}
            </ul>
            <Button onClick={() => keep(found.hex)}>Keep it as a paint</Button>
          </>
        )}
      </div>
    </details>
  );
}

"use client";

import { useState } from "react";
import { readSpots } from "@/core/colour/readSpots";
import { useJob, useJobState } from "@/ui/job/JobProvider";
import { Button } from "@/ui/parts/Button";
import { SelectList } from "@/ui/parts/SelectList";
import { NearestPaints, spotWords } from "./NearestPaints";
import { PhotoSpots } from "./PhotoSpots";
import { spotsRead, useReader } from "./useReader";

interface Surface {
  readonly id: string;
  readonly label: string;
  readonly swatch: string;
  /** It stays: cloth, wood; no paint. */
  readonly isDyed: boolean;
}

/** A colour read off a surface in several spots: what it comes to, how sure that is, and which paints come near it. */
export function ReadColour() {
  const { paints, stays } = useJob();
  const surfaceOf =
    (isDyed: boolean) =>
    ({ id, name, hex }: { id: string; name?: string | undefined; hex: string }): Surface => ({
      id,
      label: name ?? id,
      swatch: hex,
      isDyed,
    });
  const surfaces = [...stays.map(surfaceOf(true)), ...paints.map(surfaceOf(false))];
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
        <PhotoSpots />
      </div>
    </details>
  );
}

function Reading({ surface }: { readonly surface: Surface }) {
  const jobId = useJobState((state) => state.jobId);
  const { spots, word, isReading, read, stop } = useReader(
    `${jobId} ${surface.id}`,
    surface.swatch,
    surface.isDyed,
  );
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
      {found && !isReading && <NearestPaints found={found} name={surface.label} />}
    </>
  );
}

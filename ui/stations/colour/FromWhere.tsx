"use client";

import { Download } from "lucide-react";
import type { Job } from "@/core/job/schema";
import { boxOfWall } from "@/core/wall/boxOfWall";
import type { Wall } from "@/core/wall/schema";
import { mmOf } from "@/ui/job/writtenLength";
import { Button } from "@/ui/parts/Button";
import { LengthField } from "@/ui/parts/LengthField";
import { Section } from "@/ui/parts/Section";
import { FloorPlan } from "./FloorPlan";
import { useLookState, usualEyeMm, type Spot } from "./lookState";
import { LookCanvas } from "./LookCanvas";
import { useLook } from "./useLook";

/** The picture, px. */
const size = { width: 720, height: 450 } as const;
/** Nobody looks at a wall from nearer than this, or from further, mm. */
const awayRange = { least: 300, most: 20_000 } as const;
const eyeRange = { least: 300, most: 4000 } as const;

interface Props {
  readonly wallId: string;
  readonly wall: Wall;
  readonly job: Pick<Job, "units" | "viewingDistance">;
}

/** The wall in true perspective from a spot that is chosen in plan. */
export function FromWhere({ wallId, wall, job: { units, viewingDistance } }: Props) {
  const { lighting, spot, stand } = useLookState();
  const { minX, maxX } = boxOfWall(wall);
  const width = maxX - minX;
  const at: Spot = spot ?? { x: width / 2, away: Math.max(viewingDistance, width * 0.6), high: usualEyeMm };
  const drawn = useLook("from", wallId, { from: { kind: "eye", ...at }, lighting, ...size });
  const keep = (key: keyof Spot, least: number, most: number) => (written: number | string) => {
    const mm = mmOf(written);
    if (mm < least || mm > most) return `Expected ${least} to ${most} mm.`;
    stand({ ...at, [key]: mm });
    return null;
  };
  return (
    <Section name="colour/from" title="From where people stand">
      <LookCanvas
        drawn={drawn}
        label="The wall as it will look from where you stand"
        size={size}
        className="overflow-hidden rounded-md border border-hairline"
      />
      <FloorPlan wall={wall} spot={at} onStand={stand} reach={awayRange} />
      <div className="grid grid-cols-2 gap-x-3 gap-y-1 pt-1">
        <LengthField
          label="From the left"
          written={Math.round(at.x)}
          units={units}
          onChange={keep("x", -20_000, 120_000)}
        />
        <LengthField
          label="Off the wall"
          written={Math.round(at.away)}
          units={units}
          onChange={keep("away", awayRange.least, awayRange.most)}
        />
        <LengthField
          label="Eyes, high"
          written={Math.round(at.high)}
          units={units}
          onChange={keep("high", eyeRange.least, eyeRange.most)}
        />
        <div className="flex items-end justify-end">
          <Button look="quiet" onClick={() => keepPicture(drawn.canvas.current, wall.name ?? wall.id)}>
            <Download size={16} aria-hidden /> Picture
          </Button>
        </div>
      </div>
    </Section>
  );
}

/** The picture as PNG. */
function keepPicture(canvas: HTMLCanvasElement | null, name: string): void {
  canvas?.toBlob((blob) => {
    if (!blob) return;
    const url = URL.createObjectURL(blob);
    const link = document.createElement("a");
    link.href = url;
    link.download = `${name}, predicted.png`;
    link.click();
    URL.revokeObjectURL(url);
  }, "image/png");
}

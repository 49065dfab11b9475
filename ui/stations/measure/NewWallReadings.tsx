"use client";

import { Crosshair } from "lucide-react";
import { useMemo, useState, type ComponentProps } from "react";
import { Controller, useWatch } from "react-hook-form";
import type { UnitSystem } from "@/core/measure/units";
import { imaginedRoom } from "@/devices/laser/simulatedRoom";
import { useJob } from "@/ui/job/JobProvider";
import type { SurveyDocument } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { LaserFields } from "@/ui/parts/LaserFields";
import { LengthField } from "@/ui/parts/LengthField";
import { EndReadings } from "./EndReadings";
import { LaserPanel } from "./LaserPanel";
import { SurveyReadings } from "./SurveyReadings";
import { taken, type FormProps } from "./newWall";

/** The readings of the way that is taken. */
export function NewWallReadings({ form, seed }: FormProps & { seed: string }) {
  const { control } = form;
  const { units } = useJob();
  const how = useWatch({ control, name: "how" });
  const room = useMemo(() => imaginedRoom(seed), [seed]);
  return (
    <LaserFields>
      {how === "survey" ? (
        <>
          <Controller
            control={control}
            name="survey"
            render={({ field }) => (
              <SurveyFields survey={field.value} units={units} onChange={field.onChange} />
            )}
          />
          <LaserOnDemand room={room} seed={seed} units={units} />
        </>
      ) : (
        (["width", "height"] as const).map((side) => (
          <Controller
            key={side}
            control={control}
            name={side}
            render={({ field, fieldState }) => (
              <LengthField
                label={{ width: "Width", height: "Height" }[side]}
                written={field.value}
                units={units}
                refused={fieldState.error?.message}
                onChange={taken(field.onChange)}
              />
            )}
          />
        ))
      )}
    </LaserFields>
  );
}

interface SurveyProps {
  readonly survey: SurveyDocument;
  readonly units: UnitSystem;
  readonly onChange: (survey: SurveyDocument) => void;
}

/** Readings along the level line, and of both ends once there are some. */
function SurveyFields({ survey, units, onChange }: SurveyProps) {
  const take = (next: SurveyDocument) => {
    onChange(next);
    return null;
  };
  return (
    <>
      <SurveyReadings survey={survey} units={units} onChange={take} />
      {survey.stations.length > 0 &&
        (["left", "right"] as const).map((end) => (
          <EndReadings key={end} end={end} survey={survey} units={units} onChange={take} />
        ))}
    </>
  );
}

/** The laser takes no room until it is asked for. */
function LaserOnDemand(props: ComponentProps<typeof LaserPanel>) {
  const [isUsed, setUsed] = useState(false);
  if (isUsed) return <LaserPanel {...props} />;
  return (
    <Button look="quiet" className="-ml-3 self-start" onClick={() => setUsed(true)}>
      <Crosshair size={17} aria-hidden /> Read with a laser
    </Button>
  );
}

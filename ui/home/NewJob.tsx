"use client";

import { zodResolver } from "@hookform/resolvers/zod";
import { Sprout, Upload } from "lucide-react";
import { useRouter } from "next/navigation";
import { useRef, useState } from "react";
import { ulid } from "ulid";
import { useDropzone } from "react-dropzone";
import { Controller, useForm, type Control } from "react-hook-form";
import * as z from "zod";
import type { Problem } from "@/core/job/problem";
import { currencySchema, longestJobName } from "@/core/job/schema";
import { nameSchema } from "@/core/measure/schema";
import { volumeSystems, type UnitSystem, type VolumeSystem } from "@/core/measure/units";
import { keptPaces } from "@/ui/job/ownPaces";
import { textOf } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { FormField } from "@/ui/parts/FormField";
import { firstDocument } from "./firstDocument";

const schema = z.object({
  name: nameSchema(longestJobName).refine((name) => name.trim() !== "", {
    error: "Write what the job is called.",
  }),
  units: z.enum(["imperial", "metric"]),
  volumes: z.enum(volumeSystems),
  currency: z.string().toUpperCase().pipe(currencySchema),
});

/** The id of the field that one begins with. */
export const newJobName = "new-job-name";

/** What goes together where people measure and buy like this; it is only a beginning. */
const usualCurrency: Record<UnitSystem, Record<VolumeSystem, string>> = {
  imperial: { us: "USD", litres: "CAD" },
  metric: { us: "USD", litres: "EUR" },
};

type Refused = { readonly what: string; readonly problems: readonly Problem[] } | null;

/** Starts a job, or takes one in from its file. A bad file is explained place by place and changes nothing. */
export function NewJob() {
  const { send, refused } = useSendJob();
  const takeFile = async (file: File | undefined) => {
    if (!file) return;
    const isBundle = file.name.endsWith(".zip") || file.type === "application/zip";
    await send(isBundle ? file : await file.text(), file.name);
  };
  const { getRootProps, getInputProps, isDragActive } = useDropzone({
    onDrop: ([file]) => void takeFile(file),
    multiple: false,
    noClick: true,
    noKeyboard: true,
  });
  return (
    <section
      {...getRootProps({ role: "region" })}
      aria-label="New job"
      className={`rounded-md ${isDragActive ? "outline-2 outline-dashed outline-violet outline-offset-8" : ""}`}
    >
      <h2 className="border-b border-ink pb-2 text-xl font-bold">A new job</h2>
      <JobForm send={send} />
      <label className="flex min-h-11 cursor-pointer items-center justify-center gap-2 rounded-md border border-dashed border-soft px-3 py-3 text-[0.9375rem] focus-within:outline-2 focus-within:outline-violet hover:border-violet">
        <Upload size={17} aria-hidden />
        Bring in a job file, or drop it here
        <input
          {...getInputProps({
            className: "sr-only",
            style: {},
            accept: ".json,application/json,.zip,application/zip",
            // The label around it names it, and it is reached by the keyboard.
            "aria-label": undefined,
            tabIndex: 0,
          })}
        />
      </label>
      <Button look="quiet" className="mt-2 w-full" onClick={() => void send("", "The demo", "/api/demo")}>
        <Sprout size={17} aria-hidden /> The demo anew, as of today
      </Button>
      {refused && (
        <div role="alert" className="mt-4 border-l-4 border-brick bg-brick-wash p-3">
          <p className="font-semibold">{`${refused.what} was not taken in. Nothing was changed.`}</p>
          <ul className="pt-1 text-[0.9375rem]">
            {refused.problems.map(({ path, message }, index) => (
              <li key={index} className="pt-1 break-words">
                {path && <b>{path}: </b>}
                {message}
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}

function JobForm({ send }: { send: (content: string | Blob, what: string) => Promise<void> }) {
  const { register, control, handleSubmit, formState, setValue, getValues } = useForm({
    resolver: zodResolver(schema),
    defaultValues: {
      name: "",
      units: "imperial" as UnitSystem,
      volumes: "litres" as VolumeSystem,
      currency: "CAD",
    },
  });
  const { errors, dirtyFields } = formState;
  const suggestCurrency = () => {
    const { units, volumes } = getValues();
    if (!dirtyFields.currency) setValue("currency", usualCurrency[units][volumes]);
  };
  return (
    <form
      className="flex flex-col gap-3 py-4"
      onSubmit={(event) =>
        void handleSubmit((values) =>
          send(textOf(firstDocument({ ...values, name: values.name.trim(), paces: keptPaces() })), "The job"),
        )(event)
      }
    >
      <FormField
        id={newJobName}
        label="What it is called"
        maxLength={longestJobName}
        problem={errors.name?.message}
        {...register("name")}
      />
      <TapeChoice control={control} onChosen={suggestCurrency} />
      <div className="grid grid-cols-[1fr_5.5rem] gap-3">
        <Controller
          control={control}
          name="volumes"
          render={({ field }) => (
            <Choice
              label="Paint in"
              options={volumeSystems.map((volumes) => ({
                volumes,
                label: { litres: "litres", us: "gallons" }[volumes],
                selected: field.value === volumes,
              }))}
              onChoose={({ volumes }) => {
                field.onChange(volumes);
                suggestCurrency();
              }}
            />
          )}
        />
        <FormField
          label="Money"
          className="uppercase"
          maxLength={3}
          problem={errors.currency?.message}
          {...register("currency")}
        />
      </div>
      <Button look="primary" type="submit" disabled={formState.isSubmitting}>
        Start the job
      </Button>
    </form>
  );
}

type Asked = z.infer<typeof schema>;

/** What the tape measure reads in. */
function TapeChoice({ control, onChosen }: { control: Control<Asked>; onChosen: () => void }) {
  return (
    <Controller
      control={control}
      name="units"
      render={({ field }) => (
        <Choice
          label="Tape measure"
          options={(["imperial", "metric"] as const).map((units) => ({
            units,
            label: { imperial: "feet and inches", metric: "millimetres" }[units],
            selected: field.value === units,
          }))}
          onChoose={({ units }) => {
            field.onChange(units);
            onChosen();
          }}
        />
      )}
    />
  );
}

/** Sends a document, or a bundle, as a new job and goes there; what is wrong with it stays to be read. */
function useSendJob() {
  const router = useRouter();
  const [refused, setRefused] = useState<Refused>(null);
  // Sent again because no answer came, the same makes no second job.
  const asking = useRef<{ readonly content: string | Blob; readonly id: string } | null>(null);
  const send = async (content: string | Blob, what: string, to = "/api/jobs"): Promise<void> => {
    if (asking.current?.content !== content) asking.current = { content, id: ulid() };
    try {
      const response = await fetch(to, {
        method: "POST",
        headers: {
          "content-type": typeof content === "string" ? "application/json" : "application/zip",
          "x-asked-by": asking.current!.id,
        },
        body: content,
      });
      const body = (await response.json()) as { id?: string; problems?: Problem[] };
      asking.current = null;
      if (body.id !== undefined) return router.push(`/jobs/${encodeURIComponent(body.id)}`);
      setRefused({ what, problems: body.problems ?? [] });
    } catch {
      setRefused({
        what,
        problems: [{ path: "", message: "the program does not answer; is it still running?" }],
      });
    }
  };
  return { send, refused };
}

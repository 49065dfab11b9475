"use client";

import { zodResolver } from "@hookform/resolvers/zod";
import { useRouter } from "next/navigation";
import { useEffect } from "react";
import { Controller, useForm, useWatch, type UseFormReturn } from "react-hook-form";
import { careOf } from "@/core/work/objects/care";
import { useDocument, useJob, useJobState } from "@/ui/job/JobProvider";
import { freshId, type WallDocument } from "@/ui/job/jobDocument";
import { joinToRun } from "@/ui/job/editRuns";
import { mmOf } from "@/ui/job/writtenLength";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { keepTyping, takeTyping, typingName } from "@/ui/parts/keptTyping";
import { TextField } from "@/ui/parts/TextField";
import { stationPath } from "@/ui/job/useAddress";
import { DraftWall } from "./DraftWall";
import { NewWallReadings } from "./NewWallReadings";
import { newWallSchema, taken, type FormProps, type How, type NewWall } from "./newWall";
import { optionsOfKinds } from "./TheObject";

/** When each way of measuring serves. */
const whenEach: Record<How, string> = {
  survey:
    "Serves wherever a line runs long, meets the ceiling or goes around a corner: it finds out how far floor and ceiling are out.",
  quick:
    "Serves for a first look, a price, or a wall that you trust: it takes the corners as square. It can be surveyed later, and nothing is lost.",
  object:
    "Lies on a table while it is painted or printed: no ladder and no level line. What it needs before and after comes with what it is.",
};

/** What is asked for first, and what stands in the drawing until it is read. */
const asked: Record<How, { readonly text: string; readonly first: string }> = {
  survey: {
    text: "Strike a level line. From its left end read along it, and at each station down to the floor and up to the ceiling.",
    first: "the level line: everything is read from it",
  },
  quick: {
    text: "Its width along the floor and its height at the left end. Skirting, openings and plates come next.",
    first: "width and height, corners taken as square",
  },
  object: {
    text: "Its width and its height as it lies before you; both diagonals come next.",
    first: "as it lies before you",
  },
};

/** A new wall: surveyed from a level line, or the quick way by width and height. The outline grows as readings arrive. */
export function AddWallCard() {
  const { name: jobName, units, walls } = useJob();
  const form = useForm<NewWall>({ resolver: zodResolver(newWallSchema), defaultValues: blank });
  useKeptDraft(form);
  const { how, survey, width, height } = useWatch({ control: form.control }) as NewWall;
  const seed = `${jobName} ${walls.length}`;
  const isSized = width !== undefined && height !== undefined;
  const quick = { stations: isSized ? [0, mmOf(width)].map((x) => ({ x, down: 0, up: height })) : [] };
  const drawn = how === "survey" ? survey : quick;
  return (
    <div className="flex min-h-full flex-col gap-x-8 md:flex-row">
      <div className="h-44 shrink-0 md:flex-1 md:sticky md:top-0 md:h-[calc(100dvh-190px)]">
        <DraftWall survey={drawn} units={units} isSurveyed={how === "survey"} first={asked[how].first} />
      </div>
      <div className="w-full md:w-[400px]">
        <h1 className="text-2xl font-bold">
          {how === "object" ? "A flat object" : walls.length === 0 ? "The first wall" : "Another wall"}
        </h1>
        <p className="pb-3 text-soft">{asked[how].text}</p>
        <WallFields form={form} seed={seed} />
        <AddButtons form={form} />
      </div>
    </div>
  );
}

const blank: NewWall = { name: "", how: "survey", kind: "board", survey: { stations: [] } };

/** A wall that is half read when the page is left is there again when one comes back. */
function useKeptDraft({ getValues, reset }: UseFormReturn<NewWall>): void {
  useEffect(() => {
    const name = typingName("the new wall");
    const kept = takeTyping(name);
    if (kept !== null) reset(JSON.parse(kept) as NewWall, { keepDefaultValues: true });
    const keep = () => {
      const draft = JSON.stringify(getValues());
      if (draft !== JSON.stringify(blank)) keepTyping(name, draft);
    };
    window.addEventListener("pagehide", keep);
    return () => {
      window.removeEventListener("pagehide", keep);
      keep();
    };
  }, [getValues, reset]);
}

/** Its name, how it is measured, and the readings of that way. */
function WallFields({ form, seed }: FormProps & { seed: string }) {
  const { control } = form;
  const how = useWatch({ control, name: "how" });
  return (
    <div className="flex flex-col gap-2">
      <Controller
        control={control}
        name="name"
        render={({ field, fieldState }) => (
          <TextField
            label="What you call it"
            isFirst
            value={field.value}
            refused={fieldState.error?.message}
            onChange={taken(field.onChange)}
          />
        )}
      />
      <HowChoice
        form={form}
        label="What it is"
        options={[
          { label: "a wall", selected: how !== "object", how: "survey" },
          { label: "a flat object", selected: how === "object", how: "object" },
        ]}
      />
      {how === "object" ? (
        <KindField form={form} />
      ) : (
        <HowChoice
          form={form}
          label="How it is measured"
          options={[
            { label: "from a level line", selected: how === "survey", how: "survey" },
            { label: "as a plain rectangle", selected: how === "quick", how: "quick" },
          ]}
        />
      )}
      <p className="pb-1 text-[0.9375rem] text-soft">{whenEach[how]}</p>
      <NewWallReadings form={form} seed={seed} />
    </div>
  );
}

/** Which kind of thing it is. */
const KindField = ({ form }: FormProps) => (
  <Controller
    control={form.control}
    name="kind"
    render={({ field }) => (
      <Choice
        label="It is a"
        options={optionsOfKinds(field.value)}
        onChoose={({ kind }) => field.onChange(kind)}
      />
    )}
  />
);

interface HowProps extends FormProps {
  readonly label: string;
  readonly options: readonly { label: string; selected: boolean; how: How }[];
}

/** One of two ways to go on; what was wrong with the other is no longer told. */
const HowChoice = ({ form, label, options }: HowProps) => (
  <Choice
    label={label}
    options={options}
    onChoose={({ how }) => {
      form.clearErrors();
      form.setValue("how", how);
    }}
  />
);

/** Keeps the wall: by itself, or as the one around the corner from a wall that is there. */
function AddButtons({ form }: FormProps) {
  const { formState, handleSubmit } = form;
  const how = useWatch({ control: form.control, name: "how" });
  const { walls } = useJob();
  const add = useAddWall();
  const isObject = how === "object";
  const before = walls.findLast(
    (wall) => !isObject && !wall.object && (wall.survey !== undefined) === (how === "survey"),
  );
  const addAfter = (after: string | null) =>
    void handleSubmit((asked) => {
      const problems = add(asked, after);
      if (problems.length === 0) return form.reset(blank);
      form.setError("root", { message: problems.map(({ message }) => message).join(" ") });
    })();
  const problem = formState.errors.survey?.message ?? formState.errors.root?.message;
  // They stay at the foot of the screen: a button that moves as a field is left would lose the click.
  return (
    <div className="card-foot sticky -bottom-4 short:static -mx-5 mt-3 flex flex-col gap-2 border-t border-hairline bg-card px-5 py-3">
      {problem && (
        <p role="alert" className="text-brick">
          {problem}
        </p>
      )}
      <Button look="primary" onClick={() => addAfter(null)}>
        {isObject ? "Add this object" : "Add this wall"}
      </Button>
      {before && (
        <Button
          onClick={() => addAfter(before.id)}
        >{`Add it around the corner from ${before.name ?? before.id}`}</Button>
      )}
    </div>
  );
}

/** Puts a wall into the job, by itself or after another of a run, and goes there; answers what is wrong with it. */
function useAddWall() {
  const job = useJob();
  const document = useDocument();
  const jobId = useJobState((state) => state.jobId);
  const change = useJobState((state) => state.change);
  const router = useRouter();
  return ({ name, how, kind, survey, width, height }: NewWall, after: string | null) => {
    const called = how === "object" ? careOf[kind].name : "wall";
    const id = freshId(name || called, [...job.walls, ...job.runs]);
    const measured: Pick<WallDocument, "width" | "height" | "survey" | "object"> =
      how === "survey" ? { survey } : { width, height, ...(how === "object" && { object: { kind } }) };
    const wall = {
      id,
      name: name || `${called.charAt(0).toUpperCase()}${called.slice(1)}`,
      base: job.paints[0]?.id ?? "ground",
      ...measured,
    };
    const next = {
      ...document,
      paints:
        document.paints.length > 0 ? document.paints : [{ id: "ground", name: "Ground", hex: "#EFE9DC" }],
      walls: [...document.walls, wall],
    };
    const problems = change(() => (after === null ? next : joinToRun(next, after, id)));
    if (problems.length === 0) router.push(stationPath(jobId, id, "measure"));
    return problems;
  };
}

"use client";

import { zodResolver } from "@hookform/resolvers/zod";
import { useForm } from "react-hook-form";
import * as z from "zod";
import { longestJobName } from "@/core/job/schema";
import { nameSchema } from "@/core/measure/schema";
import { Button } from "@/ui/parts/Button";
import { FormField } from "@/ui/parts/FormField";

const schema = z.object({
  name: nameSchema(longestJobName).min(1, { error: "Write what the job is called." }),
});

interface Props {
  readonly name: string;
  readonly onName: (name: string) => Promise<void>;
  readonly onLeave: () => void;
}

/** The name of a job in a field of its own; Escape leaves it as it is. */
export function RenameJob({ name, onName, onLeave }: Props) {
  const { register, handleSubmit, formState } = useForm({
    resolver: zodResolver(schema),
    defaultValues: { name },
  });
  return (
    <form
      className="flex items-start gap-2"
      onSubmit={(event) => void handleSubmit((values) => onName(values.name.trim()))(event)}
      onKeyDown={(event) => event.key === "Escape" && onLeave()}
    >
      <div className="min-w-0 flex-1">
        <FormField
          label={`New name of ${name}`}
          isHidden
          problem={formState.errors.name?.message}
          autoFocus
          {...register("name")}
        />
      </div>
      <Button look="primary" type="submit" disabled={formState.isSubmitting}>
        Rename
      </Button>
      <Button onClick={onLeave}>Leave it</Button>
    </form>
  );
}

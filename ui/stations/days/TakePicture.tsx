"use client";

import { Camera } from "lucide-react";
import { useState } from "react";
import { photo } from "@/core/journal/kinds/photo";
import { useJournal } from "@/ui/job/JobProvider";
import { takePicture } from "@/ui/journal/takePicture";

/** Takes a picture in; `of` tells what it is of: a wall, or work. */
export function TakePicture({ label, of }: { readonly label: string; readonly of: object }) {
  const journal = useJournal();
  const [problem, setProblem] = useState<string | null>(null);
  const take = async (file: File | undefined) => {
    if (!file) return;
    try {
      const sha256 = await takePicture(file);
      setProblem(null);
      journal.tell([{ kind: photo.kind, payload: { sha256, ...of } }]);
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <div>
      <label className="link-button cursor-pointer focus-within:outline-2 focus-within:outline-violet">
        <Camera size={17} aria-hidden /> {label}
        <input
          type="file"
          accept="image/*"
          capture="environment"
          className="sr-only"
          onChange={({ currentTarget }) => {
            void take(currentTarget.files?.[0]);
            currentTarget.value = "";
          }}
        />
      </label>
      <p role="alert" className="text-sm text-brick empty:hidden">
        {problem}
      </p>
    </div>
  );
}

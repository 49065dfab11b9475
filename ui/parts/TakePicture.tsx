"use client";

import { useState } from "react";
import { photo } from "@/core/journal/kinds/photo";
import { useJournal } from "@/ui/job/JobProvider";
import { PictureButton } from "@/ui/parts/PictureButton";
import { takePicture } from "@/ui/journal/takePicture";

/** Takes a picture in; `of` tells what it is of: a wall, or work. */
export function TakePicture({ label, of }: { readonly label: string; readonly of: object }) {
  const journal = useJournal();
  const [problem, setProblem] = useState<string | null>(null);
  const take = async (file: File) => {
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
      <PictureButton label={label} fromCamera onPicture={(file) => void take(file)} />
      <p role="alert" className="text-sm text-brick empty:hidden">
        {problem}
      </p>
    </div>
  );
}

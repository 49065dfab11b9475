"use client";

import { useState } from "react";
import { useJournal } from "@/ui/job/JobProvider";
import { useAddress } from "@/ui/job/useAddress";
import { Button } from "@/ui/parts/Button";
import { FormField } from "@/ui/parts/FormField";
import { Section } from "@/ui/parts/Section";
import { TakePicture } from "@/ui/parts/TakePicture";

/** A word or a picture of the wall, kept with its moment. */
export function KeepWord() {
  return (
    <Section name="paint/keep" title="A note, a picture" isFolded>
      <div className="flex flex-col gap-4 pb-2">
        <Note />
        <PictureOfWall />
      </div>
    </Section>
  );
}

function Note() {
  const journal = useJournal();
  const [words, setWords] = useState("");
  return (
    <form
      className="flex items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (words.trim() === "") return;
        journal.tell([{ kind: "note", payload: { words: words.trim() } }]);
        setWords("");
      }}
    >
      <div className="flex-1">
        <FormField
          label="A note"
          value={words}
          maxLength={2000}
          onChange={(event) => setWords(event.target.value)}
        />
      </div>
      <Button type="submit" disabled={words.trim() === ""}>
        Keep
      </Button>
    </form>
  );
}

function PictureOfWall() {
  const { wallId } = useAddress();
  return (
    <div>
      <TakePicture label="A picture of this wall" of={wallId === null ? {} : { wall: wallId }} />
      <p className="pt-1 text-sm text-soft">It is kept without where and with what it was taken.</p>
    </div>
  );
}

"use client";

import dynamic from "next/dynamic";
import { Dialog } from "radix-ui";
import { useState } from "react";
import type { Wall } from "@/core/wall/schema";
import { Button } from "@/ui/parts/Button";
import { Section } from "@/ui/parts/Section";

/** A photo is looked at by few: what lays a look into it comes with it. */
const RoomView = dynamic(() => import("./RoomView").then((module) => module.RoomView), { ssr: false });

/** The wall as it will look in a photo of the client's own room. */
export function InRoom({ wall }: { readonly wall: Wall }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <Section name="colour/room" title="In the client's own room" isFolded>
      <p className="pb-2 text-[0.9375rem] text-soft">
        A photo of the wall as it is; its corners are marked, and the look is laid in.
      </p>
      <Dialog.Root open={isOpen} onOpenChange={setOpen}>
        <Dialog.Trigger asChild>
          <Button>Into a photo of the room</Button>
        </Dialog.Trigger>
        <Dialog.Portal>
          <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/40" />
          <Dialog.Content
            aria-describedby={undefined}
            className="fixed inset-x-2 top-2 z-50 mx-auto max-h-[calc(100dvh-1rem)] max-w-[1180px] overflow-auto rounded-lg bg-paper p-4"
          >
            <div className="flex items-baseline justify-between gap-3">
              <Dialog.Title className="text-xl font-semibold">{`${wall.name ?? wall.id}, in its own room`}</Dialog.Title>
              <Dialog.Close asChild>
                <Button look="quiet">Close</Button>
              </Dialog.Close>
            </div>
            <RoomView wall={wall} />
          </Dialog.Content>
        </Dialog.Portal>
      </Dialog.Root>
    </Section>
  );
}

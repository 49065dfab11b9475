"use client";

import { Command } from "cmdk";
import { Dialog } from "radix-ui";
import { useEffect, useEffectEvent, useState } from "react";
import { matchesTyped } from "@/ui/parts/matchesTyped";
import { useOpener } from "@/ui/parts/useOpener";
import { useCommands } from "./useCommands";

export interface DialogProps {
  /** What was typed before the dialog was there, and whether Enter came after it. */
  readonly typedFirst: string;
  readonly isEntered: boolean;
  readonly onClose: () => void;
}

/** What can be gone to or done, by a few letters of its name. */
export function CommandDialog({ typedFirst, isEntered, onClose }: DialogProps) {
  const commands = useCommands();
  const onCloseAutoFocus = useOpener();
  const [typed, setTyped] = useState(typedFirst);
  const wanted = isEntered ? commands.find(({ name }) => matchesTyped(name, typedFirst) > 0) : undefined;
  const enter = useEffectEvent(() => {
    if (!wanted) return;
    onClose();
    wanted.run();
  });
  // What was entered before the dialog was there.
  useEffect(() => enter(), []);
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/20" />
        <Dialog.Content
          aria-describedby={undefined}
          onCloseAutoFocus={onCloseAutoFocus}
          className="fixed top-16 left-1/2 z-50 w-[min(34rem,94vw)] -translate-x-1/2 rounded-md border border-ink bg-card p-3"
        >
          <Dialog.Title className="sr-only">Find</Dialog.Title>
          <Command label="Find" filter={matchesTyped} loop>
            <Command.Input
              autoFocus
              value={typed}
              onValueChange={setTyped}
              className="min-h-11 w-full rounded-md border border-hairline bg-paper px-3 font-semibold"
              placeholder="A wall, a station, something to do"
            />
            <Command.List label="Found" className="max-h-[50vh] overflow-y-auto pt-2">
              <Command.Empty className="px-3 py-3 text-soft">Nothing here is called that.</Command.Empty>
              {commands.map(({ name, run }) => (
                <Command.Item
                  key={name}
                  value={name}
                  className="flex min-h-11 cursor-pointer items-center rounded-md px-3 data-[selected=true]:bg-violet-wash"
                  onSelect={() => {
                    onClose();
                    run();
                  }}
                >
                  {name}
                </Command.Item>
              ))}
            </Command.List>
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

"use client";

import { Search } from "lucide-react";
import { useRouter } from "next/navigation";
import { Dialog } from "radix-ui";
import { useEffect, useState, type KeyboardEvent } from "react";
import { useJob, useJobState, useJobStore } from "@/ui/job/JobProvider";
import { isTyping } from "./isTyping";
import { stations } from "@/ui/stations/registry";
import { stationPath, useAddress } from "@/ui/job/useAddress";
import { useContrast } from "@/ui/parts/useContrast";

interface Command {
  readonly name: string;
  readonly run: () => void;
}

/** Everything that can be gone to or done, found by typing a few letters of it. Opens with / */
export function CommandSearch() {
  const [isOpen, setOpen] = useState(false);
  useEffect(() => {
    const onKey = (event: globalThis.KeyboardEvent) => {
      if (event.key !== "/" || isTyping(event)) return;
      event.preventDefault();
      setOpen(true);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);
  return (
    <Dialog.Root open={isOpen} onOpenChange={setOpen}>
      <Dialog.Trigger
        className="inline-flex size-11 items-center justify-center rounded-md hover:bg-violet-wash"
        aria-label="Find a wall, a station or a command"
        title="Find (/)"
      >
        <Search size={18} aria-hidden />
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/20" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-16 left-1/2 z-50 w-[min(34rem,94vw)] -translate-x-1/2 rounded-md border border-ink bg-card p-3"
        >
          <Dialog.Title className="sr-only">Find</Dialog.Title>
          <CommandList onDone={() => setOpen(false)} />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function CommandList({ onDone }: { onDone: () => void }) {
  const commands = useCommands();
  const [typed, setTyped] = useState("");
  const [chosen, setChosen] = useState(0);
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  const found = commands.filter(({ name }) => words.every((word) => name.toLowerCase().includes(word)));
  const index = Math.min(chosen, found.length - 1);
  const run = (command: Command | undefined) => {
    if (!command) return;
    onDone();
    command.run();
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === "ArrowDown") setChosen(Math.min(found.length - 1, index + 1));
    else if (event.key === "ArrowUp") setChosen(Math.max(0, index - 1));
    else if (event.key === "Enter") run(found[index]);
    else return;
    event.preventDefault();
  };
  return (
    <>
      <input
        autoFocus
        role="combobox"
        aria-label="What are you looking for"
        aria-expanded="true"
        aria-controls="found-commands"
        aria-activedescendant={found[index] ? `command-${index}` : undefined}
        className="min-h-11 w-full rounded-md border border-hairline bg-paper px-3 font-semibold"
        placeholder="A wall, a station, something to do"
        value={typed}
        onChange={(event) => {
          setTyped(event.target.value);
          setChosen(0);
        }}
        onKeyDown={onKeyDown}
      />
      <ul id="found-commands" role="listbox" aria-label="Found" className="max-h-[50vh] overflow-y-auto pt-2">
        {found.map((command, place) => (
          <li
            key={command.name}
            id={`command-${place}`}
            role="option"
            aria-selected={place === index}
            className={`flex min-h-11 cursor-pointer items-center rounded-md px-3 ${place === index ? "bg-violet-wash" : ""}`}
            onPointerEnter={() => setChosen(place)}
            onClick={() => run(command)}
          >
            {command.name}
          </li>
        ))}
      </ul>
      {found.length === 0 && <p className="px-3 py-3 text-soft">Nothing here is called that.</p>}
    </>
  );
}

function useCommands(): Command[] {
  const job = useJob();
  const store = useJobStore();
  const jobId = useJobState((state) => state.jobId);
  const { wallId } = useAddress();
  const router = useRouter();
  const { toggle } = useContrast();
  const go = (name: string, path: string): Command => ({ name, run: () => router.push(path) });
  const walls = [...job.walls].sort((a, b) => Number(b.id === wallId) - Number(a.id === wallId));
  return [
    ...walls.flatMap((wall) =>
      stations.map(({ slug, title }) =>
        go(`${wall.name ?? wall.id}: ${title}`, stationPath(jobId, wall.id, slug)),
      ),
    ),
    ...(wallId === null
      ? []
      : [
          go(
            "Print the setting-out sheet",
            `/print/${encodeURIComponent(jobId)}/${encodeURIComponent(wallId)}`,
          ),
        ]),
    go("Add a wall", `/jobs/${encodeURIComponent(jobId)}/add-wall`),
    { name: "Undo", run: () => store.temporal.getState().undo() },
    { name: "Redo", run: () => store.temporal.getState().redo() },
    {
      name: job.units === "imperial" ? "Show millimetres" : "Show feet and inches",
      run: () =>
        store
          .getState()
          .change((document) => ({ ...document, units: job.units === "imperial" ? "metric" : "imperial" })),
    },
    { name: "High contrast on or off", run: toggle },
    {
      name: "Export the job file",
      run: () => window.open(`/api/jobs/${encodeURIComponent(jobId)}/job?download`, "_self"),
    },
    go("All jobs", "/"),
  ];
}

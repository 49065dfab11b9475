"use client";

import { Search } from "lucide-react";
import { useEffect, useState, type ComponentType } from "react";
import { IconButton } from "@/ui/parts/IconButton";
import type { DialogProps } from "./CommandDialog";
import { isTyping } from "./isTyping";

/** The dialog comes once the page has its rest; it is not needed to see a wall. */
const restMs = 300;

/** Everything that can be gone to or done, found by typing a few letters of it. Opens with / */
export function CommandSearch() {
  const [isOpen, setOpen] = useState(false);
  const [Dialog, setDialog] = useState<ComponentType<DialogProps> | null>(null);
  useEffect(() => {
    const load = () => import("./CommandDialog").then(({ CommandDialog }) => setDialog(() => CommandDialog));
    const timer = setTimeout(() => void load(), restMs);
    const onKey = (event: globalThis.KeyboardEvent) => {
      if (event.key !== "/" || isTyping(event)) return;
      event.preventDefault();
      setOpen(true);
    };
    window.addEventListener("keydown", onKey);
    return () => {
      clearTimeout(timer);
      window.removeEventListener("keydown", onKey);
    };
  }, []);
  const { meanwhile, forget } = useTypedMeanwhile(isOpen && !Dialog);
  const close = () => {
    setOpen(false);
    forget();
  };
  return (
    <>
      <IconButton label="Find a wall, a station or a command" hint="/" onClick={() => setOpen(true)}>
        <Search size={18} aria-hidden />
      </IconButton>
      {isOpen && Dialog && <Dialog {...meanwhile} onClose={close} />}
    </>
  );
}

const nothingYet = { typedFirst: "", isEntered: false };

/** What is typed while the dialog is still on its way: not a letter of it may be lost, nor mean something else. */
function useTypedMeanwhile(isWaiting: boolean) {
  const [meanwhile, setMeanwhile] = useState(nothingYet);
  useEffect(() => {
    if (!isWaiting) return;
    const onKey = (event: globalThis.KeyboardEvent) => {
      const isLetter = event.key.length === 1 && !event.ctrlKey && !event.metaKey;
      if (!isLetter && event.key !== "Enter") return;
      event.preventDefault();
      event.stopImmediatePropagation();
      setMeanwhile(({ typedFirst, isEntered }) =>
        isLetter ? { typedFirst: typedFirst + event.key, isEntered } : { typedFirst, isEntered: true },
      );
    };
    window.addEventListener("keydown", onKey, { capture: true });
    return () => window.removeEventListener("keydown", onKey, { capture: true });
  }, [isWaiting]);
  return { meanwhile, forget: () => setMeanwhile(nothingYet) };
}

"use client";

import { Search } from "lucide-react";
import { useEffect, useState, type ComponentType } from "react";
import { IconButton } from "@/ui/parts/IconButton";
import { isTyping } from "./isTyping";

/** The dialog comes once the page has its rest, so that not a letter is lost when it is asked for. */
const restMs = 300;

/** Everything that can be gone to or done, found by typing a few letters of it. Opens with / */
export function CommandSearch() {
  const [isOpen, setOpen] = useState(false);
  const [Dialog, setDialog] = useState<ComponentType<{ onClose: () => void }> | null>(null);
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
  return (
    <>
      <IconButton label="Find a wall, a station or a command" hint="/" onClick={() => setOpen(true)}>
        <Search size={18} aria-hidden />
      </IconButton>
      {isOpen && Dialog && <Dialog onClose={() => setOpen(false)} />}
    </>
  );
}

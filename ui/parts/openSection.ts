import { focusOn } from "./FocusKept";
import { useFolds } from "./useFolds";

/** Unfolds a section of the card, brings it into sight, and goes on there by the keyboard. */
export function openSection(name: string): void {
  useFolds.getState().setOpen(name, true);
  requestAnimationFrame(() => {
    const section = document.getElementById(name);
    section?.scrollIntoView();
    focusOn(section?.querySelector("button") ?? null);
  });
}

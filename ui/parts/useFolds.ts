import { create } from "zustand";
import { persist } from "zustand/middleware";
import { keptLocally } from "./keptLocally";

interface Folds {
  /** Sections that were opened or folded, by their names; what is not there is as it comes. */
  readonly open: Readonly<Record<string, boolean>>;
  setOpen(section: string, isOpen: boolean): void;
}

/** Which sections of the cards stand open: kept in this browser. */
export const useFolds = create<Folds>()(
  persist(
    (set) => ({
      open: {},
      setOpen: (section, isOpen) => set(({ open }) => ({ open: { ...open, [section]: isOpen } })),
    }),
    { name: "jacaranda folds", ...keptLocally },
  ),
);

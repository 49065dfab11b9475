import { create } from "zustand";
import { createJSONStorage, persist } from "zustand/middleware";
import { dropLocal, readLocal, writeLocal } from "@/ui/job/localKept";

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
    // What is kept is taken up after the first paint: the server knows nothing of it.
    {
      name: "jacaranda folds",
      skipHydration: true,
      storage: createJSONStorage(() => ({
        getItem: readLocal,
        setItem: (name, text) => void writeLocal(name, text),
        removeItem: dropLocal,
      })),
    },
  ),
);

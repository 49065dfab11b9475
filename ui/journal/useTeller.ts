"use client";

import { create } from "zustand";
import { readLocal, writeLocal } from "@/ui/job/localKept";

const nameKey = "jacaranda name";
const nobody = "Painter";

interface Teller {
  /** By what name this browser's painter tells what happened. */
  readonly name: string;
  setName(name: string): void;
  /** Takes up what this browser keeps, once a page listens. */
  rehydrate(): void;
}

export const useTeller = create<Teller>((set) => ({
  name: nobody,
  setName(typed) {
    const name = typed.trim() || nobody;
    writeLocal(nameKey, name);
    set({ name });
  },
  rehydrate: () => set({ name: readLocal(nameKey) ?? nobody }),
}));

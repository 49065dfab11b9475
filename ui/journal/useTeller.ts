"use client";

import { create } from "zustand";
import { readLocal, writeLocal } from "@/ui/job/localKept";

const nameKey = "jacaranda name";
const nobody = "Painter";

interface Teller {
  /** By what name this browser's painter tells what happened. */
  readonly name: string;
  setName(name: string): void;
}

export const useTeller = create<Teller>((set) => ({
  // It comes with what is told, on pages that listen already.
  name: readLocal(nameKey) ?? nobody,
  setName(typed) {
    const name = typed.trim() || nobody;
    writeLocal(nameKey, name);
    set({ name });
  },
}));

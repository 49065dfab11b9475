import { createJSONStorage } from "zustand/middleware";
import { dropLocal, readLocal, writeLocal } from "@/ui/job/localKept";

/** Kept in this browser, where it lets one; taken up after the first paint, since the server knows nothing of it. */
export const keptLocally = {
  skipHydration: true,
  storage: createJSONStorage(() => ({
    getItem: readLocal,
    setItem: (name: string, text: string) => void writeLocal(name, text),
    removeItem: dropLocal,
  })),
};

"use client";

import { useCallback, useEffect } from "react";
import { readLocal, writeLocal } from "@/ui/job/localKept";

const key = "jacaranda contrast";

/** As usual, for a sunlit room, and for the evening. */
const looks = ["", "high", "dim"];

/** The look of the screen for the light that it is read in, kept in this browser. */
export function useContrast() {
  useEffect(() => {
    document.documentElement.dataset.contrast = readLocal(key) ?? "";
  }, []);
  const toggle = useCallback(() => {
    const now = looks.indexOf(document.documentElement.dataset.contrast ?? "");
    const next = looks[(now + 1) % looks.length]!;
    document.documentElement.dataset.contrast = next;
    writeLocal(key, next);
  }, []);
  return { toggle };
}

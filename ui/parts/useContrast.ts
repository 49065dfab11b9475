"use client";

import { useCallback, useEffect } from "react";
import { readLocal, writeLocal } from "@/ui/job/localKept";

const key = "jacaranda contrast";

/** The high-contrast look, kept in this browser. */
export function useContrast() {
  useEffect(() => {
    document.documentElement.dataset.contrast = readLocal(key) ?? "";
  }, []);
  const toggle = useCallback(() => {
    const next = document.documentElement.dataset.contrast === "high" ? "" : "high";
    document.documentElement.dataset.contrast = next;
    writeLocal(key, next);
  }, []);
  return { toggle };
}

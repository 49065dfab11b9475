"use client";

import { useCallback, useEffect } from "react";

const key = "jacaranda contrast";

/** The high-contrast look, kept in this browser. */
export function useContrast() {
  useEffect(() => {
    document.documentElement.dataset.contrast = window.localStorage.getItem(key) ?? "";
  }, []);
  const toggle = useCallback(() => {
    const next = document.documentElement.dataset.contrast === "high" ? "" : "high";
    document.documentElement.dataset.contrast = next;
    window.localStorage.setItem(key, next);
  }, []);
  return { toggle };
}

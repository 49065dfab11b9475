"use client";

import { useEffect } from "react";

/**
 * Marks the document as listening once the page has been taken hold of: its effects have run, the window's own keys with
 * them, and nothing more urgent is left to do. Stands last on the page; tests wait for the mark before they type.
 */
export function Listening() {
  useEffect(() => {
    const mark = () => void document.documentElement.toggleAttribute("data-listening", true);
    // Not every browser tells when it is idle.
    if (!("requestIdleCallback" in window)) return mark();
    const asked = requestIdleCallback(mark);
    return () => cancelIdleCallback(asked);
  }, []);
  return null;
}

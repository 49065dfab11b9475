"use client";

import { useEffect, useState } from "react";

const tickMs = 5000;

/** The moment by this device's clock, every few seconds; right again at once when the page comes back from sleep. */
export function useTicking(): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const tick = () => setNow(Date.now());
    const timer = setInterval(tick, tickMs);
    document.addEventListener("visibilitychange", tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener("visibilitychange", tick);
    };
  }, []);
  return now;
}

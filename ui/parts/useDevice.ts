"use client";

import { useEffect, useRef, useState } from "react";

/** Work with an outside device: whether it is under way, what went wrong, and a way to stop it. */
export function useDevice() {
  const [isBusy, setBusy] = useState(false);
  const [word, setWord] = useState<string | null>(null);
  const running = useRef<AbortController | null>(null);
  useEffect(() => () => running.current?.abort(), []);
  const run = async (work: (signal: AbortSignal) => Promise<string | null>) => {
    running.current?.abort();
    const controller = new AbortController();
    running.current = controller;
    setBusy(true);
    setWord(null);
    try {
      const answer = await work(controller.signal);
      if (running.current === controller) setWord(answer);
    } catch (error) {
      if (running.current === controller) setWord(error instanceof Error ? error.message : String(error));
    } finally {
      if (running.current === controller) setBusy(false);
    }
  };
  return { isBusy, word, run, stop: () => running.current?.abort() };
}

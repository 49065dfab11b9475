import { useEffect, useMemo, useRef, useState } from "react";
import type { Spot } from "@/core/colour/readSpots";
import { asPaint } from "@/core/colour/underLamp";
import { createSimulatedReader } from "@/devices/reader/simulatedReader";

/** So many spots are read of one surface. */
export const spotsRead = 5;

/** Reads spots of a surface one after the other, until all are read or it is stopped. */
export function useReader(seed: string, hex: string, isDyed: boolean) {
  const [spots, setSpots] = useState<readonly Spot[]>([]);
  const [word, setWord] = useState("");
  const [isReading, setReading] = useState(false);
  const under = useRef<AbortController | null>(null);
  const reader = useMemo(() => {
    const { day, lamp } = asPaint(hex);
    return createSimulatedReader({ seed, surface: { ...day, lamp }, isDyed });
  }, [seed, hex, isDyed]);
  // What was read is of what it was held to then, and nobody waits for a part that is gone.
  useEffect(
    () => () => {
      under.current?.abort();
      setSpots([]);
      setWord("");
    },
    [reader],
  );
  const read = async () => {
    const { signal } = (under.current = new AbortController());
    setReading(true);
    setSpots([]);
    setWord("");
    for (let count = 0; count < spotsRead && !signal.aborted; count++)
      try {
        const spot = await reader.read(signal);
        setSpots((before) => [...before, spot]);
      } catch (error) {
        setWord(signal.aborted ? "Stopped." : (error as Error).message);
      }
    setReading(false);
  };
  return { name: reader.name, spots, word, isReading, read, stop: () => under.current?.abort() };
}

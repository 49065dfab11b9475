"use client";

import dynamic from "next/dynamic";
import { useCallback, useEffect, useState } from "react";
import { readLocal, writeLocal } from "@/ui/job/localKept";

const Tour = dynamic(() =>
  import("./Tour").then(
    ({ Tour }) => Tour,
    () => () => null,
  ),
);

const key = "jacaranda tour";
const asked = "jacaranda-tour";

/** Asks for the tour once more, from wherever one is. */
export const askForTour = (): void => void window.dispatchEvent(new Event(asked));

/** The tour, at the first job that is opened in this browser and not again unless it is asked for. */
export function TourOnce() {
  const [isOn, setOn] = useState(false);
  useEffect(() => {
    const start = () => setOn(true);
    if (readLocal(key) === null) start();
    window.addEventListener(asked, start);
    return () => window.removeEventListener(asked, start);
  }, []);
  const leave = useCallback(() => {
    writeLocal(key, "left");
    setOn(false);
  }, []);
  return isOn && <Tour onLeave={leave} />;
}

"use client";

import { useEffect, useState } from "react";
import { Button } from "@/ui/parts/Button";

interface Stop {
  readonly title: string;
  readonly say: string;
  /** What is spoken of. */
  readonly shows: string;
}

const stops: readonly Stop[] = [
  {
    title: "The wall is the page",
    say: "It is drawn to scale between two tape measures, and stays while you go from one station to the next. What you change shows on it at once.",
    shows: "#wall",
  },
  {
    title: "The folding rule",
    say: "The stations in working order, from the first reading to the last coat. Keys 1 to 7 go there. Each says whether it is done, or what is still to decide.",
    shows: "nav[aria-label=Stations]",
  },
  {
    title: "The card",
    say: "What there is to decide at a station. A finding says what is wrong and why, and has its cure as a button.",
    shows: "#card",
  },
  {
    title: "The ledger",
    say: "What it all comes to: paint, tape, days, money. After each change it shows the difference.",
    shows: "footer",
  },
  {
    title: "The job line",
    say: "All walls in a row, the way back from every change, and / finds any wall, station or thing to do. It saves by itself.",
    shows: "header",
  },
];

/** Five stops around the screen; nothing is held up by it, and it can be left at each. */
export function Tour({ onLeave }: { onLeave: () => void }) {
  const [at, setAt] = useState(0);
  const { title, say, shows } = stops[at]!;
  const isLast = at === stops.length - 1;
  const box = useBoxOf(shows);
  useEffect(() => {
    const onKey = ({ key }: KeyboardEvent) => key === "Escape" && onLeave();
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [onLeave]);
  return (
    <>
      {box && (
        <div
          aria-hidden
          className="pointer-events-none fixed z-40 rounded-md border-3 border-violet"
          style={{ left: box.x, top: box.y, width: box.width, height: box.height }}
        />
      )}
      <aside
        aria-label="Tour"
        className={`fixed z-40 w-[min(24rem,92vw)] rounded-md border border-ink bg-card p-4 max-md:left-1/2 max-md:-translate-x-1/2 ${shows === "#wall" ? "bottom-24 md:right-4" : "bottom-32 max-md:bottom-1/2 md:left-40"}`}
      >
        <p className="text-sm text-soft">{`${at + 1} of ${stops.length}`}</p>
        <h2 className="text-lg font-bold">{title}</h2>
        <p aria-live="polite" className="pt-1 pb-3">
          {say}
        </p>
        <div className="flex justify-between gap-3">
          <Button look="quiet" className="-ml-3" onClick={onLeave}>
            {isLast ? "Close" : "Leave the tour"}
          </Button>
          <Button look="primary" onClick={() => (isLast ? onLeave() : setAt(at + 1))}>
            {isLast ? "To work" : "Next"}
          </Button>
        </div>
      </aside>
    </>
  );
}

/** Where something stands on the screen, as long as it is looked at. */
function useBoxOf(selector: string): DOMRect | null {
  const [box, setBox] = useState<DOMRect | null>(null);
  useEffect(() => {
    const element = document.querySelector(selector);
    const measure = () => setBox(element?.getBoundingClientRect() ?? null);
    measure();
    if (!element) return;
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    window.addEventListener("resize", measure);
    return () => {
      observer.disconnect();
      window.removeEventListener("resize", measure);
    };
  }, [selector]);
  return box;
}

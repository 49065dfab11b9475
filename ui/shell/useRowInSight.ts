"use client";

import { useCallback, useEffect, useLayoutEffect, useRef, useState } from "react";

/** How many things of a row are out of sight on its two sides. */
interface OutOfSight {
  readonly left: number;
  readonly right: number;
}

/** A row wider than its place: what is open in it is brought into sight whenever `here` changes, and what is not is counted. */
export function useRowInSight(here: string) {
  const row = useRef<HTMLElement>(null);
  const [out, setOut] = useState<OutOfSight>({ left: 0, right: 0 });
  const count = useCallback(() => {
    const around = row.current;
    if (!around) return;
    const { left, right } = around.getBoundingClientRect();
    const boxes = [...around.querySelectorAll("[data-in-row]")].map((thing) => thing.getBoundingClientRect());
    const next = {
      left: boxes.filter((box) => (box.left + box.right) / 2 < left).length,
      right: boxes.filter((box) => (box.left + box.right) / 2 > right).length,
    };
    setOut((known) => (known.left === next.left && known.right === next.right ? known : next));
  }, []);
  useLayoutEffect(() => {
    const around = row.current;
    const open = around?.querySelector<HTMLElement>("[aria-current]");
    if (around && open) {
      const [own, its] = [around.getBoundingClientRect(), open.getBoundingClientRect()];
      around.scrollLeft += (its.left + its.right) / 2 - (own.left + own.right) / 2;
    }
    count();
  }, [here, count]);
  useEffect(() => {
    const around = row.current;
    if (!around) return;
    const watch = new ResizeObserver(count);
    watch.observe(around);
    around.addEventListener("scroll", count, { passive: true });
    return () => {
      watch.disconnect();
      around.removeEventListener("scroll", count);
    };
  }, [count]);
  const goOn = (way: 1 | -1) =>
    row.current?.scrollBy({ left: way * 0.8 * row.current.clientWidth, behavior: "smooth" });
  return { row, out, goOn };
}

"use client";

import { ChevronDown } from "lucide-react";
import { lazy, Suspense, useEffect, useId, useState } from "react";
import { Chosen, triggerOf, type SelectProps } from "./selectLook";

const fetchOpened = () => import("./OpenedList");
const OpenedList = lazy(() => fetchOpened().then(({ OpenedList }) => ({ default: OpenedList })));

/** After a page has come, ms. */
const fetchedAfterMs = 2000;

/**
 * A list to open and choose one of. What opens it comes when it is first asked for, or once the page has: by then the connection may
 * be gone.
 */
export function SelectList(props: SelectProps) {
  const [isAsked, setAsked] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => void fetchOpened().catch(() => undefined), fetchedAfterMs);
    return () => clearTimeout(timer);
  }, []);
  const list = useId();
  const closed = (
    <button
      {...triggerOf(props)}
      type="button"
      role="combobox"
      aria-haspopup="listbox"
      aria-expanded={false}
      aria-controls={list}
      onClick={() => setAsked(true)}
      onKeyDown={(event) => {
        if (event.key !== "ArrowDown" && event.key !== "ArrowUp") return;
        event.preventDefault();
        setAsked(true);
      }}
    >
      <Chosen item={props.items[props.chosen]} />
      <ChevronDown size={16} aria-hidden className="shrink-0 text-soft" />
    </button>
  );
  return isAsked ? (
    <Suspense fallback={closed}>
      <OpenedList {...props} />
    </Suspense>
  ) : (
    closed
  );
}

"use client";

import { ChevronDown } from "lucide-react";
import { lazy, Suspense, useId, useState } from "react";
import { Chosen, triggerOf, type SelectProps } from "./selectLook";

const OpenedList = lazy(() => import("./OpenedList").then(({ OpenedList }) => ({ default: OpenedList })));

/** A list to open and choose one of. What opens it is loaded when it is first asked for: most lists of a card never are. */
export function SelectList(props: SelectProps) {
  const [isAsked, setAsked] = useState(false);
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

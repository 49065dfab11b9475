"use client";

import {
  useEffect,
  useId,
  useImperativeHandle,
  useLayoutEffect,
  useRef,
  useState,
  type ReactNode,
  type Ref,
} from "react";
import { keepTyping, takeTyping, typingName } from "./keptTyping";
import { Measure } from "./Measure";

interface Props {
  readonly label: string;
  /** What stands in the field while nothing is being typed. */
  readonly shown: string;
  /** Takes what was typed; answers what is wrong with it, or null. */
  readonly onEntry: (typed: string) => string | null;
  /** Beside the label, from what is being typed (null: nothing is). */
  readonly aside?: (typed: string | null) => ReactNode;
  readonly unit?: string;
  /** What it is for, under the field. */
  readonly hint?: string;
  readonly inputMode?: "text" | "decimal";
  /** A cell of a table: its label is for those who listen, and what was understood shows while typing. */
  readonly isCell?: boolean;
  /** What the form that it is part of finds wrong with it. */
  readonly refused?: string;
  /** It has the focus as it appears: what one comes for is to write here. */
  readonly isFirst?: boolean;
  readonly onFocus?: () => void;
  readonly inputRef?: Ref<HTMLInputElement>;
}

/**
 * A field that is taken when it is left or Enter is pressed. A wrong entry is explained underneath and stays as
 * typed; Escape brings back what was there.
 */
export function EntryField({
  label,
  shown,
  onEntry,
  aside,
  unit,
  hint,
  inputMode = "text",
  isCell = false,
  refused,
  isFirst = false,
  onFocus,
  inputRef,
}: Props) {
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const problem = wrong ?? (typed === null ? (refused ?? null) : null);
  const commit = () => {
    if (typed === null || (typed === shown && wrong === null)) return setTyped(null);
    const answer = onEntry(typed);
    setWrong(answer);
    if (answer === null) setTyped(null);
  };
  useEnteredOnTheWayOut(label, typed === shown ? null : typed, onEntry);
  // What was typed before the page listened stands in the field, and is taken as typed.
  const input = useRef<HTMLInputElement>(null);
  useImperativeHandle(inputRef, () => input.current!, []);
  const shownFirst = useRef(shown);
  const labelFirst = useRef(label);
  useEffect(() => {
    const early = input.current!.value;
    if (early !== shownFirst.current) return setTyped(early);
    // What was not understood when the page was left stands there again.
    const kept = takeTyping(typingName(labelFirst.current));
    if (kept === null) return;
    setTyped(kept);
    setWrong("This was typed before and not taken.");
  }, []);
  const restore = () => {
    setTyped(null);
    setWrong(null);
  };
  return (
    <div className="min-w-0">
      <div className={isCell ? "sr-only" : "flex items-baseline justify-between gap-2 pb-1"}>
        <label htmlFor={id} className="small-caps-label">
          {label}
        </label>
        {!isCell && aside?.(typed)}
      </div>
      <div
        className={`flex min-h-11 items-center rounded-md border bg-paper ${isCell ? "px-1.5" : "px-3"} focus-within:ring-2 focus-within:ring-violet/40 ${problem ? "border-brick" : "border-hairline focus-within:border-violet"}`}
      >
        <input
          id={id}
          className="w-full min-w-0 bg-transparent py-2 font-semibold outline-none"
          value={typed ?? shown}
          inputMode={inputMode}
          autoComplete="off"
          autoFocus={isFirst}
          ref={input}
          onFocus={onFocus}
          aria-invalid={problem !== null}
          aria-describedby={[`${id}-note`, unit && `${id}-unit`, hint && `${id}-hint`]
            .filter(Boolean)
            .join(" ")}
          onChange={(event) => {
            setTyped(event.target.value);
            setWrong(null);
          }}
          onBlur={commit}
          onKeyDown={(event) => {
            if (event.key === "Enter") commit();
            if (event.key === "Escape") restore();
          }}
        />
        {unit && (
          <span id={`${id}-unit`} className="pl-2 text-sm text-soft">
            <Measure>{unit}</Measure>
          </span>
        )}
      </div>
      {/* Told as it comes; as long as nothing is wrong nobody listens to it. */}
      <p
        id={`${id}-note`}
        className="pt-1 text-sm text-brick empty:hidden"
        role={problem === null ? undefined : "alert"}
      >
        {problem}
      </p>
      {hint && problem === null && (
        <p id={`${id}-hint`} className="pt-1 text-sm text-soft">
          {hint}
        </p>
      )}
      {isCell && typed !== null && <div className="pt-0.5 text-right">{aside?.(typed)}</div>}
    </div>
  );
}

/**
 * What is typed and not yet entered is entered when the page is left, in whatever way, or the field goes; what is not
 * understood is kept, and stands in the field when it is there again.
 */
function useEnteredOnTheWayOut(label: string, typed: string | null, onEntry: Props["onEntry"]): void {
  const latest = useRef({ label, typed, onEntry });
  useLayoutEffect(() => {
    latest.current = { label, typed, onEntry };
  });
  useLayoutEffect(() => {
    const name = typingName(latest.current.label);
    const enter = () => {
      const { label, typed, onEntry } = latest.current;
      if (typed === null) return;
      latest.current = { label, onEntry, typed: null };
      if (onEntry(typed) !== null) keepTyping(name, typed);
    };
    // Before what asks whether anything would be lost; some browsers tell only the last.
    const events = ["beforeunload", "pagehide"] as const;
    for (const event of events) window.addEventListener(event, enter, { capture: true });
    return () => {
      for (const event of events) window.removeEventListener(event, enter, { capture: true });
      // While those that keep the job are still listening: layout effects end before others do.
      enter();
    };
  }, []);
}

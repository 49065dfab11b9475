"use client";

import { lazy, Suspense, useEffect, useState } from "react";

const Hint = lazy(() => import("./Hint").then(({ Hint }) => ({ default: Hint })));

const delayMs = 350;

/**
 * One for the page: whatever carries a `data-hint` says what it is when the mouse rests on it, or it has the focus by the
 * keyboard. A hint of its own around every button would be made a hundred times and loaded before it is ever seen.
 */
export function Hints() {
  const [at, setAt] = useState<HTMLElement | null>(null);
  useEffect(() => listenForHints(setAt), []);
  return (
    at && (
      <Suspense>
        <Hint at={at} />
      </Suspense>
    )
  );
}

function listenForHints(show: (at: HTMLElement | null) => void): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const hide = () => {
    clearTimeout(timer);
    show(null);
  };
  const showSoon = (at: HTMLElement, inMs: number) => {
    clearTimeout(timer);
    timer = setTimeout(() => at.isConnected && show(at), inMs);
  };
  const hinted = ({ target }: Event) =>
    target instanceof Element ? target.closest<HTMLElement>("[data-hint]") : null;
  const listeners: [string, (event: Event) => void][] = [
    [
      "pointerover",
      (event) => {
        const at = (event as PointerEvent).pointerType === "mouse" ? hinted(event) : null;
        if (at) showSoon(at, delayMs);
        else hide();
      },
    ],
    [
      "focusin",
      (event) => {
        const at = hinted(event);
        if (at?.matches(":focus-visible")) showSoon(at, 0);
      },
    ],
    ["focusout", hide],
    ["pointerdown", hide],
    // What a key does may take away what the hint is about; where it leads, the focus brings the next.
    ["keydown", hide],
  ];
  for (const [name, listener] of listeners) document.addEventListener(name, listener);
  return () => {
    hide();
    for (const [name, listener] of listeners) document.removeEventListener(name, listener);
  };
}

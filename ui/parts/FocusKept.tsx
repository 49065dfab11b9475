"use client";

import { useEffect } from "react";

/**
 * Who works by keys never loses the place: where what has the focus goes away, or can no longer be used, the nearest thing
 * around it that is still there has the focus, and Tab goes on from there.
 */
export function FocusKept() {
  useEffect(() => {
    let path: Focusable[] = [];
    let waiting = 0;
    const onFocusIn = (event: FocusEvent) => {
      path = event.composedPath().filter(isFocusable);
    };
    // Who clicks beside everything means to have no focus.
    const onFocusOut = ({ target, relatedTarget }: FocusEvent) =>
      relatedTarget === null && queueMicrotask(() => isUsable(target) && (path = []));
    const land = () => {
      waiting = 0;
      const has = document.activeElement;
      if (path.length === 0 || isUsable(path[0]!) || (has !== null && has !== document.body)) return;
      const around = path.slice(1).find((element) => element.isConnected && !isPage(element));
      path = [];
      focusOn(around ?? document.getElementById("card") ?? document.querySelector("main"));
    };
    // Dialogs and menus give the focus back by themselves: they go first.
    const observer = new MutationObserver(() => {
      if (waiting === 0) waiting = requestAnimationFrame(() => requestAnimationFrame(land));
    });
    observer.observe(document.body, { childList: true, subtree: true, attributeFilter: ["disabled"] });
    document.addEventListener("focusin", onFocusIn);
    document.addEventListener("focusout", onFocusOut);
    return () => {
      observer.disconnect();
      cancelAnimationFrame(waiting);
      document.removeEventListener("focusin", onFocusIn);
      document.removeEventListener("focusout", onFocusOut);
    };
  }, []);
  return null;
}

/** Gives the focus to something that Tab does not stop at. */
export function focusOn(element: Focusable | null): void {
  if (!element) return;
  if (element.tabIndex < 0) element.tabIndex = -1;
  element.focus({ preventScroll: true });
}

/** On a wall handles and flags have the focus, too. */
type Focusable = HTMLElement | SVGElement;
const isFocusable = (target: EventTarget | null): target is Focusable =>
  target instanceof HTMLElement || target instanceof SVGElement;

const isUsable = (target: EventTarget | null): boolean =>
  isFocusable(target) && target.isConnected && !(target instanceof HTMLButtonElement && target.disabled);

const isPage = (element: Focusable): boolean =>
  element === document.body || element === document.documentElement;

"use client";

import { useCallback, useState } from "react";
import { focusOn } from "./FocusKept";

/** What opened a dialog has the focus again when that closes; the card, where nothing had it. */
export function useOpener(): (event: Event) => void {
  const [opener] = useState(() => document.activeElement);
  return useCallback(
    (event) => {
      event.preventDefault();
      const isThere = opener instanceof HTMLElement && opener.isConnected && opener !== document.body;
      focusOn(isThere ? opener : document.getElementById("card"));
    },
    [opener],
  );
}

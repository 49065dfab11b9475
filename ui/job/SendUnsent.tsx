"use client";

import { useEffect } from "react";
import { keepSending } from "./unsentSender";

/** On every page: what was left unsent goes out from wherever one is. */
export function SendUnsent() {
  useEffect(keepSending, []);
  return null;
}

"use client";

import { lazy, Suspense, type ComponentProps } from "react";
import type { NothingHere as Shown } from "./NothingHere";

const NothingHere = lazy(() => import("./NothingHere").then((module) => ({ default: module.NothingHere })));

/** Every page brings this along for the case that its address leads nowhere: what is said then comes when it does. */
export const NotThere = (props: ComponentProps<typeof Shown>) => (
  <Suspense>
    <NothingHere {...props} />
  </Suspense>
);

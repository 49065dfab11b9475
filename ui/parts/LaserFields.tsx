"use client";

import { createContext, useContext, useMemo, useState, type ReactNode } from "react";
import type { Aim } from "@/devices/laser/laserMeter";

/** The length field that the next reading goes to. */
export interface LaserField {
  readonly label: string;
  readonly aim: Aim;
  /** Takes a reading in mm; answers what is wrong with it, or null. */
  readonly fill: (mm: number) => string | null;
}

interface LaserFieldsState {
  readonly field: LaserField | null;
  readonly pointAt: (field: LaserField) => void;
}

const LaserContext = createContext<LaserFieldsState | null>(null);

/** Knows which length field was last in hand, so that a laser can fill it. */
export function LaserFields({ children }: { children: ReactNode }) {
  const [field, pointAt] = useState<LaserField | null>(null);
  const value = useMemo(() => ({ field, pointAt }), [field]);
  return <LaserContext value={value}>{children}</LaserContext>;
}

export const useLaserFields = (): LaserFieldsState | null => useContext(LaserContext);

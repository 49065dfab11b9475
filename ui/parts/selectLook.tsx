import type { ComponentProps, ReactNode } from "react";
import { Swatch } from "./Swatch";

interface Item {
  readonly label: string;
  /** A colour shown before it. */
  readonly swatch?: string | null;
}

export interface SelectProps {
  /** Its name where no label stands beside it. */
  readonly label?: string;
  readonly id?: string;
  readonly items: readonly Item[];
  /** Which of them is chosen; -1 for none. */
  readonly chosen: number;
  readonly onChoose: (index: number) => void;
  /** Without a border of its own, inside something that has one. */
  readonly isBare?: boolean;
}

/** How what opens it looks, open and closed. */
export const triggerOf = ({ label, id, isBare = false }: SelectProps): ComponentProps<"button"> => ({
  id,
  "aria-label": label,
  className: `flex min-h-11 items-center gap-2 rounded-md text-left font-semibold ${isBare ? "px-1.5" : "w-full border border-hairline bg-paper px-2.5 hover:border-violet"}`,
});

/** The one that is chosen, with its colour. */
export const Chosen = ({ item, children }: { item: Item | undefined; children?: ReactNode }) => (
  <span className="flex min-w-0 flex-1 items-center gap-2">
    <Swatch colour={item?.swatch} size={5} />
    <span className="min-w-0 py-1 leading-tight text-pretty break-words">{children ?? item?.label}</span>
  </span>
);

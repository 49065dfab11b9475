"use client";

import { Check, ChevronDown } from "lucide-react";
import { Select } from "radix-ui";
import { Swatch } from "./Swatch";

interface Item {
  readonly label: string;
  /** A colour shown before it. */
  readonly swatch?: string | null;
}

interface Props {
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

/** A list to open and choose one of. */
export function SelectList({ label, id, items, chosen, onChoose, isBare = false }: Props) {
  return (
    <Select.Root
      value={chosen === -1 ? "" : String(chosen)}
      onValueChange={(value) => value !== "" && onChoose(Number(value))}
    >
      <Select.Trigger
        id={id}
        aria-label={label}
        className={`flex min-h-11 items-center gap-2 rounded-md text-left font-semibold ${isBare ? "px-1.5" : "w-full border border-hairline bg-paper px-2.5 hover:border-violet"}`}
      >
        <span className="flex min-w-0 flex-1 items-center gap-2">
          <Swatch colour={items[chosen]?.swatch} size={5} />
          <span className="min-w-0 truncate">
            <Select.Value>{items[chosen]?.label}</Select.Value>
          </span>
        </span>
        <Select.Icon className="shrink-0 text-soft">
          <ChevronDown size={16} aria-hidden />
        </Select.Icon>
      </Select.Trigger>
      <Select.Portal>
        <Select.Content
          position="popper"
          sideOffset={4}
          collisionPadding={8}
          className="z-50 max-h-[min(24rem,var(--radix-select-content-available-height))] min-w-(--radix-select-trigger-width) overflow-hidden rounded-md border border-ink bg-card"
        >
          <Select.Viewport className="p-1">
            {items.map((item, index) => (
              <Select.Item
                key={index}
                value={String(index)}
                className="flex min-h-11 cursor-pointer items-center gap-2 rounded-md px-2.5 outline-none data-[highlighted]:bg-violet-wash data-[state=checked]:font-semibold"
              >
                <span className="flex size-4 shrink-0 items-center">
                  <Select.ItemIndicator>
                    <Check size={16} aria-hidden className="text-violet" />
                  </Select.ItemIndicator>
                </span>
                <Swatch colour={item.swatch} size={5} />
                <Select.ItemText>{item.label}</Select.ItemText>
              </Select.Item>
            ))}
          </Select.Viewport>
        </Select.Content>
      </Select.Portal>
    </Select.Root>
  );
}

"use client";

import { Check, ChevronDown } from "lucide-react";
import { Select } from "radix-ui";
import { Chosen, triggerOf, type SelectProps } from "./selectLook";
import { Swatch } from "./Swatch";

/** A list that has been asked for: open at first, then opened and closed by itself. */
export function OpenedList(props: SelectProps) {
  const { items, chosen, onChoose } = props;
  return (
    <Select.Root
      defaultOpen
      value={chosen === -1 ? "" : String(chosen)}
      onValueChange={(value) => value !== "" && onChoose(Number(value))}
    >
      <Select.Trigger {...triggerOf(props)}>
        <Chosen item={items[chosen]}>
          <Select.Value>{items[chosen]?.label}</Select.Value>
        </Chosen>
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

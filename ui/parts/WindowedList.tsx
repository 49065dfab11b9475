"use client";

import { useVirtualizer } from "@tanstack/react-virtual";
import { useRef, type ReactNode } from "react";

/** Longer lists are windowed: only what is in sight is drawn. */
const mostDrawn = 60;
const windowRem = 32;

interface Props<Item> {
  /** What it is called where it scrolls by itself. */
  readonly name: string;
  readonly items: readonly Item[];
  readonly keyOf: (item: Item) => string;
  readonly show: (item: Item) => ReactNode;
  /** About how high one is, px. */
  readonly height: number;
  readonly className?: string;
}

/** An ordered list whose entries are as high as they are; a long one scrolls in a window of its own. */
export function WindowedList<Item>(props: Props<Item>) {
  const { items, keyOf, show, className } = props;
  if (items.length > mostDrawn) return <LongList {...props} />;
  return (
    <ol className={className}>
      {items.map((item) => (
        <li key={keyOf(item)}>{show(item)}</li>
      ))}
    </ol>
  );
}

function LongList<Item>({ name, items, keyOf, show, height, className }: Props<Item>) {
  const scroller = useRef<HTMLDivElement>(null);
  const virtual = useVirtualizer({
    count: items.length,
    getScrollElement: () => scroller.current,
    getItemKey: (index) => keyOf(items[index]!),
    estimateSize: () => height,
    overscan: 6,
    initialRect: { width: 300, height: windowRem * 16 },
  });
  const shown = virtual.getVirtualItems();
  return (
    <div
      ref={scroller}
      tabIndex={0}
      role="region"
      aria-label={`${name}, to be scrolled`}
      className="overflow-y-auto"
      style={{ maxHeight: `${windowRem}rem` }}
    >
      <ol className={className} style={{ height: virtual.getTotalSize() }}>
        <li aria-hidden="true" style={{ height: shown[0]?.start ?? 0 }} />
        {shown.map(({ key, index }) => (
          <li
            key={String(key)}
            ref={virtual.measureElement}
            data-index={index}
            aria-posinset={index + 1}
            aria-setsize={items.length}
          >
            {show(items[index]!)}
          </li>
        ))}
      </ol>
    </div>
  );
}

"use client";

import { RadioGroup } from "radix-ui";
import { useId } from "react";
import { SelectList } from "./SelectList";

interface Option {
  readonly label: string;
  readonly selected: boolean;
  /** A colour shown before it in a list. */
  readonly swatch?: string | null;
}

interface Props<Item extends Option> {
  readonly label: string;
  readonly options: readonly Item[];
  readonly onChoose: (option: Item) => void;
}

const mostSegments = 2;

/** One of a few: side by side while they fit, else a list to open. */
export function Choice<Item extends Option>(props: Props<Item>) {
  return props.options.length > mostSegments ? <List {...props} /> : <Segments {...props} />;
}

/** Arrow keys choose, as in any list of which one is taken. */
function Segments<Item extends Option>({ label, options, onChoose }: Props<Item>) {
  const id = useId();
  const chosen = options.findIndex(({ selected }) => selected);
  return (
    <div className="min-w-0">
      <span id={id} className="small-caps-label block pb-1">
        {label}
      </span>
      <RadioGroup.Root
        aria-labelledby={id}
        orientation="horizontal"
        value={String(chosen)}
        onValueChange={(value) => onChoose(options[Number(value)]!)}
        className="flex overflow-hidden rounded-md border border-hairline bg-paper"
      >
        {options.map((option, index) => (
          <RadioGroup.Item
            key={option.label}
            value={String(index)}
            className={`min-h-11 flex-1 px-2 text-[0.9375rem] outline-offset-[-3px] ${option.selected ? "bg-ink font-semibold text-paper" : "hover:bg-violet-wash"}`}
          >
            {option.label}
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
    </div>
  );
}

function List<Item extends Option>({ label, options, onChoose }: Props<Item>) {
  const id = useId();
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="small-caps-label block pb-1">
        {label}
      </label>
      <SelectList
        id={id}
        items={options}
        chosen={options.findIndex(({ selected }) => selected)}
        onChoose={(index) => onChoose(options[index]!)}
      />
    </div>
  );
}

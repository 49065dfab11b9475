"use client";

import { useId } from "react";

interface Option {
  readonly label: string;
  readonly selected: boolean;
}

interface Props<Item extends Option> {
  readonly label: string;
  readonly options: readonly Item[];
  readonly onChoose: (option: Item) => void;
}

const mostSegments = 2;

/** One of a few: side by side while they fit, else a list to open. */
export function Choice<Item extends Option>({ label, options, onChoose }: Props<Item>) {
  const id = useId();
  if (options.length > mostSegments) {
    return (
      <div className="min-w-0">
        <label htmlFor={id} className="small-caps-label block pb-1">
          {label}
        </label>
        <select
          id={id}
          className="min-h-11 w-full rounded-md border border-hairline bg-paper px-2.5 font-semibold"
          value={options.findIndex((option) => option.selected)}
          onChange={(event) => onChoose(options[Number(event.target.value)]!)}
        >
          {options.map((option, index) => (
            <option key={option.label} value={index}>
              {option.label}
            </option>
          ))}
        </select>
      </div>
    );
  }
  return (
    <fieldset className="min-w-0">
      <legend className="small-caps-label pb-1">{label}</legend>
      <div className="flex overflow-hidden rounded-md border border-hairline bg-paper">
        {options.map((option) => (
          <button
            key={option.label}
            type="button"
            aria-pressed={option.selected}
            className={`min-h-11 flex-1 px-2 text-[0.9375rem] ${option.selected ? "bg-ink font-semibold text-paper" : "hover:bg-violet-wash"}`}
            onClick={() => onChoose(option)}
          >
            {option.label}
          </button>
        ))}
      </div>
    </fieldset>
  );
}

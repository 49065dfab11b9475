import type { Speech } from "./speech";

/** What an offered way to lay out a finish is called; spoken by `offerTitles`. */
export type OfferTitle =
  | {
      readonly code: "grid";
      readonly columns: number;
      readonly rows: number;
      readonly width: number;
      readonly height: number;
    }
  | { readonly code: "field-start"; readonly name: string }
  | { readonly code: "print-order"; readonly by: "overlay" | "repeat" }
  | { readonly code: "paper-start"; readonly name: string; readonly rolls: number }
  | { readonly code: "courses"; readonly count: number; readonly bed: number }
  | { readonly code: "arch-bands"; readonly count: number; readonly width: number; readonly gap: number }
  | {
      readonly code: "band-at";
      readonly edge: "lower" | "upper" | "middle";
      readonly at: number;
      readonly thing: string;
    };

/** What an offer is called. */
export function describeOfferTitle(title: OfferTitle, { length }: Speech): string {
  switch (title.code) {
    case "grid":
      return `${title.columns} x ${title.rows}, each ${length(title.width)} by ${length(title.height)}`;
    case "field-start":
      return `${title.name[0]!.toUpperCase()}${title.name.slice(1)}`;
    case "print-order":
      return title.by === "overlay" ? "Overlay by overlay" : "Repeat by repeat";
    case "paper-start":
      return `${title.name}, ${title.rolls} ${title.rolls === 1 ? "roll" : "rolls"}`;
    case "courses":
      return `${title.count} ${title.count === 1 ? "course" : "courses"}, beds of ${length(title.bed)}`;
    case "arch-bands":
      return `${title.count} ${title.count === 1 ? "band" : "bands"} of ${length(title.width)}${title.count > 1 ? `, gaps of ${length(title.gap)}` : ""}`;
    case "band-at": {
      const edge = { lower: "Lower edge", upper: "Upper edge", middle: "Middle" }[title.edge];
      return `${edge} at ${title.thing}, ${length(title.at)}`;
    }
    default:
      return title satisfies never;
  }
}

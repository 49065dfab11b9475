import { z } from "zod";
import type { Speech } from "../findings/speech";
import { sealerTubeMl } from "../trade/constants";
import type { Sundry } from "./countSundries";

/** Everything that is bought beside paint. */
export const sundryItems = [
  "tape-18",
  "tape-24",
  "tape-36",
  "tape-48",
  "tape-flexible",
  "sealer-clear",
  "sealer-white",
  "brush",
  "roller-100",
  "roller-230",
  "liner",
  "dust-sheet",
  "film",
  "filler",
  "paper",
  "dust-mask",
  "sugar-soap",
] as const;
export type SundryItem = (typeof sundryItems)[number];

/** What one costs, and how many are at hand; by the item. */
export const suppliesSchema = z.partialRecord(
  z.enum(sundryItems),
  z.strictObject({
    price: z.number().min(0).max(1e6).optional(),
    onHand: z.int().min(0).max(10_000).default(0),
  }),
);
export type Supplies = z.infer<typeof suppliesSchema>;

export const sundryNames: Record<SundryItem, string> = {
  "tape-18": "Tape, 18 mm",
  "tape-24": "Tape, 24 mm",
  "tape-36": "Tape, 36 mm",
  "tape-48": "Tape, 48 mm",
  "tape-flexible": "Flexible tape, narrow",
  "sealer-clear": "Sealer, clear",
  "sealer-white": "Sealer, white",
  brush: "Brush, 60 mm",
  "roller-100": "Roller sleeve, 100 mm",
  "roller-230": "Roller sleeve, 230 mm",
  liner: "Tray liner",
  "dust-sheet": "Dust sheet, 3.6 m",
  film: "Masking film",
  filler: "Filler",
  paper: "Fine paper",
  "dust-mask": "Dust mask",
  "sugar-soap": "Sugar soap",
};

/** What an amount of a sundry was counted from. */
export function describeSundry({ item, from }: Sundry, speech: Speech): string {
  if (item === "tape-flexible") return `${speech.run(from)} along curves, under the usual tape`;
  if (item.startsWith("tape-")) return `${speech.run(from)} with laps and tails, cut from rolls of 41 m`;
  switch (item) {
    case "sealer-clear":
    case "sealer-white":
      return `${speech.volume(from)} of film along edges, tubes of ${speech.volume(sealerTubeMl)}`;
    case "brush":
      return "one a colour, for cutting in";
    case "roller-100":
      return "one a colour, up to 3 m2 at a time";
    case "roller-230":
      return "one a colour, over 3 m2 at a time";
    case "liner":
      return "one a colour and round";
    case "dust-sheet":
      return `along ${speech.run(from)} of wall`;
    case "film":
      return `for ${speech.area(from)} of openings and what stays on the wall`;
    case "sugar-soap":
      return `to wash ${speech.area(from)}`;
    default:
      return from === 1 ? "for one place that is filled" : `for ${from} places that are filled`;
  }
}

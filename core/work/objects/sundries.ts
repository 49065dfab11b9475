import type { SundryKind } from "../contribution";
import { cardM2 } from "./care";

/** What things on a table use up. */
export const objectSundries = {
  card: {
    name: { metric: "Card, 700 x 1000 mm", imperial: 'Card, 28 x 40"' },
    serves: cardM2,
    why: "why-card",
  },
} as const satisfies Record<string, SundryKind>;

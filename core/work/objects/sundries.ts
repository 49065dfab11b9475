import type { SundryKind } from "../contribution";

/** A sheet of card under what paint goes through, m2. */
const cardM2 = 0.7;

/** What things on a table use up. */
export const objectSundries = {
  card: {
    name: { metric: "Card, 700 x 1000 mm", imperial: 'Card, 28 x 40"' },
    serves: cardM2,
    why: "why-card",
  },
} as const satisfies Record<string, SundryKind>;

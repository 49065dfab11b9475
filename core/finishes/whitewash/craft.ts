import { checkWhitewash } from "./check";
import { designWhitewash } from "./design";
import { whitewashFindings, whitewashWords } from "./words";
import { workWhitewash } from "./work";
import { defineCraft } from "../defineCraft";

/** What comes of it on the wall. */
export const whitewashCraft = defineCraft({
  design: designWhitewash,
  check: checkWhitewash,
  work: workWhitewash,
  words: whitewashWords,
  findings: whitewashFindings,
  sundries: {
    candles: { name: "Candle", serves: 1, why: "why-candles" },
    rags: { name: "Bag of rags", serves: 1, why: "why-rags" },
    scraper: { name: { metric: "Scraper, 100 mm", imperial: 'Scraper, 4"' }, serves: 1, why: "why-scraper" },
  },
});

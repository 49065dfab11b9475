import { defineFinish } from "../defineFinish";
import { overPaint } from "../brokenColour";
import { cardOfWhitewash } from "./card";
import { editWhitewash } from "./edit";
import { layOutWhitewash } from "./layout";
import { whitewashSpec } from "./spec";

export const whitewash = defineFinish({
  kind: "whitewash",
  title: "Whitewashed boards",
  spec: whitewashSpec,
  paints: (spec) => [{ path: ["paint"], id: spec.paint }, ...overPaint(spec)],
  things: () => [],
  layOut: layOutWhitewash,
  card: cardOfWhitewash,
  edit: editWhitewash,
  sundries: {
    candles: { name: "Candle", serves: 1, why: "why-candles" },
    rags: { name: "Bag of rags", serves: 1, why: "why-rags" },
    scraper: { name: { metric: "Scraper, 100 mm", imperial: 'Scraper, 4"' }, serves: 1, why: "why-scraper" },
  },
  rates: { whitewash_m2_min: { usual: 0.3, as: "a minute", label: "Whitewash, m2" } },
  start: (_, paints, base) => ({ paint: paints.find((paint) => paint !== base) ?? base, way: "brushed" }),
});

import { checkLimewash } from "./check";
import { designLimewash } from "./design";
import { limewashFindings, limewashWords } from "./words";
import { workLimewash } from "./work";
import { defineCraft } from "../defineCraft";

/** What comes of it on the wall. */
export const limewashCraft = defineCraft({
  design: designLimewash,
  check: checkLimewash,
  work: workLimewash,
  words: limewashWords,
  findings: limewashFindings,
  sundries: {
    "block-brush": { name: "Block brush, large and soft", serves: 1, why: "why-block-brush" },
    goggles: { name: "Goggles", serves: 10, why: "why-goggles" },
    gloves: { name: "Long gloves, a pair", serves: 1, why: "why-gloves" },
  },
});

import { checkPaper } from "./check";
import { designPaper } from "./design";
import { offerPaper } from "./offers";
import { paperFindings, paperWords } from "./words";
import { workPaper } from "./work";
import { defineCraft } from "../defineCraft";

/** What comes of it on the wall. */
export const paperCraft = defineCraft({
  design: designPaper,
  check: checkPaper,
  offers: offerPaper,
  work: workPaper,
  words: paperWords,
  findings: paperFindings,
  sundries: {
    "paper-roll": { name: "Roll of self-adhesive paper", serves: 1, why: "why-paper-roll" },
    blades: { name: "Snap-off blade", serves: 1, why: "why-blades" },
    squeegee: { name: "Squeegee with felt", serves: 1, why: "why-squeegee" },
    straightedge: { name: "Straightedge to cut along", serves: 1, why: "why-straightedge" },
  },
});

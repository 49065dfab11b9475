import type { Finding, FindingCode } from "./finding";

/** What a finding is about: the wall as it stands, what is laid on it, what is bought, or the days of work. */
export type About = "wall" | "pattern" | "buying" | "work";

const aboutOf: { readonly [Code in FindingCode]: About } = {
  "end-under-half": "pattern",
  "near-miss": "pattern",
  sliver: "pattern",
  "remainder-shows": "pattern",
  "ends-impossible": "pattern",
  "anchor-outside": "pattern",
  "too-many-divisions": "pattern",
  "too-narrow": "pattern",
  "opening-outside": "wall",
  "openings-overlap": "wall",
  "fixture-outside": "wall",
  "outline-crosses": "wall",
  "likely-slip": "wall",
  "out-of-level": "wall",
  "out-of-plumb": "wall",
  "out-of-square": "wall",
  "diagonal-disagrees": "wall",
  "not-flat": "wall",
  "taper-shows": "pattern",
  "level-line-crosses": "wall",
  "level-line-reach": "wall",
  "trim-too-tall": "wall",
  "nothing-to-paint": "wall",
  "tiny-face": "pattern",
  "loose-end": "pattern",
  "fill-in-opening": "pattern",
  "fills-meet": "pattern",
  "equal-neighbours": "pattern",
  "off-wall": "pattern",
  "off-the-wall": "pattern",
  "bands-overlap": "pattern",
  "shape-crosses": "pattern",
  "line-eats-pattern": "pattern",
  "acute-angle": "pattern",
  "out-of-reach": "pattern",
  "cut-off": "pattern",
  "no-room": "pattern",
  "by-eye": "pattern",
  "slit-tape": "pattern",
  "lines-up-with-nothing": "pattern",
  "texture-bleeds": "pattern",
  "room-climate": "work",
  "more-coats": "buying",
  "out-of-stock": "buying",
  "mineral-ground": "buying",
  "too-much": "pattern",
  "cannot-be-planned": "pattern",
  "more-alike": "pattern",
  "stopped-elsewhere": "pattern",
  "cannot-be-done": "work",
  "corner-disagrees": "wall",
  "heights-differ": "wall",
  "in-base-colour": "pattern",
  "little-left": "buying",
  "tint-over-limit": "buying",
  "by-hand-on-texture": "pattern",
  "tape-on-arris": "pattern",
  "shared-tape": "work",
  "stencil-island": "pattern",
  "thin-bridge": "pattern",
  "turn-differs": "pattern",
  "end-piece": "pattern",
  "over-budget": "buying",
  "no-packs": "buying",
};

/** What a finding is about; what a finish alone knows of is about its pattern. */
export function aboutFinding(finding: Finding): About {
  if (finding.own) return "pattern";
  // What stands for many is about what they are about.
  if (finding.code === "more-alike") return aboutOf[finding.values.code as FindingCode] ?? "pattern";
  return aboutOf[finding.code];
}

/** What a surface may be like before work. */
export type ConditionKind =
  "crack" | "patch" | "gloss" | "grease" | "bare-plaster" | "old-paint" | "varnish" | "wax";

/** The step that a condition asks for before the first coat, and the care to take with it. */
export const preparationFor: Record<ConditionKind, { readonly step: string; readonly caution?: string }> = {
  crack: {
    step: "Rake the crack out, fill it, let the filler dry, sand it and spot-prime it.",
    caution: "Wear a dust mask while sanding. A crack that opens again is a builder's matter.",
  },
  patch: {
    step: "Sand the patch flush and spot-prime it, so that it does not shine through.",
    caution: "Wear a dust mask while sanding.",
  },
  gloss: {
    step: "Wash the gloss down and dull it with fine paper, so that paint and tape hold.",
    caution: "Old gloss may hold lead: test it before it is sanded or scraped.",
  },
  varnish: {
    step: "Strip or sand the varnish off to the bare ground, brush the dust off, and wipe it.",
    caution:
      "A dust mask, and air in the room; a stripper's label goes first. Old varnish may lie over lead paint: test it.",
  },
  wax: {
    step: "Take the wax off with white spirit and fine steel wool until water no longer beads, sand lightly, brush the dust off, and wipe it.",
    caution:
      "Air in the room and no flames; rags with spirit dry flat outdoors, since heaped ones catch fire.",
  },
  grease: {
    step: "Wash with sugar soap or a degreaser, rinse, and let the wall dry.",
    caution: "Follow the cleaner's label: gloves, and air in the room.",
  },
  "bare-plaster": {
    step: "Let the plaster dry until it is pale all over, then give it a thinned first coat.",
  },
  "old-paint": {
    step: "Test the old paint for lead before anything is sanded, scraped or burnt.",
    caution:
      "Lead dust is poison, to children most of all. Where the test is positive, certified people remove it; follow local rules.",
  },
};

import type { School } from "@/core/rounds/listPasses";

/** The schools of rounds, as a painter would ask for them. */
export const schoolNames: Record<School, string> = {
  finish: "Finish each round",
  "coat-by-coat": "One coat everywhere, then the next",
};

/** The same for a narrow column. */
export const shortSchoolNames: Record<School, string> = {
  finish: "each round",
  "coat-by-coat": "coat by coat",
};

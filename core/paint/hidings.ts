/** How well a paint hides what is under it, as its label or the painter's hand says. */
export const hidings = ["weak", "usual", "good"] as const;
export type Hiding = (typeof hidings)[number];

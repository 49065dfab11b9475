import { lengthSchema } from "../measure/schema";
import { leastLineMm } from "../trade/constants";

/** How wide a line of base stays between two colours; 0 where they meet. */
export const lineWidthSchema = lengthSchema({ min: 0, max: 500 }).refine(
  (width) => width === 0 || width >= leastLineMm,
  { error: `thinner than any tape; expected 0, or at least ${leastLineMm} mm` },
);

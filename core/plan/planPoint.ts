/** A place on a wall, mm from its datum. */
export type PlanPoint = [x: number, y: number];

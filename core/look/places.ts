/** What is wanted of the eye and the lamp where something glints: their places, mm, z away from the wall. */
export interface Places {
  readonly eye: readonly [number, number, number];
  readonly lamp: readonly [number, number, number];
}

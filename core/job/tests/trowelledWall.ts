/** A wall of 4 x 2.5 m in sand and rope, three to two and nothing bare, in document form. */
export const trowelledWall = (finish: object = {}, job: object = {}) => ({
  format: "jacaranda-job/1",
  name: "Seen",
  paints: ["oyster", "sand", "rope"].map((id) => ({ id, material: "metallic-plaster" })),
  walls: [{ id: "w", width: 4000, height: 2500, base: "oyster" }],
  finishes: [
    {
      id: "f",
      on: "w",
      kind: "trowelled",
      tones: [
        { paint: "sand", share: 3 },
        { paint: "rope", share: 2 },
      ],
      bare: 0,
      ...finish,
    },
  ],
  ...job,
});

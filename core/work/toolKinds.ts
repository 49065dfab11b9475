import type { SundryKind } from "./contribution";

const kind = (metric: string, imperial: string, why: SundryKind["why"]): SundryKind => ({
  name: { metric, imperial },
  serves: 1,
  why,
});
const pile = (metric: string, imperial: string, why: SundryKind["why"]): SundryKind => ({
  ...kind(metric, imperial, why),
  leavesLook: true,
});

/** Tools that most painters own, with their sizes and what each is for, in the order in which they are laid out. */
export const toolKinds = {
  "tool-steps": kind("Steps with three treads or more", "Steps with three treads or more", "why-steps"),
  "tool-tower": kind("Tower with wheels and rails, hired", "Tower with wheels and rails, hired", "why-tower"),
  "tool-lamp": kind("Lamp on a stand", "Lamp on a stand", "why-lamp"),
  "tool-bucket": kind("Bucket and sponge, 10 L", "Bucket and sponge, 2 1/2 gal", "why-bucket"),
  "tool-tester": kind("Screwdriver and voltage tester", "Screwdriver and voltage tester", "why-tester"),
  "tool-filling-knife": kind("Filling knife, 75 mm", 'Filling knife, 3"', "why-filling-knife"),
  "tool-level": kind("Laser, or long level of 1.8 m", "Laser, or long level of 6 ft", "why-level"),
  "tool-measure": kind(
    "Tape measure of 5 m, soft pencil",
    "Tape measure of 16 ft, soft pencil",
    "why-measure",
  ),
  "tool-pin": kind("Pin and string", "Pin and string", "why-pin"),
  "tool-knife": kind("Knife with snap-off blades", "Knife with snap-off blades", "why-knife"),
  "tool-frame-100": kind("Roller frame, 100 mm", 'Roller frame, 4"', "why-frame-100"),
  "tool-frame-230": kind("Roller frame, 230 mm, and tray", 'Roller frame, 9", and tray', "why-frame-230"),
  "tool-pole": kind("Extension pole, 1 to 2 m", "Extension pole, 3 to 6 ft", "why-pole"),
  "tool-pile-short": pile("Short pile, 6 mm", 'Short pile, 1/4"', "why-pile-short"),
  "tool-pile-medium": pile("Medium pile, 10 mm", 'Medium pile, 3/8"', "why-pile-medium"),
  "tool-pile-long": pile("Long pile, 18 mm", 'Long pile, 3/4"', "why-pile-long"),
} as const satisfies Record<string, SundryKind>;

export type ToolItem = keyof typeof toolKinds;
export const toolItems = Object.keys(toolKinds) as ToolItem[];

import { listed } from "../findings/listed";
import type { Speech } from "../findings/speech";
import type { Step } from "./step";

/** What is to be ready on the evening before a day, so that it can begin: from that day's steps. */
export function eveningBefore(steps: readonly Step[], speech: Speech): string[] {
  const has = (...kinds: Step["kind"][]) => steps.some(({ kind }) => kinds.includes(kind));
  const colours = [
    ...new Set(steps.flatMap(({ kind, colour }) => (isOpened(kind) && colour ? [colour] : []))),
  ];
  return [
    ...(colours.length > 0
      ? [
          `Open ${listed(colours.map((colour) => speech.paint(colour)))}: lid, skin, lumps, smell, batch, amount.`,
        ]
      : []),
    ...(has("clear") ? ["Agree what moves where, and who helps with what is heavy."] : []),
    ...(has("plates-off", "plates-back")
      ? ["Find the switch for the circuits of the plates, and a tester."]
      : []),
    ...(has("wash-wall")
      ? ["Bucket, sugar soap, sponge, degreaser for glue; a lamp to look along the wall."]
      : []),
    ...(has("prepare", "sand") ? ["Filler, knife, fine paper, primer for spots, dust mask."] : []),
    ...(has("mark")
      ? ["Laser or long level, soft pencil, tape measure, the printed setting-out sheet."]
      : []),
    ...(has("tape") ? ["Tape in its widths, kept clean; a knife with a new blade."] : []),
    ...(colours.length > 0 ? ["New rollers de-fluffed, trays lined, one brush a colour."] : []),
  ];
}

const isOpened = (kind: Step["kind"]): boolean => kind === "base" || kind === "prime" || kind === "paint";

import type { Act } from "@/core/work/act";
import type { PlanDid, PlanStep } from "@/core/plan/planDayTypes";
import type { Plan } from "@/core/plan/planTypes";

const titles: Readonly<Record<Act, string>> = {
  clear: "Clear the room",
  cover: "Cover up",
  wash: "Wash",
  dull: "Dull the gloss",
  strip: "Strip",
  fill: "Fill",
  sand: "Sand",
  dust: "Dust off",
  prime: "Prime",
  base: "Base",
  strike: "Strike the line",
  mark: "Mark",
  mask: "Mask",
  tape: "Tape",
  seal: "Seal the tape",
  coat: "Paint",
  print: "Print",
  lay: "Hang",
  cut: "Cut",
  mix: "Mix",
  trial: "Trial",
  look: "Look",
  peel: "Tape off",
  unmask: "Masks off",
  "rub-out": "Rub out the marks",
  "touch-up": "Touch up",
  varnish: "Varnish",
  iron: "Set by heat",
  access: "Steps and tower",
  "set-up": "Set up",
  close: "Close the day",
  clean: "Wash the tools",
  "put-back": "Put back",
};

/** What a step is about first of all: what goes on the wall before what is done beside it. */
const weightiest: readonly Act[] = ["coat", "print", "lay", "base", "prime", "varnish"];
const withPaint: ReadonlySet<Act> = new Set<Act>([
  "coat",
  "print",
  "base",
  "prime",
  "varnish",
  "touch-up",
  "mix",
]);

export function mainOf({ does }: Pick<PlanStep, "does">): PlanDid | undefined {
  for (const act of weightiest) {
    const found = does.find((one) => one.act === act && one.of !== "paint");
    if (found) return found;
  }
  return does[0];
}

/** What is done, in as few words as are read from two metres. */
export function stepTitle(step: PlanStep, nameOf: (paint: string) => string): string {
  const main = mainOf(step);
  if (!main) return step.kind;
  const paint = main.with ?? step.colour;
  if (main.act === "tape" && step.round !== undefined && step.round > 0) return `Tape, round ${step.round}`;
  const named =
    withPaint.has(main.act) && paint !== undefined
      ? `${titles[main.act]} ${nameOf(paint)}`
      : titles[main.act];
  return main.coat !== undefined && withPaint.has(main.act) ? `${named}, coat ${main.coat}` : named;
}

/** What is taken in hand for it, by the names of the lists. */
export function toolsOfStep({ does }: PlanStep, { tools, sundries }: Plan): string[] {
  const items = new Set(does.flatMap((one) => one.tools ?? []));
  return [...tools, ...sundries].filter(({ item }) => items.has(item)).map(({ name }) => name);
}

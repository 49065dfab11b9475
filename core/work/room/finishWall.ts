import { roomMinutes } from "../../trade/constants";
import { cautionsOnSteps } from "../cautions";
import type { WorkSite, WorkWall } from "../site";
import { waitFor, type StepDraft, type Wait } from "../step";
import { said } from "../words";
import { cautionsOfPlates } from "./prepareWall";
import { thingsOf } from "./thingsOf";

/** What is left on a wall when its last coat is dry. `ready` is what its last tape and coats ask for. */
export function finishWall(
  { wall, marks, edgesM }: WorkWall,
  { paints }: WorkSite,
  steps: readonly StepDraft[],
  ready: readonly (Wait | null)[],
): StepDraft[] {
  const id = (name: string) => `${wall.id}/${name}`;
  const painted = steps.filter(
    ({ phase, wall: on, colour }) =>
      on === wall.id && colour !== undefined && (phase === "colour" || phase === "ground"),
  );
  const dry = Math.max(0, ...painted.map((step) => paints.get(step.colour!)!.touchDryMin));
  const shared = { phase: "finish", wall: wall.id, evening: [] } as const;
  const touchUp: StepDraft = {
    ...shared,
    id: id("touch-up"),
    verb: "touch-up",
    minutes: 5 + edgesM * roomMinutes.checkingPerM,
    after: [
      waitFor(id("mark")),
      ...painted.map((step) => waitFor(step.id, "recoat", paints.get(step.colour!)!.recoatMin)),
      ...ready,
    ],
    say: said("touch-up", { wall: wall.id }),
    cautions: cautionsOnSteps(wall),
  };
  const rubOut: StepDraft = {
    ...shared,
    id: id("rub-out"),
    verb: "rub-out",
    minutes: marks * roomMinutes.rubbingOut,
    after: [waitFor(id("touch-up"), "touch-dry", dry)],
    say: said("rub-out", { wall: wall.id, amount: marks }),
    cautions: cautionsOnSteps(wall),
  };
  const fixed = thingsOf(wall, "plate", "shelf", "radiator", "pipe").length;
  const platesBack: StepDraft = {
    ...shared,
    id: id("plates-back"),
    verb: "plates-back",
    minutes: fixed * roomMinutes.plateBack,
    after: [waitFor(id("touch-up"), "touch-dry", dry), waitFor(id("rub-out"))],
    say: said("plates-back", { wall: wall.id, amount: fixed }),
    cautions: cautionsOfPlates(wall),
    evening: [said("ready-circuits", {})],
  };
  return [touchUp, ...(marks > 0 ? [rubOut] : []), ...(fixed > 0 ? [platesBack] : [])];
}

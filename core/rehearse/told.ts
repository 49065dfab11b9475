import type { Job } from "../job/schema";
import type { Plan } from "../plan/planTypes";
import type { Fault, FaultCode } from "./fault";

/**
 * Which findings of a plan answer which fault: it is known, and its finding says what to do about it. The same table stands in
 * docs/job-format.md.
 */
export const toldBy: Readonly<Partial<Record<FaultCode, readonly string[]>>> = {
  "wrong-colour": ["no-room"],
  "join-dry": ["cannot-join-wet"],
  "stopped-in-field": ["cannot-be-done"],
  "touches-wet": ["cannot-be-done"],
  "on-too-early": ["cannot-be-done"],
  "wrong-ground": ["mineral-ground", "not-bare-wood"],
  "no-reach": ["out-of-reach", "needs-access"],
  "no-material": ["no-packs", "out-of-stock", "little-left", "tape-little-left"],
  "no-tool": ["cannot-be-done"],
  "mark-lost": ["off-the-wall", "out-of-reach"],
  unguarded: ["tape-on-arris", "fills-meet"],
};

/** Faults with the finding that tells of them: one of their own wall or of another of its run, or of the whole job. */
export function withTold(faults: readonly Fault[], plan: Plan, { runs }: Pick<Job, "runs">): Fault[] {
  const together = (id: string) => [id, ...runs.flatMap(({ walls }) => (walls.includes(id) ? walls : []))];
  const foundOn = new Map(plan.walls.map(({ id, findings }) => [id, findings]));
  const codesOn = new Map(
    plan.walls.map(({ id }) => [
      id,
      new Set(together(id).flatMap((wall) => (foundOn.get(wall) ?? []).map(({ code }) => code))),
    ]),
  );
  const ofJob = new Set(plan.findings.map(({ code }) => code));
  return faults.map((fault) => {
    const told = toldBy[fault.code]?.find(
      (code) => ofJob.has(code) || codesOn.get(fault.wall ?? "")?.has(code),
    );
    return told === undefined ? fault : { ...fault, told };
  });
}

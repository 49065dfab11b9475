import type { Cure, Finding } from "../findings/finding";
import { applyChange } from "../finishes/applyChange";
import { craftOf } from "../finishes/crafts";
import { finishOf } from "../finishes/registry";
import { OverLimit } from "../trade/allowance";
import type { Point } from "../geometry/point";
import type { Strip } from "../wall/strip";
import type { FinishContext } from "../finishes/defineFinish";
import type { JobFinish } from "./schema";

/** Places this close, mm, are the same finding's. */
const samePlaceMm = 1;

/**
 * How many different changes are tried for one finish; each costs laying it out once more, which is dear where so much is
 * found. The first findings are seen to then, and the others come up in their turn.
 */
const mostTriedOf = (findings: number): number => Math.max(2, Math.min(8, Math.floor(120 / findings)));

/**
 * A finish's findings with only those changes offered that hold: the changed finish is one that a document may have, and
 * its own check does not find the same again.
 */
export function keepCures(
  finish: JobFinish,
  strip: Strip,
  context: FinishContext,
  findings: readonly Finding[],
): readonly Finding[] {
  if (!findings.some(({ cure, later }) => cure ?? later)) return findings;
  const tried = new Map<string, FoundAgain | null>();
  const mostTried = mostTriedOf(findings.length);
  const after = (cure: Cure): FoundAgain | null => {
    const key = JSON.stringify([cure.path, cure.set]);
    let found = tried.get(key);
    if (found === undefined && tried.size >= mostTried) return null;
    if (found === undefined) {
      const left = checkChanged(finish, cure, strip, context);
      tried.set(key, (found = left && new FoundAgain(left)));
    }
    return found;
  };
  return findings.map(({ later, ...finding }): Finding => {
    const cure = finding.cure ?? later?.();
    if (!cure || cure.wall !== undefined || cure.paint !== undefined) return { ...finding, cure };
    const left = after(cure);
    const isCured = left && !left.has(finding);
    return { ...finding, cure: isCured ? cure : undefined };
  });
}

/** What a finish's check says of it changed; null when no document may have it so. */
function checkChanged(
  finish: JobFinish,
  cure: Cure,
  strip: Strip,
  context: FinishContext,
): readonly Finding[] | null {
  const changed = changeOf(finish, cure);
  const { layOut } = finishOf(finish.kind);
  const { check } = craftOf(finish.kind);
  try {
    return changed && check(layOut(changed, strip, context));
  } catch (error) {
    // It would come to more than a plan may hold.
    if (error instanceof OverLimit) return null;
    throw error;
  }
}

/** A finish with a change made in it; null when no document may have it so. */
export function changeOf(finish: JobFinish, cure: Cure): JobFinish | null {
  const changed = finishOf(finish.kind).spec.safeParse(applyChange(finish, cure));
  return changed.success ? (changed.data as JobFinish) : null;
}

/** What a check found, to be asked whether it is a finding again: the same to say, or of the same place. */
class FoundAgain {
  private readonly said = new Set<string>();
  private readonly places = new Map<string, Point[]>();

  constructor(findings: readonly Finding[]) {
    for (const finding of findings) {
      this.said.add(sayingOf(finding));
      const { code, at } = finding;
      if (!at) continue;
      const key = cellOf(code, at.x, at.y);
      const others = this.places.get(key);
      if (others) others.push(at);
      else this.places.set(key, [at]);
    }
  }

  has(finding: Finding): boolean {
    return this.said.has(sayingOf(finding)) || (finding.at !== null && this.isNear(finding.code, finding.at));
  }

  private isNear(code: string, { x, y }: Point): boolean {
    return [-1, 0, 1].some((across) =>
      [-1, 0, 1].some((up) =>
        this.places
          .get(cellOf(code, x + across * samePlaceMm, y + up * samePlaceMm))
          ?.some((at) => Math.abs(at.x - x) < samePlaceMm && Math.abs(at.y - y) < samePlaceMm),
      ),
    );
  }
}

const sayingOf = ({ code, values }: Finding): string => `${code} ${JSON.stringify(values)}`;

const cellOf = (code: string, x: number, y: number): string =>
  `${code} ${Math.floor(x / samePlaceMm)} ${Math.floor(y / samePlaceMm)}`;

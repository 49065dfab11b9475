import type { Reason } from "../../findings/reasons";
import { verdictOf, type Offer } from "../../fit/offer";
import { judgeDifference, visibleTolerance } from "../../trade/visibleDifference";
import { endsOf, startsOf } from "./bond";
import { layCourses, leastBedMm, type Courses } from "./courses";
import type { BrickLayout } from "./layout";
import type { BrickSpec } from "./spec";

/** Ways to meet the height with courses, the best first: by their beds beside the perpends, the lowest course, and the ends. */
export function offerCourses({ spec, strip, context, courses }: BrickLayout): Offer[] {
  const { extent } = strip;
  const near = layCourses({ ...spec, courses: "near" }, extent).count;
  const ways: readonly BrickSpec["courses"][] = [
    "near",
    "keep",
    { by: "count", count: near - 1 },
    { by: "count", count: near + 1 },
  ];
  const named = isNamed(spec, near) ? ways : [...ways, spec.courses];
  return (
    named
      .map((way) => ({ way, laid: layCourses({ ...spec, courses: way }, extent) }))
      .filter(({ laid }) => laid.count >= 1 && laid.bed >= leastBedMm - 1e-9)
      // Where whole courses leave the very joint, it is kept too.
      .filter(({ laid }, place, all) => all.findIndex((other) => isSame(other.laid, laid)) === place)
      .map(({ way, laid }) => {
        const at = { ...spec, courses: way };
        const end = endsOf(at, laid.count, strip, startsOf(at, laid.count, strip));
        const tolerance = visibleTolerance(spec.joint, context.viewingDistance);
        const isChosen = isSame(laid, courses);
        return { ...judge(spec, laid, end, tolerance), set: { courses: way }, isChosen };
      })
      .sort((a, b) => b.score - a.score)
  );
}

const isSame = (a: Courses, b: Courses): boolean => a.count === b.count && Math.abs(a.bed - b.bed) < 1e-6;

/** Whether what is chosen is one of the ways that are named anyway. */
function isNamed({ courses }: BrickSpec, near: number): boolean {
  if (typeof courses === "string" || courses.by !== "count") return true;
  return Math.abs(courses.count - near) <= 1;
}

function judge(
  { face, joint }: BrickSpec,
  { count, bed, heights }: Courses,
  end: number,
  tolerance: number,
): Pick<Offer, "title" | "score" | "verdict" | "reasons"> {
  const lowest = heights.at(-1)!.height;
  const isCut = lowest < face.height - 0.05;
  const difference = Math.abs(bed - joint);
  const shows = judgeDifference(difference, tolerance);
  const score =
    100 -
    { "won't show": 0, "may show": 10, "will show": 20 + Math.min(20, (20 * difference) / joint) }[shows] -
    (isCut ? (lowest < face.height / 4 ? 40 : lowest < face.height / 2 ? 20 : 10) : 0) -
    (end < face.width / 4 ? 10 : 0);
  const reasons: Reason[] = [
    { code: "bed-beside-joint", values: { bed, joint, verdict: shows } },
    isCut
      ? { code: "lowest-cut", values: { height: lowest, isSliver: lowest < face.height / 4 } }
      : { code: "courses-whole", values: { count } },
    { code: "ends-at-least", values: { end } },
  ];
  return { title: { code: "courses", count, bed }, score, verdict: verdictOf(score), reasons };
}

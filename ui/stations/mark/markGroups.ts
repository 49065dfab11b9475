import { groupBy } from "@/core/geometry/groupBy";
import type { PlanMark, PlanWall } from "@/core/plan/planTypes";
import type { Wall } from "@/core/wall/schema";
import { madeAlong, measuredFrom } from "@/ui/marks/markWords";
import { tapeAtMarks } from "@/ui/marks/tapeAtMark";

/** A mark with its number in the order of walking, and what is said of it alone; empty where its group says it. */
export interface NumberedMark {
  readonly mark: PlanMark;
  readonly number: number;
  readonly words: string;
}

/** Marks that are made in one place one after another, with what is said once of all of them. */
export interface MarkGroup {
  readonly where: string;
  readonly words: string;
  readonly marks: readonly NumberedMark[];
}

/** Marks by where they are made. What is the same of all marks of a place is said once. */
export function markGroups(plan: MarkedWall, wall: Wall, nameOfWall: NameOf): MarkGroup[] {
  const wordsOf = markWords(plan, nameOfWall);
  const groups: { where: string; marks: NumberedMark[] }[] = [];
  plan.marks.forEach((mark, index) => {
    const where = `${madeAlong(mark, wall)}, ${measuredFrom(mark, wall)}`;
    const before = groups.at(-1);
    // A place within the wall is read up the plumb line through the mark before it.
    const isBeside = mark.on === "line" && before !== undefined;
    const words = isBeside ? `${where}: ${wordsOf(mark)}` : wordsOf(mark);
    const numbered = { mark, number: index + 1, words };
    if (isBeside || before?.where === where) before!.marks.push(numbered);
    else groups.push({ where, marks: [numbered] });
  });
  return groups.map(({ where, marks }) => {
    const same = saidOnce(marks.map(({ words }) => words)) ?? saidInTurn(marks);
    return same === null
      ? { where, words: "", marks }
      : { where, words: same, marks: marks.map((numbered) => ({ ...numbered, words: "" })) };
  });
}

type MarkedWall = Pick<PlanWall, "marks" | "tape">;
type NameOf = (wall: string) => string;

/** Answers what is done at a mark, without where it is. */
export function markWords(plan: MarkedWall, nameOfWall: NameOf): (mark: PlanMark) => string {
  const tapeAt = tapeAtMarks(plan);
  const ofLine = groupBy(plan.marks, ({ line }) => line);
  return (mark) => {
    const tape = tapeAt(mark)[0];
    const carried = mark.carriedFrom
      ? `; carries around the corner from ${nameOfWall(mark.carriedFrom.wall)}`
      : "";
    // The marks of one line stand apart from each other: which of them belong together is said at each.
    const isJoined = mark.line !== undefined && ofLine.get(mark.line)!.length > 1;
    const taped = tape ? `tape ${tape.centred ? "centred" : tape.lies}` : "";
    return `${[taped === "" || isJoined ? mark.use : "", taped].filter(Boolean).join(": ")}${carried}`;
  };
}

/**
 * What several words say in one: the same of all, or numbers that go on by one from each to the next ("the foot of
 * course 1", "the foot of course 2"). Null where they differ in more.
 */
export function saidOnce(all: readonly string[]): string | null {
  const [first, last] = [all[0]!, all.at(-1)!];
  if (all.every((words) => words === first)) return first;
  const [from, to] = [numbersOf(first), numbersOf(last)];
  const step = to[0]! > from[0]! ? 1 : -1;
  const onBy = (steps: number) => {
    let place = 0;
    return first.replace(/\d+/g, () => String(from[place++]! + step * steps));
  };
  if (from.length === 0 || !all.every((words, index) => words === onBy(index))) return null;
  return from.length === 1 ? first.replace(/(\w+) \d+/, `$1s ${from[0]} to ${to[0]}`) : `${first}, and so on`;
}

/** Fewer come in no turn: what is said of each is shorter. */
const leastInTurn = 4;

/** Of words that come in turn: which stand at odd numbers and which at even ones; null where they do not. */
function saidInTurn(marks: readonly NumberedMark[]): string | null {
  if (marks.length < leastInTurn) return null;
  const [first, second] = [marks[0]!, marks[1]!];
  if (marks.some(({ words }, index) => words !== (index % 2 === 0 ? first : second).words)) return null;
  const [odd, even] = first.number % 2 === 1 ? [first, second] : [second, first];
  return `${odd.words} at odd numbers, ${even.words} at even ones`;
}

const numbersOf = (words: string): number[] => (words.match(/\d+/g) ?? []).map(Number);

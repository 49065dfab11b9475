import type { Condition, Wall } from "../wall/schema";
import type { Act, Worked } from "./act";

/** The names of steps: where each stands in one plan. What lasts beyond it are the keys of its work. */
type WallStep =
  | "plates-off"
  | "plates-back"
  | "wash-wall"
  | "dust-wall"
  | "tape-trial"
  | "wash-cloth"
  | "lay-flat"
  | "key-object"
  | "tape-base"
  | "seal-base"
  | "peel-base"
  | "mark"
  | "chips"
  | "rub-out"
  | "touch-up"
  | "access"
  | "access-down"
  | "lift"
  | "set-heat";
type RoomStep = "clear" | "cover" | "furniture-back";

export const roomStep = (name: RoomStep): string => name;
export const wallStep = (wall: string, name: WallStep): string => `${wall}/${name}`;
/** What a wall's condition asks for, by its place among them. */
export const conditionStep = (wall: string, name: "prepare" | "sand", index: number): string =>
  `${wall}/${name}-${index + 1}`;
/** A coat over the whole of a wall. */
export const wholeStep = (wall: string, name: "prime" | "base" | "varnish", coat: number): string =>
  `${wall}/${name}-${coat}`;
export const roundStep = (
  wall: string,
  name: "mark" | "tape" | "seal" | "peel",
  { round }: { round: number },
): string => `${wall}/${name}-${round}`;
export const paintStep = (wall: string, { round }: { round: number }, paint: string, coat: number): string =>
  `${wall}/paint-${round}-${paint}-${coat}`;
/** A finish's own, on one wall. */
export const finishStep = (wall: string, finish: string, name: string): string => `${wall}/${finish}/${name}`;
/** The part of a step that is done once more. */
export const onceMoreStep = (step: string): string => `${step}/again`;
/** A step of the remedy for what went wrong. */
export const mendStep = (wall: string, mend: string, number: number): string =>
  `${wall}/mend-${mend.toLowerCase()}-${number}`;
/** On a board, or of all of them. */
export const boardStep = (board: string, name: string): string => `boards/${board}/${name}`;
export const mixStep = (paint: string): string => `mix/${paint}`;
export const washStep = (paint: string, session: string, time = 1): string =>
  `wash-tools-${paint}-${session}${time > 1 ? `-${time}` : ""}`;
export const dayStep = (day: number, name: "set-up" | "close", hand: number): string =>
  `day-${day}/${name}-${hand + 1}`;
/** A step that goes on, on another day or after another part. */
export const partStep = (step: string, number: number): string => (number === 1 ? step : `${step}/${number}`);

/** A wall's level line, which nothing else names. */
export const levelLine = (wall: string): string => `${wall}/level`;

/** What a wall's conditions are called: by their kind, and by a number where there are several of one. */
export function conditionIds({ id, conditions }: Pick<Wall, "id" | "conditions">): string[] {
  const times = new Map<Condition["kind"], number>();
  return conditions.map(({ kind }) => {
    const number = (times.get(kind) ?? 0) + 1;
    times.set(kind, number);
    return number === 1 ? `${id}/${kind}` : `${id}/${kind}-${number}`;
  });
}

/** Work of a step, as it is thought of or as a plan prints it. */
export interface Keyed {
  readonly act: Act;
  readonly wall?: string | undefined;
  readonly of: Worked;
  readonly ids: readonly string[];
  readonly pass?: number | undefined;
  readonly coat?: number | undefined;
}

/** The keys of some work, one for each of its ids: wall, act, of, id, pass and coat. They outlast every plan. */
export function keysOf(does: readonly Keyed[]): string[] {
  const keys: string[] = [];
  for (const { act, wall = "", of, ids, pass = 1, coat = "" } of does)
    for (const id of ids) keys.push(`${wall} ${act} ${of} ${id} ${pass} ${coat}`);
  return keys;
}

/** Of a key what it is about; of what has no coats `coat` is 0. */
export function readKey(key: string) {
  const [wall, act, of, id, pass, coat] = key.split(" ") as [string, Act, Worked, string, string, string];
  return { wall, act, of, id, pass: Number(pass), coat: Number(coat) };
}

import type { Ground } from "../database";

/** What is asked of the thread: to open a folder first, then what a database and its jobs answer. */
export type DatabaseRequest =
  | { readonly of: "open"; readonly path: string; readonly ground: Ground }
  | { readonly of: "database"; readonly name: string }
  | {
      readonly of: "jobs" | "journal" | "attachments";
      readonly name: string;
      readonly args: readonly unknown[];
    };

/** How a failure is told to the other side: errors lose their kind between threads. */
export interface ToldFailure {
  readonly message: string;
  readonly isProblem: boolean;
  readonly isDiskFull: boolean;
}

/** Said unasked: a write has found no room, and the database may never come back from it. */
export const noRoomMessage = "no room";

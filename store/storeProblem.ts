/** Why a data folder cannot be used, in one sentence that also says what to do, for the person at the program. */
export class StoreProblem extends Error {
  override name = "StoreProblem";
}

/** ENOSPC as the system names it, as PGlite's file layer numbers it, and as PostgreSQL classes it. */
const diskIsFull = (error: Fault): boolean =>
  error.code === "ENOSPC" ||
  error.code === "EDQUOT" ||
  error.code === "53100" ||
  error.errno === emscriptenNoSpace ||
  /no space left|disk full|could not extend file/i.test(error.message ?? "");
const emscriptenNoSpace = 51;

/** What is thrown at us: an Error, PostgreSQL's own, or an object of PGlite's file layer that is no Error at all. */
interface Fault {
  readonly code?: string;
  readonly errno?: number;
  readonly message?: string;
  readonly cause?: unknown;
}

/** Whether something failed because there is no room, also further down the chain of causes. */
export function isDiskFull(error: unknown): boolean {
  for (let at = error, depth = 0; at && depth < 5; at = (at as Fault).cause, depth++) {
    if (typeof at === "object" && diskIsFull(at)) return true;
  }
  return false;
}

/** The first line of what went wrong; never "[object Object]". */
export function reasonOf(error: unknown): string {
  let deepest = error;
  while (deepest instanceof Error && deepest.cause instanceof Error) deepest = deepest.cause;
  const { message, code, errno } = (typeof deepest === "object" && deepest !== null ? deepest : {}) as Fault;
  const text =
    message ??
    (typeof deepest === "string" ? deepest : (code ?? (errno === undefined ? "" : `error ${errno}`)));
  return text.split("\n")[0]!.replace(/\.$/, "") || "an unknown error";
}

/** An answer that says what is wrong, in the form of every refusal here. */
export const refuse = (status: number, message: string, path = ""): Response =>
  Response.json({ problems: [{ path, message }] }, { status });

export const noSuchJob = (): Response => refuse(404, "there is no such job");

/** Runs a route's work; what it cannot do is answered with a sentence, and never a stack trace. */
export async function answer(work: () => Promise<Response>): Promise<Response> {
  try {
    return await work();
  } catch (error) {
    if (isNamed(error, "StoreProblem")) return refuse(503, error.message);
    if (isNamed(error, "PlanProblem")) return refuse(503, `this job could not be planned: ${error.message}`);
    console.error(error);
    return refuse(500, "something went wrong here; what was saved before is as it was");
  }
}

/** By name, since the server and the pages are bundled apart and have a class each. */
const isNamed = (error: unknown, name: "StoreProblem" | "PlanProblem"): error is Error =>
  error instanceof Error && error.name === name;

/** Why something could not be planned, as the end of a sentence. */
export class PlanProblem extends Error {
  override name = "PlanProblem";
}

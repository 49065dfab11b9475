import { sendExport } from "../../sendExport";

/** The shopping list as a table. */
export async function GET(_: Request, { params }: { params: Promise<{ jobId: string }> }): Promise<Response> {
  return sendExport((await params).jobId, "csv", "shopping");
}

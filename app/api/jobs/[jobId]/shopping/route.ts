import { sendExport } from "../../sendExport";

/** The shopping list as a table. */
export async function GET(
  request: Request,
  { params }: { params: Promise<{ jobId: string }> },
): Promise<Response> {
  return sendExport(request, (await params).jobId, "csv", "shopping");
}

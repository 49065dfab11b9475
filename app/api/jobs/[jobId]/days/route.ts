import { sendExport } from "../../sendExport";

/** The day plan as a calendar (`?format=ics`) or a table. */
export async function GET(
  request: Request,
  { params }: { params: Promise<{ jobId: string }> },
): Promise<Response> {
  const format = new URL(request.url).searchParams.get("format") === "ics" ? "ics" : "csv";
  return sendExport(request, (await params).jobId, format, "days");
}

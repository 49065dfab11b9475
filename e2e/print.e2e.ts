import { getDocument } from "pdfjs-dist/legacy/build/pdf.mjs";
import { expect, makeJob, stripedWall, test } from "./support/test";

/** Every piece of text of a PDF with its place, in points from the lower left of its page. */
async function textsOf(pdf: Buffer) {
  const document = await getDocument({ data: new Uint8Array(pdf), verbosity: 0 }).promise;
  const texts: { text: string; left: number; right: number; y: number; width: number; height: number }[] = [];
  for (let number = 1; number <= document.numPages; number++) {
    const page = await document.getPage(number);
    const [, , width, height] = page.view as [number, number, number, number];
    for (const item of (await page.getTextContent()).items) {
      if (!("str" in item) || item.str.trim() === "") continue;
      const [, slope, , , x, y] = item.transform as number[];
      const isUpright = Math.abs(slope!) < 1e-6;
      texts.push({
        text: item.str,
        left: x!,
        right: x! + (isUpright ? item.width : 0),
        y: y!,
        width,
        height,
      });
    }
  }
  return texts;
}

const units = [
  ["metric", "1 mm", 24],
  ["imperial", "1/16 in", 60],
] as const;

for (const format of ["A4", "Letter"] as const) {
  for (const [system, tapeDivision, count] of units) {
    test(`the sheet on ${format} in ${system} holds every mark and cuts nothing off`, async ({ page }) => {
      const job = stripedWall(`Sheet ${format} ${system}`, {
        finish: { fit: { by: "count", count } },
        job: { units: system, tapeDivision },
      });
      const id = await makeJob(page, job);
      const plan = await (await page.request.get(`/api/jobs/${id}/plan`)).json();
      await page.goto(`/print/${id}/w`);
      const texts = await textsOf(await page.pdf({ format, preferCSSPageSize: false }));
      const plain = (text: string) =>
        text
          .replace(/[\s\u2009\u200a\u2060]/g, "")
          .replace(/[⁄]/g, "/")
          .replace(/″/g, '"');
      const all = plain(texts.map(({ text }) => text).join(""));
      const readings = (plan.walls[0].marks as { reading: string }[]).map((mark) => plain(mark.reading));
      expect(readings).toHaveLength(count - 1);
      // In the table each reading follows its number.
      readings.forEach((reading, index) => expect(all).toContain(`${index + 1}${reading}`));
      for (const { text, left, right, y, width, height } of texts) {
        expect(left, text).toBeGreaterThan(20);
        expect(right, text).toBeLessThan(width - 20);
        expect(y, text).toBeGreaterThan(20);
        expect(y, text).toBeLessThan(height - 20);
      }
    });
  }
}

import { expect, makeJob, stripedWall, test } from "./support/test";

test("a page loads what a screen needs of the finishes and not their work, compressed at the build", async ({
  page,
}) => {
  const id = await makeJob(page, stripedWall("First load"));
  const scripts: Promise<{ text: string; encoding: string | undefined; bytes: number }>[] = [];
  let isOver = false;
  page.on("response", (response) => {
    // What comes later is asked for by what a hand does, and the page may be gone by then.
    if (isOver || response.request().resourceType() !== "script") return;
    scripts.push(
      (async () => ({
        text: await response.text(),
        encoding: await response.headerValue("content-encoding").then((value) => value ?? undefined),
        bytes: (await response.request().sizes()).responseBodySize,
      }))(),
    );
  });
  await page.goto(`/jobs/${id}/w/pattern`);
  isOver = true;
  const all = await Promise.all(scripts);
  expect(all.length).toBeGreaterThan(5);
  expect(new Set(all.map(({ encoding }) => encoding))).toEqual(new Set(["br"]));
  const text = all.map((script) => script.text).join();
  // What the card of stripes says is there; what a coat, a print or a roll of paper has to say at the wall is not.
  expect(text).toContain("Stripe width");
  for (const said of ["Mask each mitre", "lime burns eyes", "Press a hand's width of the paper"])
    expect(text, said).not.toContain(said);
  expect(all.reduce((sum, { bytes }) => sum + bytes, 0)).toBeLessThan(300_000);
});

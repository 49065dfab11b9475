import { renderToStaticMarkup } from "react-dom/server";
import { expect, it } from "vitest";
import { plan } from "@/core/job/plan";
import { planFromNow } from "@/core/job/planFromNow";
import { parsed } from "@/core/job/tests/jobs";
import { fold } from "@/core/journal/fold";
import { parseMoment } from "@/core/journal/moment";
import { entryOf } from "@/core/journal/tests/entries";
import { BatchLabels } from "./BatchLabels";

const job = parsed({
  format: "jacaranda-job/1",
  name: "Labels",
  work: { start: "2027-01-11" },
  paints: [
    { id: "shell", name: "Shell" },
    {
      id: "dune",
      name: "Dune",
      material: "limewash",
      mix: {
        parts: [
          { paint: "shell", parts: 9 },
          { water: true, parts: 1 },
        ],
        container: "3 L",
      },
    },
  ],
  walls: [{ id: "w", name: "Hatch", width: 3000, height: 2700, base: "dune", baseState: "paint" }],
  finishes: [],
});
const labelsIn = (markup: string) =>
  [...markup.matchAll(/<li[^>]*>(.*?)<\/li>/g)].map(([, label]) => label!.replace(/<[^>]*>/g, " "));

it("each batch has a label with what is in it, which of how many it is, and lines for what is not known yet", () => {
  const whole = plan(job);
  const labels = labelsIn(renderToStaticMarkup(<BatchLabels job={job} plan={whole} />));
  // 8.1 m2 x 3 coats at 6.5 m2 a litre are 3 738 ml, with tools and touching up over 4 litres; 2 550 go into a container.
  expect(labels).toHaveLength(2);
  labels.forEach((label, at) => {
    expect(label).toContain(`batch ${at + 1} of 2`);
    expect(label).toContain("Labels: Hatch");
    expect(label).toMatch(/ml Shell \+ .* water =/);
    expect(label).toMatch(/Made _+ by _+/);
    expect(label).toContain("It settles");
    expect(label).toContain("half of it goes into each of the others");
  });
});

it("one that was made says what really went in, when, by whom and how long it keeps", () => {
  const made = entryOf(1, "2027-01-11T09:10", "batch", {
    ...{ mix: "dune", n: 2, of: 2, useBy: "2027-03-01" },
    additions: [
      { paint: "shell", ml: 1800 },
      { water: true, ml: 210 },
    ],
  });
  const whole = planFromNow(job, fold([made]), parseMoment("2027-01-11T10:00")!);
  const [, second] = labelsIn(renderToStaticMarkup(<BatchLabels job={job} plan={whole} />));
  expect(second).toContain("1800 ml Shell + 210 ml water");
  expect(second).toContain("Made 2027-01-11, 09:10 by Wren");
  expect(second).toContain("Use by 2027-03-01");
});

import { expect, it } from "vitest";
import { allFinishes } from "@/core/finishes/registry";
import type { CardField } from "@/core/finishes/defineFinish";
import { stripOfFinish } from "@/core/job/wallsOfFinish";
import { finishSchema } from "@/core/job/schema";
import { oneWall, parsed } from "@/core/job/tests/jobs";
import { sheetsAtHand } from "@/core/stencil/library";
import { sentenceOf } from "./sentenceOf";

const paints = [
  { id: "kelp", name: "Kelp" },
  { id: "brine", name: "Brine" },
];

it("says what is chosen, heading by heading, in the job's units; not what is left alone or only done with a button", () => {
  const fields: CardField[] = [
    {
      type: "choice",
      label: "Layout",
      options: [
        { label: "straight", selected: false, set: {} },
        { label: "half drop", selected: true, set: {} },
      ],
    },
    { type: "length", label: "Height", path: ["h"], value: 254 },
    { type: "paint", label: "Shade", path: ["s"], value: null, mayBeNone: true },
    { type: "action", label: "Add a tone", set: {} },
    { type: "heading", label: "Second tone" },
    { type: "colours", label: "Colours in turn", path: ["c"], value: ["kelp", "brine"] },
    { type: "angle", label: "Turned by", path: ["a"], value: 12 },
  ];
  const told = (units: "imperial" | "metric") =>
    sentenceOf(fields, paints, units).map(({ about, phrases }) => [
      about,
      ...phrases.map(({ label, value }) => `${label} ${value}`),
    ]);
  expect(told("imperial")).toEqual([
    [null, "Layout half drop", 'Height 10"'],
    ["Second tone", "Colours in turn Kelp, Brine", "Turned by 12°"],
  ]);
  expect(told("metric")[0]).toContain("Height 254 mm");
});

it("has a word for every choice of every finish, however it is begun", () => {
  const job = parsed(oneWall({ leftEdge: "internal" }, { fit: { by: "count", count: 5 } }));
  const ids = job.paints.map(({ id }) => id);
  for (const definition of allFinishes) {
    const strip = stripOfFinish(job, { on: "w" });
    const start = definition.start(strip, ids, "oyster", sheetsAtHand([]));
    const spec = finishSchema.parse({ id: "f", on: "w", kind: definition.kind, ...start });
    const context = { ...job, stencils: sheetsAtHand(job.stencils) };
    const fields = definition.card(spec as never, strip, context);
    const said = sentenceOf(fields, job.paints, "metric").flatMap(({ phrases }) => phrases);
    const chosen = fields.filter((field) => field.type === "choice");
    expect(said.filter(({ field }) => field.type === "choice").map(({ label }) => label)).toEqual(
      chosen.map(({ label }) => label),
    );
  }
});

import { renderToStaticMarkup } from "react-dom/server";
import { expect, it } from "vitest";
import { plan } from "@/core/job/plan";
import { parsed } from "@/core/job/tests/jobs";
import { packsText } from "@/ui/parts/packsText";
import { ShoppingList } from "./ShoppingList";

it("a paint that is mixed is not missed on the shopping list; what it is made of stands there", () => {
  const job = parsed({
    format: "jacaranda-job/1",
    name: "Mixes",
    paints: [
      { id: "shell", name: "Shell", packs: [{ size: "1 L", price: 16 }] },
      {
        id: "dune",
        name: "Dune",
        mix: {
          parts: [
            { paint: "shell", parts: 9 },
            { water: true, parts: 1 },
          ],
        },
      },
      { id: "gone", name: "Gone" },
    ],
    walls: [{ id: "w", width: 3000, height: 2700, base: "dune", baseState: "paint" }],
    finishes: [{ id: "f", on: "w", kind: "bands", bands: [{ from: 500, to: 900, colour: "gone" }] }],
  });
  const planned = plan(job);
  const markup = renderToStaticMarkup(<ShoppingList job={job} plan={planned} version={1} />);
  const rows = [...markup.matchAll(/<tr[^>]*>(.*?)<\/tr>/g)].map(([, row]) => row!.replace(/<[^>]*>/g, " "));
  expect(rows.some((row) => row.includes("Shell") && row.includes("× 1 L"))).toBe(true);
  expect(rows.some((row) => row.includes("Dune"))).toBe(false);
  expect(rows.some((row) => /Gone\s.*no tin known/.test(row))).toBe(true);
  const told = planned.paint.map((paint) => [paint.colour, packsText(paint, job)]);
  expect(Object.fromEntries(told)).toMatchObject({ dune: "mixed", gone: "no tins listed" });
});

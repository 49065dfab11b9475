import fc from "fast-check";
import { expect, it } from "vitest";
import { textWidth } from "@/ui/parts/textWidth";
import { keepApart } from "./keepApart";

it("says less where there is no room for more, and nothing where there is none", () => {
  const at = (id: string, x: number) => ({ id, texts: ["band 22", "2"], x, y: 50, size: 12 });
  // Seven letters come to 44 px, and their plate to 54: from 73 to 127. A lone 2 has one of 17, from 132 on.
  const labels = keepApart([at("a", 100), at("b", 140), at("c", 145), at("d", 300)]);
  expect(labels.map(({ id, text }) => [id, text])).toEqual([
    ["a", "band 22"],
    ["b", "2"],
    ["d", "band 22"],
  ]);
});

it("no text lies over another, wherever they are wanted", () => {
  const place = fc.record({ x: fc.integer({ min: 0, max: 400 }), y: fc.integer({ min: 0, max: 300 }) });
  fc.assert(
    fc.property(fc.array(place, { maxLength: 60 }), (places) => {
      const labels = keepApart(
        places.map((own, index) => ({ ...own, id: String(index), texts: [`stripe ${index}`], size: 12 })),
      );
      if (places.length > 0) expect(labels.length).toBeGreaterThan(0);
      for (const [index, one] of labels.entries())
        for (const other of labels.slice(index + 1)) {
          const across = (textWidth(one.text, 12) + textWidth(other.text, 12)) / 2;
          expect(Math.abs(one.x - other.x) >= across || Math.abs(one.y - other.y) >= 12).toBe(true);
        }
    }),
  );
});

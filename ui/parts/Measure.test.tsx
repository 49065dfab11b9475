import { renderToStaticMarkup } from "react-dom/server";
import { expect, it } from "vitest";
import { Measure } from "./Measure";

const html = (text: string) => renderToStaticMarkup(<Measure>{text}</Measure>);

it("sets fractions before an inch mark as such, with a hair space", () => {
  expect(html(`12 15/16"`)).toBe('12\u2060\u200a\u2060<span class="fraction">15/16</span>″');
  expect(html(`3/8" from the edge, 9' 4 1/2" up`)).toBe(
    '<span class="fraction">3/8</span>″ from the edge, 9′ 4\u2060\u200a\u2060<span class="fraction">1/2</span>″ up',
  );
});

it("leaves everything else alone, and never reads it as markup", () => {
  expect(html("2 coats at 11 m2 a litre")).toBe("2 coats at 11 m² a litre");
  expect(html("round 1/2 of the job")).toBe("round 1/2 of the job");
  expect(html('the "old" <b>wall</b>')).toBe("the &quot;old&quot; &lt;b&gt;wall&lt;/b&gt;");
});

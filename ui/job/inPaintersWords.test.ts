import { expect, it } from "vitest";
import { inPaintersWords } from "./inPaintersWords";

it("tells limits in the job's own units, and no machine's figures", () => {
  const said = (message: string, units: "imperial" | "metric") =>
    inPaintersWords({ path: "w", message }, units).message;
  const range = '"99 m" is out of range; expected 0 to 30480 mm';
  // 30 480 mm are a hundred feet.
  expect(said(range, "imperial")).toBe('"99 m" is out of range; expected 0" to 100\' 0"');
  expect(said(range, "metric")).toBe('"99 m" is out of range; expected 0 mm to 30480 mm');
  expect(said("1e+300 is not right; expected at most 9007199254740991", "metric")).toBe(
    "1e+300 is not right; expected a smaller number",
  );
  expect(said("7 is not right; expected at most 4", "metric")).toBe("7 is not right; expected at most 4");
  expect(said("[[1e+300,0],[2,5]] is not right; expected a list", "metric")).toBe(
    "This is not right; expected a list",
  );
});

import { expect, it } from "vitest";
import { plan } from "@/core/job/plan";
import { oneWall, parsed } from "@/core/job/tests/jobs";
import { subjectOfBoard } from "./boardSubjects";

it("a board is called and coloured as what it is of: a mix as its paint; what the job has no more, by its id", () => {
  const dune = {
    id: "dune",
    name: "Dune",
    hex: "#DCC79C",
    mix: {
      parts: [
        { paint: "oyster", parts: 10 },
        { paint: "kelp", parts: 1 },
      ],
    },
  };
  const job = parsed(
    oneWall({}, { fit: { by: "count", count: 4 } }, { paints: [{ id: "oyster" }, { id: "kelp" }, dune] }),
  );
  const whole = plan(job);
  for (const kind of ["paint", "mix"])
    expect(subjectOfBoard({ [kind]: "dune" }, job, whole)).toMatchObject({
      label: "Dune",
      swatches: ["#DCC79C"],
    });
  expect(subjectOfBoard({ mix: "gone" }, job, whole)).toMatchObject({ label: "gone", swatches: [] });
});

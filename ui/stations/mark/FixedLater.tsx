import type { PlanWall } from "@/core/plan/planTypes";
import type { Wall } from "@/core/wall/schema";
import { DataTable } from "@/ui/parts/DataTable";
import { Measure } from "@/ui/parts/Measure";
import { Section } from "@/ui/parts/Section";

/** Where the things are fixed that go up over the finished work, and not before when. */
export function FixedLater({ plan, wall }: { plan: PlanWall; wall: Wall }) {
  const { later = [] } = plan;
  if (later.length === 0) return null;
  const places = later.flatMap(({ id, fixings }) => {
    const { name } = wall.fixtures.find((fixture) => fixture.id === id)!;
    return fixings.map((fixing, place) => ({ ...fixing, id: `${id}-${place}`, thing: name ?? id }));
  });
  return (
    <Section name="mark/later" title="Fixed later" sum={String(later.length)} isFolded>
      {later.map(({ id, say }) => (
        <p key={id} className="pb-1 text-[0.9375rem] text-soft">
          <Measure>{say}</Measure>
        </p>
      ))}
      <DataTable
        name="Fixing places"
        columns={[
          { key: "thing", label: "For", value: ({ thing }) => thing, show: ({ thing }) => thing },
          {
            key: "along",
            label: "Along",
            isFigure: true,
            value: ({ along }) => along,
            show: ({ along }) => <Measure>{along}</Measure>,
          },
          {
            key: "up",
            label: wall.survey ? "From the level line" : "From the floor",
            isFigure: true,
            value: ({ up }) => up,
            show: ({ up }) => <Measure>{up}</Measure>,
          },
        ]}
        rows={places}
        keyOf={({ id }) => id}
      />
    </Section>
  );
}

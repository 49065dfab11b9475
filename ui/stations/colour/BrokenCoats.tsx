import type { PlanCoat, PlanWall } from "@/core/plan/planTypes";
import type { Paint } from "@/core/paint/schema";
import { DataTable } from "@/ui/parts/DataTable";
import { Section } from "@/ui/parts/Section";

interface Props {
  readonly wall: Pick<PlanWall, "coats">;
  readonly paints: readonly Paint[];
}

const tenth = (minutes: number): number => Math.round(minutes * 10) / 10;

/** Coats of broken colour: whether what joins a wet edge is on before that sets. */
export function BrokenCoats({ wall: { coats = [] }, paints }: Props) {
  if (coats.length === 0) return null;
  const nameOf = (id: string) => paints.find((paint) => paint.id === id)?.name ?? id;
  const several = new Set(coats.map(({ finish }) => finish)).size > 1;
  const late = coats.filter(({ fits }) => !fits).length;
  return (
    <Section
      name="colour/coats"
      title="Wet edges"
      sum={late === 0 ? "all joined wet" : `${late} cannot be joined`}
    >
      <DataTable<PlanCoat>
        name="Coats and their wet edges"
        rows={coats}
        keyOf={({ finish, coat }) => `${finish} ${coat}`}
        columns={[
          {
            key: "coat",
            label: "Coat",
            show: ({ coat, colour }) => (several ? `${coat}, ${nameOf(colour)}` : coat),
            value: ({ coat, colour }) => `${coat}, ${nameOf(colour)}`,
          },
          {
            key: "sections",
            label: "Parts",
            isFigure: true,
            show: ({ sections }) => sections.length,
            value: ({ sections }) => sections.length,
          },
          {
            key: "front",
            label: "Joined, min",
            isFigure: true,
            show: ({ front_min, fits }) => (
              <span className={fits ? undefined : "font-semibold text-brick"}>{tenth(front_min)}</span>
            ),
            value: ({ front_min }) => tenth(front_min),
          },
          {
            key: "open",
            label: "Wet, min",
            isFigure: true,
            show: ({ open_min }) => tenth(open_min),
            value: ({ open_min }) => tenth(open_min),
          },
        ]}
      />
    </Section>
  );
}

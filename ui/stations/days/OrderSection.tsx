"use client";

import { useAddress } from "@/ui/job/useAddress";
import { Choice } from "@/ui/parts/Choice";
import { Section } from "@/ui/parts/Section";
import { useOrderShown } from "./orderShown";
import { useVisits } from "./useVisits";

/** What is printed, stamped or worked place by place: its way over the wall is drawn there when it is asked for. */
export function OrderSection() {
  const { wallId } = useAddress();
  const { shown, show } = useOrderShown();
  const visits = useVisits(wallId);
  if (visits.length === 0) return null;
  const chosen = visits.find(({ key }) => key === shown);
  const loads = chosen?.loads.length ?? 0;
  const stops = chosen?.loads.reduce((sum, { stops }) => sum + stops.length, 0) ?? 0;
  return (
    <Section name="days/order" title="Place by place" sum={chosen?.name ?? ""}>
      <Choice
        label="Its order on the wall"
        options={[
          { label: "not shown", key: null, selected: !chosen },
          ...visits.map(({ key, name }) => ({ label: name, key, selected: key === chosen?.key })),
        ]}
        onChoose={({ key }) => show(key)}
      />
      {chosen && (
        <p className="pt-1 text-[0.9375rem] text-soft">
          {loads > 1
            ? `${stops} places in ${loads} loads. Each line is one load, from its number on; nearer by, all numbers are shown.`
            : `${stops} places, from the ring on.`}
        </p>
      )}
    </Section>
  );
}

"use client";

import { useAddress } from "@/ui/job/useAddress";
import { Choice } from "@/ui/parts/Choice";
import { Section } from "@/ui/parts/Section";
import { useOrderShown } from "./orderShown";
import { useOrders } from "./useOrders";

/** What is printed, stamped or worked place by place: its way over the wall is drawn there when it is asked for. */
export function OrderSection() {
  const { wallId } = useAddress();
  const { shown, show } = useOrderShown();
  const orders = useOrders(wallId);
  if (orders.length === 0) return null;
  const chosen = orders.find(({ key }) => key === shown);
  const loads = chosen?.rounds.length ?? 0;
  const stops = chosen?.rounds.reduce((sum, round) => sum + round.stops.length, 0) ?? 0;
  return (
    <Section name="days/order" title="Place by place" sum={chosen?.name ?? ""}>
      <Choice
        label="Its order on the wall"
        options={[
          { label: "not shown", key: null, selected: !chosen },
          ...orders.map(({ key, name }) => ({ label: name, key, selected: key === chosen?.key })),
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

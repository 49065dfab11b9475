"use client";

import { balanceColours } from "@/core/colour/balance";
import type { Tone } from "@/core/colour/lightness";
import type { PlanWall } from "@/core/job/planTypes";
import { formatArea } from "@/core/measure/formatLength";
import { useJob } from "@/ui/job/JobProvider";
import { Measure } from "@/ui/parts/Measure";

const tones: readonly Tone[] = ["light", "middle", "dark"];
const toneFill: Record<Tone, string> = { light: "#f3ede0", middle: "#a2988c", dark: "#3b3140" };
const percent = (share: number) => `${Math.round(share * 100)} %`;

/** How many pieces and how much of the walls each paint takes, and how light and dark balance. */
export function ColourShares({ walls }: { walls: readonly PlanWall[] }) {
  const { paints, units } = useJob();
  const paintOf = (id: string) => paints.find((paint) => paint.id === id);
  const balance = balanceColours(
    walls.flatMap(({ regions }) => regions),
    (id) => paintOf(id)?.hex ?? "#ffffff",
  );
  if (balance.shares.length < 2) return null;
  const words = tones.map((tone) => `${tone} ${percent(balance.tones[tone])}`).join(", ");
  return (
    <section aria-label="Colours" className="border-t border-hairline py-3">
      <h3 className="pb-1.5 font-sans text-[0.9375rem] font-semibold text-soft">Colours on the wall</h3>
      <table className="w-full text-[0.9375rem] tabular-nums">
        <tbody>
          {balance.shares.map(({ colour, pieces, areaM2, share }) => (
            <tr key={colour}>
              <th scope="row" className="py-0.5 text-left font-semibold">
                <span className="flex items-center gap-2">
                  <span
                    aria-hidden="true"
                    className="size-4 shrink-0 rounded-full border border-ink/20"
                    style={{ background: paintOf(colour)?.hex }}
                  />
                  {paintOf(colour)?.name ?? colour}
                </span>
              </th>
              <td className="text-right text-soft">{pieces === 1 ? "1 piece" : `${pieces} pieces`}</td>
              <td className="text-right">
                <Measure>{formatArea(areaM2, units)}</Measure>
              </td>
              <td className="w-12 text-right font-semibold">{percent(share)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div
        className="mt-2 flex h-3 overflow-hidden rounded-sm border border-hairline"
        role="img"
        aria-label={words}
      >
        {tones.map((tone) => (
          <span key={tone} style={{ width: `${balance.tones[tone] * 100}%`, background: toneFill[tone] }} />
        ))}
      </div>
      <p className="pt-1 text-sm text-soft" aria-hidden="true">
        {words}
      </p>
    </section>
  );
}

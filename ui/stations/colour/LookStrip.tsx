import { clockOf } from "@/core/measure/calendar";
import { daylight } from "@/core/look/views";
import { litColour } from "@/core/look/litColour";
import type { PlanBoard } from "@/core/plan/planTypes";
import type { Look } from "./boardSubjects";

/** Hours that a strip goes over: daylight, and the lamp after it. */
const first = daylight.rise;
const last = 22;
const hours = Array.from({ length: last - first }, (_, index) => first + index);
const ticks = [6, 9, 12, 15, 18, 21];

const verdictLook = { yes: "fill-leaf", no: "fill-brick", unsure: "fill-ochre" } as const;
const verdictSigns = { yes: "✓", no: "✕", unsure: "?" } as const;

export interface StripProps {
  readonly board: string;
  /** Of the client. */
  readonly looks: readonly Look[];
  /** When each light is there, once the board is dry. */
  readonly planned: PlanBoard["looks"];
}

const wide = 320;
const xOf = (minutes: number): number =>
  Math.min(wide - 9, Math.max(9, ((minutes / 60 - first) / (last - first)) * wide));

/** The looks at a board by the hours of the day, in the light that white has by then: what was said when, and what is still to be looked at. */
export function LookStrip({ board, looks, planned }: StripProps) {
  const seen = new Set(looks.map(({ light }) => light as string));
  const open = planned.filter(({ light }) => !seen.has(light));
  const said = [
    ...looks.map(({ told, verdict, light }) => `${clockOf(Math.floor(told.at.minutes))} ${light} ${verdict}`),
    ...open.map(({ at, light }) => `${at} ${light} not yet`),
  ].join(", ");
  return (
    <svg
      viewBox={`0 0 ${wide} 44`}
      className="block w-full"
      role="img"
      aria-label={`Looks at ${board} by the hour: ${said || "none yet"}`}
    >
      {hours.map((hour) => (
        <rect
          key={hour}
          x={((hour - first) / hours.length) * wide}
          y={4}
          width={wide / hours.length + 0.5}
          height={20}
          fill={litColour(
            "#ffffff",
            hour < daylight.set ? { by: "day", from: "left", hour: hour + 0.5 } : { by: "lamp" },
          )}
        />
      ))}
      <rect x={0.5} y={4} width={wide - 1} height={20} fill="none" className="stroke-hairline" />
      {ticks.map((hour) => (
        <text key={hour} x={xOf(hour * 60)} y={40} textAnchor="middle" fontSize={13} className="fill-soft">
          {hour}
        </text>
      ))}
      {open.map(({ light, at }) => (
        <circle
          key={light}
          cx={xOf(minutesOf(at))}
          cy={14}
          r={8}
          fill="none"
          strokeDasharray="3 3"
          strokeWidth={2}
          className="stroke-ink"
        />
      ))}
      {looks.map(({ told, verdict }) => (
        <g key={told.entry}>
          <circle cx={xOf(told.at.minutes)} cy={14} r={9} className={verdictLook[verdict]} />
          <text
            x={xOf(told.at.minutes)}
            y={18.5}
            textAnchor="middle"
            fontSize={13}
            className="fill-on-fill font-bold"
          >
            {verdictSigns[verdict]}
          </text>
        </g>
      ))}
    </svg>
  );
}

function minutesOf(clock: string): number {
  const [hours = 0, minutes = 0] = clock.split(":").map(Number);
  return hours * 60 + minutes;
}

import type { UnitSystem } from "@/core/measure/units";
import { mmPerInch } from "@/core/measure/units";

interface Props {
  readonly axis: "x" | "y";
  readonly units: UnitSystem;
  /** px per mm, and the px of the datum's zero along the axis. */
  readonly scale: number;
  readonly zero: number;
  readonly length: number;
  /** The part of the wall, in mm. */
  readonly extent: readonly [number, number];
}

interface Step {
  readonly mm: number;
  readonly tick: number;
}

const thickness = 26;
const leastTickPx = 4.5;
const leastLabelPx = 44;
/** Whole feet are short to write. */
const leastFootPx = 32;

const steps: Record<UnitSystem, readonly Step[]> = {
  imperial: [
    { mm: mmPerInch / 16, tick: 4 },
    { mm: mmPerInch / 8, tick: 5 },
    { mm: mmPerInch / 4, tick: 6 },
    { mm: mmPerInch / 2, tick: 8 },
    { mm: mmPerInch, tick: 9 },
    { mm: mmPerInch * 3, tick: 10 },
    { mm: mmPerInch * 6, tick: 12 },
    { mm: mmPerInch * 12, tick: 16 },
    { mm: mmPerInch * 24, tick: 16 },
    { mm: mmPerInch * 60, tick: 16 },
  ],
  metric: [
    { mm: 1, tick: 4 },
    { mm: 5, tick: 6 },
    { mm: 10, tick: 7 },
    { mm: 50, tick: 9 },
    { mm: 100, tick: 12 },
    { mm: 500, tick: 14 },
    { mm: 1000, tick: 16 },
    { mm: 5000, tick: 16 },
  ],
};

const leastFor = ({ mm }: Step, units: UnitSystem): number =>
  units === "imperial" && mm >= 12 * mmPerInch ? leastFootPx : leastLabelPx;

/** A tape measure along one edge of the stage, reading from the wall's datum in the job's units. */
export function Ruler({ axis, units, scale, zero, length, extent }: Props) {
  const along = axis === "x" ? 1 : -1;
  const toPx = (mm: number) => zero + along * mm * scale;
  const visible = steps[units].filter((step) => step.mm * scale >= leastTickPx);
  const labelled =
    steps[units].find((step) => step.mm * scale >= leastFor(step, units)) ?? steps[units].at(-1)!;
  const [start, end] = [0, length].map((px) => ((px - zero) * along) / scale).sort((a, b) => a - b) as [
    number,
    number,
  ];
  const from = Math.max(start, extent[0]);
  const to = Math.min(end, extent[1]);
  const finest = visible[0] ?? labelled;
  const count = Math.max(0, Math.floor(to / finest.mm + 1e-6) - Math.ceil(from / finest.mm - 1e-6) + 1);
  const first = Math.ceil(from / finest.mm - 1e-6);
  const [a, b] = [toPx(extent[0]), toPx(extent[1])].sort((p, q) => p - q) as [number, number];
  return (
    <g aria-hidden="true">
      <Body axis={axis} from={a} to={b} />
      {Array.from({ length: count }, (_, index) => {
        const mm = (first + index) * finest.mm;
        const step = visible.findLast((candidate) => isMultiple(mm, candidate.mm)) ?? finest;
        return (
          <Tick
            key={index}
            axis={axis}
            at={toPx(mm)}
            length={step.tick}
            label={isMultiple(mm, labelled.mm) ? labelOf(mm, units) : null}
          />
        );
      })}
    </g>
  );
}

const isMultiple = (mm: number, step: number): boolean => Math.abs(mm / step - Math.round(mm / step)) < 1e-6;

function Body({ axis, from, to }: { axis: "x" | "y"; from: number; to: number }) {
  const size = Math.max(0, to - from);
  return axis === "x" ? (
    <rect x={from} y={0} width={size} height={thickness} className="fill-paper stroke-hairline" />
  ) : (
    <rect x={0} y={from} width={thickness + 8} height={size} className="fill-paper stroke-hairline" />
  );
}

function Tick({
  axis,
  at,
  length,
  label,
}: {
  axis: "x" | "y";
  at: number;
  length: number;
  label: string | null;
}) {
  if (axis === "x") {
    return (
      <>
        <line
          x1={at}
          x2={at}
          y1={thickness}
          y2={thickness - length}
          className="stroke-ink"
          strokeWidth={length > 10 ? 1.1 : 0.5}
        />
        {label && (
          <text x={at - 4} y={11} textAnchor="end" className="fill-ink text-[11px]">
            {label}
          </text>
        )}
      </>
    );
  }
  const edge = thickness + 8;
  return (
    <>
      <line
        y1={at}
        y2={at}
        x1={edge}
        x2={edge - length}
        className="stroke-ink"
        strokeWidth={length > 10 ? 1.1 : 0.5}
      />
      {label && (
        <text x={edge - length - 3} y={at - 3} textAnchor="end" className="fill-ink text-[11px]">
          {label}
        </text>
      )}
    </>
  );
}

function labelOf(mm: number, units: UnitSystem): string {
  if (mm === 0) return "";
  // Down from a level line is read off the tape like up from it.
  const reading = Math.abs(mm);
  if (units === "metric") return reading % 1000 === 0 ? `${reading / 1000} m` : String(Math.round(reading));
  const inches = reading / mmPerInch;
  const feet = inches / 12;
  if (Math.abs(feet - Math.round(feet)) < 1e-6) return `${Math.round(feet)}′`;
  return `${trim(inches)}″`;
}

const trim = (value: number): string => String(Math.round(value * 1e4) / 1e4);

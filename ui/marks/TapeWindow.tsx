import { mmPerInch, type UnitSystem } from "@/core/measure/units";

interface Props {
  /** What is looked for, in mm along the tape. */
  readonly at: number;
  readonly units: UnitSystem;
}

const height = 66;
const width = 1280;

/** The piece of tape measure that the painter is about to look at, with the reading in its middle. */
export function TapeWindow({ at, units }: Props) {
  const reading = Math.abs(at);
  const isInch = units === "imperial";
  const [division, perLabel, labelMm] = isInch ? [mmPerInch / 16, 16, mmPerInch] : [1, 10, 10];
  const pxPerMm = isInch ? 152 / mmPerInch : 9;
  const toPx = (mm: number) => width / 2 + (mm - reading) * pxPerMm;
  const first = Math.max(0, Math.floor((reading - width / 2 / pxPerMm) / division));
  const count = Math.ceil(width / pxPerMm / division) + 2;
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      className="block h-[66px] w-full border-y border-hairline bg-paper"
      preserveAspectRatio="xMidYMid slice"
      aria-hidden="true"
    >
      {Array.from({ length: count }, (_, index) => {
        const step = first + index;
        const x = toPx(step * division);
        const share = step % perLabel;
        const long =
          share === 0
            ? 34
            : share * 2 === perLabel
              ? 25
              : share % 4 === 0 && isInch
                ? 19
                : share % 2 === 0
                  ? 14
                  : 9;
        return (
          <g key={step}>
            <line x1={x} x2={x} y2={long} className="stroke-ink" strokeWidth={share === 0 ? 2 : 1.2} />
            {share === 0 && (
              <text x={x} y={56} textAnchor="middle" className="fill-ink text-[20px] font-bold">
                {isInch ? Math.round((step * division) / labelMm) : Math.round(step * division)}
              </text>
            )}
          </g>
        );
      })}
      <line x1={width / 2} x2={width / 2} y2={height} className="stroke-violet" strokeWidth={3.5} />
    </svg>
  );
}

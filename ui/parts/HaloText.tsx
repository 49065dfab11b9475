import type { SVGProps } from "react";
import { Measure } from "./Measure";

interface Props extends Omit<SVGProps<SVGTextElement>, "children"> {
  readonly children: string;
  /** The class of the halo's stroke. */
  readonly halo?: string;
  readonly haloWidth?: number;
}

/** A text in a drawing with a halo drawn under all of it, so that no part of the text covers another. */
export function HaloText({
  children,
  halo = "stroke-paper",
  haloWidth = 4,
  className = "",
  ...place
}: Props) {
  return (
    <>
      <text
        {...place}
        aria-hidden="true"
        className={`${halo} ${className}`}
        fill="none"
        strokeWidth={haloWidth}
        strokeLinejoin="round"
      >
        <Measure as="tspan">{children}</Measure>
      </text>
      <text {...place} className={`fill-ink ${className}`}>
        <Measure as="tspan">{children}</Measure>
      </text>
    </>
  );
}

import type { Drawn } from "./useLook";
import { LookProgress } from "./LookProgress";

interface Props {
  readonly drawn: Drawn;
  /** What it shows. */
  readonly label: string;
  /** Its pixels, where its place does not give them their size. */
  readonly size?: { readonly width: number; readonly height: number };
  readonly className: string;
}

/** A look as it is being drawn, with how far it has come. */
export const LookCanvas = ({ drawn: { canvas, done }, label, size, className }: Props) => (
  <div className={`relative ${className}`}>
    <canvas
      ref={canvas}
      role="img"
      aria-label={`${label}: a prediction`}
      data-done={done}
      className={size ? "block w-full" : "block h-full w-full"}
      style={size && { aspectRatio: `${size.width} / ${size.height}` }}
      {...size}
    />
    <LookProgress done={done} />
  </div>
);

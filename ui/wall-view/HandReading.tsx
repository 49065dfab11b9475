import { Measure } from "@/ui/parts/Measure";
import { textWidth } from "@/ui/parts/textWidth";

const letterPx = 14;
const linePx = 19;
const padPx = 10;

/** How large it is drawn, px. */
export const sizeOfReading = (words: readonly string[]) => ({
  width: Math.max(...words.map((text) => textWidth(text, letterPx))) * 1.06 + 2 * padPx,
  height: words.length * linePx + 9,
});

interface Props {
  readonly words: readonly string[];
  /** Of its left upper corner. */
  readonly left: number;
  readonly top: number;
}

/** What is read off at the hand while it holds something. */
export function HandReading({ words, left, top }: Props) {
  return (
    <g pointerEvents="none">
      <rect x={left} y={top} {...sizeOfReading(words)} rx={6} className="fill-violet" />
      {words.map((text, index) => (
        <text
          key={index}
          x={left + padPx}
          y={top + linePx * (index + 1)}
          fontSize={letterPx}
          className="fill-on-fill font-semibold"
        >
          <Measure as="tspan">{text}</Measure>
        </text>
      ))}
    </g>
  );
}

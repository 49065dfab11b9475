import { Fragment } from "react";

/** A thin space at which no line breaks. */
const thinSpace = "\u2060\u200a\u2060";
const fraction = /( ?)(?<![\d.])(\d+\/\d+)(?=["″])/g;

/**
 * A text with its lengths set as a tape reads: true fractions with a thin space before them, and primes.
 * Only what looks like a fraction before an inch mark is touched. Inside a drawing its parts are tspans.
 */
export function Measure({ children, as: Part = "span" }: { children: string; as?: "span" | "tspan" }) {
  const typeset = children
    .replace(/(\d)"/g, "$1″")
    .replace(/(\d)'(?= |$|\d)/g, "$1′")
    .replace(/\b(m|cm|ft|in)2\b/g, "$1²");
  const parts: { text: string; isFraction: boolean }[] = [];
  let last = 0;
  for (const match of typeset.matchAll(fraction)) {
    parts.push({
      text: typeset.slice(last, match.index) + (match[1] && last < match.index ? thinSpace : match[1]!),
      isFraction: false,
    });
    parts.push({ text: match[2]!, isFraction: true });
    last = match.index + match[0].length;
  }
  parts.push({ text: typeset.slice(last), isFraction: false });
  return (
    <>
      {parts.map(({ text, isFraction }, index) => (
        <Fragment key={index}>{isFraction ? <Part className="fraction">{text}</Part> : text}</Fragment>
      ))}
    </>
  );
}

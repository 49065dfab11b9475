const vulgarFractions: Record<string, string> = {
  "½": "1/2",
  "⅓": "1/3",
  "⅔": "2/3",
  "¼": "1/4",
  "¾": "3/4",
  "⅛": "1/8",
  "⅜": "3/8",
  "⅝": "5/8",
  "⅞": "7/8",
};

/**
 * Brings typographic primes, quotes, fraction characters, minus signs and spaces to their plain ASCII form,
 * so that the parsers see one spelling. A fraction character that follows a digit becomes a mixed number.
 */
export function normaliseText(text: string): string {
  return text
    .replace(/[½⅓⅔¼¾⅛⅜⅝⅞]/g, (character) => ` ${vulgarFractions[character]}`)
    .replace(/⁄/g, "/")
    .replace(/[’′‘]/g, "'")
    .replace(/[”″“]/g, '"')
    .replace(/''/g, '"')
    .replace(/[−–]/g, "-")
    .replace(/[\s\u2009\u202f\u00a0]+/g, " ")
    .replace(/- (?=\d+\/)/g, (match, offset: number, whole: string) =>
      whole[offset - 1] === " " || offset === 0 ? match : "-",
    )
    .trim();
}

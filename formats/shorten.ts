/** As much of a text as fits into so many characters as programs count them, cut between characters as people see them. */
export function shorten(text: string, longest: number): string {
  if (text.length <= longest) return text;
  let kept = "";
  for (const { segment } of new Intl.Segmenter().segment(text)) {
    if (kept.length + segment.length > longest) break;
    kept += segment;
  }
  return kept;
}

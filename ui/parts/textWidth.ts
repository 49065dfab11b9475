/** About how wide a character of the screen's face is, as a share of its size: rather too wide than too narrow. */
function shareOf(character: string): number {
  if (/[iIjl.,:;'|!()[\]\s′″·]/.test(character)) return 0.3;
  if (/[mwMW%@]/.test(character)) return 0.88;
  if (/[\d+=×]/.test(character)) return 0.6;
  if (/[A-Z]/.test(character)) return 0.68;
  return 0.55;
}

/** Fractions are set as such, small above and below a stroke. */
const fraction = /\d+\/\d+/g;
const fractionShare = 0.36;

/** About how wide a text is drawn, for what has to be laid out before it is drawn; in the unit of `size`. */
export function textWidth(text: string, size: number): number {
  let shares = 0;
  for (const character of text.replace(fraction, "")) shares += shareOf(character);
  for (const [digits] of text.matchAll(fraction)) shares += digits.length * fractionShare;
  return shares * size;
}

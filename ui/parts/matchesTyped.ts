/** Every word that is typed has to stand somewhere in a name; the order of the list stays. */
export function matchesTyped(name: string, typed: string): number {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  return words.every((word) => name.toLowerCase().includes(word)) ? 1 : 0;
}

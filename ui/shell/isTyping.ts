/** Whether a key belongs to a field that is being typed in, rather than to the screen. */
export function isTyping(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null;
  return Boolean(target?.closest("input, textarea, select, [contenteditable]"));
}

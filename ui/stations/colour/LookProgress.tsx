/** How far a look has come, along its lower edge; nothing once it is whole. */
export function LookProgress({ done }: { done: number | null }) {
  if (done === 1) return null;
  return (
    <div
      role="progressbar"
      aria-label="The look is being drawn"
      aria-valuemin={0}
      aria-valuemax={100}
      aria-valuenow={Math.round((done ?? 0) * 100)}
      className="absolute inset-x-0 bottom-0 h-1.5 bg-paper/70"
    >
      <div className="h-full bg-violet" style={{ width: `${Math.max(4, (done ?? 0) * 100)}%` }} />
    </div>
  );
}

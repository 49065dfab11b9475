/** How far something has come, 0 to 1. */
export function Progress({ label, share }: { label: string; share: number }) {
  const percent = Math.round(share * 100);
  return (
    <div
      role="progressbar"
      aria-label={label}
      aria-valuenow={percent}
      aria-valuemin={0}
      aria-valuemax={100}
      className="h-2 flex-1 overflow-hidden rounded-full border border-hairline bg-paper"
    >
      <div className="h-full bg-violet" style={{ width: `${percent}%` }} />
    </div>
  );
}

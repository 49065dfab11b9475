/** A jacaranda bell flower. */
export function Logo({ size = 26 }: { size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 26 26" aria-hidden="true">
      <path d="M13 3c-2 3-5 6-5 11 0 3 2 5 5 5s5-2 5-5c0-5-3-8-5-11z" className="fill-violet" />
      <path d="M13 8v11M10 12c0 3 1 6 3 7M16 12c0 3-1 6-3 7" stroke="#cdbdea" strokeWidth="1" fill="none" />
      <path
        d="M13 19c0 2-.6 3.400-2 5"
        className="stroke-leaf"
        strokeWidth="1.800"
        fill="none"
        strokeLinecap="round"
      />
    </svg>
  );
}

import type { ButtonHTMLAttributes } from "react";

const looks = {
  plain: "border border-hairline bg-paper hover:border-violet",
  primary: "border border-violet bg-violet text-on-fill hover:brightness-110",
  cure: "border border-violet bg-paper font-semibold text-violet hover:bg-violet-wash",
  quiet:
    "border border-transparent text-soft hover:text-ink hover:bg-violet-wash aria-pressed:bg-violet-wash aria-pressed:text-violet",
} as const;

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
  readonly look?: keyof typeof looks;
}

/** A button of one of four weights, never smaller than a thumb. */
export function Button({ look = "plain", className = "", type = "button", ...rest }: Props) {
  return (
    <button
      type={type}
      className={`inline-flex min-h-11 items-center justify-center gap-2 rounded-md px-3.5 text-[0.9375rem] disabled:opacity-45 ${looks[look]} ${className}`}
      {...rest}
    />
  );
}

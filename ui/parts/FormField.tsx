import { useId, type InputHTMLAttributes, type Ref } from "react";

interface Props extends InputHTMLAttributes<HTMLInputElement> {
  readonly label: string;
  /** Its label is for those who listen. */
  readonly isHidden?: boolean;
  readonly problem?: string;
  readonly ref?: Ref<HTMLInputElement>;
}

/** A field of a form that is sent as a whole, with what is wrong with it underneath. */
export function FormField({ id: own, label, isHidden = false, problem, className = "", ...input }: Props) {
  const made = useId();
  const id = own ?? made;
  return (
    <div>
      <label htmlFor={id} className={isHidden ? "sr-only" : "small-caps-label block pb-1"}>
        {label}
      </label>
      <input
        id={id}
        autoComplete="off"
        aria-invalid={problem !== undefined}
        aria-describedby={`${id}-note`}
        className={`min-h-11 w-full rounded-md border bg-paper px-3 font-semibold ${problem ? "border-brick" : "border-hairline"} ${className}`}
        {...input}
      />
      <p
        id={`${id}-note`}
        role={problem === undefined ? undefined : "alert"}
        className="pt-1 text-sm text-brick empty:hidden"
      >
        {problem}
      </p>
    </div>
  );
}

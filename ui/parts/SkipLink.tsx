import { focusOn } from "./FocusKept";

interface Props {
  /** The id of what one gets to. */
  readonly to: string;
  readonly children: string;
}

/** For the keyboard: past all that stands before something. It is seen while it has the focus. */
export const SkipLink = ({ to, children }: Props) => (
  <a
    href={`#${to}`}
    onClick={(event) => {
      event.preventDefault();
      focusOn(document.getElementById(to));
    }}
    className="sr-only min-h-11 items-center rounded-md border border-violet bg-paper px-3.5 font-semibold text-violet focus:not-sr-only focus:inline-flex"
  >
    {children}
  </a>
);

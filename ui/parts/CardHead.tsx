import type { ReactNode } from "react";
import { Measure } from "./Measure";

interface Props {
  readonly title: string;
  /** One line under it. */
  readonly note?: string;
  /** On a phone its title gives its room to what is under it. */
  readonly isBrief?: boolean;
  /** What is most often done here. */
  readonly action?: ReactNode;
  readonly children?: ReactNode;
}

/** The head of a card: it stays in sight while what is under it is scrolled. */
export function CardHead({ title, note, action, isBrief = false, children }: Props) {
  return (
    <header className="sticky -top-4 z-20 short:static -mx-5 -mt-4 border-b border-hairline bg-card px-5 pt-3 pb-2">
      <div className={`flex min-h-11 items-center gap-2 ${isBrief ? "max-md:sr-only" : ""}`}>
        <h2 className="min-w-0 flex-1 text-2xl leading-tight font-bold break-words">{title}</h2>
        {action}
      </div>
      {note && (
        <p className="text-[0.9375rem] leading-snug text-soft">
          <Measure>{note}</Measure>
        </p>
      )}
      {children}
    </header>
  );
}

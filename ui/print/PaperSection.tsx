import type { ReactNode } from "react";

/** A part of a sheet under its heading, which is never left alone at the foot of a page. */
export function PaperSection({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="pt-3">
      <h2 className="break-after-avoid border-b border-black text-[12pt] font-bold">{title}</h2>
      <div className="pt-1">{children}</div>
    </section>
  );
}

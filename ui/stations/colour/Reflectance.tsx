"use client";

import dynamic from "next/dynamic";

/** What a mix reflects of each colour of light beside what is meant; the chart comes when it is looked at. */
const Chart = dynamic(() => import("./ReflectanceChart").then((module) => module.ReflectanceChart), {
  ssr: false,
  loading: () => <div className="h-36" />,
});

interface Props {
  readonly name: string;
  readonly mixed: readonly number[];
  readonly meant: string;
}

export const Reflectance = (props: Props) => (
  <details>
    <summary className="min-h-11 cursor-pointer py-2 text-[0.9375rem] text-violet">
      What it reflects, blue to red
    </summary>
    <Chart {...props} />
    <p className="text-sm text-soft">
      Guessed from the colours of the screen. Where the two lines part though the colours match, another light
      tells them apart.
    </p>
  </details>
);

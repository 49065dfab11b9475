"use client";

import { Swatch } from "@/ui/parts/Swatch";
import { useState } from "react";
import type { Tool } from "@/core/finishes/editing";
import { valueOfWritten } from "@/ui/parts/lengthEntry";
import { useJob } from "@/ui/job/JobProvider";
import { Button } from "@/ui/parts/Button";
import { Section } from "@/ui/parts/Section";
import { LengthField } from "@/ui/parts/LengthField";
import { usePatternHand } from "@/ui/job/patternHand";
import { useDrawing, type Drawing } from "./useDrawing";
import type { HandedFinish } from "./useEditing";

/** What can be drawn of the finish in hand, and the tool in hand with its next point. */
export function DrawingTools({ wallId, handed }: { wallId: string; handed: HandedFinish }) {
  const { tool: taken, takeTool } = usePatternHand();
  const drawing = useDrawing(wallId);
  return (
    <Section name="pattern/tools" title="On the wall">
      <div className="flex flex-wrap gap-1.5">
        {handed.editing.tools.map(({ id, name }: Tool) => (
          <button
            key={id}
            type="button"
            aria-pressed={taken === id}
            className={`min-h-9 rounded-full border px-3 text-[0.9375rem] max-md:min-h-11 ${taken === id ? "border-violet bg-violet font-semibold text-on-fill" : "border-hairline bg-paper hover:border-violet"}`}
            onClick={() => takeTool(taken === id ? null : id)}
          >
            {name}
          </button>
        ))}
      </div>
      {drawing && <ToolInHand key={drawing.tool.id} drawing={drawing} />}
    </Section>
  );
}

/** Which point is next, the paint it is drawn in, and fields to type its readings instead of clicking. */
function ToolInHand({ drawing }: { drawing: Drawing }) {
  const { paints, units } = useJob();
  const takePaint = usePatternHand((hand) => hand.takePaint);
  const [typed, setTyped] = useState<{ x: number | string; y: number | string }>({ x: 0, y: 0 });
  const { tool, asks, points, handed } = drawing;
  const put = () => {
    const [x, y] = [valueOfWritten(typed.x), valueOfWritten(typed.y)];
    if (x.ok && y.ok) drawing.set({ x: x.value + handed.offset, y: y.value });
  };
  return (
    <div className="pt-3">
      <p aria-live="polite">
        <span className="font-semibold">{`Point ${points.length + 1}: `}</span>
        {`click ${asks}${tool.snaps ? ", or type it" : ""}.`}
      </p>
      {tool.paints && (
        <div role="group" aria-label="In which paint" className="flex flex-wrap gap-1.5 pt-2">
          {paints.map(({ id, name, hex }) => (
            <button
              key={id}
              type="button"
              aria-pressed={id === drawing.paint}
              className={`flex min-h-9 items-center gap-1.5 rounded-full border px-2.5 text-sm max-md:min-h-11 ${id === drawing.paint ? "border-violet bg-violet-wash font-semibold" : "border-hairline hover:border-violet"}`}
              onClick={() => takePaint(id)}
            >
              <Swatch colour={hex} size={4} />
              {name}
            </button>
          ))}
        </div>
      )}
      {tool.snaps && (
        <div className="grid grid-cols-[1fr_1fr_auto] items-end gap-2 pt-2">
          <LengthField
            label="Along"
            written={typed.x}
            units={units}
            onChange={(x) => (setTyped({ ...typed, x }), null)}
          />
          <LengthField
            label="Up"
            written={typed.y}
            units={units}
            onChange={(y) => (setTyped({ ...typed, y }), null)}
          />
          <Button onClick={put}>Set point</Button>
        </div>
      )}
      <div className="flex gap-2 pt-2">
        {drawing.mayEnd && (
          <Button look="primary" onClick={drawing.end}>
            End here
          </Button>
        )}
        <Button look="quiet" className="px-0" onClick={drawing.cancel}>
          {points.length > 0 ? "Start again" : "Lay it down"}
        </Button>
      </div>
    </div>
  );
}

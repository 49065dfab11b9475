"use client";

import { Upload, X } from "lucide-react";
import { useEffect, useState } from "react";
import { useDropzone } from "react-dropzone";
import { proposeRegisters } from "@/core/stencil/proposeRegisters";
import { formatArea, formatLength, formatRun } from "@/core/measure/formatLength";
import { blankFor } from "@/core/stencil/blanks";
import { byColour } from "@/core/stencil/byColour";
import { cutSheet, tryCutSheet } from "@/core/stencil/cutSheet";
import { sheetsAtHand, type StencilDocument } from "@/core/stencil/library";
import type { Stencil } from "@/core/stencil/schema";
import { useDocument, useJob, useJobState } from "@/ui/job/JobProvider";
import { changeById, freshId, withSheets, type FinishDocument } from "@/ui/job/jobDocument";
import { usePatternHand } from "@/ui/job/patternHand";
import { mmOf } from "@/ui/job/writtenLength";
import { Button } from "@/ui/parts/Button";
import { LengthField } from "@/ui/parts/LengthField";
import { Measure } from "@/ui/parts/Measure";
import { Section } from "@/ui/parts/Section";
import { readSheet } from "@/workers/sheetClient";
import { ScaledSheet } from "./ScaledSheet";
import { SheetDrawing } from "./SheetDrawing";

interface Props {
  /** The finish that prints, its sheet, and the paints of its colours. */
  readonly finish: string;
  readonly sheet: string;
  readonly colours: Readonly<Record<string, string>>;
  /** Whether the colours of one piece of plastic go on one after the other. */
  readonly isByColour: boolean;
}

/** What of a sheet is cut anew: its holes, or the marks that overlays are laid by. */
type Recut = Partial<Pick<Stencil, "overlays" | "registers">>;

type Choosable = Pick<StencilDocument, "id" | "overlays">;

/** The sheet that a finish prints with: those at hand as they are cut, a drawing of one's own, and what its plastic is like. */
export function SheetSection({ finish: finishId, sheet: sheetId, colours, isByColour }: Props) {
  const job = useJob();
  const change = useJobState((state) => state.change);
  const sheets = sheetsAtHand(job.stencils);
  const own = sheets.find(({ id }) => id === sheetId);
  const choose = (stencil: Choosable, added?: StencilDocument) =>
    change((before) => ({
      ...before,
      stencils: added ? [...(before.stencils ?? []), added] : withSheets(before, [stencil]).stencils,
      finishes: changeById<FinishDocument>(
        before.finishes,
        finishId,
        (finish) =>
          ({
            ...finish,
            stencil: stencil.id,
            colours: coloursFor(stencil, colours),
            shades: undefined,
          }) as FinishDocument,
      ),
    }));
  const recut = (stencil: Stencil, changed: Recut) =>
    change((before) => {
      const { stencils } = withSheets(before, [stencil]);
      return {
        ...before,
        stencils: changeById(stencils ?? [], stencil.id, (sheet) => ({ ...sheet, ...changed })),
      };
    });
  return (
    <Section name="pattern/sheet" title="Sheet" sum={own?.name ?? sheetId}>
      <ul className="grid grid-cols-3 gap-2 pb-2">
        {sheets.map((stencil) => (
          <li key={stencil.id}>
            <button
              type="button"
              aria-pressed={stencil.id === sheetId}
              className="flex w-full flex-col items-center gap-1 rounded-md border border-hairline bg-paper p-1.5 hover:border-violet aria-pressed:border-2 aria-pressed:border-violet"
              onClick={() => choose(stencil)}
            >
              <Thumbnail stencil={stencil} />
              <span className="text-[0.9375rem]">{stencil.name ?? stencil.id}</span>
            </button>
          </li>
        ))}
      </ul>
      <OwnDrawing onRead={choose} />
      {own && (
        <Plastic
          stencil={own}
          colours={isByColour ? colours : null}
          onChange={(changed) => recut(own, changed)}
        />
      )}
    </Section>
  );
}

/** A colour of the new sheet keeps the paint of its name; others take the paints of the old one in turn. */
function coloursFor({ overlays }: Choosable, before: Props["colours"]): Record<string, string> {
  const paints = Object.values(before);
  const slots = [...new Set(overlays.flatMap(({ cuts }) => cuts.map(({ slot }) => slot)))];
  return Object.fromEntries(
    slots.map((slot, index) => [slot, before[slot] ?? paints[index % Math.max(1, paints.length)] ?? ""]),
  );
}

const usualWidthMm = 300;

/** A drawing in the open vector format becomes a sheet, as wide as is told. */
function OwnDrawing({ onRead }: { onRead: (stencil: Choosable, added: StencilDocument) => void }) {
  const job = useJob();
  const document = useDocument();
  const [width, setWidth] = useState<number | string>(usualWidthMm);
  const [message, setMessage] = useState<string | null>(null);
  const [reading, setReading] = useState<AbortController | null>(null);
  useEffect(() => () => reading?.abort(), [reading]);
  const read = async ([file]: File[]) => {
    if (!file) return;
    const stop = new AbortController();
    setReading(stop);
    const name = file.name.replace(/\.svg$/i, "");
    const id = freshId(name.toLowerCase().replace(/[^a-z0-9]+/g, "-") || "sheet", [
      ...sheetsAtHand(job.stencils),
      ...(document.stencils ?? []),
    ]);
    const as = { id, name, width: mmOf(width) || usualWidthMm };
    const answer = await readSheet(await file.text(), as, stop.signal);
    // Given up, or another has been dropped meanwhile.
    setReading((current) => (current === stop ? null : current));
    if (stop.signal.aborted) return;
    setMessage(answer === null || answer.ok ? null : answer.message);
    if (answer?.ok) onRead(answer.sheet, answer.sheet);
  };
  const { getInputProps, getRootProps, isDragActive, open } = useDropzone({
    onDrop: (files) => void read(files),
    accept: { "image/svg+xml": [".svg"] },
    noClick: true,
    noKeyboard: true,
    multiple: false,
  });
  return (
    <div
      {...getRootProps()}
      className={`rounded-md border border-dashed px-3 py-2 ${isDragActive ? "border-violet" : "border-hairline"}`}
    >
      <input {...getInputProps()} aria-label="Drawing of a sheet" />
      <div className="grid grid-cols-2 items-end gap-3">
        <LengthField
          label="Drawn how wide"
          written={width}
          units={job.units}
          onChange={(value) => {
            setWidth(value);
            return null;
          }}
        />
        {reading ? (
          <Button look="quiet" onClick={() => reading.abort()} className="mb-6">
            <X size={16} aria-hidden /> Stop reading
          </Button>
        ) : (
          <Button look="quiet" onClick={open} className="mb-6">
            <Upload size={16} aria-hidden /> SVG
          </Button>
        )}
      </div>
      {message && (
        <p role="alert" className="pb-1 text-[0.9375rem] text-brick">
          {message}
        </p>
      )}
    </div>
  );
}

function Thumbnail({ stencil }: { stencil: Stencil }) {
  const sheet = tryCutSheet(stencil);
  return sheet ? (
    <SheetDrawing sheet={sheet} className="h-16 w-full" />
  ) : (
    <span className="h-16">too many cuts</span>
  );
}

/** What the plastic is like: its size, what falls out, where it is thin, whether it can be turned. */
function Plastic({
  stencil,
  colours,
  onChange,
}: {
  readonly stencil: Stencil;
  /** The paints that go on one after the other, each as an overlay of its own; null where they do not. */
  readonly colours: Props["colours"] | null;
  readonly onChange: (changed: Recut) => void;
}) {
  const { units } = useJob();
  const { overlay: shown, lookAt } = usePatternHand();
  // All of them again, wherever the painter goes from here.
  useEffect(() => () => lookAt(null), [lookAt]);
  const sheet = tryCutSheet(stencil);
  if (!sheet) return null;
  const printed = colours ? cutSheet(byColour(stencil, colours).stencil) : sheet;
  const { plastic, cell, islands, bridges, hasHalfTurn, cuttingMm, slots } = sheet;
  const length = (mm: number) => formatLength(mm, units);
  const overlays = printed.stencil.overlays.map(({ id }) => id);
  const unmarked =
    stencil.overlays.length > 1 && stencil.registers.length === 0 ? proposeRegisters(sheet) : [];
  const openMm2 = slots.reduce((sum, slot) => sum + slot.openMm2, 0);
  return (
    <div className="pt-3">
      <ScaledSheet sheet={{ ...printed, islands: sheet.islands, bridges: sheet.bridges }} overlay={shown} />
      {overlays.length > 1 && (
        <div className="flex flex-wrap gap-2 pt-2" role="group" aria-label="Overlays shown">
          {[null, ...overlays].map((id) => (
            <Button key={id ?? "all"} look="quiet" aria-pressed={shown === id} onClick={() => lookAt(id)}>
              {id === null ? "All overlays" : `Overlay ${id}`}
            </Button>
          ))}
        </div>
      )}
      <p className="pt-2 text-[0.9375rem] text-soft">
        <Measure>
          {[
            `Repeats every ${length(cell.maxX - cell.minX)} by ${length(cell.maxY - cell.minY)}, plastic ${length(plastic.maxX - plastic.minX)} by ${length(plastic.maxY - plastic.minY)}.`,
            `Cut from ${blankFor(sheet) ?? "a roll"}, one for each overlay and each copy.`,
            `${formatArea(openMm2 / 1e6, units)} open, ${formatRun(cuttingMm / 1000, units)} to cut.`,
            hasHalfTurn
              ? "Upside down it prints the same."
              : "Upside down it prints otherwise: mark its top.",
          ].join(" ")}
        </Measure>
      </p>
      {islands.length > 0 && (
        <p className="text-[0.9375rem] text-brick">
          {`${islands.length} ${islands.length === 1 ? "piece falls" : "pieces fall"} out: nothing holds ${islands.length === 1 ? "it" : "them"}.`}
          <Button
            look="quiet"
            className="text-violet"
            onClick={() =>
              // Brought only when it is asked for: clipping is heavy.
              void import("@/core/stencil/holdIslands").then(({ proposeBridges, withBridges }) =>
                onChange({ overlays: withBridges(stencil, proposeBridges(stencil)) }),
              )
            }
          >
            Hold with bridges
          </Button>
        </p>
      )}
      {unmarked.length > 0 && (
        <p className="text-[0.9375rem] text-ochre">
          Nothing to lay its overlays by: what is laid by eye drifts.
          <Button look="quiet" className="text-violet" onClick={() => onChange({ registers: unmarked })}>
            Add three marks
          </Button>
        </p>
      )}
      {bridges.map(({ width, at }, index) => (
        <p key={index} className="text-[0.9375rem] text-ochre">
          <Measure>{`A bridge of ${length(width)}, ${length(Math.abs(at.x))} ${at.x < 0 ? "left" : "right"} of the middle, ${length(Math.abs(at.y))} ${at.y < 0 ? "under" : "over"} it.`}</Measure>
        </p>
      ))}
    </div>
  );
}

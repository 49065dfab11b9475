"use client";

import { RefreshCw } from "lucide-react";
import { useMemo, useState } from "react";
import type { PriceSheet } from "@/devices/prices/priceList";
import { createSimulatedPrices } from "@/devices/prices/simulatedPrices";
import { useJob, useJobState, usePlan } from "@/ui/job/JobProvider";
import { Button } from "@/ui/parts/Button";
import { Section } from "@/ui/parts/Section";
import { Progress } from "@/ui/parts/Progress";
import { priceText } from "@/ui/parts/packsText";
import { useDevice } from "@/ui/parts/useDevice";
import { listPriceChanges, takePrices } from "./takePrices";

/** Asks the supplier for today's prices and stock; nothing changes until they are taken. */
export function PricePanel() {
  const job = useJob();
  const plan = usePlan();
  const change = useJobState((state) => state.change);
  const jobId = useJobState((state) => state.jobId);
  const prices = useMemo(
    () => createSimulatedPrices({ seed: jobId, day: new Date().toISOString().slice(0, 10) }),
    [jobId],
  );
  const [sheet, setSheet] = useState<PriceSheet | null>(null);
  const [share, setShare] = useState(0);
  const { isBusy, word, run, stop } = useDevice();
  const refresh = () =>
    run(async (signal) => {
      setShare(0);
      setSheet(null);
      const paints = job.paints
        .filter(({ id }) => plan.paint.some(({ colour }) => colour === id))
        .map(({ id, packs }) => ({ id, sizesMl: packs.map(({ size }) => size) }));
      const sundries = plan.sundries.map(({ item }) => item);
      const answer = await prices.fetch({ paints, sundries }, signal, setShare);
      setSheet(answer);
      return null;
    });
  const changes = sheet ? listPriceChanges(job, sheet, (amount) => priceText(amount, job.currency)) : [];
  return (
    <Section
      name="buy/prices"
      title="Prices"
      action={
        isBusy ? (
          <Button onClick={stop}>Stop</Button>
        ) : (
          <Button onClick={() => void refresh()}>
            <RefreshCw size={16} aria-hidden /> Refresh prices
          </Button>
        )
      }
    >
      <p className="text-[0.9375rem] text-soft">{`From: ${prices.name.toLowerCase()}.`}</p>
      {isBusy && (
        <div className="flex py-1">
          <Progress label="Prices that are in" share={share} />
        </div>
      )}
      <p aria-live="polite" className="text-[0.9375rem] text-soft">
        {word ?? (sheet && changes.length === 0 ? "All prices are as they were." : "")}
      </p>
      {changes.length > 0 && (
        <>
          <ul aria-label="Price changes" className="max-h-48 overflow-y-auto text-[0.9375rem]" tabIndex={0}>
            {changes.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
          <div className="flex gap-2 pt-2">
            <Button
              look="cure"
              onClick={() => {
                change((before) => takePrices(before, job, sheet!));
                setSheet(null);
              }}
            >
              Take these prices
            </Button>
            <Button look="quiet" onClick={() => setSheet(null)}>
              Leave them
            </Button>
          </div>
        </>
      )}
    </Section>
  );
}

"use client";

import { Crosshair } from "lucide-react";
import { useEffect, useMemo, useRef, useState } from "react";
import { formatError, formatLength } from "@/core/measure/formatLength";
import type { UnitSystem } from "@/core/measure/units";
import { summariseShots, type LaserMeter } from "@/devices/laser/laserMeter";
import { createSimulatedLaser } from "@/devices/laser/simulatedLaser";
import type { Room } from "@/devices/laser/simulatedRoom";
import { Button } from "@/ui/parts/Button";
import { Measure } from "@/ui/parts/Measure";
import { useLaserFields } from "@/ui/parts/LaserFields";

interface Props {
  readonly room: Room;
  readonly seed: string;
  readonly units: UnitSystem;
}

type Standing = "apart" | "pairing" | "paired" | "shooting";

const repeats = 5;
const shotKey = "F2";
/** Repeated readings that differ by more were taken with an unsteady hand. */
const steadyMm = 2.5;

/** The laser measure: pair it, then F2 (or its button) puts a reading into the field in hand. */
export function LaserPanel({ room, seed, units }: Props) {
  const laser = useMemo(() => createSimulatedLaser({ room, seed }), [room, seed]);
  return <PairedLaser laser={laser} units={units} />;
}

function PairedLaser({ laser, units }: { laser: LaserMeter; units: UnitSystem }) {
  const field = useLaserFields()?.field ?? null;
  const { standing, readings, word, pair, shoot, stop } = useLaser(laser);
  const isBusy = standing === "pairing" || standing === "shooting";
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== shotKey || standing !== "paired") return;
      event.preventDefault();
      void shoot(1);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [standing, shoot]);
  return (
    <section aria-label="Laser measure" className="border-t border-hairline py-3">
      <div className="flex items-center gap-2">
        <Crosshair size={18} aria-hidden className={standing === "apart" ? "text-soft" : "text-brick"} />
        <h2 className="flex-1 font-bold">{laser.name}</h2>
        {standing === "apart" && <Button onClick={() => void pair()}>Pair</Button>}
        {isBusy && <Button onClick={stop}>Stop</Button>}
        {standing === "paired" && (
          <>
            <Button onClick={() => void shoot(1)} disabled={!field}>
              Read (F2)
            </Button>
            <Button onClick={() => void shoot(repeats)} disabled={!field}>
              {`× ${repeats}`}
            </Button>
          </>
        )}
      </div>
      <p className="text-[0.9375rem] text-soft" aria-live="polite">
        {word ??
          (standing === "apart"
            ? "Readings can come from a laser instead of being typed."
            : field
              ? `The next reading goes to: ${field.label}.`
              : "Step into a length field; the reading goes there.")}
      </p>
      {readings.length > 1 && <Spread readings={readings} units={units} />}
    </section>
  );
}

/** Pairs, shoots once or several times into the field in hand, and can be stopped. */
function useLaser(laser: LaserMeter) {
  const field = useLaserFields()?.field ?? null;
  const [standing, setStanding] = useState<Standing>("apart");
  const [readings, setReadings] = useState<readonly number[]>([]);
  const [word, setWord] = useState<string | null>(null);
  const running = useRef<AbortController | null>(null);
  useEffect(() => () => running.current?.abort(), []);
  const run = async (during: Standing, work: (signal: AbortSignal) => Promise<void>) => {
    const before = standing;
    running.current = new AbortController();
    setStanding(during);
    try {
      await work(running.current.signal);
      setStanding("paired");
    } catch (error) {
      setWord(error instanceof Error ? error.message : String(error));
      setStanding(before === "apart" ? "apart" : "paired");
    }
  };
  const pair = () =>
    run("pairing", async (signal) => {
      setWord("Pairing …");
      await laser.pair(signal);
      setWord(null);
    });
  const shoot = (count: number) =>
    run("shooting", async (signal) => {
      if (!field) return setWord("Step into a length field first.");
      const taken: number[] = [];
      setReadings([]);
      for (let shot = 0; shot < count; shot++) {
        setWord(count > 1 ? `Reading ${shot + 1} of ${count} …` : "Reading …");
        const answer = await laser.shoot(field.aim, signal);
        if (answer.kind === "miss") {
          if (count === 1) return setWord(answer.reason);
          continue;
        }
        taken.push(answer.mm);
        setReadings([...taken]);
      }
      const summary = summariseShots(taken);
      if (!summary) return setWord("Nothing came back. Aim again.");
      const problem = field.fill(Math.round(summary.mean * 10) / 10);
      setWord(problem);
    });
  return { standing, readings, word, pair, shoot, stop: () => running.current?.abort() };
}

const spreadWidth = 300;

/** Repeated readings as ticks around their mean, with how far they lie apart. */
function Spread({ readings, units }: { readings: readonly number[]; units: UnitSystem }) {
  const { mean, spread } = summariseShots(readings)!;
  const toPx = (mm: number) =>
    spreadWidth / 2 + ((mm - mean) / Math.max(4, spread * 1.2)) * (spreadWidth - 24);
  return (
    <div className="pt-2">
      <svg viewBox={`0 0 ${spreadWidth} 26`} className="w-full" aria-hidden="true">
        <line x1={6} x2={spreadWidth - 6} y1={20} y2={20} className="stroke-hairline" />
        <line
          x1={spreadWidth / 2}
          x2={spreadWidth / 2}
          y1={3}
          y2={24}
          className="stroke-violet"
          strokeWidth={2}
        />
        {readings.map((mm, index) => (
          <circle key={index} cx={toPx(mm)} cy={13} r={4} className="fill-brick" fillOpacity={0.75} />
        ))}
      </svg>
      <p className="text-[0.9375rem]">
        <Measure>{`Mean ${formatLength(mean, units)} of ${readings.length}; they lie ${formatError(spread, units)} apart.`}</Measure>
        {spread > steadyMm && (
          <span className="text-ochre"> Rest the laser on something and read again.</span>
        )}
      </p>
    </div>
  );
}

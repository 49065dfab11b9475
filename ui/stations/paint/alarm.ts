import { create } from "zustand";
import { persist } from "zustand/middleware";
import { keptLocally } from "@/ui/parts/keptLocally";
import { speak } from "@/ui/parts/speak";

interface Alarm {
  /** Whether what comes due is heard and felt, and whether it is spoken. */
  readonly sounds: boolean;
  readonly speaks: boolean;
  set(to: Partial<Pick<Alarm, "sounds" | "speaks">>): void;
}

export const useAlarm = create<Alarm>()(
  persist((set) => ({ sounds: false, speaks: false, set: (to) => set(to) }), {
    name: "jacaranda alarm",
    ...keptLocally,
  }),
);

const toneHz = 660;
const toneS = 0.4;

/** Something is due: a tone and a tremble, and its words where they are asked for. */
export function sound(words: string): void {
  const { sounds, speaks } = useAlarm.getState();
  if (sounds) {
    navigator.vibrate?.([200, 100, 200]);
    ring();
  }
  if (speaks) speak(words);
}

function ring(): void {
  const context = new AudioContext();
  const tone = context.createOscillator();
  const volume = context.createGain();
  tone.frequency.value = toneHz;
  volume.gain.setValueAtTime(0.2, context.currentTime);
  volume.gain.exponentialRampToValueAtTime(0.001, context.currentTime + toneS);
  tone.connect(volume).connect(context.destination);
  tone.start();
  tone.stop(context.currentTime + toneS);
  tone.onended = () => void context.close();
}

import { preferred } from "../common/preferences";

/** How loud each level is, of 1. */
const LOUDNESS = { off: 0, quiet: 0.08, loud: 0.6 } as const;
const TONE = { hz: 660, seconds: 0.35 };
const FELT_MS = [120, 80, 120];
let context: AudioContext | null = null;

/** A browser lets a page sound only after a tap: called at the first one. */
export function allowSound(): void {
  if (preferred("sounds") === "off" || typeof AudioContext === "undefined") return;
  context ??= new AudioContext();
  void context.resume();
}

/** Something is due: heard as loud as the maker wants it, and felt where the device can. */
export function signal(): void {
  navigator.vibrate?.(FELT_MS);
  const loudness = LOUDNESS[preferred("sounds")];
  if (!context || loudness === 0) return;
  const tone = context.createOscillator();
  const gain = context.createGain();
  tone.frequency.value = TONE.hz;
  gain.gain.setValueAtTime(loudness, context.currentTime);
  gain.gain.exponentialRampToValueAtTime(0.001, context.currentTime + TONE.seconds);
  tone.connect(gain).connect(context.destination);
  tone.start();
  tone.stop(context.currentTime + TONE.seconds);
}

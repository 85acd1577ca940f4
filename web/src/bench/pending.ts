import type { BenchInHand, BenchStage } from "../api/types";
import type { Waiting } from "./outbox";

/** What is under hand, with what this device has told and the server has not taken yet. */
export interface Hand extends BenchInHand {
  /** Told here, and not taken yet. */
  waits: boolean;
}

const secondsOf = (at: string): number => Date.parse(at) / 1000;

/** The stage as the maker left it: what waits to be sent is looked at as if it had been taken. Nothing of the plan is computed. */
export function asLeft(stage: BenchStage, waiting: Waiting[], copies: number): { hands: Hand[]; laid: Set<string>; tookBack: Set<string> } {
  const hands = new Map<string, Hand>(stage.in_hand.map((hand) => [hand.work, { ...hand, waits: false }]));
  /** Bases are told of the work, the rest of the step that the plan has of it. */
  const workOf = (step: string) => [...hands.values()].find((hand) => hand.step === step || hand.work === step)?.work ?? step;
  const laid = new Set<string>();
  const tookBack = new Set<string>();
  for (const { event } of waiting) {
    if (event.kind === "took_back") tookBack.add(event.data?.event ?? "");
    if (!event.step) continue;
    const step = workOf(event.step);
    const at = secondsOf(event.at);
    const hand = hands.get(step);
    if (event.kind === "started" || event.kind === "resumed") {
      const fresh = {
        step,
        work: step,
        begun: event.at.slice(0, 16),
        running_since: null,
        spent_s: 0,
        laid: [],
        each_min: null,
        last_at: null,
        waits: true,
      };
      const held = hand ?? fresh;
      hands.set(step, { ...held, running_since: held.running_since ?? at, waits: true });
    } else if (event.kind === "paused" && hand) {
      const ran = hand.running_since === null ? 0 : at - hand.running_since;
      hands.set(step, { ...hand, spent_s: hand.spent_s + ran, running_since: null, waits: true });
    } else if (event.kind === "laid" || event.kind === "skipped") {
      const done = [...new Set([...(hand?.laid ?? []), ...(event.copies ?? [])])];
      if (hand && event.copies && done.length < copies) hands.set(step, { ...hand, laid: done.sort((a, b) => a - b), waits: true });
      else {
        hands.delete(step);
        laid.add(event.step);
      }
    }
  }
  return { hands: [...hands.values()], laid, tookBack };
}

/** Seconds that hands were on it, by the instant, ms. */
export const spent = (hand: BenchInHand, instant: number): number =>
  hand.spent_s + (hand.running_since === null ? 0 : Math.max(instant / 1000 - hand.running_since, 0));

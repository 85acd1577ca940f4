import { useState } from "react";
import { api, Refused, Unreachable } from "../../api/client";
import type { WhyNot } from "../../api/types";
import { useBuild, useBuildSession } from "../useSession";

/** A step held over another: what stands against doing it first, told before the drop; dropped, it becomes a wish. */
export function useDragging() {
  const build = useBuild();
  const session = useBuildSession();
  const [held, setHeld] = useState<string | null>(null);
  const [over, setOver] = useState<{ id: string; answer: WhyNot | null } | null>(null);

  const hover = async (id: string) => {
    if (held) await ask(held, id);
  };

  /** What would stand against doing one before another. */
  async function ask(first: string, id: string) {
    if (first === id || (held === first && over?.id === id)) return;
    setHeld(first);
    setOver({ id, answer: null });
    try {
      const answer = await api.whyNot(build.id, first, id);
      setOver((now) => (now?.id === id ? { id, answer } : now));
    } catch (error) {
      if (!(error instanceof Refused || error instanceof Unreachable)) throw error;
      // Nothing can be told: it is not a place to drop at.
      setOver((now) => (now?.id === id ? null : now));
    }
  }

  function drop() {
    if (over?.answer && !over.answer.reasons.length && over.answer.patch.length) session.edit("Wish an order", over.answer.patch);
    end();
  }

  function end() {
    setHeld(null);
    setOver(null);
  }

  return { held, over, hold: setHeld, ask, hover, drop, end };
}

export type Dragging = ReturnType<typeof useDragging>;

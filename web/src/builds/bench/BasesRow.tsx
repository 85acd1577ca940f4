import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import type { Step } from "../../api/types";
import type { Hand } from "../../bench/pending";
import { clockWords, span } from "../../common/words";
import { useTell } from "./useTell";

interface Props {
  hand: Hand;
  step: Step;
  copies: number;
}

/** Which bases are done: a tap for each, or, after "All up to", for all up to the one that is tapped; how long each takes, and when the
 * last is in hand. */
export function BasesRow({ hand, step, copies }: Props) {
  const tell = useTell();
  const [upTo, setUpTo] = useState(false);
  const [first, last] = step.copies;
  const mine = Array.from({ length: last - first + 1 }, (_, index) => first + index);
  const done = new Set(hand.laid);
  const left = mine.filter((base) => !done.has(base));
  const lay = (base: number) => {
    void tell("laid", { step: hand.work, copies: upTo ? left.filter((one) => one <= base) : [base] });
    setUpTo(false);
  };
  return (
    <Box role="group" aria-label="Bases" sx={{ mb: 1.5 }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
        {mine.map((base) => (
          <Button
            key={base}
            variant={done.has(base) ? "contained" : "outlined"}
            aria-pressed={done.has(base)}
            aria-label={`Base ${base}${done.has(base) ? ", done" : ""}`}
            disabled={done.has(base)}
            onClick={() => lay(base)}
            sx={{ minWidth: 64 }}
          >
            {done.has(base) ? "✓" : ""}
            {base}
          </Button>
        ))}
        {left.length > 1 && (
          <Button variant={upTo ? "contained" : "outlined"} aria-pressed={upTo} onClick={() => setUpTo(!upTo)}>
            {upTo ? "All up to: tap the last" : "All up to …"}
          </Button>
        )}
      </Box>
      <Box role="status">
        {done.size} of {copies} done
        {hand.each_min !== null && `, ${span(hand.each_min)} each`}
        {hand.last_at !== null && `; the last is in hand at ${clockWords(hand.last_at)}`}
        {step.mixes > 1 && `; mix ${step.mixes} times`}
      </Box>
    </Box>
  );
}

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useTheme } from "@mui/material/styles";
import type { BenchToUse } from "../../api/types";
import { useOutbox } from "../../bench/outbox";
import { Swatch } from "../../common/Swatch";
import { amountWords, capital } from "../../common/words";
import { useTell } from "./useTell";

/** How much was really used: by one tap as it was reckoned, or by another less or more. It is taken out of the stores, and learnt from. */
export function UsedHere({ steps }: { steps: BenchToUse[] }) {
  const { tints } = useTheme();
  const tell = useTell();
  const waiting = useOutbox((state) => state.waiting);
  const told = (step: string, material: string, colour: string | null) =>
    waiting.some(
      ({ event }) =>
        event.kind === "used" &&
        event.step === step &&
        event.data?.material === material &&
        (event.data.colour ?? null) === colour &&
        event.data.amount !== undefined,
    );
  const left = steps
    .map((one) => ({ ...one, takes: one.takes.filter((take) => !told(one.step, take.material, take.colour)) }))
    .filter((one) => one.takes.length > 0);
  if (!left.length) return null;
  return (
    <Box component="section" aria-label="What was used">
      <Box component="h2" sx={{ m: 0, fontSize: 22 }}>
        What was used
      </Box>
      <Box sx={{ color: "text.secondary" }}>The filled one is as reckoned. It goes out of the stores, and the next plan goes by it.</Box>
      {left.map((one) => (
        <Box key={one.step} data-used={one.step} sx={{ borderBottom: 1, borderColor: tints.line, py: 1 }}>
          <Box sx={{ fontWeight: 600 }}>{one.title}</Box>
          {one.takes.map((take) => (
            <Box
              key={`${take.material}${take.colour}`}
              role="group"
              aria-label={`${capital(take.name)}, for ${one.title}`}
              sx={{ mt: 0.5 }}
            >
              <Box sx={{ display: "flex", gap: 1, alignItems: "center" }}>
                {take.colour && <Swatch colour={take.colour} />}
                {capital(take.name)}
              </Box>
              <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", mt: 0.5 }}>
                {take.choices.map((amount) => (
                  <Button
                    key={amount}
                    variant={amount === take.amount ? "contained" : "outlined"}
                    sx={{ minWidth: 88 }}
                    onClick={() =>
                      void tell("used", {
                        step: one.step,
                        data: { material: take.material, amount, unit: take.unit, ...(take.colour ? { colour: take.colour } : {}) },
                      })
                    }
                  >
                    {amountWords(amount, take.unit)}
                  </Button>
                ))}
              </Box>
            </Box>
          ))}
        </Box>
      ))}
    </Box>
  );
}

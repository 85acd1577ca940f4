import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Popover from "@mui/material/Popover";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { type ReactNode, useState } from "react";
import type { Reckoning } from "../api/types";
import { figureWords } from "./figureWords";
import { capital } from "./words";

interface Props {
  about: string;
  /** As large as a finger that is not clean. */
  large?: boolean;
  children: ReactNode;
}

/** "How is this computed?" beside a figure: what it is asked for opens over it. */
export function HowButton({ about, large = false, children }: Props) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const side = large ? 44 : 24;
  return (
    <>
      <Button
        size="small"
        color="inherit"
        aria-label={`How is this computed: ${about}`}
        title="How is this computed?"
        onClick={(event) => {
          event.stopPropagation();
          setAnchor(event.currentTarget);
        }}
        sx={{ minWidth: side, width: side, height: side, p: 0, fontFamily: "serif", fontStyle: "italic", color: "text.secondary" }}
      >
        ƒ
      </Button>
      <Popover
        open={anchor !== null}
        anchorEl={anchor}
        onClose={() => setAnchor(null)}
        onClick={(event) => event.stopPropagation()}
        anchorOrigin={{ vertical: "bottom", horizontal: "left" }}
        slotProps={{ paper: { role: "dialog", "aria-label": `How ${about} is computed`, sx: { width: 440, maxWidth: "94vw", p: 2 } } }}
      >
        {anchor && children}
      </Popover>
    </>
  );
}

/** How a figure comes about: its formula, what went into it as bars to one scale, and where that is from. */
export function HowTold({ reckoning }: { reckoning: Reckoning }) {
  return (
    <>
      <Typography variant="h3">
        {capital(reckoning.name)}: {figureWords(reckoning)}
      </Typography>
      <Typography sx={{ my: 1 }}>= {reckoning.formula}</Typography>
      <Inputs inputs={reckoning.inputs} />
      <Typography variant="body2" color="text.secondary" sx={{ mt: 1 }}>
        From: {reckoning.source}.
      </Typography>
    </>
  );
}

/** What went into it; where all of it is of one kind, with bars to one scale. */
function Inputs({ inputs }: { inputs: Reckoning["inputs"] }) {
  const { tints } = useTheme();
  const numbers = inputs.map((one) => one.value).filter((value) => typeof value === "number");
  const unit = inputs.find((one) => typeof one.value === "number")?.unit;
  const alike = inputs.length > 2 && inputs.every((one) => typeof one.value !== "number" || one.unit === unit);
  const most = Math.max(...numbers, 0);
  return (
    <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
      {inputs.map((one, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: two steps may have one name
        <Box component="li" key={index} sx={{ py: 0.25, position: "relative", borderBottom: 1, borderColor: "divider" }}>
          {alike && typeof one.value === "number" && most > 0 && (
            <Box
              aria-hidden
              sx={{
                position: "absolute",
                left: 0,
                bottom: 0,
                height: 3,
                width: `${(100 * Math.max(one.value, 0)) / most}%`,
                bgcolor: tints.accent,
              }}
            />
          )}
          <Box sx={{ display: "flex", gap: 1.5 }}>
            <span style={{ flex: 1 }}>{capital(one.name)}</span>
            <b>{figureWords(one)}</b>
          </Box>
        </Box>
      ))}
    </Box>
  );
}

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { useMutation } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { api } from "../api/client";
import { FileButton } from "../common/FileButton";
import { Swatch } from "../common/Swatch";

/** The photograph is shown and read no wider, px. */
const MOST_WIDE = 560;
/** A spot is so many px across. */
const SPOT = 12;

type Spot = { x: number; y: number; colour: string };

/** A tone read off a photograph: first a spot of the swatch, then a spot of the grey card beside it. The photograph stays in the browser. */
export function GreyCardPicker({ onTone }: { onTone: (colour: string) => void }) {
  const { tints } = useTheme();
  const canvas = useRef<HTMLCanvasElement>(null);
  const [picture, setPicture] = useState<{ width: number; height: number } | null>(null);
  const [spots, setSpots] = useState<Spot[]>([]);
  const [wrong, setWrong] = useState<string | null>(null);
  const sample = useMutation({
    mutationFn: ([tone, card]: string[]) => api.mixSample(tone, card),
    onSuccess: ({ colour }) => onTone(colour),
  });

  async function open(file: File) {
    setWrong(null);
    setSpots([]);
    try {
      const bitmap = await createImageBitmap(file);
      const scale = Math.min(1, MOST_WIDE / bitmap.width);
      const size = { width: Math.round(bitmap.width * scale), height: Math.round(bitmap.height * scale) };
      setPicture(size);
      const drawn = canvas.current as HTMLCanvasElement;
      Object.assign(drawn, size);
      drawn.getContext("2d", { willReadFrequently: true })?.drawImage(bitmap, 0, 0, size.width, size.height);
    } catch {
      setPicture(null);
      setWrong(`${file.name} is no picture that this browser can read: take a JPEG, PNG or WebP.`);
    }
  }

  function pick(x: number, y: number) {
    const spot = { x, y, colour: mean(canvas.current as HTMLCanvasElement, x, y) };
    const next = spots.length === 1 ? [spots[0], spot] : [spot];
    setSpots(next);
    if (next.length === 2) sample.mutate(next.map((one) => one.colour));
  }

  return (
    <Box sx={{ mb: 2 }}>
      <Stack direction="row" sx={{ gap: 1.5, alignItems: "center", flexWrap: "wrap" }}>
        <FileButton label="Read it off a photograph" file="Photograph of a swatch beside a grey card" accept="image/*" onFile={open} />
        {picture && (
          <Typography>{spots.length === 1 ? "Now the grey card beside it." : "Click the swatch, then the grey card beside it."}</Typography>
        )}
        {spots.map((spot, index) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: the first is the swatch, the second the card
          <Swatch key={index} colour={spot.colour} label={index ? "the card as photographed" : "the swatch as photographed"} />
        ))}
        {picture && <Button onClick={() => setPicture(null)}>Put the photograph away</Button>}
      </Stack>
      {wrong && <Alert severity="error">{wrong}</Alert>}
      {sample.error && <Alert severity="warning">{sample.error.message}</Alert>}
      <Box sx={{ position: "relative", display: picture ? "inline-block" : "none", mt: 1, maxWidth: "100%" }}>
        <canvas
          ref={canvas}
          aria-label="The photograph: click the swatch, then the grey card"
          onClick={(event) => {
            const frame = event.currentTarget.getBoundingClientRect();
            const scale = event.currentTarget.width / frame.width;
            pick((event.clientX - frame.left) * scale, (event.clientY - frame.top) * scale);
          }}
          style={{ cursor: "crosshair", maxWidth: "100%", display: "block" }}
        />
        {picture &&
          spots.map((spot) => (
            <Box
              key={`${spot.x}${spot.y}`}
              sx={{
                position: "absolute",
                left: `${(spot.x / picture.width) * 100}%`,
                top: `${(spot.y / picture.height) * 100}%`,
                width: SPOT * 1.5,
                height: SPOT * 1.5,
                border: `2px solid ${tints.accent}`,
                borderRadius: "50%",
                transform: "translate(-50%, -50%)",
                pointerEvents: "none",
              }}
            />
          ))}
      </Box>
    </Box>
  );
}

/** The mean over a spot, "#rrggbb". */
function mean(canvas: HTMLCanvasElement, x: number, y: number): string {
  const left = Math.max(0, Math.round(x - SPOT / 2));
  const top = Math.max(0, Math.round(y - SPOT / 2));
  const { data } = (canvas.getContext("2d") as CanvasRenderingContext2D).getImageData(left, top, SPOT, SPOT);
  const sums = [0, 0, 0];
  for (let at = 0; at < data.length; at += 4) for (let channel = 0; channel < 3; channel += 1) sums[channel] += data[at + channel];
  return `#${sums
    .map((sum) =>
      Math.round(sum / (data.length / 4))
        .toString(16)
        .padStart(2, "0"),
    )
    .join("")}`;
}

import { keyframes } from "@emotion/react";
import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { type ReactNode, useEffect, useState } from "react";

/** What comes sooner than this is not said to be waited for, ms. */
const SOON_MS = 300;
const laid = keyframes({
  "0%": { opacity: 0, transform: "translateY(-5px)" },
  "25%, 80%": { opacity: 1, transform: "none" },
  "100%": { opacity: 0 },
});

/** Something is on its way: a base whose layers are laid one after another, and what is waited for. Whoever wants no motion sees it finished. */
export function Waiting({ children }: { children: ReactNode }) {
  const { tints } = useTheme();
  const [shown, setShown] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setShown(true), SOON_MS);
    return () => clearTimeout(timer);
  }, []);
  return (
    <Box role="status" sx={{ display: "flex", alignItems: "center", gap: 1.5, p: 2.5, visibility: shown ? "visible" : "hidden" }}>
      <Box
        component="svg"
        aria-hidden
        viewBox="0 0 48 34"
        sx={{
          width: 48,
          flexShrink: 0,
          "& .layer": { animation: `${laid} 1.8s ease-in-out infinite`, "@media (prefers-reduced-motion: reduce)": { animation: "none" } },
        }}
      >
        <path d="M4 33L8 25H40L44 33Z" fill="#b59468" />
        <path className="layer" d="M8 25V20Q24 17 40 21V25Z" fill={tints.curing} style={{ animationDelay: "0.1s" }} />
        <path className="layer" d="M8 20Q24 17 40 21V17Q24 13 8 16Z" fill={tints.ready} style={{ animationDelay: "0.35s" }} />
        <path
          className="layer"
          d="M16 14V5M16 14L12 8M16 14L20 7M30 14V8M30 14L34 9"
          stroke={tints.ready}
          strokeWidth={2}
          style={{ animationDelay: "0.6s" }}
        />
      </Box>
      <Typography>{children}</Typography>
    </Box>
  );
}

import Box from "@mui/material/Box";
import { type ReactNode, useEffect, useRef, useState } from "react";

/** Draws what is in it once it comes near the window; until then its room is kept. */
export function WhenSeen({ width, height, children }: { width: number; height: number; children: ReactNode }) {
  const ref = useRef<HTMLDivElement>(null);
  const [seen, setSeen] = useState(false);
  useEffect(() => {
    if (seen || !ref.current) return;
    const watch = new IntersectionObserver((entries) => entries.some((entry) => entry.isIntersecting) && setSeen(true), {
      rootMargin: "300px",
    });
    watch.observe(ref.current);
    return () => watch.disconnect();
  }, [seen]);
  return (
    <Box ref={ref} sx={{ width, height, flexShrink: 0 }}>
      {seen && children}
    </Box>
  );
}

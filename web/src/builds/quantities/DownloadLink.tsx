import Button from "@mui/material/Button";
import type { ReactNode } from "react";

/** A file to take away. */
export function DownloadLink({ href, children }: { href: string; children: ReactNode }) {
  return (
    <Button component="a" href={href} download variant="outlined" size="small">
      {children}
    </Button>
  );
}

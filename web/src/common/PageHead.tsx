import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import { Link } from "react-router";
import { Brand } from "./Brand";

/** The head of a page beside the shelf: what it is, what can be done on it, and the way back. */
export function PageHead({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <Stack direction="row" sx={{ alignItems: "center", gap: 2, mb: 2, flexWrap: "wrap" }}>
      <Brand component={Link} to="/" />
      <Typography variant="h1" sx={{ flex: 1 }}>
        {title}
      </Typography>
      {children}
      <Button component={Link} to="/">
        To the shelf
      </Button>
    </Stack>
  );
}

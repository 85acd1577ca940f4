import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import { Link } from "react-router";
import { Brand } from "./Brand";
import { usePageTitle } from "./usePageTitle";
import { WorkshopNav } from "./WorkshopNav";

/** The head of a page of the workshop: where else to go, what it is, and what can be done on it. */
export function PageHead({ title, children }: { title: string; children?: ReactNode }) {
  usePageTitle(title);
  return (
    <Box component="header" sx={{ mb: 2 }}>
      <Stack direction="row" sx={{ alignItems: "center", gap: 2, mb: 1.25 }}>
        <Brand component={Link} to="/" />
        <WorkshopNav />
      </Stack>
      <Stack direction="row" sx={{ alignItems: "center", gap: 1.5, flexWrap: "wrap" }}>
        <Typography variant="h1" sx={{ flex: 1 }}>
          {title}
        </Typography>
        {children}
      </Stack>
    </Box>
  );
}

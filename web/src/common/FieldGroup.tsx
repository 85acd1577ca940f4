import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";

/** Fields that belong together, under their title. */
export function FieldGroup({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section" aria-label={title} sx={{ mt: 2 }}>
      <Typography variant="h2" sx={{ borderBottom: 2, borderColor: "primary.main", mb: 1.5 }}>
        {title}
      </Typography>
      <Stack direction="row" sx={{ flexWrap: "wrap", gap: 1.5, alignItems: "flex-start" }}>
        {children}
      </Stack>
    </Box>
  );
}

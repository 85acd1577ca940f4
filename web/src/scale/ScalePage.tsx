import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { Link, useSearchParams } from "react-router";
import { Brand } from "../common/Brand";
import { ScaleField } from "../common/ScaleField";
import { ScaleDesk } from "./ScaleDesk";

/** The scale desk by itself, at any scale. */
export function ScalePage() {
  const [search, setSearch] = useSearchParams();
  const ratio = Number(search.get("ratio")) || 35;
  const go = (value: number) => setSearch({ ratio: String(value) }, { replace: true });
  return (
    <Box component="main" sx={{ maxWidth: 1180, mx: "auto", p: 2.5 }}>
      <Stack direction="row" sx={{ alignItems: "center", gap: 2, mb: 2, flexWrap: "wrap" }}>
        <Brand component={Link} to="/" />
        <Typography variant="h1" sx={{ flex: 1 }}>
          Scale desk
        </Typography>
        <ScaleField value={ratio} onChange={go} />
        <Button component={Link} to="/">
          To the shelf
        </Button>
      </Stack>
      <ScaleDesk ratio={ratio} />
    </Box>
  );
}

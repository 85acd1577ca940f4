import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { Link, useSearchParams } from "react-router";
import { Brand } from "../common/Brand";
import { Choice } from "../common/Choice";
import { useCatalogue } from "../common/catalogue";
import { NumberField } from "../common/NumberField";
import { short } from "../common/words";
import { ScaleDesk } from "./ScaleDesk";

const MODELS = [12, 16, 24, 32, 35, 48, 56, 72, 76, 87, 144, 160, 200, 350, 700];

/** The scale desk by itself, at any scale. */
export function ScalePage() {
  const [search, setSearch] = useSearchParams();
  const { railways } = useCatalogue();
  const ratio = Number(search.get("ratio")) || 35;
  const go = (value: number) => setSearch({ ratio: String(value) }, { replace: true });
  return (
    <Box component="main" sx={{ maxWidth: 1180, mx: "auto", p: 2.5 }}>
      <Stack direction="row" sx={{ alignItems: "center", gap: 2, mb: 2, flexWrap: "wrap" }}>
        <Brand component={Link} to="/" />
        <Typography variant="h1" sx={{ flex: 1 }}>
          Scale desk
        </Typography>
        <NumberField label="Scale 1 :" min={0.1} step={1} width={110} value={ratio} onChange={go} />
        <Choice
          label="Usual scales"
          width={150}
          value=""
          options={MODELS.map((n) => [String(n), `1:${n}`] as const)}
          onChange={(value) => go(Number(value))}
        />
        <Choice
          label="Railways"
          width={150}
          value=""
          options={railways.map((railway) => [String(railway.ratio), `${railway.name}, 1:${short(railway.ratio)}`] as const)}
          onChange={(value) => go(Number(value))}
        />
        <Button component={Link} to="/">
          To the shelf
        </Button>
      </Stack>
      <ScaleDesk ratio={ratio} />
    </Box>
  );
}

import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import type { Section } from "../../api/types";
import { has, kindOf, kindsOf, useCatalogue } from "../../common/catalogue";
import { Hatches, hatchOf } from "./hatches";

const PAPER = "#e6dcc6";

/** What the hatches of a section mean, family by family. */
export function HatchKey({ section }: { section: Section }) {
  const { tints } = useTheme();
  const catalogue = useCatalogue();
  const wet = section.waters.some((water) => water.runs.length) && kindsOf(catalogue, "families").find((one) => has(one, "fills_water"));
  const laid = section.strata.filter((stratum) => stratum.runs.length).map((stratum) => stratum.family ?? "");
  const families = [...new Set([...laid, ...(wet ? [wet.key] : [])])];
  return (
    <Stack direction="row" sx={{ flexWrap: "wrap", columnGap: 1.5, rowGap: 0.25 }} aria-label="Hatches">
      {families.map((family) => (
        <Stack key={family} direction="row" sx={{ alignItems: "center", gap: 0.5, fontSize: 13, color: "text.secondary" }}>
          <svg width={20} height={13} aria-hidden>
            <Hatches id={`key-${family}`} />
            <rect width={20} height={13} fill={wet && family === wet.key ? tints.wet : PAPER} />
            <rect width={20} height={13} fill={`url(#key-${family}-${hatchOf(catalogue, family)})`} stroke="#1b1510" strokeOpacity={0.5} />
          </svg>
          {kindOf(catalogue, "families", family)?.name ?? "unknown material"}
        </Stack>
      ))}
    </Stack>
  );
}

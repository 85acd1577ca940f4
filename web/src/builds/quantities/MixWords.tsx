import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import type { MixNeeded } from "../../api/types";
import { amountWords, short, span } from "../../common/words";
import { usePartNames } from "../../mixes/usePartNames";

const ratio = (parts: number[] | null) => parts?.map((one) => short(one)).join(" : ");

/** How much is needed, in how many batches; the ratio by mass and by volume; and where it is too little to be mixed truly. */
export function MixWords({ needed }: { needed: MixNeeded }) {
  const { tints } = useTheme();
  const nameOf = usePartNames();
  const ml = needed.need_ml === null ? "" : ` (${short(needed.need_ml)} ml)`;
  const batches = needed.batches > 1 ? `, in ${needed.batches} batches of ${amountWords(needed.g, "g")}` : "";
  const pot = needed.pot_min && needed.batches > 1 ? `, since it can be worked for ${span(needed.pot_min)}` : "";
  const parts = needed.parts.map(nameOf).join(" : ");
  return (
    <>
      <Typography variant="body2">
        {amountWords(needed.need_g, "g")}
        {ml} with waste{batches}
        {pot}. {capitalised(parts)}: {ratio(needed.by_mass) ?? "unknown"} by mass,{" "}
        {needed.by_volume ? `${ratio(needed.by_volume)} by volume` : "by volume unknown, since a density is"}; the label overrules.
      </Typography>
      {needed.left_g > 0 && needed.least_g !== null && (
        <Box sx={{ borderLeft: 4, borderColor: tints.curing, pl: 1, mt: 0.5, bgcolor: tints.advicePaper }}>
          <Typography variant="body2">
            Too little to measure truly: mix {amountWords(needed.g, "g")}
            {needed.batches > 1 ? " each time" : ""}. {amountWords(needed.left_g, "g")} are left over
            {needed.serves.length ? `, enough for ${needed.serves.map((one) => one.title).join(", ")}` : ""}.
          </Typography>
        </Box>
      )}
    </>
  );
}

const capitalised = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

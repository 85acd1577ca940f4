import Box from "@mui/material/Box";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { has, kindOf, useCatalogue } from "../../common/catalogue";
import { capital, count } from "../../common/words";
import { useBuild } from "../useSession";

/** The tools of all steps, when each is needed first, what does in their place and what is worth borrowing. */
export function KitList() {
  const { evaluation } = useBuild();
  const catalogue = useCatalogue();
  const { tints } = useTheme();
  const rigs = new Map<string, string[]>();
  for (const step of evaluation.steps) if (step.rig) rigs.set(step.rig, [...(rigs.get(step.rig) ?? []), step.title]);
  if (!rigs.size) return null;
  return (
    <Box component="section" aria-label="Tools" sx={{ mt: 3 }}>
      <Typography variant="h2" sx={{ borderBottom: 2, borderColor: "primary.main" }}>
        Tools
      </Typography>
      <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(300px, 1fr))", columnGap: 3 }}>
        {[...rigs].map(([key, steps]) => {
          const rig = kindOf(catalogue, "rigs", key);
          return (
            <Box key={key} sx={{ py: 1, borderBottom: 1, borderColor: "divider" }}>
              <Typography>
                <b>{capital(rig?.name ?? key)}</b>
                {has(rig, "lent") && (
                  <Box component="span" sx={{ ml: 1, px: 0.75, bgcolor: tints.advicePaper, fontSize: "0.9rem" }}>
                    worth borrowing
                  </Box>
                )}
              </Typography>
              <Typography variant="body2" color="text.secondary">
                {count(steps.length, "step")}, first: {steps[0]}
                {rig?.instead ? `. In its place: ${rig.instead}` : ""}
              </Typography>
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { useCatalogue } from "../../common/catalogue";
import { capital, count } from "../../common/words";
import { nameOf } from "../plan/parts";
import { useBuildSession, useFile, useOfBuild, useSelection, within } from "../useSession";
import { FormOrder } from "./FormOrder";

type Lists = "zones" | "waters" | "forms" | "features" | "subjects";

/** Every part of the base by name: the way to them by keyboard, and what is there at a glance. */
export function PartsList() {
  const file = useFile();
  const snagged = useOfBuild((build) => build.evaluation.snags);
  const session = useBuildSession();
  const { pointer: selected } = useSelection();
  const { tints } = useTheme();
  const { parts: lists } = useCatalogue();
  const snags = (pointer: string) => snagged.filter((snag) => within(snag.where, pointer)).length;
  return (
    <Box component="section" aria-label="Parts">
      <Typography variant="h2">Parts</Typography>
      {lists.map(({ key, name: title, single, piled }) => {
        const parts = single ? [] : (file[key as Lists] ?? []);
        return parts.length === 0 ? null : (
          <Box key={key} sx={{ mt: 0.5 }}>
            <Typography variant="body2" color="text.secondary">
              {title}
            </Typography>
            {piled && <FormOrder />}
            <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.5 }}>
              {(piled ? [] : parts).map((part, index) => {
                const pointer = `/${key}/${index}`;
                const found = snags(pointer);
                return (
                  <Button
                    key={part.id}
                    size="small"
                    variant={within(selected ?? "", pointer) ? "contained" : "outlined"}
                    color="primary"
                    onClick={() => session.select(pointer)}
                    sx={{ py: 0, minHeight: 34 }}
                    aria-label={`${capital(nameOf(file, pointer))}${found ? `, ${count(found, "snag")}` : ""}`}
                  >
                    {capital(nameOf(file, pointer))}
                    {found > 0 && (
                      <Box component="span" sx={{ ml: 0.75, color: tints.trouble, fontWeight: 700 }}>
                        ▲{found}
                      </Box>
                    )}
                  </Button>
                );
              })}
            </Box>
          </Box>
        );
      })}
      <Button
        size="small"
        sx={{ mt: 1 }}
        variant={selected === "/plinth" ? "contained" : "outlined"}
        onClick={() => session.select("/plinth")}
      >
        {lists.find((list) => list.single)?.name}
      </Button>
    </Box>
  );
}

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import Typography from "@mui/material/Typography";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";
import { api, type CardWanted } from "../api/client";
import { HowButton, HowTold } from "../common/HowTold";
import { NumberField } from "../common/NumberField";
import { Swatch } from "../common/Swatch";
import { capital, grams, short } from "../common/words";
import { Cup } from "./Cup";
import { usePartNames } from "./usePartNames";
import { Weighing } from "./Weighing";

/** Of what: a recipe as it stands, a material, or a mix of a build. */
export type CardOf = Pick<CardWanted, "recipe" | "material" | "build">;
type Amount = Pick<CardWanted, "g" | "ml" | "part">;

interface Props {
  of: CardOf;
  /** How much of it to begin with, g. */
  start: number;
  /** Ratio and batches, above the amounts. */
  children?: ReactNode;
}

/** What to measure for one batch. Turn any one amount, and the others follow. */
export function MixCardView({ of, start, children }: Props) {
  const { tints } = useTheme();
  const nameOf = usePartNames();
  const [turned, setTurned] = useState<Amount | null>(null);
  const amount = turned ?? { g: start };
  const wanted = { ...of, ...amount };
  const { data: card, error } = useQuery({
    queryKey: ["card", wanted],
    queryFn: () => api.mixCard(wanted),
    placeholderData: keepPreviousData,
    retry: false,
  });
  if (error) return <Alert severity="warning">{error.message}</Alert>;
  if (!card) return null;
  return (
    <Box>
      {children}
      <Stack direction="row" sx={{ gap: 2, flexWrap: "wrap", alignItems: "flex-start" }}>
        <Cup card={card} />
        <Box sx={{ flex: 1, minWidth: 0, overflowX: "auto" }}>
          <Table size="small" sx={{ "& td, & th": { px: 0.75, whiteSpace: "nowrap" } }}>
            <TableHead>
              <TableRow>
                <TableCell>Part</TableCell>
                <TableCell>On the scales</TableCell>
                <TableCell align="right">ml</TableCell>
                <TableCell align="right">Drops</TableCell>
                <TableCell align="right">Spoons</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {card.parts.map((part, index) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: parts are told by their place
                <TableRow key={index}>
                  <TableCell>
                    <Stack direction="row" sx={{ gap: 1, alignItems: "center" }}>
                      <Swatch colour={part.colour} width={18} height={18} />
                      {capital(nameOf(part))}
                    </Stack>
                  </TableCell>
                  <TableCell>
                    <NumberField
                      label=""
                      spoken={`${nameOf(part)}, g`}
                      unit="g"
                      value={Number(part.g.toFixed(2))}
                      min={0.01}
                      step={1}
                      width={112}
                      onChange={(g) => setTurned({ part: { index, g } })}
                    />
                  </TableCell>
                  <TableCell align="right">{part.ml === null ? "unknown" : short(part.ml)}</TableCell>
                  <TableCell align="right">{part.drops === null ? "unknown" : drops(part.drops)}</TableCell>
                  <TableCell align="right">{part.ml === null ? "unknown" : spoons(part.teaspoons, part.tablespoons)}</TableCell>
                </TableRow>
              ))}
              <TableRow sx={{ "& td": { fontWeight: 600, borderTop: `2px solid ${tints.line}` } }}>
                <TableCell>In all</TableCell>
                <TableCell>{grams(card.g)}</TableCell>
                <TableCell align="right">{card.ml === null ? "unknown" : short(card.ml)}</TableCell>
                <TableCell>
                  <HowButton about={card.how.name}>
                    <HowTold reckoning={card.how} />
                  </HowButton>
                </TableCell>
                <TableCell />
              </TableRow>
            </TableBody>
          </Table>
          <Typography variant="body2" color="text.secondary" sx={{ mt: 0.5 }}>
            Change the grams of any part: the others follow. Marks on the cup are millilitres from its bottom.
          </Typography>
        </Box>
      </Stack>
      <Weighing of={of} card={{ ...card, parts: card.parts.map((part) => ({ ...part, name: nameOf(part) })) }} />
    </Box>
  );
}

const drops = (n: number): string => (n > 200 ? "–" : n < 0.5 ? "under 1" : String(Math.round(n)));

/** Level spoons, to the quarter; what is less cannot be told off by them. */
function spoons(teaspoons: number | null, tablespoons: number | null): string {
  if (teaspoons === null || tablespoons === null || teaspoons < 0.2) return "–";
  const [amount, spoon] = tablespoons >= 2 ? [tablespoons, "tbsp"] : [teaspoons, "tsp"];
  return `${Math.round(amount * 4) / 4} ${spoon}`;
}

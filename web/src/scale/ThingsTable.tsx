import Box from "@mui/material/Box";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { ScaleTable } from "../api/types";
import { capital, short } from "../common/words";

const length = (mm: number) => (mm >= 1000 ? `${short(mm / 1000)} m` : `${short(mm)} mm`);

function span(sizes: (number | null)[]): string {
  const [low, , high] = sizes;
  if (low === null) return "unknown";
  if (high === null) return `over ${length(low)}`;
  return low === high ? length(low) : `${length(low)} – ${length(high)}`;
}

/** All reference things at this scale, with where each size comes from; figure and railway sizes by name. */
export function ThingsTable({ table, ratio }: { table: ScaleTable; ratio: number }) {
  const [wanted, setWanted] = useState("");
  const rows = [...table.things, ...table.waves].filter((thing) =>
    `${thing.name} ${thing.key} ${thing.measure}`.toLowerCase().includes(wanted.toLowerCase()),
  );
  return (
    <Box component="section" aria-label="Reference sizes">
      <TextField label="Find a size" value={wanted} onChange={(event) => setWanted(event.target.value)} sx={{ mb: 1, width: 220 }} />
      <Box sx={{ maxHeight: 380, overflowY: "auto" }} tabIndex={0} role="region" aria-label="Sizes in life and in the model">
        <Table size="small" stickyHeader>
          <TableHead>
            <TableRow>
              <TableCell>Thing</TableCell>
              <TableCell align="right">In life</TableCell>
              <TableCell align="right">At 1:{short(ratio)}</TableCell>
              <TableCell>Source</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {rows.map((thing) => (
              <TableRow key={thing.key}>
                <TableCell>
                  {capital(thing.name)}{" "}
                  <Typography component="span" variant="body2" color="text.secondary">
                    {thing.measure}
                  </Typography>
                </TableCell>
                <TableCell align="right" sx={{ whiteSpace: "nowrap" }}>
                  {span(thing.life_mm)}
                </TableCell>
                <TableCell align="right" sx={{ whiteSpace: "nowrap" }}>
                  {span(thing.model_mm)}
                </TableCell>
                <TableCell sx={{ whiteSpace: "nowrap", maxWidth: 150, overflow: "hidden", textOverflow: "ellipsis" }} title={thing.source}>
                  {thing.source}
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </Box>
      <Typography variant="body2" color="text.secondary" sx={{ mt: 1 }}>
        Figure sizes are nominal: some are measured to the eyes, some to the crown, and heroic figures run wide. Usual scales:{" "}
        {table.figures.map((figure) => `${figure.name} 1:${figure.ratio[0]}–${figure.ratio[1]}`).join(", ")}.
      </Typography>
      <Typography variant="body2" color="text.secondary" sx={{ mt: 0.5 }}>
        Railway scales: {table.railways.map((railway) => `${railway.name} 1:${railway.ratio} (${railway.source})`).join(", ")}.
      </Typography>
    </Box>
  );
}

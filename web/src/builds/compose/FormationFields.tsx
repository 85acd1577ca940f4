import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { NumberField } from "../../common/NumberField";
import { useBuildSession, useFile } from "../useSession";

const FIELDS = [
  ["rows", "Rows", undefined],
  ["columns", "Columns", undefined],
  ["gap_mm", "Gap", "mm"],
  ["stagger_mm", "Stagger", "mm"],
] as const;

/** How copies of a base that is played with stand beside and behind each other, and how far it may raise a figure. */
export function FormationFields() {
  const file = useFile();
  const session = useBuildSession();
  const formation = file.formation;
  const raise = (value: number) =>
    session.edit("Limit the raise", [
      file.limits ? { op: "add", path: "/limits/raise_mm", value } : { op: "add", path: "/limits", value: { raise_mm: value } },
    ]);
  return (
    <Stack component="section" aria-label="Formation" sx={{ gap: 1 }}>
      <Typography variant="h2">Rank and file</Typography>
      <Stack direction="row" sx={{ gap: 1, flexWrap: "wrap", alignItems: "center" }}>
        {formation ? (
          FIELDS.map(([key, label, unit]) => (
            <NumberField
              key={key}
              label={label}
              unit={unit}
              min={key === "rows" || key === "columns" ? 1 : undefined}
              whole={!unit}
              step={1}
              width={unit ? 104 : 88}
              value={formation[key] ?? (unit ? 0 : 1)}
              onChange={(value) => session.edit(`Change ${label.toLowerCase()}`, [{ op: "add", path: `/formation/${key}`, value }])}
            />
          ))
        ) : (
          <Button
            variant="outlined"
            onClick={() =>
              session.edit("Stand them in rank and file", [
                { op: "add", path: "/formation", value: { ...nearlySquare(file.copies ?? 1), gap_mm: 0 } },
              ])
            }
          >
            Stand copies side by side
          </Button>
        )}
        <NumberField label="May be raised" unit="mm" min={0} width={128} value={file.limits?.raise_mm} onChange={raise} empty="no limit" />
      </Stack>
    </Stack>
  );
}

/** Rows and columns that hold them all, as near to a square as it goes, rather wide than deep. */
function nearlySquare(copies: number): { rows: number; columns: number } {
  const rows = Math.max(Math.floor(Math.sqrt(copies)), 1);
  return { rows, columns: Math.ceil(copies / rows) };
}

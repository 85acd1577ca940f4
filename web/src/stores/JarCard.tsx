import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import type { Jar } from "../api/types";
import { amountWords, capital, dateWords } from "../common/words";
import { JarDrawing } from "./JarDrawing";

/** One kind of jar: drawn, with what is in it and what is to be said of it. */
export function JarCard({ jar, chosen, onChoose }: { jar: Jar; chosen: boolean; onChoose: () => void }) {
  const { tints } = useTheme();
  const unknown = jar.remarks.some((remark) => remark.code === "unknown");
  return (
    <ButtonBase
      onClick={onChoose}
      aria-pressed={chosen}
      data-jar={jar.id}
      sx={{
        display: "flex",
        gap: 1.25,
        p: 1,
        alignItems: "flex-end",
        justifyContent: "flex-start",
        textAlign: "left",
        borderBottom: `5px solid ${tints.line}`,
        bgcolor: chosen ? tints.lit : undefined,
        "&:focus-visible": { outline: `2px solid ${tints.accent}` },
      }}
    >
      <JarDrawing jar={jar} />
      <Box sx={{ minWidth: 0, pb: 0.5 }}>
        <Typography sx={{ fontWeight: 600, lineHeight: 1.2 }}>{capital(jar.name)}</Typography>
        <Typography sx={{ fontSize: "1.1rem" }}>
          {unknown && jar.left === 0 ? "some" : amountWords(jar.left, jar.jar.unit)}
          {unknown && jar.left > 0 && " and some"}
        </Typography>
        <Typography variant="body2" color="text.secondary">
          {jar.jar.full ? `${jar.jar.full} × ${amountWords(jar.jar.pack, jar.jar.unit)}` : `of ${amountWords(jar.jar.pack, jar.jar.unit)}`}
        </Typography>
        {jar.remarks.map((remark) => (
          <Typography
            key={remark.code}
            variant="body2"
            sx={{ color: remark.code === "unknown" || remark.code === "soon_old" ? "text.primary" : tints.trouble, fontWeight: 600 }}
          >
            {remark.code === "old" || remark.code === "low" || remark.code === "empty" ? "● " : "○ "}
            {remarkWords(jar, remark)}
          </Typography>
        ))}
      </Box>
    </ButtonBase>
  );
}

function remarkWords(jar: Jar, remark: Jar["remarks"][number]): string {
  if (remark.code === "old" && jar.over_on) return `over since ${dateWords(jar.over_on)}`;
  if (remark.code === "soon_old" && jar.over_on) return `over on ${dateWords(jar.over_on)}`;
  return remark.words;
}

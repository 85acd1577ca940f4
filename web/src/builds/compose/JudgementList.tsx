import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import type { Judgement } from "../../api/types";
import { capital, short } from "../../common/words";
import { HowComputed } from "../HowComputed";
import { useBuildSession } from "../useSession";

const WORDS: Record<Judgement["verdict"], { mark: string; word: string }> = {
  good: { mark: "✓", word: "well" },
  look: { mark: "○", word: "look again" },
  trouble: { mark: "▲", word: "trouble" },
  unknown: { mark: "?", word: "not known" },
};

interface Props {
  judgements: Judgement[];
  shown: string[];
  onShow: (keys: string[]) => void;
}

/** How the base is composed: each way of looking with its figure and a sentence, drawn on the plan when ticked. */
export function JudgementList({ judgements, shown, onShow }: Props) {
  const session = useBuildSession();
  const { tints } = useTheme();
  const colour = { good: tints.ready, look: "text.primary", trouble: tints.trouble, unknown: "text.secondary" };
  return (
    <Box component="section" aria-label="Composition">
      <Typography variant="h2">Composition</Typography>
      <Typography variant="body2" color="text.secondary">
        Ticked ones are drawn on the plan.
      </Typography>
      <Stack sx={{ mt: 0.5 }}>
        {judgements.map((one) => (
          <Box key={one.key} data-judgement={one.key} sx={{ display: "flex", gap: 0.5, py: 0.5, borderBottom: 1, borderColor: tints.line }}>
            <Checkbox
              size="small"
              checked={shown.includes(one.key)}
              disabled={one.marks.length === 0}
              onChange={(event) => onShow(event.target.checked ? [...shown, one.key] : shown.filter((key) => key !== one.key))}
              slotProps={{ input: { "aria-label": `Draw ${one.title} on the plan` } }}
              sx={{ alignSelf: "flex-start", p: 0.5 }}
            />
            <Box sx={{ flex: 1, minWidth: 0 }}>
              <Stack direction="row" sx={{ justifyContent: "space-between", alignItems: "baseline", gap: 1 }}>
                <Typography sx={{ fontWeight: 600 }}>{one.title}</Typography>
                <Typography component="span" sx={{ fontWeight: 600, whiteSpace: "nowrap", color: colour[one.verdict] }}>
                  {one.figure !== null && `${short(one.figure)} ${one.unit ?? ""} `}
                  <span aria-hidden>{WORDS[one.verdict].mark}</span>{" "}
                  <Box component="span" sx={{ fontSize: 13, fontWeight: 400 }}>
                    {WORDS[one.verdict].word}
                  </Box>
                  {one.figure !== null && <HowComputed of={`composition/${one.key}`} about={one.title} />}
                </Typography>
              </Stack>
              <Typography variant="body2">{one.sentence}</Typography>
              {one.fixes.map((fix) => (
                <Button
                  key={fix.label}
                  size="small"
                  variant="outlined"
                  onClick={() => session.edit(capital(fix.label), fix.patch)}
                  sx={{ mt: 0.5, mr: 0.75 }}
                >
                  {capital(fix.label)}
                </Button>
              ))}
            </Box>
          </Box>
        ))}
      </Stack>
    </Box>
  );
}

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useTheme } from "@mui/material/styles";
import { useState } from "react";
import type { Form, Zone } from "../../api/types";
import { kindOf, useCatalogue } from "../../common/catalogue";
import { capital, count } from "../../common/words";
import { nameOf } from "../plan/parts";
import { useBuild, useBuildSession, useFile, useSelection, within } from "../useSession";
import { PartSwatch } from "./PartSwatch";

/** Forms, or ground, as they are piled, the topmost above: dragged, or moved with the buttons, to lie higher or lower. */
export function PileOrder({ list }: { list: "forms" | "zones" }) {
  const file = useFile();
  const catalogue = useCatalogue();
  const build = useBuild();
  const session = useBuildSession();
  const { pointer: selected } = useSelection();
  const { tints } = useTheme();
  const [held, setHeld] = useState<number | null>(null);
  const [over, setOver] = useState<number | null>(null);
  const pile: (Form | Zone)[] = file[list] ?? [];
  const put = (from: number, to: number) => {
    if (from === to || to < 0 || to >= pile.length) return;
    session.edit(`Move ${nameOf(file, `/${list}/${from}`)} ${to > from ? "up" : "down"}`, [
      { op: "move", from: `/${list}/${from}`, path: `/${list}/${to}` },
    ]);
    session.select(`/${list}/${to}`);
  };
  const snags = (pointer: string) => build.evaluation.snags.filter((snag) => within(snag.where, pointer)).length;
  return (
    <Box role="list" aria-label={`${list === "forms" ? "Forms" : "Ground"}, topmost first`}>
      {pile
        .map((part, index) => ({ part, index, pointer: `/${list}/${index}` }))
        .reverse()
        .map(({ part, index, pointer }) => (
          <Box
            key={part.id}
            role="listitem"
            draggable
            data-pile={part.id}
            onDragStart={() => setHeld(index)}
            onDragOver={(event) => {
              event.preventDefault();
              setOver(index);
            }}
            onDragEnd={() => {
              setHeld(null);
              setOver(null);
            }}
            onDrop={(event) => {
              event.preventDefault();
              if (held !== null) put(held, index);
            }}
            sx={{
              display: "flex",
              alignItems: "center",
              gap: 0.5,
              px: 0.75,
              border: 1,
              borderColor: over === index && held !== null ? tints.accent : tints.line,
              bgcolor: within(selected ?? "", pointer) ? tints.lit : undefined,
              mb: 0.25,
              cursor: "grab",
            }}
          >
            <Box component="span" aria-hidden sx={{ color: "text.secondary" }}>
              ⠿
            </Box>
            <PartSwatch pointer={pointer} />
            <Button
              size="small"
              onClick={() => session.select(pointer)}
              sx={{ flex: 1, justifyContent: "flex-start", minHeight: 34, py: 0 }}
              aria-label={`${capital(nameOf(file, pointer))}${snags(pointer) ? `, ${count(snags(pointer), "snag")}` : ""}`}
            >
              {capital(nameOf(file, pointer))}
              <Box component="span" sx={{ fontWeight: 400, ml: 0.75 }}>
                {"kind" in part ? kindOf(catalogue, "forms", part.kind)?.name : kindOf(catalogue, "grounds", part.ground)?.name}
              </Box>
              {snags(pointer) > 0 && (
                <Box component="span" sx={{ ml: 0.75, color: tints.trouble, fontWeight: 700 }}>
                  ▲{snags(pointer)}
                </Box>
              )}
            </Button>
            <Button
              size="small"
              disabled={index === pile.length - 1}
              onClick={() => put(index, index + 1)}
              aria-label={`Lay ${nameOf(file, pointer)} higher`}
              sx={{ minWidth: 34 }}
            >
              ↑
            </Button>
            <Button
              size="small"
              disabled={index === 0}
              onClick={() => put(index, index - 1)}
              aria-label={`Lay ${nameOf(file, pointer)} lower`}
              sx={{ minWidth: 34 }}
            >
              ↓
            </Button>
          </Box>
        ))}
    </Box>
  );
}

import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../../api/client";
import type { PatchOperation, PlinthFile, SheetStack } from "../../api/types";
import { NumberField } from "../../common/NumberField";
import { mm } from "../../common/words";
import { freshId } from "../plan/parts";
import { useBuildSession, useFile } from "../useSession";
import type { FieldProps } from "./fieldEdit";
import type { Part } from "./partFields";

const words = (stack: SheetStack) =>
  `${stack.sheets.map((sheet) => `${sheet.count} × ${mm(sheet.mm)}`).join(" + ")}${Math.abs(stack.error_mm) > 0.01 ? `, ${mm(Math.abs(stack.error_mm))} ${stack.error_mm > 0 ? "over" : "short"}` : ""}`;

/** A wanted height, and the stacks of stock sheets that reach it. */
export function ReachHeight({ field, part, pointer }: FieldProps) {
  const file = useFile();
  const session = useBuildSession();
  const [height, setHeight] = useState<number | null>(null);
  const stacks = useQuery({
    queryKey: ["sheets", part.material, height],
    queryFn: () => api.sheets(part.material, height as number),
    enabled: height !== null && part.material !== undefined,
  });
  const options = [stacks.data?.nearest, stacks.data?.fewest].filter(
    (stack, index, all) => stack && JSON.stringify(stack) !== JSON.stringify(all[index - 1]),
  );
  return (
    <Stack sx={{ gap: 0.5 }}>
      <Stack direction="row" sx={{ gap: 1, flexWrap: "wrap", alignItems: "center" }}>
        <NumberField
          label={field.name}
          unit={field.unit}
          min={field.least}
          step={field.step}
          width={140}
          value={height}
          empty={field.empty}
          onChange={setHeight}
        />
        {options.map(
          (stack) =>
            stack && (
              <Button
                key={words(stack)}
                size="small"
                variant="outlined"
                onClick={() => session.edit("Restack", restacked(part, pointer, stack, file))}
              >
                {words(stack)}
              </Button>
            ),
        )}
      </Stack>
      {height !== null && stacks.data && !stacks.data.nearest && <Typography variant="body2">This material comes in no sheets.</Typography>}
    </Stack>
  );
}

/** One thickness stays one form; of several each lies on the one before it. */
function restacked(part: Part, pointer: string, stack: SheetStack, file: PlinthFile): PatchOperation[] {
  const [first, ...more] = stack.sheets;
  const index = Number(pointer.split("/")[2]);
  const own: PatchOperation[] = [
    { op: "add", path: `${pointer}/sheet_mm`, value: first.mm },
    { op: "add", path: `${pointer}/sheets`, value: first.count },
  ];
  const stem = freshId(file, String(part.id)).replace(/-\d+$/, "");
  return [
    ...own,
    ...more.map(
      (sheet, i): PatchOperation => ({
        op: "add",
        path: `/forms/${index + 1 + i}`,
        value: {
          ...part,
          id: `${stem}-${freshId(file, stem).split("-").pop()}${i ? `-${i}` : ""}`,
          name: `${part.name ?? part.id}, ${mm(sheet.mm)} sheets`,
          sheet_mm: sheet.mm,
          sheets: sheet.count,
        },
      }),
    ),
  ];
}

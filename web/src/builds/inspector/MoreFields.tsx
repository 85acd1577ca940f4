import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import { useState } from "react";
import type { Field } from "../../api/types";
import { FieldRows } from "./FieldRows";
import { type Part, valueIn } from "./partFields";

interface Props {
  fields: Field[];
  part: Part;
  pointer: string;
}

/** What is seldom asked: what the part says of it is shown, the rest once it is looked for. */
export function MoreFields({ fields, part, pointer }: Props) {
  const [open, setOpen] = useState(false);
  if (!fields.length) return null;
  const said = fields.filter((field) => valueIn(field, part) !== undefined);
  const shown = open ? fields : said;
  const kinds = fields.map((field) => field.name.toLowerCase()).filter((name, index, all) => all.indexOf(name) === index);
  return (
    <Box>
      {shown.length > 0 && (
        <Stack sx={{ gap: 1.25, mb: 0.5 }}>
          <FieldRows fields={shown} part={part} pointer={pointer} />
        </Stack>
      )}
      {said.length < fields.length && (
        <Button
          size="small"
          onClick={() => setOpen(!open)}
          aria-expanded={open}
          title={kinds.join(", ")}
          aria-label={open ? "Less" : `More: ${kinds.slice(0, 4).join(", ")} …`}
        >
          {open ? "Less" : `More: ${kinds.slice(0, 3).join(", ")} …`}
        </Button>
      )}
    </Box>
  );
}

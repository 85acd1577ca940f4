import Stack from "@mui/material/Stack";
import { Fragment } from "react";
import type { Field } from "../../api/types";
import { useFieldProps } from "./fieldEdit";
import { onItsOwn, PartField } from "./PartField";
import type { Part } from "./partFields";

interface Props {
  fields: Field[];
  part: Part;
  /** Of the part in the file. */
  pointer: string;
  /** What it is called in the history; its own name where nothing is said. */
  called?: string;
}

/** Fields of a part: short ones beside each other, the rest on lines of their own. */
export function FieldRows({ fields, part, pointer, called }: Props) {
  const propsOf = useFieldProps(part, pointer, called);
  return (
    <>
      {rows(fields).map((row) => (
        <Fragment key={row[0].key}>
          {onItsOwn(row[0]) ? (
            <PartField {...propsOf(row[0])} />
          ) : (
            <Stack direction="row" sx={{ flexWrap: "wrap", gap: 1, alignItems: "flex-start" }}>
              {row.map((field) => (
                <PartField key={field.key} {...propsOf(field)} />
              ))}
            </Stack>
          )}
        </Fragment>
      ))}
    </>
  );
}

const rows = (fields: Field[]): Field[][] =>
  fields.reduce<Field[][]>((all, field) => {
    const last = all[all.length - 1];
    if (last && !onItsOwn(field) && !onItsOwn(last[0])) last.push(field);
    else all.push([field]);
    return all;
  }, []);

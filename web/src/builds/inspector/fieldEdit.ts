import type { Catalogue, Field, PatchOperation } from "../../api/types";
import { useCatalogue } from "../../common/catalogue";
import { nameOf, valueAt } from "../plan/parts";
import { useBuildSession, useFile } from "../useSession";
import { clearPatch, type Part, setPatch, shownIn, valueIn } from "./partFields";

/** A field of one part: what it is, what it shows, and how it is changed. */
export interface FieldProps {
  field: Field;
  part: Part;
  /** Of the part in the file. */
  pointer: string;
  catalogue: Catalogue;
  /** What the part says; undefined where it says nothing. */
  own: unknown;
  /** The same, or what holds then. */
  shown: unknown;
  put: (value: unknown, edit?: string) => void;
  clear: () => void;
}

/** Makes the props of fields of a part; one that is not in the file yet is made with its first value. */
export function useFieldProps(part: Part, pointer: string, called?: string): (field: Field) => FieldProps {
  const session = useBuildSession();
  const file = useFile();
  const catalogue = useCatalogue();
  const name = called ?? nameOf(file, pointer);
  const whole: PatchOperation[] = valueAt(file, pointer) ? [] : [{ op: "add", path: pointer, value: {} }];
  return (field) => ({
    field,
    part,
    pointer,
    catalogue,
    own: valueIn(field, part),
    shown: shownIn(catalogue, field, part),
    put: (value, edit = field.edit ?? "Change") =>
      session.edit(`${edit} ${name}`, [...whole, ...setPatch(catalogue, field, part, pointer, value)]),
    clear: () => session.edit(`Change ${name}`, clearPatch(field, part, pointer)),
  });
}

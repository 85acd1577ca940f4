import { Choice } from "../../common/Choice";
import { capital } from "../../common/words";
import type { PartList } from "../plan/parts";
import { nameOf } from "../plan/parts";
import { useFile } from "../useSession";
import type { FieldProps } from "./fieldEdit";
import { listOf } from "./partFields";

/** What a part can belong to: others of its own list; work, any part of the base. */
const LISTS: PartList[] = ["forms", "zones", "waters", "features", "subjects"];

/** Another part of the base, by its id. */
export function OtherPartField({ field, part, pointer, own, put, clear }: FieldProps) {
  const file = useFile();
  const lists = LISTS.filter((list) => list === listOf(pointer));
  const others = (lists.length ? lists : LISTS).flatMap((list) =>
    (file[list] ?? []).flatMap((one, index): [string, string][] =>
      one.id === part.id ? [] : [[one.id, capital(nameOf(file, `/${list}/${index}`))]],
    ),
  );
  if (!others.length) return null;
  return (
    <Choice
      label={field.name}
      width={200}
      value={(own as string | undefined) ?? ""}
      options={[["", lists.length ? "the ground" : "the whole base"], ...others]}
      onChange={(id) => (id ? put(id) : clear())}
    />
  );
}

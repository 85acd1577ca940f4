import Alert from "@mui/material/Alert";
import { useState } from "react";
import type { FieldProps } from "../inspector/fieldEdit";
import { nameOf } from "../plan/parts";
import { useBuildSession, useFile, useOfBuild } from "../useSession";
import { LaidPicker } from "./LaidPicker";
import { laidAs } from "./laid";

/** What a course is of, changed where it lies: everything else that is said of it stays. */
export function LaidField({ field, pointer, own }: FieldProps) {
  const session = useBuildSession();
  const id = useOfBuild((build) => build.id);
  const name = nameOf(useFile(), pointer);
  const [wrong, setWrong] = useState<string | null>(null);
  async function change(key: string) {
    const { material, patch } = await laidAs(id, key);
    session.edit(`${field.edit} ${name}`, [...patch, { op: "add", path: `${pointer}/material`, value: material }]);
  }
  return (
    <>
      <LaidPicker
        label={field.name}
        value={(own as string | undefined) ?? null}
        onChange={(key) => void change(key).catch((error: Error) => setWrong(error.message))}
        width={230}
      />
      {wrong && (
        <Alert severity="error" onClose={() => setWrong(null)}>
          The recipe was not copied: {wrong}
        </Alert>
      )}
    </>
  );
}

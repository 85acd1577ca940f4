import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, type EntryKind, Refused } from "../api/client";
import type { Field, Problem } from "../api/types";
import { useCatalogue } from "../common/catalogue";
import { useKept } from "../common/useKept";
import { plain } from "../common/words";
import { EntryField } from "./EntryField";
import { memberOf, withMember } from "./members";
import { EntryPicture } from "./picture/EntryPicture";

interface Props {
  kind: EntryKind;
  entryKey: string;
  onSaved: (key: string) => void;
  onGone: () => void;
}

/** One material or technique, to read, to copy under a name of one's own, and to change. */
export function EntryForm({ kind, entryKey, onSaved, onGone }: Props) {
  const client = useQueryClient();
  const groups = useCatalogue().entries.filter((group) => group.of === kind);
  const entry = useQuery({ queryKey: ["entry", kind, entryKey], queryFn: () => api.entry(kind, entryKey), retry: false });
  // What is not saved yet survives a reload, and a look at another entry.
  const [draft, setDraft] = useKept<Record<string, unknown> | null>("window", `entry:${kind}:${entryKey}`, null);
  const [key, setKey] = useKept("window", `entry-key:${kind}:${entryKey}`, entryKey);
  const [problem, setProblem] = useState<Problem | null>(null);
  if (entry.isError) return <Typography color="error">There is no such entry any more.</Typography>;
  if (!entry.data) return null;
  const { key: _, own, ...stored } = entry.data;
  const data = draft ?? stored;
  const at = `/${kind}/${key}`;
  const problems = new Map((problem?.problems ?? []).map((one) => [one.pointer, one.message]));
  const failed = (error: unknown) =>
    setProblem(error instanceof Refused ? error.problem : ({ title: "Not saved", detail: String(error) } as Problem));

  async function save() {
    try {
      const sent = Object.fromEntries(Object.entries(data).filter(([, value]) => value !== undefined && value !== null));
      await api.putEntry(kind, key, sent);
      setDraft(null);
      setKey(entryKey);
      setProblem(null);
      await client.invalidateQueries();
      onSaved(key);
    } catch (error) {
      failed(error);
    }
  }

  async function remove() {
    try {
      await api.deleteEntry(kind, entryKey);
      await client.invalidateQueries();
      onGone();
    } catch (error) {
      failed(error);
    }
  }

  return (
    <Box component="form" aria-label={String(data.name ?? data.title)} onSubmit={(event) => event.preventDefault()}>
      <Stack direction="row" sx={{ gap: 1.5, alignItems: "center", flexWrap: "wrap", mb: 1.5 }}>
        <TextField
          label="Key"
          value={key}
          onChange={(event) => setKey(event.target.value)}
          error={problems.has(at)}
          helperText={problems.get(at)}
          slotProps={{ htmlInput: { spellCheck: false } }}
        />
        <Button variant="contained" onClick={save} disabled={draft === null && key === entryKey}>
          {own && key === entryKey ? "Save" : "Save as my own"}
        </Button>
        {own && <Button onClick={remove}>Take mine away</Button>}
        {draft && (
          <Button
            onClick={() => {
              setDraft(null);
              setKey(entryKey);
            }}
          >
            As it was
          </Button>
        )}
        <Typography variant="body2" color="text.secondary">
          {own
            ? "Your own."
            : key === entryKey
              ? "It ships with the application: give it another key to copy it; under this one yours stands before it."
              : `A copy, as ${key}.`}
        </Typography>
      </Stack>
      {problem && (
        <Alert severity="error" sx={{ mb: 1.5 }} onClose={() => setProblem(null)}>
          {problem.detail}
          {(problem.problems ?? []).map((one) => (
            <div key={`${one.pointer}${one.message}`}>
              {fieldWords(
                groups.flatMap((group) => group.fields),
                one.pointer.replace(at, "").slice(1),
              )}{" "}
              {one.message}
            </div>
          ))}
        </Alert>
      )}
      {kind === "materials" && <EntryPicture entryKey={entryKey} data={data} />}
      {groups.map(({ key: group, name: title, fields }) => (
        <Box key={group} component="fieldset" sx={{ border: 0, p: 0, m: 0, mb: 2, minWidth: 0 }}>
          <Typography component="legend" variant="h3" sx={{ mb: 1 }}>
            {title}
          </Typography>
          <Stack direction="row" sx={{ flexWrap: "wrap", gap: 1.75, alignItems: "flex-end" }}>
            {fields.map((field) => (
              <EntryField
                key={field.at}
                field={field}
                value={memberOf(data, field.at as string)}
                problem={problemOf(problems, `${at}/${field.at}`)}
                onChange={(value) => setDraft(withMember(data, field.at as string, value))}
              />
            ))}
          </Stack>
        </Box>
      ))}
      <Typography variant="body2" color="text.secondary">
        The product's safety data sheet, local rules and qualified help come first.
      </Typography>
    </Box>
  );
}

/** What is wrong with a value, or with something in it. */
const problemOf = (problems: Map<string, string>, pointer: string): string | undefined =>
  problems.get(pointer) ?? [...problems].find(([at]) => at.startsWith(`${pointer}/`))?.[1];

/** What the maker calls the value that a problem is about: the field, and what lies in it. */
function fieldWords(fields: Field[], at: string): string {
  const field = fields.find((one) => at === one.at || at.startsWith(`${one.at}/`));
  const within = field ? at.slice((field.at as string).length + 1) : at;
  return [field?.name, within && plain(within).replaceAll("/", ", ")].filter(Boolean).join(", ");
}

import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import Typography from "@mui/material/Typography";
import type { PatchOperation } from "../../api/types";
import { Choice } from "../../common/Choice";
import { kindsOf, useCatalogue } from "../../common/catalogue";
import { FieldGroup } from "../../common/FieldGroup";
import { FieldRows } from "../inspector/FieldRows";
import { MoreFields } from "../inspector/MoreFields";
import { fieldsOf, moreOf, named } from "../inspector/partFields";
import { ExportLinks } from "../quantities/ExportLinks";
import { useBuild, useBuildSession, useFile } from "../useSession";
import { BaseSizes } from "./BaseSizes";
import { MustFit } from "./MustFit";
import { WhenGroup } from "./WhenGroup";
import { WordsField } from "./WordsField";

const BUILD = ["purpose", "scale", "copies"];
const AIR = ["temperature_c", "humidity_pct", "airflow"];

/** What the base is, for whom and by when: everything that is said once. */
export function BriefPage() {
  const session = useBuildSession();
  const file = useFile();
  const catalogue = useCatalogue();
  const put = (label: string, path: string, value: unknown) => session.edit(label, [{ op: "add", path, value } as PatchOperation]);
  return (
    <Box sx={{ p: 2, maxWidth: 1080, mx: "auto" }}>
      <Stack direction="row" sx={{ justifyContent: "space-between", alignItems: "baseline", flexWrap: "wrap" }}>
        <Typography variant="h1">Brief</Typography>
        <ExportLinks beside="brief" />
      </Stack>
      <FieldGroup title="The build">
        <WordsField
          label="Title"
          value={file.title}
          onChange={(value) => value && put("Rename the build", "/title", value)}
          width={320}
          most={120}
        />
        <FieldRows fields={named(catalogue, BUILD)} part={file} pointer="" called="the build" />
        <WordsField
          label="What the scene says"
          value={file.story ?? ""}
          onChange={(value) => put("Change the story", "/story", value)}
          width="100%"
          most={4000}
          lines={2}
        />
      </FieldGroup>
      <FieldGroup title="The plinth">
        <FieldRows fields={fieldsOf(catalogue, "plinth", file.plinth)} part={file.plinth} pointer="/plinth" called="the plinth" />
        <MoreFields fields={moreOf(catalogue, "plinth", file.plinth)} part={file.plinth} pointer="/plinth" />
      </FieldGroup>
      <FieldGroup title="Sizes for what is to stand on it">
        <BaseSizes />
      </FieldGroup>
      <FieldGroup title="Where it must fit">
        <MustFit />
      </FieldGroup>
      <WhenGroup />
      {(file.waters ?? []).length > 0 && (
        <FieldGroup title="The sea">
          <FieldRows fields={fieldsOf(catalogue, "sea", file)} part={file} pointer="" called="the sea" />
        </FieldGroup>
      )}
      <FieldGroup title="The workshop's air">
        <FieldRows fields={named(catalogue, AIR)} part={file.climate ?? {}} pointer="/climate" called="the air" />
      </FieldGroup>
      <Schools />
    </Box>
  );
}

/** The choices between accepted ways of working, as the file has them. Which side holds when the maker does not say comes with the evaluation. */
function Schools() {
  const session = useBuildSession();
  const file = useFile();
  const { evaluation } = useBuild();
  const choose = (school: string, name: string | undefined, side: string) =>
    session.edit(
      `Choose: ${name}`,
      file.schools
        ? [{ op: "add", path: `/schools/${school}`, value: side }]
        : [{ op: "add", path: "/schools", value: { [school]: side } }],
    );
  const said = (file.schools ?? {}) as Record<string, string>;
  const usual = evaluation.schools as Record<string, string>;
  return (
    <FieldGroup title="Schools: where good makers disagree">
      {kindsOf(useCatalogue(), "schools").map(({ key, name, sides }) => (
        <Choice
          key={key}
          label={name ?? key}
          width={270}
          value={said[key] ?? usual[key]}
          options={Object.entries(sides ?? {}).map(([side, words]): [string, string] => [side, words.name])}
          onChange={(side) => choose(key, name, side)}
        />
      ))}
    </FieldGroup>
  );
}

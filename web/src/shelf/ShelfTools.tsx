import Stack from "@mui/material/Stack";
import TextField from "@mui/material/TextField";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import type { ShelfSort } from "../api/client";
import type { ShelfState } from "./useShelf";

const ORDERS: readonly (readonly [ShelfSort, string])[] = [
  ["newest", "Newest"],
  ["ready", "Ready soonest"],
  ["title", "Title"],
];
/** Fewer are seen at a glance. */
const WORTH_IT = 4;

/** Finding a build on a full shelf. */
export function ShelfTools({ shelf }: { shelf: ShelfState }) {
  if (!shelf.search && (shelf.total ?? 0) < WORTH_IT) return null;
  return (
    <Stack direction="row" sx={{ gap: 2, mb: 2, flexWrap: "wrap", alignItems: "center" }}>
      <TextField
        label="Find a build"
        type="search"
        value={shelf.search}
        onChange={(event) => shelf.setSearch(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 120 } }}
        sx={{ width: 280, maxWidth: "100%" }}
      />
      <ToggleButtonGroup
        exclusive
        value={shelf.sort}
        onChange={(_, sort: ShelfSort | null) => sort && shelf.setSort(sort)}
        aria-label="Sorted by"
      >
        {ORDERS.map(([sort, words]) => (
          <ToggleButton key={sort} value={sort}>
            {words}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </Stack>
  );
}

import Button from "@mui/material/Button";

/** What a page is about goes by this id. */
export const WORK = "work";

/** The first thing that Tab comes to: past the head and the stages, to what the page is about. Seen only while it is lit. */
export function SkipToWork() {
  return (
    <Button
      variant="contained"
      onClick={() => document.getElementById(WORK)?.focus()}
      sx={{ position: "fixed", left: 8, top: -80, zIndex: "tooltip", "&:focus-visible": { top: 8 } }}
    >
      To the work
    </Button>
  );
}

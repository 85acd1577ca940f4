import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableRow from "@mui/material/TableRow";
import { create } from "zustand";
import { useKeys } from "./useKeys";

export const useHelp = create<{ open: boolean; show: () => void; hide: () => void }>((set) => ({
  open: false,
  show: () => set({ open: true }),
  hide: () => set({ open: false }),
}));

const KEYS = [
  ["Arrows", "Nudge the lit part 1 mm; with Shift 5 mm, with Alt 0.1 mm"],
  ["[  ]", "Turn it 5° left, 5° right"],
  ["Delete", "Take it out"],
  ["Escape", "Give up drawing, or let go of the part"],
  ["Enter", "Close the outline being drawn"],
  ["Arrows, Space, Backspace", "While drawing: go to the next corner, set it, take the last one back"],
  ["Shift while tapping", "Light several parts at once"],
  ["Ctrl C, Ctrl V", "Copy the lit part or course; paste it into this build or another"],
  ["Two taps on a corner", "Take it out; drag the small mark between two corners to add one"],
  ["Alt while dragging", "Tenths of a millimetre instead of whole ones"],
  ["+  −  0", "Look nearer, look from farther, fit the plan"],
  ["Ctrl Z, Ctrl Shift Z", "Undo, redo; as far back as the build goes"],
  ["Ctrl D", "Copy the lit part beside itself"],
  ["Shift while dragging", "Fives of a millimetre, and turns by 15°"],
  ["1 … 8", "Brief, Compose, Build up, Order, Quantities, Bench, Daybook, Scale desk"],
  ["?", "This sheet"],
];

/** What the keys do, and the way to the first walk where there is one; on `?`. */
export function KeyboardHelp({ onWalk }: { onWalk?: () => void }) {
  const { open, show, hide } = useHelp();
  useKeys((event) => {
    if (event.key !== "?") return false;
    show();
    return true;
  });
  return (
    <Dialog open={open} onClose={hide} aria-labelledby="keys-title">
      <DialogTitle id="keys-title">Keys</DialogTitle>
      <DialogContent>
        {onWalk && (
          <Button
            variant="outlined"
            sx={{ mb: 1.5 }}
            onClick={() => {
              hide();
              onWalk();
            }}
          >
            Walk round this build in five steps
          </Button>
        )}
        <Table size="small">
          <TableBody>
            {KEYS.map(([keys, what]) => (
              <TableRow key={keys}>
                <TableCell sx={{ whiteSpace: "nowrap", fontWeight: 600 }}>{keys}</TableCell>
                <TableCell>{what}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </DialogContent>
    </Dialog>
  );
}

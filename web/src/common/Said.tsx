import Alert from "@mui/material/Alert";
import { Refused } from "../api/client";
import { problemWords } from "./placeWords";

/** What came of bringing something in: how much was taken, or why nothing was, place by place. */
export interface Said {
  severity: "error" | "success";
  lines: string[];
}

export const done = (line: string): Said => ({ severity: "success", lines: [line] });

export function refused(error: unknown): Said {
  const problems = error instanceof Refused ? (error.problem.problems ?? []).map((one) => problemWords(one)) : [];
  return { severity: "error", lines: ["Nothing was taken over.", ...(problems.length ? problems : [(error as Error).message])] };
}

export function SaidNote({ said, onClose }: { said: Said | null; onClose: () => void }) {
  if (!said) return null;
  return (
    <Alert severity={said.severity} onClose={onClose} sx={{ mb: 2 }}>
      {said.lines.map((line) => (
        <div key={line}>{line}</div>
      ))}
    </Alert>
  );
}

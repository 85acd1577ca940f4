import type { Evaluation, OrderRow, ScheduledStep, Step } from "../../../api/types";
import { minutesOf } from "../../../common/words";
import type { DrawnClock } from "./clock";

/** A step where it is drawn, px: its work, then wet, curing and ready in the row of one of its parts. */
export interface Mark {
  key: string;
  step: Step;
  when: ScheduledStep;
  /** What is done, without where. */
  told: string;
  row: number;
  y: number;
  from: number;
  to: number;
  /** Where it can be handled and where it is dry; null where that is not known. */
  handled: number | null;
  dry: number | null;
  /** Free room behind its work until the next mark of the row. */
  room: number;
}

export interface DrawnRow {
  pointer: string | null;
  /** All parts that it is the row of. */
  parts: string[];
  name: string;
  y: number;
}

/** The parts that a row is of: none for what is done at the bench. */
export const partsOf = ({ pointer, others }: OrderRow): string[] => (pointer === null ? [] : [pointer, ...others]);

/** The least that a mark of work is wide, px. */
const LEAST = 5;

/** Rows from the top down, the highest part first, and the marks in them, in the order of time. */
export function laidIn(evaluation: Evaluation, clock: DrawnClock, rowHeight: number, right: number): { rows: DrawnRow[]; marks: Mark[] } {
  const { schedule, steps } = evaluation;
  if (!schedule) return { rows: [], marks: [] };
  const byId = new Map(steps.map((step) => [step.id, step]));
  const planned = new Map(schedule.steps.map((one) => [one.id, one]));
  const upwards = [...evaluation.rows].reverse();
  const rows = upwards.map((row, index) => ({ pointer: row.pointer, parts: partsOf(row), name: row.name, y: index * rowHeight }));
  const marks = upwards.flatMap((row, index) => {
    const drawn = row.steps.flatMap(({ id, told }): Mark[] => {
      const [step, when] = [byId.get(id), planned.get(id)];
      if (!step || !when) return [];
      const from = clock.x(minutesOf(when.start));
      const end = minutesOf(when.finish);
      const to = Math.max(clock.x(end), from + LEAST);
      const tail = step.tail_min;
      return [
        {
          key: `${id} ${row.pointer}`,
          step,
          when,
          told,
          row: index,
          y: index * rowHeight,
          from,
          to,
          handled: tail === null ? null : Math.max(clock.x(end + Math.min(step.drying.handle_min ?? 0, tail)), to),
          dry: tail === null ? null : Math.max(clock.x(end + tail), to),
          room: 0,
        },
      ];
    });
    drawn.sort((a, b) => a.from - b.from || a.to - b.to);
    drawn.forEach((mark, at) => {
      mark.room = (drawn[at + 1]?.from ?? right) - mark.to;
    });
    return drawn;
  });
  return { rows, marks: marks.sort((a, b) => a.from - b.from || a.row - b.row) };
}

/** Pairs of marks of which the later waits for the earlier and both set the date. */
export function chain(marks: Mark[]): [Mark, Mark][] {
  const critical = new Map(marks.filter((mark) => mark.when.critical).map((mark) => [mark.step.id, mark]));
  return [...critical.values()].flatMap((later) =>
    later.step.after.flatMap((after): [Mark, Mark][] => {
      const earlier = critical.get(after.step);
      return earlier ? [[earlier, later]] : [];
    }),
  );
}

/** Where the arrow keys go from a mark: to the one before or after it in time, or to the nearest in another row. */
export function neighbour(marks: Mark[], from: Mark, key: string): Mark | undefined {
  const at = marks.indexOf(from);
  if (key === "ArrowRight") return marks[at + 1];
  if (key === "ArrowLeft") return marks[at - 1];
  const down = key === "ArrowDown";
  const beyond = marks.filter((mark) => (down ? mark.row > from.row : mark.row < from.row));
  const row = down ? Math.min(...beyond.map((mark) => mark.row)) : Math.max(...beyond.map((mark) => mark.row));
  return beyond.filter((mark) => mark.row === row).sort((a, b) => Math.abs(a.from - from.from) - Math.abs(b.from - from.from))[0];
}

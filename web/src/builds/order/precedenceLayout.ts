import { Graph, layout } from "@dagrejs/dagre";
import type { After, Step } from "../../api/types";

export const BOX = { width: 226, height: 64 };
const LINE = 30;
const MOST_LINES = 2;
const MARGIN = 14;

export interface Laid {
  width: number;
  height: number;
  boxes: { step: Step; x: number; y: number; lines: string[] }[];
  arrows: { from: string; to: string; after: After; points: [number, number][]; label: [number, number] }[];
}

/** Boxes in ranks from top to bottom, arrows round them. */
export function laidOut(steps: Step[]): Laid {
  const graph = new Graph({ multigraph: false });
  graph.setGraph({ rankdir: "TB", nodesep: 26, ranksep: 30, marginx: MARGIN, marginy: MARGIN });
  graph.setDefaultEdgeLabel(() => ({}));
  for (const step of steps) graph.setNode(step.id, { ...BOX });
  for (const step of steps) for (const after of step.after) graph.setEdge(after.step, step.id, { width: 64, height: 15, labelpos: "c" });
  layout(graph);
  const size = graph.graph();
  return {
    width: size.width ?? 0,
    height: size.height ?? 0,
    boxes: steps.map((step) => {
      const { x, y } = graph.node(step.id);
      return { step, x, y, lines: wrapped(step.title) };
    }),
    arrows: steps.flatMap((step) =>
      step.after.map((after) => {
        const edge = graph.edge(after.step, step.id);
        const points = edge.points.map((point: { x: number; y: number }) => [point.x, point.y] as [number, number]);
        const middle = points[Math.floor(points.length / 2)];
        return {
          from: after.step,
          to: step.id,
          after,
          points,
          label: [edge.x ?? middle[0], (edge.y ?? middle[1]) + 4] as [number, number],
        };
      }),
    ),
  };
}

/** A title in at most two lines that fit a box. */
function wrapped(title: string): string[] {
  const lines: string[] = [];
  for (const word of title.split(" ")) {
    const last = lines[lines.length - 1];
    if (last !== undefined && `${last} ${word}`.length <= LINE) lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  if (lines.length <= MOST_LINES) return lines;
  return [...lines.slice(0, MOST_LINES - 1), `${lines[MOST_LINES - 1].slice(0, LINE - 1)}…`];
}

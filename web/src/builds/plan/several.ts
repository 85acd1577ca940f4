import type { Outline, PatchOperation, PlinthFile, Point } from "../../api/types";
import { applied } from "../sessionState";
import { bounds, centre, corners, less, turned } from "./outline";
import { copyPatch, movePatch, outlineOf, placedPart, turnPatch } from "./parts";

/** Several parts at once: lined up, spread, taken out. */
type Box = [number, number, number, number];

/** Where they are lined up: an axis, and the share of their box that is brought to one line. */
export const LINES = {
  left: { axis: 0, share: 0, name: "Left sides" },
  middle: { axis: 0, share: 0.5, name: "Middles across" },
  right: { axis: 0, share: 1, name: "Right sides" },
  front: { axis: 1, share: 0, name: "Fronts" },
  centre: { axis: 1, share: 0.5, name: "Middles in depth" },
  back: { axis: 1, share: 1, name: "Backs" },
} as const;
export type Line = keyof typeof LINES;

interface Placed {
  pointer: string;
  box: Box;
}

const placedOnes = (file: PlinthFile, pointers: string[]): Placed[] =>
  pointers.flatMap((pointer) => {
    const outline = outlineOf(file, placedPart(pointer));
    return outline && outline.kind !== "rest" ? [{ pointer, box: bounds([corners(outline)]) }] : [];
  });

const onLine = (box: Box, axis: 0 | 1, share: number): number => box[axis] + (box[axis + 2] - box[axis]) * share;
const along = (axis: 0 | 1, by: number): Point => (axis === 0 ? [by, 0] : [0, by]);

/** Brings them to the line of the first that was lit. */
export function alignedPatch(file: PlinthFile, pointers: string[], line: Line): PatchOperation[] {
  const { axis, share } = LINES[line];
  const [first, ...others] = placedOnes(file, pointers);
  if (!first) return [];
  const at = onLine(first.box, axis, share);
  return others.flatMap(({ pointer, box }) => {
    const by = at - onLine(box, axis, share);
    return Math.abs(by) < 0.05 ? [] : movePatch(file, pointer, along(axis, by));
  });
}

/** Spreads their middles evenly between the two outermost, which stay. */
export function spreadPatch(file: PlinthFile, pointers: string[], axis: 0 | 1): PatchOperation[] {
  const placed = placedOnes(file, pointers)
    .map((one) => ({ ...one, at: onLine(one.box, axis, 0.5) }))
    .sort((a, b) => a.at - b.at);
  if (placed.length < 3) return [];
  const [from, to] = [placed[0].at, placed[placed.length - 1].at];
  return placed.flatMap(({ pointer, at }, index) => {
    const by = from + ((to - from) * index) / (placed.length - 1) - at;
    return Math.abs(by) < 0.05 ? [] : movePatch(file, pointer, along(axis, by));
  });
}

/** Takes them out, the last of each list first, so that the places of the others hold. */
export const takeOutAllPatch = (pointers: string[]): PatchOperation[] =>
  [...pointers]
    .sort((a, b) => Number(b.split("/").pop()) - Number(a.split("/").pop()))
    .map((path): PatchOperation => ({ op: "remove", path }));

/** Changes of one part after the other, each of the file as the one before left it. */
export function inTurn<T>(file: PlinthFile, all: T[], change: (file: PlinthFile, one: T) => PatchOperation[]): PatchOperation[] {
  let then = file;
  return all.flatMap((one) => {
    const patch = change(then, one);
    then = applied(then, [{ patch }]);
    return patch;
  });
}

/** Turns them together, counter-clockwise about the middle of their box; one by itself about its own. */
export function turnAllPatch(file: PlinthFile, pointers: string[], deg: number): PatchOperation[] {
  if (pointers.length === 1) return turnPatch(file, pointers[0], deg);
  const placed = placedOnes(file, pointers);
  if (!placed.length) return [];
  const [x0, y0, x1, y1] = bounds(placed.map(({ box: [a, b, c, d] }) => [[a, b] as Point, [c, d] as Point]));
  return inTurn(file, placed, (then, { pointer }) => {
    const at = centre(outlineOf(then, pointer) as Outline);
    const move = movePatch(then, pointer, less(turned(at, deg, [(x0 + x1) / 2, (y0 + y1) / 2]), at));
    return [...move, ...turnPatch(applied(then, [{ patch: move }]), pointer, deg)];
  });
}

/** A copy of each beside it; where in the file the copies will be. */
export function copyAllPatch(file: PlinthFile, pointers: string[]): { pointers: string[]; patch: PatchOperation[] } {
  const made: string[] = [];
  const patch = inTurn(file, pointers, (then, pointer) => {
    const copy = copyPatch(then, pointer);
    if (copy) made.push(copy.pointer);
    return copy?.patch ?? [];
  });
  return { pointers: made, patch };
}

/** Places of copies in rows and ranks beside the one that is there, which is the first of them. @returns mm from it */
export function ranks(across: number, deep: number, stepX: number, stepY: number): Point[] {
  return Array.from({ length: across * deep }, (_, i): Point => [(i % across) * stepX, Math.floor(i / across) * stepY]).slice(1);
}

import * as THREE from "three";
import type { SolidBody } from "../../api/types";

export type Corner = [number, number, number];

/** A wall of more joints than this is drawn with its bed joints alone. */
const MOST = 2500;
/** A face leans no more than this from upright, of its length, and still carries courses. */
const UPRIGHT = 0.02;
const INK = "#2a231b";

const less = (a: Corner, b: Corner): Corner => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
const along = (a: Corner, by: Corner, share: number): Corner => [a[0] + by[0] * share, a[1] + by[1] * share, a[2] + by[2] * share];

/** The joints of what is laid in courses, drawn on its upright faces: bed joints, and between them head joints, every other course half
 * a unit farther along. */
export function bond(body: SolidBody): THREE.LineSegments | null {
  if (!body.unit_mm) return null;
  const [long, high, joint] = body.unit_mm;
  const step = { along: long + joint, up: high + joint };
  if (!(step.along > 0 && step.up > 0)) return null;
  const lines = body.faces.flatMap((face) => jointsOn(face as Corner[], step));
  const geometry = new THREE.BufferGeometry();
  geometry.setAttribute("position", new THREE.Float32BufferAttribute(lines.flat(), 3));
  return new THREE.LineSegments(geometry, new THREE.LineBasicMaterial({ color: INK, transparent: true, opacity: 0.55 }));
}

/** On a four-cornered upright face, whose foot is its first side. */
function jointsOn(face: Corner[], step: { along: number; up: number }): Corner[] {
  if (face.length !== 4) return [];
  const [a, b, c, d] = face;
  const [foot, side, other] = [less(b, a), less(d, a), less(c, b)];
  const [wide, tall] = [Math.hypot(...foot), side[2]];
  const upright = [side, other].every((edge) => Math.hypot(edge[0], edge[1]) < UPRIGHT * Math.abs(edge[2]));
  if (!upright || !wide || Math.abs(foot[2]) > UPRIGHT * wide || tall <= 0) return [];
  const courses = Math.ceil(tall / step.up);
  const heads = courses * Math.ceil(wide / step.along) <= MOST;
  return Array.from({ length: courses }, (_, course) => {
    const [low, top] = [course * step.up, Math.min((course + 1) * step.up, tall)].map((at) => at / tall);
    const lines: Corner[] = course ? [along(a, side, low), along(b, side, low)] : [];
    for (let at = step.along * (course % 2 ? 0.5 : 1); heads && at < wide; at += step.along) {
      const on = along(a, foot, at / wide);
      lines.push(along(on, side, low), along(on, side, top));
    }
    return lines;
  }).flat();
}

import * as THREE from "three";
import type { Corner } from "./bond";

/** A flat face as triangles, whatever its outline: laid down on the plane of the two axes that it covers most of. */
export function triangles(face: Corner[]): Corner[] {
  const normal = face.reduce(
    ([x, y, z], a, at) => {
      const b = face[(at + 1) % face.length];
      return [x + (a[1] - b[1]) * (a[2] + b[2]), y + (a[2] - b[2]) * (a[0] + b[0]), z + (a[0] - b[0]) * (a[1] + b[1])];
    },
    [0, 0, 0],
  );
  const most = normal.map(Math.abs).indexOf(Math.max(...normal.map(Math.abs)));
  const [u, v] = [(most + 1) % 3, (most + 2) % 3];
  // Seen from its other side it would be wound the other way.
  const flat = face.map((corner) => new THREE.Vector2(normal[most] < 0 ? -corner[u] : corner[u], corner[v]));
  return THREE.ShapeUtils.triangulateShape(flat, []).flatMap((three) => three.map((at) => face[at]));
}

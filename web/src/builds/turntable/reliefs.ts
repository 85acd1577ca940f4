import * as THREE from "three";
import { SVGLoader } from "three/examples/jsm/loaders/SVGLoader.js";
import type { Point, SolidBody } from "../../api/types";

/** A standing silhouette is drawn in a box one wide; a person fills so much of its own height. */
const SLENDER = 0.36;
/** How deep a relief is, as a share of how deep the foot is, and at least of how wide it is. */
const DEEP = { foot: 0.6, wide: 0.16 };
/** Of a fence: how long a panel is for its height, and how thick. */
const PANEL = { long: 1.7, thick: 0.07 };
const PLATE = 0.03;

const shapesOfPath = new Map<string, THREE.Shape[]>();

/** The shapes of a path in a box one wide and one high. */
function shapes(silhouette: string): THREE.Shape[] {
  const known = shapesOfPath.get(silhouette);
  if (known) return known;
  const { paths } = new SVGLoader().parse(`<svg xmlns="http://www.w3.org/2000/svg"><path d="${silhouette}"/></svg>`);
  const made = paths.flatMap((path) => SVGLoader.createShapes(path));
  shapesOfPath.set(silhouette, made);
  return made;
}

/** A silhouette with thickness and rounded edges, foot at the origin, upright along z, `deep` along y. */
function relief(silhouette: string, wide: number, high: number, deep: number): THREE.BufferGeometry {
  const geometry = new THREE.ExtrudeGeometry(shapes(silhouette), {
    depth: 0.6,
    bevelEnabled: true,
    bevelThickness: 0.2,
    bevelSize: 0.018,
    bevelOffset: -0.018,
    bevelSegments: 3,
    curveSegments: 5,
  });
  geometry.translate(0, 0, -0.3);
  geometry.scale(wide, high, deep);
  geometry.rotateX(Math.PI / 2);
  geometry.computeVertexNormals();
  return geometry;
}

/** A figure or an animal as a relief of its silhouette on its foot plate. */
export function standingRelief(body: SolidBody, silhouette: string, material: THREE.Material): THREE.Group {
  const group = new THREE.Group();
  const high = body.high_mm - body.low_mm;
  const [footWide, footDeep] = body.foot_mm ?? body.size_mm;
  const wide = Math.max(footWide, high * SLENDER);
  const deep = Math.max(footDeep * DEEP.foot, wide * DEEP.wide);
  group.add(new THREE.Mesh(relief(silhouette, wide, high, deep), material));
  const plate = new THREE.Mesh(new THREE.CylinderGeometry(1, 1.04, high * PLATE, 28).rotateX(Math.PI / 2), material);
  plate.scale.set(footWide / 2, footDeep / 2, 1);
  plate.position.z = (high * PLATE) / 2;
  group.add(plate);
  group.position.set(body.at_mm[0], body.at_mm[1], body.low_mm);
  group.rotation.z = (body.turn_deg * Math.PI) / 180;
  return group;
}

/** Panels of a silhouette along a line: posts and rails. */
export function fenced(body: SolidBody, line: Point[], silhouette: string, material: THREE.Material): THREE.Group {
  const group = new THREE.Group();
  const high = body.high_mm - body.low_mm;
  for (const [index, to] of line.slice(1).entries()) {
    const from = line[index];
    const long = Math.hypot(to[0] - from[0], to[1] - from[1]);
    const panels = Math.max(1, Math.round(long / (high * PANEL.long)));
    const geometry = relief(silhouette, long / panels, high, high * PANEL.thick);
    for (let panel = 0; panel < panels; panel += 1) {
      const along = (panel + 0.5) / panels;
      const mesh = new THREE.Mesh(geometry, material);
      mesh.position.set(from[0] + (to[0] - from[0]) * along, from[1] + (to[1] - from[1]) * along, body.low_mm);
      mesh.rotation.z = Math.atan2(to[1] - from[1], to[0] - from[0]);
      group.add(mesh);
    }
  }
  return group;
}

/** How many masses a crown has, how large each is and how far out it sits, as shares of the crown. */
const MASSES = { count: 22, size: 0.4, out: 0.62 };
/** Turns that spread points evenly over a ball. */
const GOLDEN = Math.PI * (3 - Math.sqrt(5));

/** A crown as masses of leaves in the room that it fills, larger ones below. */
export function leafy(body: SolidBody, material: THREE.Material): THREE.Group {
  const group = new THREE.Group();
  const [rx, ry, rz] = [body.size_mm[0] / 2, body.size_mm[1] / 2, (body.high_mm - body.low_mm) / 2];
  for (let i = 0; i < MASSES.count; i += 1) {
    const z = 1 - (2 * (i + 0.5)) / MASSES.count;
    const ring = Math.sqrt(1 - z * z);
    const size = MASSES.size * (1 + 0.22 * Math.sin(i * 2.4)) * (1 - 0.18 * z);
    const mesh = new THREE.Mesh(new THREE.IcosahedronGeometry(size, 1), material);
    mesh.scale.set(rx, ry, rz);
    mesh.position.set(
      body.at_mm[0] + Math.cos(i * GOLDEN) * ring * rx * MASSES.out,
      body.at_mm[1] + Math.sin(i * GOLDEN) * ring * ry * MASSES.out,
      body.low_mm + rz + z * rz * MASSES.out,
    );
    mesh.rotation.set(i, i * 1.7, i * 0.6);
    group.add(mesh);
  }
  return group;
}

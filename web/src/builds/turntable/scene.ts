import * as THREE from "three";
import type { Catalogue, Kind, Point, Solid, SolidBody } from "../../api/types";
import { has, standingKind } from "../../common/catalogue";
import { bond, type Corner } from "./bond";
import { grown } from "./growth";
import { fenced, leafy, standingRelief } from "./reliefs";
import { triangles } from "./triangles";

type Surface = NonNullable<Solid["waters"][number]["surface"]>;

const WATER = "#3f6f86";
const WATER_OPACITY = 0.82;
/** Over each other by so little that none flickers, mm. */
const FILM = 0.02;
/** So far out the side is drawn: the ground's own edge runs straight from place to place. */
const SKIN = 0.2;

/** The base as things to light and look at; z runs up, as in the file. */
export function sceneOf(solid: Solid, catalogue: Catalogue): THREE.Scene {
  const scene = new THREE.Scene();
  scene.add(new THREE.HemisphereLight("#ffffff", "#b9a98c", 1.5));
  const sun = new THREE.DirectionalLight("#fff6e0", 2.2);
  sun.name = SUN;
  sun.castShadow = true;
  sun.shadow.mapSize.set(2048, 2048);
  sun.shadow.radius = 5;
  sun.shadow.normalBias = 0.4;
  const base = baseOf(solid, catalogue);
  base.traverse((object) => {
    object.castShadow = !(object instanceof THREE.InstancedMesh);
    object.receiveShadow = true;
  });
  scene.add(sun, sun.target, base, bench(solid));
  lightFrom(scene, solid, USUAL_LIGHT);
  return scene;
}

const SUN = "sun";
/** Degrees counter-clockwise from the right of the plan that light comes from, and how high it stands. */
export const USUAL_LIGHT = 220;
const LIGHT_HIGH = 50;

/** Turns the light: where it comes from, and where its shadow is looked for. */
export function lightFrom(scene: THREE.Scene, solid: Solid, degrees: number) {
  const sun = scene.getObjectByName(SUN) as THREE.DirectionalLight;
  const [x0, y0, z0, x1, y1, z1] = solid.bounds_mm;
  const reach = Math.hypot(x1 - x0, y1 - y0, z1 - z0);
  const [turn, up] = [degrees, LIGHT_HIGH].map((angle) => (angle * Math.PI) / 180);
  sun.target.position.set((x0 + x1) / 2, (y0 + y1) / 2, (z0 + z1) / 2);
  sun.position
    .set(Math.cos(turn) * Math.cos(up), Math.sin(turn) * Math.cos(up), Math.sin(up))
    .multiplyScalar(reach)
    .add(sun.target.position);
  Object.assign(sun.shadow.camera, { left: -reach, right: reach, top: reach, bottom: -reach, near: 1, far: reach * 3 });
  sun.shadow.camera.updateProjectionMatrix();
}

/** What the base stands on: nothing is seen of it but the shadow. */
function bench(solid: Solid): THREE.Mesh {
  const [x0, y0, z0, x1, y1] = solid.bounds_mm;
  const mesh = new THREE.Mesh(
    new THREE.PlaneGeometry((x1 - x0) * 6, (y1 - y0) * 6),
    new THREE.ShadowMaterial({ opacity: 0.28, transparent: true }),
  );
  mesh.position.set((x0 + x1) / 2, (y0 + y1) / 2, z0 - 0.05);
  mesh.receiveShadow = true;
  mesh.userData.aside = true;
  return mesh;
}

/** One base with all that is on it, and further bodies where they are. */
function baseOf(solid: Solid, catalogue: Catalogue): THREE.Group {
  const base = new THREE.Group();
  base.add(named("ground", ground(solid)));
  for (const [index, ribbon] of solid.sides.entries()) base.add(named("side", band(ribbon, SKIN + index * FILM)));
  for (const water of solid.waters) base.add(named(water.pointer, surface(water)));
  for (const body of solid.bodies) base.add(standing(body, catalogue));
  for (const course of solid.growth) if (course.places.length) base.add(named(course.pointer, grown(course)));
  for (const further of solid.within) {
    const group = baseOf(further.solid, catalogue);
    group.position.set(further.at_mm[0], further.at_mm[1], further.at_mm[2]);
    group.rotation.z = (further.turn_deg * Math.PI) / 180;
    base.add(group);
  }
  return base;
}

const named = (name: string, object: THREE.Object3D): THREE.Object3D => Object.assign(object, { name });

function ground({ ground: { vertices, triangles, colours, owners } }: Solid): THREE.Mesh {
  const geometry = new THREE.BufferGeometry();
  const at = (corner: number) => vertices.slice(corner * 3, corner * 3 + 3);
  geometry.setAttribute("position", new THREE.Float32BufferAttribute(triangles.flatMap(at), 3));
  geometry.setAttribute("color", new THREE.Float32BufferAttribute(triangleColours(triangles, owners, colours), 3));
  geometry.computeVertexNormals();
  return new THREE.Mesh(geometry, new THREE.MeshStandardMaterial({ vertexColors: true, roughness: 1, flatShading: true }));
}

/** A ribbon of the side, which runs counter-clockwise: what is outside lies to its right. */
function band({ colour, clear, points }: Solid["sides"][number], out: number): THREE.Mesh {
  const count = points.length / 4;
  const positions: number[] = [];
  for (let at = 0; at < count; at += 1) {
    const [x, y, low, high] = points.slice(at * 4, at * 4 + 4);
    const [before, behind] = [Math.max(at - 1, 0), Math.min(at + 1, count - 1)];
    const way = [points[behind * 4] - points[before * 4], points[behind * 4 + 1] - points[before * 4 + 1]];
    const long = Math.hypot(way[0], way[1]) || 1;
    const [px, py] = [x + (way[1] / long) * out, y - (way[0] / long) * out];
    positions.push(px, py, low, px, py, high);
  }
  const corners = Array.from({ length: count - 1 }, (_, at) => [0, 2, 3, 0, 3, 1].map((one) => at * 2 + one)).flat();
  const geometry = new THREE.BufferGeometry();
  geometry.setAttribute("position", new THREE.Float32BufferAttribute(positions, 3));
  geometry.setIndex(corners);
  geometry.computeVertexNormals();
  const seenThrough = clear ? { transparent: true, opacity: WATER_OPACITY, roughness: 0.2 } : { roughness: 0.9 };
  return new THREE.Mesh(geometry, new THREE.MeshStandardMaterial({ color: colour ?? WATER, side: THREE.DoubleSide, ...seenThrough }));
}

/** A triangle has the colour of its ground, the same at its three corners; one that reaches down is the plinth's side. */
function triangleColours(triangles: number[], owners: number[], colours: string[]): number[] {
  const palette = colours.map((colour) => new THREE.Color(colour).toArray());
  const side = colours.length - 1;
  const out: number[] = [];
  for (let i = 0; i < triangles.length; i += 3) {
    const corners = [owners[triangles[i]], owners[triangles[i + 1]], owners[triangles[i + 2]]];
    const colour = palette[corners.includes(side) ? side : corners[0]];
    out.push(...colour, ...colour, ...colour);
  }
  return out;
}

/** As the core has it, waves and all; a still and bare one is flat. */
function moving({ vertices, triangles, colours, owners }: Surface): THREE.Mesh {
  const geometry = new THREE.BufferGeometry();
  geometry.setAttribute("position", new THREE.Float32BufferAttribute(vertices, 3));
  const palette = colours.map((one) => new THREE.Color(one ?? WATER).toArray());
  geometry.setAttribute(
    "color",
    new THREE.Float32BufferAttribute(
      owners.flatMap((owner) => palette[owner]),
      3,
    ),
  );
  geometry.setIndex(triangles);
  geometry.computeVertexNormals();
  const material = new THREE.MeshStandardMaterial({
    vertexColors: true,
    transparent: true,
    opacity: 0.92,
    roughness: 0.2,
    side: THREE.DoubleSide,
  });
  return new THREE.Mesh(geometry, material);
}

function surface({ rings, level_mm, colour, depths, surface: shaped }: Solid["waters"][number]): THREE.Object3D {
  if (shaped) return moving(shaped);
  const group = new THREE.Group();
  const material = new THREE.MeshStandardMaterial({
    color: colour ?? WATER,
    transparent: true,
    opacity: WATER_OPACITY,
    roughness: 0.15,
    side: THREE.DoubleSide,
  });
  // Tinted water hides its bed the more the deeper it is; the core says in what colour.
  const bands = depths.length ? depths : [{ rings, colour: null }];
  for (const [index, band] of bands.entries())
    for (const shape of shapes(band.rings)) {
      const own = band.colour ? material.clone() : material;
      if (band.colour) own.color.set(band.colour);
      const mesh = new THREE.Mesh(new THREE.ShapeGeometry(shape), own);
      mesh.position.z = level_mm + index * FILM;
      group.add(mesh);
    }
  return group;
}

const area = (ring: Point[]) =>
  ring.reduce((sum, [x, y], i) => sum + x * ring[(i + 1) % ring.length][1] - ring[(i + 1) % ring.length][0] * y, 0) / 2;
const path = (ring: Point[]) => ring.map(([x, y]) => new THREE.Vector2(x, y));

/** The largest rings are waters; those that run the other way are islands in them. */
function shapes(rings: Point[][]): THREE.Shape[] {
  const sorted = [...rings].sort((a, b) => Math.abs(area(b)) - Math.abs(area(a)));
  const sign = Math.sign(area(sorted[0] ?? []));
  const waters = sorted.filter((ring) => Math.sign(area(ring)) === sign).map((ring) => new THREE.Shape(path(ring)));
  for (const island of sorted.filter((ring) => Math.sign(area(ring)) !== sign)) waters[0]?.holes.push(new THREE.Path(path(island)));
  return waters;
}

function standing(body: SolidBody, catalogue: Catalogue): THREE.Object3D {
  const kind = standingKind(catalogue, body.kind, body.pointer);
  const material = new THREE.MeshStandardMaterial({
    color: body.colour ?? kind?.colour,
    roughness: 0.9,
    flatShading: true,
    side: THREE.DoubleSide,
  });
  const object = shaped(body, kind, material);
  object.name = body.pointer;
  if (body.openings.length) object.add(flat(body.openings as Corner[][], OPEN));
  const joints = bond(body);
  if (joints) object.add(joints);
  return object;
}

/** As its kind is drawn: a relief of its silhouette, panels along a line, a crown of leaves; else the faces that the core gives it. */
function shaped(body: SolidBody, kind: Kind | undefined, material: THREE.Material): THREE.Object3D {
  if (kind?.body === "living" && kind.silhouette) return standingRelief(body, kind.silhouette, material);
  if (has(kind, "looked_through") && kind?.silhouette && body.line_mm)
    return fenced(body, body.line_mm as Point[], kind.silhouette, material);
  if (has(kind, "crowned") && body.crown) return leafy(body, material);
  return flat(body.faces as Corner[][], material);
}

/** What is dark behind doors and windows. */
const OPEN = new THREE.MeshStandardMaterial({ color: "#2a2f2c", roughness: 1, side: THREE.DoubleSide });

/** Flat faces. */
function flat(faces: Corner[][], material: THREE.Material): THREE.Mesh {
  const positions = faces.flatMap((face) => triangles(face).flat());
  const geometry = new THREE.BufferGeometry();
  geometry.setAttribute("position", new THREE.Float32BufferAttribute(positions, 3));
  geometry.computeVertexNormals();
  return new THREE.Mesh(geometry, material);
}

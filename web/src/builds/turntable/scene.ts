import * as THREE from "three";
import type { Catalogue, Point, Solid, SolidBody } from "../../api/types";
import { standingKind } from "../../common/catalogue";

type Surface = NonNullable<Solid["waters"][number]["surface"]>;

const WATER = "#3f6f86";
const WATER_OPACITY = 0.82;

/** The base as things to light and look at; z runs up, as in the file. */
export function sceneOf(solid: Solid, catalogue: Catalogue): THREE.Scene {
  const scene = new THREE.Scene();
  scene.add(new THREE.HemisphereLight("#ffffff", "#b9a98c", 1.6));
  const sun = new THREE.DirectionalLight("#fff6e0", 2);
  sun.position.set(-0.6, -0.5, 1.2);
  scene.add(sun, ground(solid));
  for (const water of solid.waters) scene.add(surface(water));
  for (const body of solid.bodies) scene.add(standing(body, catalogue));
  return scene;
}

function ground({ ground: { vertices, triangles, colours, owners } }: Solid): THREE.Mesh {
  const geometry = new THREE.BufferGeometry();
  const at = (corner: number) => vertices.slice(corner * 3, corner * 3 + 3);
  geometry.setAttribute("position", new THREE.Float32BufferAttribute(triangles.flatMap(at), 3));
  geometry.setAttribute("color", new THREE.Float32BufferAttribute(triangleColours(triangles, owners, colours), 3));
  geometry.computeVertexNormals();
  return new THREE.Mesh(geometry, new THREE.MeshStandardMaterial({ vertexColors: true, roughness: 1, flatShading: true }));
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

function surface({ rings, level_mm, colour, surface: shaped }: Solid["waters"][number]): THREE.Object3D {
  if (shaped) return moving(shaped);
  const group = new THREE.Group();
  const material = new THREE.MeshStandardMaterial({
    color: colour ?? WATER,
    transparent: true,
    opacity: WATER_OPACITY,
    roughness: 0.15,
    side: THREE.DoubleSide,
  });
  for (const shape of shapes(rings)) {
    const mesh = new THREE.Mesh(new THREE.ShapeGeometry(shape), material);
    mesh.position.z = level_mm;
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
  const object = kind?.body === "living" ? living(body, material) : faces(body, material);
  object.name = body.pointer;
  return object;
}

/** Flat faces, each fanned out from its first corner. */
function faces(body: SolidBody, material: THREE.Material): THREE.Mesh {
  const positions = body.faces.flatMap((face) => face.slice(1, -1).flatMap((corner, i) => [...face[0], ...corner, ...face[i + 2]]));
  const geometry = new THREE.BufferGeometry();
  geometry.setAttribute("position", new THREE.Float32BufferAttribute(positions, 3));
  geometry.computeVertexNormals();
  return new THREE.Mesh(geometry, material);
}

/** A foot plate, a body that narrows upward, a head: enough to tell a person from a post. */
function living(body: SolidBody, material: THREE.Material): THREE.Group {
  const group = new THREE.Group();
  const height = body.high_mm - body.low_mm;
  const wide = Math.min(...body.size_mm) / 2;
  const add = (geometry: THREE.BufferGeometry, z: number) => {
    geometry.rotateX(Math.PI / 2);
    const mesh = new THREE.Mesh(geometry, material);
    mesh.position.set(body.at_mm[0], body.at_mm[1], body.low_mm + z);
    group.add(mesh);
    return mesh;
  };
  const plate = add(new THREE.CylinderGeometry(1, 1, height * 0.03, 20), height * 0.015);
  plate.scale.set(body.size_mm[0] / 2, body.size_mm[1] / 2, 1);
  const head = height * 0.075;
  add(new THREE.CylinderGeometry(wide * 0.42, wide * 0.3, height * 0.84, 12), height * 0.45);
  add(new THREE.SphereGeometry(head, 14, 10), height - head);
  return group;
}

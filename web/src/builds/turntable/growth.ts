import * as THREE from "three";
import { mergeGeometries } from "three/examples/jsm/utils/BufferGeometryUtils.js";
import type { Solid } from "../../api/types";

type Grown = Solid["growth"][number];

/** A fibre's thickness, as a share of its length; and how far the blades of a tuft lean out. */
const THIN = 0.09;
const BLADES = 7;
const LEAN = 0.42;

function blade(lean: number, turn: number): THREE.BufferGeometry {
  const geometry = new THREE.ConeGeometry(THIN, 1, 4);
  geometry.translate(0, 0.5, 0);
  geometry.rotateX(Math.PI / 2);
  geometry.rotateY(lean);
  geometry.rotateZ(turn);
  return geometry;
}

const tuft = () =>
  mergeGeometries(
    Array.from({ length: BLADES }, (_, i) => blade(i === 0 ? 0 : LEAN, (i * 2 * Math.PI) / (BLADES - 1))),
  ) as THREE.BufferGeometry;

/** A stone with its faces, half sunk, one long. */
const stone = () => new THREE.IcosahedronGeometry(0.5, 0).scale(1, 0.78, 0.62).translate(0, 0, 0.16);

const PIECES = { tuft, fibre: () => blade(0.16, 0), grain: stone };

/** What grows or lies in one course: the same piece in every place, each turned, sized and toned a little differently. */
export function grown({ places, length_mm, colour, mark }: Grown): THREE.InstancedMesh {
  const count = places.length / 3;
  const material = new THREE.MeshStandardMaterial({ roughness: 1, flatShading: true });
  const mesh = new THREE.InstancedMesh(PIECES[mark](), material, count);
  const [at, tone, base] = [new THREE.Object3D(), new THREE.Color(), new THREE.Color(colour ?? "#7d8246")];
  for (let i = 0; i < count; i += 1) {
    const vary = Math.sin(i * 12.9898) * 0.5 + Math.sin(i * 78.233) * 0.5;
    at.position.set(places[i * 3], places[i * 3 + 1], places[i * 3 + 2]);
    at.rotation.set(vary * 0.12, vary * 0.1, i * 2.4);
    at.scale.setScalar(length_mm * (1 + vary * 0.2));
    at.updateMatrix();
    mesh.setMatrixAt(i, at.matrix);
    mesh.setColorAt(i, tone.copy(base).offsetHSL(vary * 0.012, 0, vary * 0.05));
  }
  return mesh;
}

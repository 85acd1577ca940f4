import * as THREE from "three";
import { GLTFExporter } from "three/examples/jsm/exporters/GLTFExporter.js";
import { mergeGeometries } from "three/examples/jsm/utils/BufferGeometryUtils.js";

/** Lets the browser keep a file. */
export function keep(blob: Blob, name: string) {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(blob);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}

/** From the file's millimetres with z up to the format's metres with y up. */
const IN_METRES = new THREE.Matrix4().makeRotationX(-Math.PI / 2).scale(new THREE.Vector3(0.001, 0.001, 0.001));

/** A scene as a binary glTF file: metres, y up, every blade of grass as it stands. Places are written into the corners themselves, since
 * readers differ in how they carry them from part to part. */
export async function asGltf(scene: THREE.Scene): Promise<Blob> {
  const whole = new THREE.Group();
  scene.traverse((object) => {
    if (!(object instanceof THREE.Mesh) || object.userData.aside) return;
    object.updateWorldMatrix(true, false);
    const mesh = object instanceof THREE.InstancedMesh ? baked(object) : new THREE.Mesh(object.geometry.clone(), object.material);
    mesh.geometry.applyMatrix4(IN_METRES.clone().multiply(object.matrixWorld));
    mesh.name = object.name || object.parent?.name || "";
    whole.add(mesh);
  });
  const data = (await new GLTFExporter().parseAsync(whole, { binary: true })) as ArrayBuffer;
  return new Blob([data], { type: "model/gltf-binary" });
}

/** All pieces of an instanced mesh as one, since few readers know instances. */
function baked(many: THREE.InstancedMesh): THREE.Mesh {
  const [matrix, colour] = [new THREE.Matrix4(), new THREE.Color()];
  const pieces = Array.from({ length: many.count }, (_, i) => {
    many.getMatrixAt(i, matrix);
    many.getColorAt(i, colour);
    const piece = many.geometry.clone().applyMatrix4(matrix);
    const corners = piece.getAttribute("position").count;
    piece.setAttribute("color", new THREE.Float32BufferAttribute(Array.from({ length: corners }, () => colour.toArray()).flat(), 3));
    return piece;
  });
  return new THREE.Mesh(
    mergeGeometries(pieces) as THREE.BufferGeometry,
    new THREE.MeshStandardMaterial({ vertexColors: true, roughness: 1 }),
  );
}

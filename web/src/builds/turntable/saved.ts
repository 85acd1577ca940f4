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

/** A scene as a binary glTF file: metres, y up, every blade of grass as it stands. */
export async function asGltf(scene: THREE.Scene): Promise<Blob> {
  const whole = new THREE.Group();
  scene.traverse((object) => {
    if (!(object instanceof THREE.Mesh) || object.userData.aside) return;
    object.updateWorldMatrix(true, false);
    const mesh = object instanceof THREE.InstancedMesh ? baked(object) : new THREE.Mesh(object.geometry, object.material);
    mesh.applyMatrix4(object.matrixWorld);
    mesh.name = object.name || object.parent?.name || "";
    whole.add(mesh);
  });
  whole.rotation.x = -Math.PI / 2;
  whole.scale.setScalar(0.001);
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

import { validateBytes } from "gltf-validator";
import { beforeAll, describe, expect, it } from "vitest";
import type { Catalogue, Solid } from "../src/api/types";
import { asGltf } from "../src/builds/turntable/saved";
import { sceneOf } from "../src/builds/turntable/scene";

/** What the exporter reads blobs with in a browser. */
class Reader {
  result: ArrayBuffer | null = null;
  onloadend: (() => void) | null = null;
  readAsArrayBuffer(blob: Blob) {
    void blob.arrayBuffer().then((bytes) => {
      this.result = bytes;
      this.onloadend?.();
    });
  }
}

const box = (low: number, high: number) => [
  [
    [0, 0, low],
    [9, 0, low],
    [9, 0, high],
    [0, 0, high],
  ],
  [
    [0, 0, high],
    [9, 0, high],
    [9, 4, high],
    [4, 4, high],
    [4, 9, high],
    [0, 9, high],
  ],
];

const solid = {
  ground: {
    vertices: [0, 0, 0, 60, 0, 0, 60, 40, 2, 0, 40, 2],
    triangles: [0, 1, 2, 0, 2, 3],
    colours: ["#56482f", "#1d1c1a"],
    owners: [0, 0, 0, 0],
  },
  sides: [{ colour: "#1d1c1a", clear: false, points: [0, 0, -10, 0, 30, 0, -10, 0, 60, 0, -10, 0] }],
  waters: [
    {
      pointer: "/waters/0",
      colour: "#3f6f86",
      level_mm: 3,
      rings: [
        [
          [5, 5],
          [20, 5],
          [20, 20],
        ],
      ],
      depths: [],
      surface: null,
    },
  ],
  bodies: [
    {
      pointer: "/features/0",
      kind: "rock",
      name: "rock",
      colour: "#777777",
      low_mm: 2,
      high_mm: 8,
      at_mm: [20, 20],
      size_mm: [9, 9],
      turn_deg: 0,
      foot_mm: null,
      line_mm: null,
      crown: false,
      unit_mm: null,
      faces: box(2, 8),
      // A door in the face at the front.
      openings: [
        [
          [2, -0.1, 2],
          [4, -0.1, 2],
          [4, -0.1, 5],
          [2, -0.1, 5],
        ],
      ],
    },
  ],
  growth: [
    { pointer: "/zones/0/courses/0", material: "tufts", colour: "#4d6b2f", length_mm: 4, mark: "tuft", places: [10, 10, 1, 30, 20, 2] },
  ],
  bounds_mm: [0, 0, -10, 60, 40, 8],
  within: [],
} as unknown as Solid;

const catalogue = { kinds: {}, materials: [], parts: [] } as unknown as Catalogue;

describe("a scene kept as binary glTF", () => {
  beforeAll(() => {
    Object.assign(globalThis, { FileReader: Reader });
  });

  it("is found sound by the format's own validator, with every solid in it", async () => {
    const bytes = new Uint8Array(await (await asGltf(sceneOf(solid, catalogue))).arrayBuffer());
    const report = await validateBytes(bytes);
    expect(report.issues.messages.filter(({ severity }: { severity: number }) => severity < 2)).toEqual([]);
    expect(report.info.drawCallCount).toBe(6);
  });

  // The base is 60 mm broad, 40 deep and reaches from -10 to 8 mm: in the file x and y up are those in metres, and what is far away has the
  // smallest z.
  it("is in metres and upright, whatever a reader makes of places: there are none but the corners'", async () => {
    const bytes = new Uint8Array(await (await asGltf(sceneOf(solid, catalogue))).arrayBuffer());
    const json = JSON.parse(new TextDecoder().decode(bytes.subarray(20, 20 + new DataView(bytes.buffer).getUint32(12, true))));
    expect(json.nodes.filter((node: Record<string, unknown>) => node.matrix || node.scale || node.rotation || node.translation)).toEqual(
      [],
    );
    const bounds = (name: string) => {
      const node = json.nodes.find((one: { name: string }) => one.name === name);
      const { min, max } = json.accessors[json.meshes[node.mesh].primitives[0].attributes.POSITION];
      return [...min, ...max].map((value: number) => Math.round(value * 1e5) / 1e5 + 0);
    };
    expect(bounds("ground")).toEqual([0, 0, -0.04, 0.06, 0.002, 0]);
    expect(bounds("/features/0")).toEqual([0, 0.002, -0.009, 0.009, 0.008, 0]);
  });
});

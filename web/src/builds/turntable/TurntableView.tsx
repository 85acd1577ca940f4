import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Slider from "@mui/material/Slider";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import * as THREE from "three";
import { api } from "../../api/client";
import type { Solid } from "../../api/types";
import { useCatalogue } from "../../common/catalogue";
import { Waiting } from "../../common/Waiting";
import { useSettled } from "../../scale/useAsked";
import { SightPanel } from "../compose/SightPanel";
import { useMoment } from "../rehearsal/useRehearsal";
import { useBuild, useOf } from "../useSession";
import { asGltf, keep } from "./saved";
import { lightFrom, sceneOf, USUAL_LIGHT } from "./scene";

const FIELD_DEG = 32;
const START = { turn: -0.45, tilt: 0.5, near: 1 };
/** Room round the base. */
const MARGIN = 1.04;
const TILTS: [number, number] = [0.02, 1.45];
const NEARS: [number, number] = [0.35, 2.5];
/** A pull over the whole window turns the base once. */
const TURN_PER_WINDOW = Math.PI * 2;

const clamp = (value: number, [low, high]: [number, number]) => Math.min(Math.max(value, low), high);

type Pose = typeof START;
const turned = (pose: Pose, by: number): Pose => ({ ...pose, turn: pose.turn + by });
const tilted = (pose: Pose, by: number): Pose => ({ ...pose, tilt: clamp(pose.tilt + by, TILTS) });
const nearer = (pose: Pose, factor: number): Pose => ({ ...pose, near: clamp(pose.near * factor, NEARS) });
const KEYS: Record<string, (pose: Pose) => Pose> = {
  ArrowLeft: (pose) => turned(pose, -Math.PI / 12),
  ArrowRight: (pose) => turned(pose, Math.PI / 12),
  ArrowUp: (pose) => tilted(pose, 0.1),
  ArrowDown: (pose) => tilted(pose, -0.1),
  "+": (pose) => nearer(pose, 1.2),
  "-": (pose) => nearer(pose, 1 / 1.2),
};

/** A renderer on this canvas, or null on a machine that cannot draw solids: then the base is shown as a drawing. */
function rendererOn(canvas: HTMLCanvasElement): THREE.WebGLRenderer | null {
  const context = canvas.getContext("webgl2", { antialias: true, alpha: true });
  const renderer = context && new THREE.WebGLRenderer({ canvas, context, antialias: true, alpha: true });
  if (renderer) renderer.shadowMap.enabled = true;
  return renderer;
}

/** The base as a solid on a turntable, as it stands at the moment that is rehearsed: drag to turn and tilt, wheel or keys to come nearer. */
export default function TurntableView() {
  const build = useBuild();
  const part = useOf();
  const moment = useSettled(useMoment((state) => state.moment));
  const solid = useQuery({
    queryKey: ["solid", build.id, part, build.version, moment],
    queryFn: () => api.solid(build.id, moment, part),
    placeholderData: keepPreviousData,
  });
  const [flat, setFlat] = useState(false);
  if (flat)
    return (
      <Box sx={{ height: "100%", display: "flex", flexDirection: "column" }}>
        <Typography variant="body2" sx={{ px: 1.5, pt: 0.5 }}>
          This machine draws no solids, so the base is shown as a drawing. Walk round it in steps.
        </Typography>
        <Box sx={{ flex: 1, minHeight: 0 }}>
          <SightPanel />
        </Box>
      </Box>
    );
  return (
    <Box component="section" aria-label="Turntable" sx={{ height: "100%", position: "relative", overflow: "hidden" }}>
      {solid.data && <Stage solid={solid.data} onFlat={() => setFlat(true)} />}
      {solid.isError && !solid.data && (
        <Typography role="status" sx={{ p: 2 }}>
          {(solid.error as Error).message}
        </Typography>
      )}
      {solid.isPending && <Waiting>Building the solid…</Waiting>}
    </Box>
  );
}

function Stage({ solid, onFlat }: { solid: Solid; onFlat: () => void }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const renderer = useRef<THREE.WebGLRenderer | null>(null);
  const scene = useRef<THREE.Scene | null>(null);
  const [pose, setPose] = useState(START);
  const [light, setLight] = useState(USUAL_LIGHT);
  const title = useBuild().file.title;
  const [size, setSize] = useState({ width: 0, height: 0 });
  const pull = useRef<{ x: number; y: number } | null>(null);
  const { tints } = useTheme();
  const catalogue = useCatalogue();
  const away = useRef(onFlat);
  away.current = onFlat;

  useEffect(() => {
    if (!canvas.current) return;
    renderer.current = rendererOn(canvas.current);
    if (!renderer.current) return away.current();
    const watch = new ResizeObserver(([entry]) => setSize({ width: entry.contentRect.width, height: entry.contentRect.height }));
    watch.observe(canvas.current.parentElement as Element);
    return () => {
      watch.disconnect();
      renderer.current?.dispose();
    };
  }, []);

  useEffect(() => {
    scene.current = sceneOf(solid, catalogue);
    setPose((now) => ({ ...now }));
  }, [solid, catalogue]);

  useEffect(() => {
    if (!renderer.current || !scene.current || !size.width) return;
    renderer.current.setPixelRatio(Math.min(devicePixelRatio, 2));
    renderer.current.setSize(size.width, size.height, false);
    lightFrom(scene.current, solid, light);
    renderer.current.render(scene.current, cameraFor(solid, pose, size));
  }, [pose, size, solid, light]);

  /** What is drawn is drawn again, since a browser forgets it once it is shown. */
  function picture() {
    if (!renderer.current || !scene.current || !canvas.current) return;
    renderer.current.render(scene.current, cameraFor(solid, pose, size));
    canvas.current.toBlob((blob) => blob && keep(blob, `${title}.png`), "image/png");
  }
  const model = async () => scene.current && keep(await asGltf(scene.current), `${title}.glb`);

  return (
    <Box
      sx={{ position: "absolute", inset: 0, bgcolor: tints.sitting, touchAction: "none", cursor: "grab" }}
      tabIndex={0}
      role="application"
      aria-label="Base on a turntable: arrows turn and tilt it, plus and minus come nearer"
      onKeyDown={(event) => {
        const move = KEYS[event.key];
        if (!move) return;
        event.preventDefault();
        event.stopPropagation();
        setPose(move);
      }}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        pull.current = { x: event.clientX, y: event.clientY };
      }}
      onPointerMove={(event) => {
        if (!pull.current) return;
        const [dx, dy] = [event.clientX - pull.current.x, event.clientY - pull.current.y];
        pull.current = { x: event.clientX, y: event.clientY };
        setPose((now) => tilted(turned(now, -(dx / size.width) * TURN_PER_WINDOW), (dy / size.height) * 1.6));
      }}
      onPointerUp={() => {
        pull.current = null;
      }}
      onWheel={(event) => setPose((now) => nearer(now, Math.exp(-event.deltaY / 500)))}
    >
      <canvas ref={canvas} style={{ width: "100%", height: "100%", display: "block" }} data-testid="turntable" />
      <Box
        sx={{ position: "absolute", left: 16, right: 8, top: 8, display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1 }}
        onPointerDown={(event) => event.stopPropagation()}
      >
        <Box
          sx={{ width: 180, display: "flex", alignItems: "center", gap: 1.25, fontSize: 14 }}
          onKeyDown={(event) => event.stopPropagation()}
        >
          Light
          <Slider
            size="small"
            min={0}
            max={360}
            step={15}
            value={light}
            aria-label="Light comes from"
            valueLabelDisplay="auto"
            valueLabelFormat={(degrees) => `${degrees}°`}
            onChange={(_event, next) => setLight(next as number)}
          />
        </Box>
        <Box sx={{ display: "flex", gap: 0.5, ml: "auto" }}>
          <Button size="small" variant="outlined" onClick={() => setPose(START)}>
            From the front
          </Button>
          <Button size="small" variant="outlined" onClick={picture}>
            Picture (.png)
          </Button>
          <Button size="small" variant="outlined" onClick={() => void model()}>
            Model (.glb)
          </Button>
        </Box>
      </Box>
    </Box>
  );
}

/** As near as the whole of the base's box fits the window, then as near as the maker wants. */
function cameraFor(solid: Solid, pose: Pose, size: { width: number; height: number }): THREE.PerspectiveCamera {
  const [x0, y0, z0, x1, y1, z1] = solid.bounds_mm;
  const middle = new THREE.Vector3((x0 + x1) / 2, (y0 + y1) / 2, (z0 + z1) / 2);
  const toward = new THREE.Vector3(
    Math.cos(pose.tilt) * Math.sin(pose.turn),
    -Math.cos(pose.tilt) * Math.cos(pose.turn),
    Math.sin(pose.tilt),
  );
  const right = new THREE.Vector3(0, 0, 1).cross(toward).normalize();
  const up = toward.clone().cross(right);
  const tangent = Math.tan((FIELD_DEG * Math.PI) / 360);
  const aspect = size.width / size.height;
  const corners = [x0, x1].flatMap((x) => [y0, y1].flatMap((y) => [z0, z1].map((z) => new THREE.Vector3(x, y, z).sub(middle))));
  const fits = corners.map(
    (corner) => Math.max(Math.abs(corner.dot(right)) / (tangent * aspect), Math.abs(corner.dot(up)) / tangent) + corner.dot(toward),
  );
  const distance = (Math.max(...fits) * MARGIN) / pose.near;
  const camera = new THREE.PerspectiveCamera(FIELD_DEG, aspect, distance / 50, distance * 10);
  camera.up.set(0, 0, 1);
  camera.position.copy(middle).addScaledVector(toward, distance);
  camera.lookAt(middle);
  return camera;
}

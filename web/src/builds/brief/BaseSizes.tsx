import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../../api/client";
import type { BaseSize, Outline, Point } from "../../api/types";
import { useCatalogue, usualWork } from "../../common/catalogue";
import { NumberField } from "../../common/NumberField";
import { mm, short } from "../../common/words";
import { bounds, corners, pathOf, ringsPath } from "../plan/outline";
import { useBuildSession, useOfBuild } from "../useSession";

const WORDS: Record<BaseSize["word"], string> = {
  small: "too small",
  swamped: "swamped by it",
  well: "carries it well",
  lost: "it is lost on it",
};
/** So many at first. */
const SHOWN = 5;

/** Sizes that the base could have, each drawn to one scale with what is to stand on it; taken at a tap. */
export function BaseSizes() {
  const session = useBuildSession();
  const id = useOfBuild((build) => build.id);
  const version = useOfBuild((build) => build.version);
  const drawing = useOfBuild((build) => build.drawing);
  const [margin, setMargin] = useState(usualWork(useCatalogue(), "room_around")?.margin_mm as number);
  const [width, setWidth] = useState<number | null>(null);
  const [depth, setDepth] = useState<number | null>(null);
  const [all, setAll] = useState(false);
  const board = width && depth ? { width, depth } : {};
  const { data } = useQuery({
    queryKey: ["sizes", id, version, margin, board],
    queryFn: () => api.sizes(id, { margin, ...board }),
    placeholderData: (old) => old,
  });
  const sizes = (data?.sizes ?? []) as BaseSize[];
  const fitting = sizes.filter((one) => one.word !== "small");
  const shown = all ? sizes : fitting.slice(0, SHOWN);
  const stood = drawing.subjects.flatMap((subject) => (subject.silhouette.length ? subject.silhouette : subject.rings)) as Point[][];
  if (data && !sizes.length)
    return <Typography color="text.secondary">Place first what is to stand on it: sizes follow from that.</Typography>;
  const long = Math.max(...shown.map((one) => sizeOf(one.outline)), 1);
  return (
    <Box sx={{ width: "100%" }}>
      <Box sx={{ display: "flex", gap: 1.5, flexWrap: "wrap", mb: 1 }}>
        <NumberField label="Room to the edge" unit="mm" value={margin} onChange={setMargin} width={160} />
        <NumberField
          label="A board at hand, wide"
          unit="mm"
          value={width}
          onChange={setWidth}
          onClear={() => setWidth(null)}
          empty="none"
          width={180}
          min={1}
        />
        <NumberField
          label="and deep"
          unit="mm"
          value={depth}
          onChange={setDepth}
          onClear={() => setDepth(null)}
          empty="none"
          width={140}
          min={1}
        />
      </Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(170px, 1fr))", gap: 1.5 }}>
        {shown.map((one) => (
          <SizeCard
            key={one.label}
            size={one}
            long={long}
            stood={stood}
            onTake={() => session.edit(`Take ${one.label} for the base`, one.patch)}
          />
        ))}
      </Box>
      {sizes.length > fitting.slice(0, SHOWN).length && (
        <Button onClick={() => setAll(!all)}>{all ? "Those that hold it only" : "All sizes, those that are too small, too"}</Button>
      )}
    </Box>
  );
}

const sizeOf = (outline: Outline): number => {
  const [x0, y0, x1, y1] = bounds([corners(outline)]);
  return Math.max(x1 - x0, y1 - y0);
};

interface CardProps {
  size: BaseSize;
  /** The longest of all, mm. */
  long: number;
  stood: Point[][];
  onTake: () => void;
}

function SizeCard({ size, long, stood, onTake }: CardProps) {
  const { tints } = useTheme();
  const good = size.word === "well";
  const half = long / 2 + 4;
  return (
    <Box
      data-size={size.label}
      sx={{ border: 1, borderColor: good ? tints.ready : tints.line, borderRadius: 1, p: 1, display: "flex", flexDirection: "column" }}
    >
      <svg viewBox={`${-half} ${-half} ${2 * half} ${2 * half}`} width="100%" height={120} role="img" aria-label={`${size.label}, drawn`}>
        <g transform="scale(1 -1)">
          <path d={pathOf(size.outline)} fill={tints.lit} stroke="currentColor" strokeWidth={long / 120} />
          <path d={ringsPath(stood)} fill={tints.accent} fillOpacity={0.7} stroke="currentColor" strokeWidth={long / 200} />
        </g>
      </svg>
      <Typography sx={{ fontWeight: 600 }}>{size.label}</Typography>
      <Typography variant="body2">
        {good ? "✓ " : ""}
        {WORDS[size.word]}: {short(size.share_pct)} % of the top
      </Typography>
      <Typography variant="body2" color="text.secondary" sx={{ flex: 1 }}>
        {size.room_mm < 0 ? `hangs over by ${mm(-size.room_mm)}` : `${mm(size.room_mm)} to the edge`}
        {size.not_into.length > 0 && `; does not go into ${size.not_into.join(", ")}`}
      </Typography>
      {size.patch.length > 0 && (
        <Button size="small" variant="outlined" onClick={onTake} aria-label={`Take ${size.label}`}>
          Take it
        </Button>
      )}
    </Box>
  );
}

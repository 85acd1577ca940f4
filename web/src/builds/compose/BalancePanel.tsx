import Box from "@mui/material/Box";
import Stack from "@mui/material/Stack";
import { useTheme } from "@mui/material/styles";
import Typography from "@mui/material/Typography";
import type { Balance, PlinthFile } from "../../api/types";
import { useCatalogue } from "../../common/catalogue";
import { NumberField } from "../../common/NumberField";
import { capital, mm, plain, short } from "../../common/words";
import { HowComputed } from "../HowComputed";
import { FieldRows } from "../inspector/FieldRows";
import { fieldsOf } from "../inspector/partFields";
import { bounds, ringsPath } from "../plan/outline";
import { nameOf, placedPart } from "../plan/parts";
import { useBuild, useBuildSession, useFile } from "../useSession";

/** Mass by part, where its centre lies, how far the base leans before it tips; for a floating top its device's limits. */
export function BalancePanel({ balance }: { balance: Balance }) {
  const file = useFile();
  const parts = masses(file, balance);
  const most = Math.max(...parts.map((part) => part.grams), 1);
  const { tints } = useTheme();
  const unknown = [...new Set(balance.unknown.map((pointer) => nameOf(file, placedPart(pointer))))];
  return (
    <Box component="section" aria-label="Balance">
      <Typography variant="h2">Balance</Typography>
      <Stack direction="row" sx={{ gap: 1.5, mt: 0.5 }}>
        <CentreDrawing balance={balance} />
        <Box sx={{ flex: 1, minWidth: 0 }}>
          <Typography variant="body2">
            {balance.mass_g === null ? `${short(balance.known_g)} g of what is known` : `${short(balance.mass_g)} g in all`}
            {balance.tip_deg !== null && (
              <>
                {` · tips at ${short(balance.tip_deg)}°`}
                <HowComputed of="balance/tips" about="where it tips" />
              </>
            )}
          </Typography>
          {unknown.length > 0 && (
            <Typography variant="body2" color="text.secondary">
              Not known: {unknown.join(", ")}. Type their mass, and the centre is found.
            </Typography>
          )}
          {parts.slice(0, 6).map((part) => (
            <Box key={part.name} sx={{ display: "grid", gridTemplateColumns: "1fr 84px 58px", gap: 0.75, alignItems: "center" }}>
              <Typography variant="body2" noWrap>
                {capital(part.name)}
              </Typography>
              <Box sx={{ height: 9, bgcolor: tints.line }}>
                <Box sx={{ height: 9, width: `${(100 * part.grams) / most}%`, bgcolor: tints.curing }} />
              </Box>
              <Typography variant="body2" sx={{ textAlign: "right" }}>
                {short(part.grams)} g
              </Typography>
            </Box>
          ))}
        </Box>
      </Stack>
      {balance.floating && <Floating floating={balance.floating} />}
    </Box>
  );
}

/** Grams of each placed part, its courses counted with it, the heaviest first. */
function masses(file: PlinthFile, balance: Balance) {
  const sums = new Map<string, number>();
  for (const part of balance.parts) {
    const where = part.where === "/plinth" ? part.where : placedPart(part.where);
    sums.set(where, (sums.get(where) ?? 0) + (part.mass_g ?? 0));
  }
  return [...sums]
    .map(([where, grams]) => ({ name: nameOf(file, where), grams }))
    .filter((part) => Math.abs(part.grams) >= 0.05)
    .sort((a, b) => b.grams - a.grams);
}

/** The plinth's foot with the centre of mass on it. */
function CentreDrawing({ balance }: { balance: Balance }) {
  const { drawing } = useBuild();
  const { tints } = useTheme();
  const [x0, y0, x1, y1] = bounds(drawing.foot);
  const size = Math.max(x1 - x0, y1 - y0);
  const r = size * 0.035;
  const [x, y] = balance.centre_of_mass_mm ?? [];
  return (
    <svg
      width={112}
      height={112}
      viewBox={`${(x0 + x1 - size * 1.1) / 2} ${-(y0 + y1 + size * 1.1) / 2} ${size * 1.1} ${size * 1.1}`}
      role="img"
      aria-label={x === undefined ? "The centre of mass is not known" : `Centre of mass at ${short(x)}, ${short(y)} mm`}
    >
      <g transform="scale(1 -1)">
        <path d={ringsPath(drawing.foot)} fill={tints.sitting} stroke={tints.mat} strokeWidth={size / 80} />
        <path
          d={`M${(x0 + x1) / 2} ${y0}V${y1}M${x0} ${(y0 + y1) / 2}H${x1}`}
          stroke={tints.mat}
          strokeOpacity={0.4}
          strokeWidth={size / 200}
        />
        {x !== undefined && (
          <g stroke={tints.trouble} strokeWidth={size / 90} fill="none">
            <circle cx={x} cy={y} r={r} />
            <path d={`M${x - r * 1.8} ${y}h${r * 3.6}M${x} ${y - r * 1.8}v${r * 3.6}`} />
          </g>
        )}
      </g>
    </svg>
  );
}

const LIMITS = [
  ["float_off_axis_mm", "Off the axis at most", "mm"],
  ["float_gap_mm", "Works through at most", "mm"],
  ["float_load_g", "Lifts at most", "g"],
  ["float_cover_mm", "Cover and plinth between", "mm"],
] as const;

function Floating({ floating }: { floating: NonNullable<Balance["floating"]> }) {
  const catalogue = useCatalogue();
  const file = useFile();
  const session = useBuildSession();
  const { tints } = useTheme();
  const rows = [
    ["off the axis", floating.off_axis_mm, floating.off_axis_limit_mm, "mm"],
    [
      `between driver and magnet${floating.gap_mm === null ? `, ${mm(floating.gap_most_mm)} at most` : ""}`,
      floating.gap_mm,
      floating.gap_limit_mm,
      "mm",
    ],
    ["to lift", floating.load_g, floating.load_limit_g, "g"],
  ] as const;
  return (
    <Box sx={{ mt: 1 }}>
      {rows.map(([words, value, limit, unit]) => {
        const over = value !== null && limit !== null && value > limit;
        return (
          <Typography key={words} variant="body2" sx={{ color: over ? tints.trouble : undefined, fontWeight: over ? 600 : undefined }}>
            <span aria-hidden>{value === null || limit === null ? "?" : over ? "▲" : "✓"}</span>{" "}
            {value === null ? "unknown" : unit === "mm" ? mm(value) : `${short(value)} g`} {words}, limit{" "}
            {limit === null ? "not typed yet" : `${short(limit)} ${unit}`}
          </Typography>
        );
      })}
      <Typography variant="body2" color="text.secondary" sx={{ my: 0.75 }}>
        Limits from the device's own leaflet:
      </Typography>
      <Stack direction="row" sx={{ gap: 1, flexWrap: "wrap" }}>
        {LIMITS.map(([key, label, unit]) => (
          <NumberField
            key={key}
            label={label}
            unit={unit}
            min={0}
            width={205}
            value={file.limits?.[key]}
            onChange={(value) =>
              session.edit(`Change ${plain(key)}`, [
                file.limits ? { op: "add", path: `/limits/${key}`, value } : { op: "add", path: "/limits", value: { [key]: value } },
              ])
            }
          />
        ))}
        <FieldRows fields={fieldsOf(catalogue, "floating", file)} part={file} pointer="" called="the floating top" />
      </Stack>
    </Box>
  );
}

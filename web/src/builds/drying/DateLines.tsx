import { useTheme } from "@mui/material/styles";
import type { Schedule } from "../../api/types";
import { momentWords, nowMoment } from "../../common/words";

interface Props {
  schedule: Schedule;
  at: (moment: string) => number;
  height: number;
  /** The moment that is rehearsed. */
  rehearsed: string | null;
}

/** Lines through the whole chart: ready, wanted, the moment that is rehearsed, now. */
export function DateLines({ schedule, at, height, rehearsed }: Props) {
  const { tints, palette } = useTheme();
  const line = (moment: string, stroke: string, more = {}) => (
    <line x1={at(moment)} x2={at(moment)} y1={0} y2={height} stroke={stroke} strokeWidth={2} {...more} />
  );
  return (
    <g clipPath="url(#rows-room)" pointerEvents="none">
      {line(schedule.ready_at, tints.ready)}
      {schedule.finish_by && line(schedule.finish_by, palette.text.primary, { strokeDasharray: "6 4" })}
      {schedule.finish_by && (
        <text
          x={at(schedule.finish_by) - 5}
          y={height - 8}
          textAnchor="end"
          fontSize={13}
          fontWeight={600}
          fill={palette.text.primary}
          stroke={palette.background.paper}
          strokeWidth={4}
          paintOrder="stroke"
        >
          wanted {momentWords(schedule.finish_by)}
        </text>
      )}
      {rehearsed !== null && line(rehearsed, tints.trouble, { strokeWidth: 3, "data-testid": "rehearsed" })}
      {line(nowMoment(), tints.accent)}
    </g>
  );
}

import { useTheme } from "@mui/material/styles";
import type { Schedule } from "../../api/types";
import { wordsWide } from "../../common/labels";
import { momentWords, nowMoment } from "../../common/words";

const FONT = 13;

interface Props {
  schedule: Schedule;
  at: (moment: string) => number;
  height: number;
  /** The moment that is rehearsed. */
  rehearsed: string | null;
  /** Where the rows begin, px: words that would reach over that stand on the other side of their line. */
  left: number;
}

/** Lines through the whole chart: ready, wanted, the moment that is rehearsed, now. */
export function DateLines({ schedule, at, height, rehearsed, left }: Props) {
  const { tints, palette } = useTheme();
  const line = (moment: string, stroke: string, more = {}) => (
    <line x1={at(moment)} x2={at(moment)} y1={0} y2={height} stroke={stroke} strokeWidth={2} {...more} />
  );
  const wanted = schedule.finish_by ? `wanted ${momentWords(schedule.finish_by)}` : "";
  const beyond = schedule.finish_by !== null && at(schedule.finish_by) - 5 - wordsWide(wanted, FONT) < left;
  return (
    <g clipPath="url(#rows-room)" pointerEvents="none">
      {line(schedule.ready_at, tints.ready)}
      {schedule.finish_by && line(schedule.finish_by, palette.text.primary, { strokeDasharray: "6 4" })}
      {schedule.finish_by && (
        <text
          x={at(schedule.finish_by) + (beyond ? 5 : -5)}
          y={height - 8}
          textAnchor={beyond ? "start" : "end"}
          fontSize={FONT}
          fontWeight={600}
          fill={palette.text.primary}
          stroke={palette.background.paper}
          strokeWidth={4}
          paintOrder="stroke"
        >
          {wanted}
        </text>
      )}
      {rehearsed !== null && line(rehearsed, tints.trouble, { strokeWidth: 3, "data-testid": "rehearsed" })}
      {line(nowMoment(), tints.accent)}
    </g>
  );
}

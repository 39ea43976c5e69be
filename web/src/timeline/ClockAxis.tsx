import { useTheme } from 'styled-components';
import type { Timeline } from '@fornax/core';
import type { ClockLayout } from './clock-layout.js';
import { axisHeight, type AxisProps } from './clock-measures.js';

export function Hours({
  layout,
  x,
  bottom,
  timeAt,
  labelAt,
}: AxisProps & { layout: ClockLayout; labelAt: (minute: number) => string }) {
  const { colour } = useTheme();
  const span = layout.to - layout.from;
  const step = span > 2880 ? 720 : span > 1200 ? 360 : span > 480 ? 120 : span > 240 ? 60 : 30;
  const first =
    Array.from({ length: 60 }, (_, minute) => layout.from + minute).find((minute) =>
      timeAt(minute).endsWith(':00'),
    ) ?? layout.from;
  const hours = Array.from(
    { length: Math.floor((layout.to - first) / step) + 1 },
    (_, index) => first + index * step,
  );
  return (
    <g aria-hidden>
      {hours.map((minute) => (
        <g key={minute}>
          <line x1={x(minute)} x2={x(minute)} y1={axisHeight - 6} y2={bottom} stroke={colour.hairline} />
          <text x={x(minute)} y={14} textAnchor="middle" fill={colour.quiet}>
            {labelAt(minute)}
          </text>
        </g>
      ))}
    </g>
  );
}

/** Under this many pixels from class start to eating, their names do not fit side by side. */
const namesApart = 130;

export function ClassWindow({ timeline, x, bottom, timeAt }: AxisProps & { timeline: Timeline }) {
  const { colour } = useTheme();
  const isNarrow = x(timeline.eatMinute) - x(0) < namesApart;
  return (
    <g>
      <rect
        x={x(0)}
        y={axisHeight - 6}
        width={x(timeline.classMinutes) - x(0)}
        height={bottom - axisHeight + 6}
        fill={colour.ground}
      />
      <line x1={x(0)} x2={x(0)} y1={axisHeight - 6} y2={bottom + 6} stroke={colour.ember} strokeWidth="2" />
      {isNarrow ? (
        <text
          x={x(timeline.classMinutes)}
          y={bottom + 18}
          textAnchor="end"
          fontWeight="700"
          fill={colour.emberText}
        >
          class starts {timeAt(0)}, eat {timeAt(timeline.eatMinute)}
        </text>
      ) : (
        <text x={x(0) + 4} y={bottom + 18} fontWeight="700" fill={colour.emberText}>
          class starts {timeAt(0)}
        </text>
      )}
      <line
        x1={x(timeline.eatMinute)}
        x2={x(timeline.eatMinute)}
        y1={axisHeight - 6}
        y2={bottom + 6}
        stroke={colour.ink}
        strokeWidth="1.6"
      />
      {isNarrow ? null : (
        <text x={x(timeline.eatMinute) + 4} y={bottom + 18} fontWeight="700">
          eat {timeAt(timeline.eatMinute)}
        </text>
      )}
    </g>
  );
}

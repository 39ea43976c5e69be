import { useMemo } from 'react';
import {
  Area,
  AreaChart,
  CartesianGrid,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import styled, { useTheme } from 'styled-components';
import { type HandsAt, handsBusy, type Timeline } from '@fornax/core';

const Frame = styled.figure`
  height: 170px;
  margin: 8px 0 4px;
  figcaption {
    display: flex;
    gap: 18px;
  }
  @media print {
    display: none;
  }
`;
const Key = styled.span<{ $colour: string }>`
  &::before {
    content: '';
    display: inline-block;
    width: 11px;
    height: 11px;
    margin-right: 6px;
    background: ${({ $colour }) => $colour};
  }
`;

const series = [
  ['you', 'You', 'basil'],
  ['assistant', 'Assistant', 'sea'],
  ['stations', 'Pairs of hands at each station', 'thyme'],
] as const;

/** Whose hands are at work through the day, one on the other. */
export default function HandsChart({
  timeline,
  timeAt,
}: {
  timeline: Timeline;
  timeAt: (minute: number) => string;
}) {
  const { colour } = useTheme();
  const hands = useMemo(() => handsBusy(timeline), [timeline]);
  const { first, last, ticks } = hoursOf(hands, timeAt);
  return (
    <Frame
      aria-label={
        `Hands at work from ${timeAt(first)} to ` + `${timeAt(last)}; the same is in the list, job by job`
      }
    >
      <figcaption>
        {series.map(([key, name, tint]) => (
          <Key key={key} $colour={colour[tint]}>
            {name}
          </Key>
        ))}
      </figcaption>
      <ResponsiveContainer width="100%" height={140}>
        <AreaChart
          data={hands}
          margin={{ top: 8, right: 22, bottom: 0, left: 60 }}
          accessibilityLayer={false}
        >
          <CartesianGrid vertical={false} stroke={colour.hairline} />
          <XAxis
            dataKey="minute"
            type="number"
            domain={['dataMin', 'dataMax']}
            tickFormatter={timeAt}
            ticks={ticks}
            tick={{ fill: colour.quiet, fontSize: 12 }}
          />
          <YAxis allowDecimals={false} width={28} tick={{ fill: colour.quiet, fontSize: 12 }} />
          <Tooltip labelFormatter={(minute) => timeAt(Number(minute))} isAnimationActive={false} />
          <ReferenceLine x={0} stroke={colour.ember} strokeWidth={2} />
          {series.map(([key, name, tint]) => (
            <Area
              key={key}
              dataKey={key}
              name={name}
              type="stepAfter"
              stackId="hands"
              stroke={colour[tint]}
              fill={colour[tint]}
              fillOpacity={0.75}
              isAnimationActive={false}
            />
          ))}
        </AreaChart>
      </ResponsiveContainer>
    </Frame>
  );
}

/** First and last minute of the chart, and the whole hours between them by the wall clock. */
function hoursOf(hands: readonly HandsAt[], timeAt: (minute: number) => string) {
  const [first, last] = [hands[0]?.minute ?? 0, hands[hands.length - 1]?.minute ?? 0];
  const minutes = Array.from({ length: 60 }, (_, minute) => minute);
  const toHour = minutes.find((minute) => timeAt(first + minute).endsWith(':00')) ?? 0;
  const count = Math.max(0, Math.floor((last - first - toHour) / 60) + 1);
  return { first, last, ticks: Array.from({ length: count }, (_, index) => first + toHour + index * 60) };
}

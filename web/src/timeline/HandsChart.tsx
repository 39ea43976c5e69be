import { useMemo } from 'react';
import { handsBusy, type Timeline } from '@fornax/core';
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
  const [first, last] = [hands[0]?.minute ?? 0, hands[hands.length - 1]?.minute ?? 0];
  const toHour =
    Array.from({ length: 60 }, (_, minute) => minute).find((minute) =>
      timeAt(first + minute).endsWith(':00'),
    ) ?? 0;
  const ticks = Array.from(
    { length: Math.max(0, Math.floor((last - first - toHour) / 60) + 1) },
    (_, at) => first + toHour + at * 60,
  );
  const series = [
    ['you', 'You', colour.basil],
    ['assistant', 'Assistant', colour.sea],
    ['stations', 'Pairs of hands at each station', colour.thyme],
  ] as const;
  return (
    <Frame
      aria-label={
        `Hands at work from ${timeAt(first)} to ` + `${timeAt(last)}; the same is in the list, job by job`
      }
    >
      <figcaption>
        {series.map(([key, name, fill]) => (
          <Key key={key} $colour={fill}>
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
          {series.map(([key, name, fill]) => (
            <Area
              key={key}
              dataKey={key}
              name={name}
              type="stepAfter"
              stackId="hands"
              stroke={fill}
              fill={fill}
              fillOpacity={0.75}
              isAnimationActive={false}
            />
          ))}
        </AreaChart>
      </ResponsiveContainer>
    </Frame>
  );
}

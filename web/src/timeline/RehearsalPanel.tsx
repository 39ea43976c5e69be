import { useEffect, useState } from 'react';
import { groupSpreads, type ClassRehearsal, type GroupSpread } from '@fornax/core';
import { Bar, BarChart, CartesianGrid, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import styled, { useTheme } from 'styled-components';
import { useOpenClass } from '../classes/class-context.js';
import { Button } from '../parts/Button.js';
import { Quietly, Row } from '../parts/states.js';
import { searchWorker } from '../workers/plan-worker.js';
import { nameWhatIf, titlesOf } from './what-if-words.js';

const Box = styled.section`
  margin: 0.5rem 0 0.75rem;
  padding: 0.5rem 0.75rem 0.75rem;
  border: 1px solid ${({ theme }) => theme.colour.hairline};
  border-radius: ${({ theme }) => theme.radius};
  @media print {
    display: none;
  }
`;
const Parts = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 0.5rem 1.5rem;
  @media (max-width: 47.5em) {
    grid-template-columns: minmax(0, 1fr);
  }
  li {
    padding: 3px 0;
  }
`;

const runs = 2000;
const groups = Object.keys(groupSpreads) as GroupSpread[];
const tickMinutes = 15;
const percent = (share: number) => `${Math.round(share * 100)} %`;

/** The class played 2 000 times with groups of many speeds. */
export default function RehearsalPanel({ timeAt }: { timeAt: (minute: number) => string }) {
  const { bundle, plan } = useOpenClass();
  const [group, setGroup] = useState<GroupSpread>('mixed');
  const [rehearsal, setRehearsal] = useState<ClassRehearsal | 'failed' | null>(null);
  useEffect(() => {
    let current = true;
    searchWorker()
      .rehearse(bundle, { runs, seed: 1, group, standing: plan.timeline.starts })
      .then(
        (found) => {
          if (current) setRehearsal(found);
        },
        () => {
          if (current) setRehearsal('failed');
        },
      );
    return () => {
      current = false;
    };
  }, [bundle, plan.timeline.starts, group]);
  return (
    <Box aria-label="Rehearsal">
      <Row $gap={1}>
        <strong>
          How the class could go, played {runs.toLocaleString('en-GB').replace(',', ' ')} times with a group
          that is
        </strong>
        {groups.map((offered) => (
          <Button
            key={offered}
            look={group === offered ? 'plain' : 'quiet'}
            aria-pressed={group === offered}
            onPress={() => setGroup(offered)}
          >
            {offered}
          </Button>
        ))}
      </Row>
      {rehearsal === 'failed' ? (
        <p>The class could not be rehearsed. The plan stands; change something, or load the page again.</p>
      ) : rehearsal ? (
        <Found rehearsal={rehearsal} timeAt={timeAt} titleOf={titlesOf(plan.timeline, bundle.class.dishes)} />
      ) : (
        <p role="status">
          <Quietly>Playing it …</Quietly>
        </p>
      )}
    </Box>
  );
}

/** Why the plan as drawn and the plays differ. */
function saidBeside({ median, drawnEnd }: ClassRehearsal): string {
  const lost = median - drawnEnd;
  return lost > 0
    ? `That is ${lost} min later than drawn: all wait for the slowest, and queue at what is shared. `
    : '';
}

function Found({
  rehearsal,
  timeAt,
  titleOf,
}: {
  rehearsal: ClassRehearsal;
  timeAt: (minute: number) => string;
  titleOf: (id: string) => string;
}) {
  const { onTime, early, median, late, costly, gains } = rehearsal;
  return (
    <>
      <p>
        <strong>Ends on time in {percent(onTime)} of them</strong>, mostly about {timeAt(median)}; one in ten
        ends before {timeAt(early)}, one in ten after {timeAt(late)}.{' '}
        <Quietly>
          {saidBeside(rehearsal)}Estimates: step times vary with the group, the oven and blender are queued
          for, demonstrations wait for the slowest.
        </Quietly>
      </p>
      <Ends rehearsal={rehearsal} timeAt={timeAt} />
      <Parts>
        <div>
          <h3>Main causes of delay</h3>
          <ol>
            {costly.map((each) => (
              <li key={each.id}>
                {each.title} <Quietly>{each.minutes.toFixed(1)} min on average</Quietly>
              </li>
            ))}
          </ol>
          {costly.length === 0 ? <Quietly>Nothing: the class has minutes to spare.</Quietly> : null}
        </div>
        <div>
          <h3>What one change would gain</h3>
          <ul>
            {gains.map((gain, index) => (
              <li key={index}>
                {nameWhatIf(gain.whatIf, titleOf)}{' '}
                <Quietly>
                  on time in {percent(gain.onTime)}, mostly about {timeAt(gain.median)}
                </Quietly>
              </li>
            ))}
          </ul>
          {gains.length === 0 ? <Quietly>No single change that was tried helps.</Quietly> : null}
        </div>
      </Parts>
    </>
  );
}

function Ends({
  rehearsal: { ends, classMinutes },
  timeAt,
}: {
  rehearsal: ClassRehearsal;
  timeAt: (minute: number) => string;
}) {
  const { colour } = useTheme();
  const [first, last] = [
    Math.min(classMinutes, ...ends.map(({ from }) => from)),
    Math.max(classMinutes, ...ends.map(({ from }) => from)),
  ];
  const ticks = Array.from(
    { length: Math.floor((last - first) / tickMinutes) + 2 },
    (_, at) => (Math.floor(first / tickMinutes) + at) * tickMinutes,
  );
  return (
    <ResponsiveContainer width="100%" height={120}>
      <BarChart
        data={ends.map((each) => ({ ...each, middle: each.from + 2.5 }))}
        margin={{ top: 14, right: 22, bottom: 0, left: 0 }}
        barCategoryGap={1}
        accessibilityLayer={false}
      >
        <CartesianGrid vertical={false} stroke={colour.hairline} />
        <XAxis
          dataKey="middle"
          type="number"
          ticks={ticks}
          domain={[ticks[0]!, ticks[ticks.length - 1]!]}
          tickFormatter={timeAt}
          tick={{ fill: colour.quiet, fontSize: 12 }}
        />
        <YAxis width={44} tick={{ fill: colour.quiet, fontSize: 12 }} />
        <Bar dataKey="runs" fill={colour.thyme} isAnimationActive={false} />
        <ReferenceLine
          x={classMinutes}
          stroke={colour.ember}
          strokeWidth={2}
          label={{ value: 'class ends', position: 'top', fill: colour.emberText, fontSize: 12 }}
        />
      </BarChart>
    </ResponsiveContainer>
  );
}

import { useEffect, useState } from 'react';
import { showSpan, type ClashReport } from '@fornax/core';
import styled from 'styled-components';
import { useOpenClass } from '../classes/class-context.js';
import { Button } from '../parts/Button.js';
import { Quietly, Row } from '../parts/states.js';
import { searchWorker } from '../workers/plan-worker.js';
import { useTakeWhatIf } from './useTakeWhatIf.js';
import { nameWhatIf, titlesOf } from './what-if-words.js';

const Box = styled.section`
  max-width: 51.25rem;
  margin: 0 0 1rem;
  padding: 2px 0 2px 0.75rem;
  border-left: 3px solid ${({ theme }) => theme.colour.beet};
  h3 {
    color: ${({ theme }) => theme.colour.beet};
  }
  p + div {
    margin-top: 0.375rem;
  }
  button {
    white-space: normal;
    text-align: left;
  }
  @media print {
    display: none;
  }
`;

/** Why the class has no plan on time, and the changes that were tried and found to free it. */
export function ClashPanel() {
  const { bundle, plan, view } = useOpenClass();
  const [report, setReport] = useState<ClashReport | 'failed' | null>(null);
  const { status, brokenPins, overrunMinutes } = plan.timeline;
  const isClear = status === 'scheduled';
  useEffect(() => {
    let current = true;
    setReport(null);
    if (!isClear)
      searchWorker()
        .clash(bundle)
        .then(
          (found) => {
            if (current) setReport(found);
          },
          () => {
            if (current) setReport('failed');
          },
        );
    return () => {
      current = false;
    };
  }, [bundle, isClear]);
  if (isClear) return null;
  const titleOf = titlesOf(plan.timeline, view.dishes);
  return (
    <Box aria-label="What clashes">
      <h3>
        {overrunMinutes > 0
          ? `This class runs ${showSpan(overrunMinutes)} over`
          : 'Not everything can be met'}
      </h3>
      {brokenPins.length > 0 ? (
        <p>
          {brokenPins.map((id) => `“${titleOf(id)}”`).join(', ')} cannot stay where{' '}
          {brokenPins.length === 1 ? 'it is' : 'they are'} pinned and went elsewhere.
        </p>
      ) : null}
      {report === 'failed' ? (
        <p>
          What clashes could not be worked out. The plan stands; change something, or load the page again.
        </p>
      ) : report ? (
        <Report report={report} titleOf={titleOf} />
      ) : (
        <p role="status">
          <Quietly>Looking for what clashes and for ways out …</Quietly>
        </p>
      )}
    </Box>
  );
}

function Report({
  report: { result, waysOut, together },
  titleOf,
}: {
  report: ClashReport;
  titleOf: (id: string) => string;
}) {
  const takeOut = useTakeWhatIf(titleOf);
  const sentence =
    result.status === 'scheduled'
      ? 'There is a plan that meets all of it; it is being looked for.'
      : result.sentence;
  return (
    <>
      <p>{sentence}</p>
      <Row $gap={2}>
        {waysOut.slice(0, 6).map((whatIf, index) => (
          <Button key={index} onPress={() => takeOut(whatIf)}>
            {nameWhatIf(whatIf, titleOf)}
          </Button>
        ))}
      </Row>
      {together.length > 0 ? (
        <>
          <p>
            <Quietly>No single change fixes this. These do, together:</Quietly>
          </p>
          <Row $gap={2}>
            {together.map((whatIfs, index) => (
              <Button key={index} onPress={() => takeOut(...whatIfs)}>
                {whatIfs.map((whatIf) => nameWhatIf(whatIf, titleOf)).join(' + ')}
              </Button>
            ))}
          </Row>
        </>
      ) : null}
      {waysOut.length + together.length === 0 && result.status === 'impossible' ? (
        <p>
          <Quietly>No change that was tried fixes this, nor two or three: take a dish off the menu.</Quietly>
        </p>
      ) : null}
    </>
  );
}

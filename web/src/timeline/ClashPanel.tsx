import { useEffect, useState } from 'react';
import { showSpan, type ClashReport, type WhatIf } from '@fornax/core';
import styled from 'styled-components';
import { useOpenClass } from '../classes/class-context.js';
import { useDecisions } from '../classes/useDecisions.js';
import { Button } from '../parts/Button.js';
import { Quietly, Row } from '../parts/states.js';
import { useSay } from '../parts/toasts.js';
import { searchWorker } from '../workers/plan-worker.js';
import { nameWhatIf, titlesOf } from './what-if-words.js';

const Box = styled.section`max-width: 820px; margin: 0 0 16px; padding: 2px 0 2px 12px; border-left: 3px solid ${({ theme }) => theme.colour.beet}; h3 { color: ${({ theme }) => theme.colour.beet}; } p + div { margin-top: 6px; } button { white-space: normal; text-align: left; } @media print { display: none; }`;

/** Why the class has no plan on time, and the changes that were tried and found to free it. */
export function ClashPanel() {
  const { bundle, plan } = useOpenClass();
  const [report, setReport] = useState<ClashReport | 'failed' | null>(null);
  const { status, brokenPins, overrunMinutes } = plan.timeline;
  const isClear = status === 'scheduled';
  useEffect(() => {
    let current = true;
    setReport(null);
    if (!isClear) searchWorker().clash(bundle).then((found) => { if (current) setReport(found); }, () => { if (current) setReport('failed'); });
    return () => { current = false; };
  }, [bundle, isClear]);
  if (isClear) return null;
  const titleOf = titlesOf(plan.timeline);
  return (
    <Box aria-label="What clashes">
      <h3>{overrunMinutes > 0 ? `This class runs ${showSpan(overrunMinutes)} over` : 'Not everything can be met'}</h3>
      {brokenPins.length > 0 ? <p>{brokenPins.map((id) => `“${titleOf(id)}”`).join(', ')} cannot stay where {brokenPins.length === 1 ? 'it is' : 'they are'} pinned and went elsewhere.</p> : null}
      {report === 'failed' ? <p>What clashes could not be worked out. The plan stands; change something, or load the page again.</p> : report ? <Report report={report} titleOf={titleOf} /> : <p role="status"><Quietly>Looking for what clashes and for ways out …</Quietly></p>}
    </Box>
  );
}

function Report({ report: { result, waysOut }, titleOf }: { report: ClashReport; titleOf: (id: string) => string }) {
  const takeOut = useWayOut(titleOf);
  const sentence = result.status === 'scheduled' ? 'There is a plan that meets all of it; it is being looked for.' : result.sentence;
  return (
    <>
      <p>{sentence}</p>
      <Row $gap={2}>
        {waysOut.slice(0, 6).map((whatIf, index) => <Button key={index} onPress={() => takeOut(whatIf)}>{nameWhatIf(whatIf, titleOf)}</Button>)}
        {waysOut.length === 0 && result.status === 'impossible' ? <Quietly>No single change that was tried frees it: try two, or take a dish off the menu.</Quietly> : null}
      </Row>
    </>
  );
}

/** Makes the change for good, where it is this class's to make. */
function useWayOut(titleOf: (id: string) => string): (whatIf: WhatIf) => void {
  const { view, editor } = useOpenClass();
  const { decisions, decide } = useDecisions();
  const say = useSay();
  return (whatIf) => {
    const name = nameWhatIf(whatIf, titleOf);
    if (whatIf.kind === 'unpin') return decide({ pins: Object.fromEntries(Object.entries(decisions.pins).filter(([id]) => id !== whatIf.task)) }, `${name}: done.`);
    if (whatIf.kind === 'before') return decide({ when: { ...decisions.when, [whatIf.step]: 'before' } }, `${name}: done.`);
    if (whatIf.kind === 'leave out') return decide({ leftOut: [...decisions.leftOut, whatIf.step] }, `${name}: done.`);
    const change = whatIf.kind === 'assistant' ? { assistants: view.assistants + 1 } : whatIf.kind === 'longer' ? { lengthMinutes: view.lengthMinutes + whatIf.minutes } : null;
    if (!change) return say('Write what the kitchen has under Kitchen; the plan follows.');
    const back = { assistants: view.assistants, lengthMinutes: view.lengthMinutes };
    editor.edit(change);
    return say(`${name}: done.`, { label: 'Undo', run: () => editor.edit(back) });
  };
}

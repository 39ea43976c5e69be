import { Suspense } from 'react';
import { Outlet, useParams } from 'react-router';
import styled from 'styled-components';
import { lazyPart } from '../parts/lazy-part.js';
import { Failed, Loading, Sheet } from '../parts/states.js';
import { useUndoKeys } from '../parts/useUndoKeys.js';
import { WorkingsProvider } from '../parts/workings.js';
import { WorkingsPanel } from '../parts/WorkingsPanel.js';
import { ClassBand } from './ClassBand.js';
import { ClassContext } from './class-context.js';
import { ConflictNotice } from './ConflictNotice.js';
import { WhatIsOpen } from './WhatIsOpen.js';
import { useClassEditor } from './useClassEditor.js';
import { usePlan } from './usePlan.js';

/** Reading names over takes the whole larder: it comes with the first figure that is chosen. */
const ReadAs = lazyPart(() => import('./ReadAs.js').then((module) => module.ReadAs));

const Columns = styled.div`
  display: flex;
  align-items: stretch;
  min-height: calc(100vh - 8.875rem);
  border-top: 1px solid ${({ theme }) => theme.colour.hairline};
  @media (max-width: 56.25em) {
    flex-direction: column;
  }
  @media print {
    display: block;
    border: 0;
  }
`;
const Work = styled.main`
  flex: 1;
  min-width: 0;
  padding: 1.125rem 1.5rem 2.5rem;
  background: ${({ theme }) => theme.colour.sheet};
  @media print {
    padding: 0;
  }
`;

/** A class: title band, path, and the open stop with its Workings. */
export default function ClassLayout() {
  const { classId = '' } = useParams();
  return <OpenedClass key={classId} classId={classId} />;
}

function OpenedClass({ classId }: { classId: string }) {
  const editor = useClassEditor(classId);
  const { plan, bundle, error, isBettering } = usePlan(editor.valid);
  useUndoKeys(editor.undo, editor.redo);
  if (editor.error && !editor.shown)
    return (
      <Sheet>
        <Failed isPage error={editor.error} onRetry={editor.retry} />
      </Sheet>
    );
  if (error)
    return (
      <Sheet>
        <Failed
          isPage
          error={
            new Error(
              'This class could not be planned. What you entered is kept; ' +
                'change the last thing back, or load the page again.',
            )
          }
          onRetry={() => window.location.reload()}
        />
      </Sheet>
    );
  if (!editor.shown || !plan || !bundle)
    return (
      <Sheet>
        <Loading what="the class" />
      </Sheet>
    );
  return (
    <ClassContext value={{ view: editor.shown, plan, isBettering, bundle, editor }}>
      <WorkingsProvider>
        <ClassBand />
        <ConflictNotice />
        <Columns>
          <Work>
            <Suspense fallback={<Loading what="the stop" />}>
              <Outlet />
            </Suspense>
          </Work>
          <WorkingsPanel idle={<WhatIsOpen />}>
            <ReadAs />
          </WorkingsPanel>
        </Columns>
      </WorkingsProvider>
    </ClassContext>
  );
}

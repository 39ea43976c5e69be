import { useEffect, useMemo, useState } from 'react';
import {
  type ClassBundle,
  type PeopleFinding,
  type PeopleRemedy,
  type PlanWarning,
  withPeopleChange,
} from '@fornax/core';
import styled from 'styled-components';
import { useOpenClass } from '../../classes/class-context.js';
import { Button } from '../../parts/Button.js';
import { Dialog } from '../../parts/Dialog.js';
import { Effect } from '../../parts/Effect.js';
import { Quietly, Row } from '../../parts/states.js';
import { useSay } from '../../parts/toasts.js';
import { planWorker } from '../../workers/plan-worker.js';
import { OtherDish } from './OtherDish.js';

const List = styled.ol`
  border-top: 1px solid ${({ theme }) => theme.colour.hairline};
  > li {
    padding: 0.625rem 0;
    border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  }
  p {
    margin: 2px 0 0.375rem;
  }
`;

/** What can be done about a finding about somebody; each way was tried before it is offered. */
export function PersonWaysOut({ warning }: { warning: PlanWarning }) {
  const { plan } = useOpenClass();
  const [isOpen, setOpen] = useState(false);
  const finding = plan.people.findings.find(({ id }) => `person:${id}` === warning.id);
  if (!finding || finding.kind === 'not known') return null;
  return (
    <>
      <Button look="quiet" onPress={() => setOpen(true)}>
        Ways out
      </Button>
      {isOpen ? <Ways finding={finding} onClose={() => setOpen(false)} /> : null}
    </>
  );
}

function useWays(bundle: ClassBundle, finding: PeopleFinding): readonly PeopleRemedy[] | null {
  const [ways, setWays] = useState<readonly PeopleRemedy[] | null>(null);
  useEffect(() => {
    let isCurrent = true;
    void planWorker()
      .peopleRemedies(bundle, finding)
      .then(
        (found) => isCurrent && setWays(found),
        () => isCurrent && setWays([]),
      );
    return () => {
      isCurrent = false;
    };
  }, [bundle, finding]);
  return ways;
}

function Ways({ finding, onClose }: { finding: PeopleFinding; onClose: () => void }) {
  const { view, bundle, editor } = useOpenClass();
  const say = useSay();
  const ways = useWays(bundle, finding);
  const take = ({ title, change }: PeopleRemedy) => {
    const { dishes, decisions, roster } = withPeopleChange(view, change);
    const patch = {
      ...(change.forStations ? { dishes } : {}),
      ...(change.substitutes || change.ownSets ? { decisions } : {}),
      ...(change.roster ? { roster } : {}),
    };
    const before = { dishes: view.dishes, decisions: view.decisions, roster: view.roster };
    const undo = Object.fromEntries(
      Object.keys(patch).map((field) => [field, before[field as keyof typeof before]]),
    );
    editor.edit(patch);
    say(`${title}.`, { label: 'Undo', run: () => editor.edit(undo) });
    onClose();
  };
  return (
    <Dialog title={`${finding.sentence}.`} isOpen onClose={onClose} wide>
      {ways === null ? <p role="status">Trying what helps …</p> : null}
      {ways?.length === 0 ? (
        <p role="status">
          Nothing that was tried takes it away without bringing something else. {finding.remedy}
        </p>
      ) : null}
      {ways && ways.length > 0 ? (
        <List aria-label="Ways out">
          {ways.map((way) => (
            <li key={way.id}>
              <strong>{way.title}</strong>
              <p>
                <Quietly>{way.effect}</Quietly>
              </p>
              <Row>
                <Button onPress={() => take(way)}>Take it</Button>
                <WhatChanges way={way} />
              </Row>
            </li>
          ))}
        </List>
      ) : null}
      <Row style={{ marginTop: 12 }}>
        {finding.dishId ? <OtherDish dishId={finding.dishId} onTaken={onClose} /> : null}
        <Button look="quiet" onPress={onClose}>
          Leave it open
        </Button>
      </Row>
    </Dialog>
  );
}

/** What a way changes on the lists and the clock, worked out when it is asked for. */
function WhatChanges({ way }: { way: PeopleRemedy }) {
  const { bundle } = useOpenClass();
  const [isOpen, setOpen] = useState(false);
  const after = useMemo(
    () => ({ ...bundle, class: withPeopleChange(bundle.class, way.change) }),
    [bundle, way],
  );
  if (!isOpen)
    return (
      <Button look="quiet" onPress={() => setOpen(true)} aria-label={`What it changes: ${way.title}`}>
        What it changes
      </Button>
    );
  return <Effect bundle={bundle} after={after} />;
}

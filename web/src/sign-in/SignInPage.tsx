import { useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import styled from 'styled-components';
import { ApiError, call } from '../api/client.js';
import { sessionQuery, signInOptionsQuery } from '../api/queries.js';
import { Button } from '../parts/Button.js';
import { Dialog } from '../parts/Dialog.js';
import { Field } from '../parts/Field.js';
import { Failed, Loading } from '../parts/states.js';
import { Mark } from '../parts/Mark.js';
import { PageHeading } from '../parts/page.js';

const Page = styled.main`
  max-width: 420px;
  margin: 0 auto;
  padding: 12vh 24px 24px;
  h1 {
    display: flex;
    align-items: center;
    gap: 10px;
    margin-bottom: 8px;
  }
  > p {
    color: ${({ theme }) => theme.colour.quiet};
    margin-bottom: 24px;
  }
`;
const Form = styled.form`
  display: grid;
  gap: 14px;
  padding: 20px 0;
  button {
    justify-self: start;
  }
`;
const Rule = styled.hr`
  border: 0;
  border-top: 1px solid ${({ theme }) => theme.colour.hairline};
  margin: 0;
`;
const Alert = styled.p`
  color: ${({ theme }) => theme.colour.beet};
`;

type Enter = (path: string, body: object) => Promise<void>;

/** Signs in at an address; what comes after is up to `onEntered`. */
function useEntering(onEntered: () => Promise<void>) {
  const [problem, setProblem] = useState<ApiError | Error | null>(null);
  const [busy, setBusy] = useState(false);
  const enter: Enter = async (path, body) => {
    setBusy(true);
    setProblem(null);
    await call(path, { method: 'POST', body }).then(onEntered, (failure: Error) => setProblem(failure));
    setBusy(false);
  };
  return { problem, busy, enter };
}

/**
 * Over the page that is open, where the session has ended: what is typed stays where it is, and is sent once
 * somebody of the same kitchen has signed in. For another kitchen the page is opened anew.
 */
export function SignInAgain({ kitchenId }: { kitchenId: string }) {
  const client = useQueryClient();
  const { data: options } = useQuery(signInOptionsQuery);
  const { problem, busy, enter } = useEntering(async () => {
    const session = await client.fetchQuery({ ...sessionQuery, staleTime: 0 });
    if (session.kitchen.id !== kitchenId) return window.location.assign('/');
    await client.invalidateQueries();
  });
  return (
    <Dialog title="Please sign in again" isOpen>
      <p>
        You have been signed out, here or by the time that has passed. What you typed is kept on this device,
        and is sent when you have signed in.
      </p>
      {options?.demo ? <OpenDemo busy={busy} onEnter={enter} /> : null}
      <SignIn busy={busy} problem={problem} onEnter={(body) => void enter('/session', body)} />
    </Dialog>
  );
}

function OpenDemo({ busy, onEnter }: { busy: boolean; onEnter: Enter }) {
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault();
        void onEnter('/session', { demo: true });
      }}
    >
      <Button look="act" type="submit" isDisabled={busy}>
        Open the demo kitchen
      </Button>
    </Form>
  );
}

/** Signs in, opens the demo with one button, or makes the first account once. */
export function SignInPage() {
  const { data: options, error, refetch } = useQuery(signInOptionsQuery);
  const client = useQueryClient();
  const { problem, busy, enter } = useEntering(() =>
    client.invalidateQueries({ queryKey: sessionQuery.queryKey }),
  );
  return (
    <Page>
      <PageHeading names={['Sign in']}>
        <Mark />
        Fornax
      </PageHeading>
      <p>
        Plans hands-on salad, dressing and dip classes: how much goes on each bench, what to buy, what to
        pack, and when everything happens.
      </p>
      {error ? <Failed error={error} onRetry={() => void refetch()} /> : null}
      {!options && !error ? <Loading what="the sign-in" /> : null}
      {options?.demo ? <OpenDemo busy={busy} onEnter={enter} /> : null}
      {options?.firstStart ? (
        <FirstAccount busy={busy} problem={problem} onEnter={(body) => void enter('/accounts', body)} />
      ) : null}
      {options && !options.firstStart ? (
        <>
          <Rule />
          <SignIn busy={busy} problem={problem} onEnter={(body) => void enter('/session', body)} />
        </>
      ) : null}
    </Page>
  );
}

interface FormProps {
  busy: boolean;
  problem: Error | null;
  onEnter: (body: object) => void;
}

function problemOf(problem: Error | null, field: string): string | undefined {
  return problem instanceof ApiError
    ? problem.fields.find((each) => each.field === field)?.sentence
    : undefined;
}

function Unplaced({ problem }: { problem: Error | null }) {
  const placed = problem instanceof ApiError && problem.fields.length > 0;
  return problem && !placed ? <Alert role="alert">{problem.message}</Alert> : null;
}

function SignIn({ busy, problem, onEnter }: FormProps) {
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  return (
    <Form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        onEnter({ email, password });
      }}
    >
      <Field
        label="E-mail address"
        type="email"
        autoComplete="username"
        value={email}
        onChange={setEmail}
        problem={problemOf(problem, 'email')}
      />
      <Field
        label="Password"
        type="password"
        autoComplete="current-password"
        value={password}
        onChange={setPassword}
        problem={problemOf(problem, 'password')}
      />
      <Unplaced problem={problem} />
      <Button type="submit" isDisabled={busy}>
        Sign in
      </Button>
    </Form>
  );
}

function FirstAccount({ busy, problem, onEnter }: FormProps) {
  const [kitchenName, setKitchenName] = useState('');
  const [name, setName] = useState('');
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  return (
    <Form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        onEnter({ kitchenName, name, email, password });
      }}
    >
      <h2>Make the first account</h2>
      <Field
        label="Name of the kitchen"
        value={kitchenName}
        onChange={setKitchenName}
        problem={problemOf(problem, 'kitchenName')}
      />
      <Field
        label="Your name"
        autoComplete="name"
        value={name}
        onChange={setName}
        problem={problemOf(problem, 'name')}
      />
      <Field
        label="E-mail address"
        type="email"
        autoComplete="username"
        value={email}
        onChange={setEmail}
        problem={problemOf(problem, 'email')}
      />
      <Field
        label="Password"
        type="password"
        autoComplete="new-password"
        value={password}
        onChange={setPassword}
        problem={problemOf(problem, 'password')}
        hint="At least 10 characters."
      />
      <Unplaced problem={problem} />
      <Button look="act" type="submit" isDisabled={busy}>
        Make the account
      </Button>
    </Form>
  );
}

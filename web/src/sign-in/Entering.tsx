import { useState } from 'react';
import styled from 'styled-components';
import { ApiError, call } from '../api/client.js';
import { Button } from '../parts/Button.js';
import { Field } from '../parts/Field.js';
import { ErrorText } from '../parts/kit.js';

export const Form = styled.form`
  display: grid;
  gap: 0.875rem;
  padding: 1.25rem 0;
  button {
    justify-self: start;
  }
`;

export type Enter = (path: string, body: object) => Promise<void>;

/** Signs in at an address; what comes after is up to `onEntered`. */
export function useEntering(onEntered: () => Promise<void>) {
  const [problem, setProblem] = useState<ApiError | Error | null>(null);
  const [busy, setBusy] = useState(false);
  const enter: Enter = async (path, body) => {
    setBusy(true);
    setProblem(null);
    try {
      await call(path, { method: 'POST', body });
      await onEntered();
    } catch (failure) {
      setProblem(failure as Error);
    }
    setBusy(false);
  };
  return { problem, busy, enter };
}

export function OpenDemo({ busy, onEnter }: { busy: boolean; onEnter: Enter }) {
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

export interface FormProps {
  busy: boolean;
  problem: Error | null;
  onEnter: (body: object) => void;
}

export function problemOf(problem: Error | null, field: string): string | undefined {
  return problem instanceof ApiError
    ? problem.fields.find((each) => each.field === field)?.sentence
    : undefined;
}

export function Unplaced({ problem }: { problem: Error | null }) {
  const placed = problem instanceof ApiError && problem.fields.length > 0;
  return problem && !placed ? <ErrorText role="alert">{problem.message}</ErrorText> : null;
}

export function SignIn({ busy, problem, onEnter }: FormProps) {
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

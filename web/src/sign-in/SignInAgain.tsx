import { useQuery, useQueryClient } from '@tanstack/react-query';
import { sessionQuery, signInOptionsQuery } from '../api/queries.js';
import { Dialog } from '../parts/Dialog.js';
import { OpenDemo, SignIn, useEntering } from './Entering.js';

/**
 * Over the page that is open, where the session has ended: what is typed stays where it is, and is sent once
 * somebody of the same kitchen has signed in. For another kitchen the page is opened anew.
 */
export default function SignInAgain({ kitchenId }: { kitchenId: string }) {
  const client = useQueryClient();
  const { data: options } = useQuery(signInOptionsQuery);
  const { problem, busy, enter } = useEntering(async () => {
    // A question that was asked before the sign-in would be answered with "nobody".
    await client.cancelQueries({ queryKey: sessionQuery.queryKey });
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

import { useEffect } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link, useLocation } from 'react-router';
import styled from 'styled-components';
import { outbox } from '../api/outbox.js';
import { sendWaitingTicks } from '../api/send-ticks.js';
import { sendWaiting, type StillWaiting } from '../api/send-waiting.js';
import { whenATabCloses } from '../api/tab.js';
import { Button } from '../parts/Button.js';
import { waitingWords } from './waiting-words.js';

const retryMilliseconds = 20_000;

const Strip = styled.section`
  padding: 0.625rem 1.5rem;
  background: ${({ theme }) => theme.colour.lemonPale};
  border-top: 1px solid ${({ theme }) => theme.colour.hairline};
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.25rem 0.75rem;
    padding: 0.25rem 0;
  }
  @media print {
    display: none;
  }
`;

/**
 * What earlier visits left on this device is sent when the application starts; what could not be is named
 * here, with why and what to do.
 */
export function WaitingChanges() {
  const client = useQueryClient();
  const queryKey = ['waiting-changes'];
  const {
    data: left = [],
    dataUpdatedAt,
    refetch,
  } = useQuery({
    queryKey,
    queryFn: async () => [...(await sendWaiting()), ...(await sendWaitingTicks())],
    refetchInterval: ({ state }) => ((state.data?.length ?? 0) > 0 ? retryMilliseconds : false),
    refetchOnWindowFocus: false,
    staleTime: Infinity,
  });
  useEffect(() => {
    const online = () => void refetch();
    window.addEventListener('online', online);
    return () => window.removeEventListener('online', online);
  }, [refetch]);
  // What another tab has waiting is its own until it closes.
  useEffect(() => {
    const ended = new AbortController();
    whenATabCloses(ended.signal)
      .then(() => refetch())
      .catch(() => undefined);
    return () => ended.abort();
  }, [dataUpdatedAt, refetch]);
  // On the page of one it is settled: then it waits no more.
  const { pathname } = useLocation();
  const isAny = left.length > 0;
  useEffect(() => {
    if (isAny) void refetch();
  }, [pathname, isAny, refetch]);
  if (!isAny) return null;
  const relaxed = async ({ waiting }: StillWaiting) => {
    await outbox.remove(waiting);
    await client.invalidateQueries({ queryKey });
  };
  return (
    <Strip aria-label="Changes that wait" role="status">
      <strong>{waitingWords(left.map(({ since }) => since))}</strong>
      <ul>
        {left.map((each) => (
          <li key={each.row}>
            <span>
              {each.name ? `“${each.name}”: ` : ''}
              {each.sentence}
            </span>
            {each.why === 'unreachable' || each.why === 'gone' ? null : <Link to={each.place}>Open it</Link>}
            {each.why === 'refused' || each.why === 'gone' ? (
              <Button onPress={() => void relaxed(each)}>Let the change go</Button>
            ) : null}
          </li>
        ))}
      </ul>
    </Strip>
  );
}

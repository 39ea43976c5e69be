import { useState } from 'react';
import styled from 'styled-components';
import { counted, notKnownWords } from '@fornax/core';
import { lazyPart } from '../lazy-part.js';
import { Loading } from '../states.js';

/** To ask about a food takes the whole larder: it comes when the list is opened. */
const NotKnownList = lazyPart(
  () => import('./NotKnownList.js').then((module) => module.NotKnownList),
  () => <Loading what="the larder" />,
);

const Open = styled.details`
  margin: 0.375rem 0;
  padding-left: 0.625rem;
  border-left: 3px solid ${({ theme }) => theme.colour.lemon};
  summary {
    cursor: pointer;
  }
  li {
    padding: 0.25rem 0;
  }
`;

/** Foods of a dish or a class that nobody knows, each with its question in place. */
export function NotKnownFoods({ names, what = '' }: { names: readonly string[]; what?: string }) {
  const [wasOpened, setOpened] = useState(false);
  if (names.length === 0) return null;
  return (
    <Open onToggle={() => setOpened(true)}>
      <summary>
        {what ? `${what} ${notKnownWords(names)}. ` : ''}Say what{' '}
        {names.length === 1 ? 'it is' : `the ${counted(names.length, 'food')} are`}
      </summary>
      {wasOpened ? <NotKnownList names={names} /> : null}
    </Open>
  );
}

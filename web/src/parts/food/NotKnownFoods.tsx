import { Link } from 'react-router';
import styled from 'styled-components';
import { counted, notKnownWords, readName } from '@fornax/core';
import { useLarder } from '../../api/useLarder.js';
import { Quietly } from '../states.js';
import { FoodQuestion } from './FoodQuestion.js';

const Open = styled.details`
  margin: 6px 0;
  padding-left: 10px;
  border-left: 3px solid ${({ theme }) => theme.colour.lemon};
  summary {
    cursor: pointer;
  }
  li {
    padding: 4px 0;
  }
`;

/** Foods of a dish or a class that nobody knows, each with its question in place. */
export function NotKnownFoods({ names, what = '' }: { names: readonly string[]; what?: string }) {
  const larder = useLarder();
  if (names.length === 0) return null;
  return (
    <Open>
      <summary>
        {what ? `${what} ${notKnownWords(names)}. ` : ''}Say what{' '}
        {names.length === 1 ? 'it is' : `the ${counted(names.length, 'food')} are`}
      </summary>
      <ul>
        {names.map((name) => {
          const known = readName(name, larder).ingredient;
          return (
            <li key={name}>
              {known ? (
                <>
                  {name}: <Quietly>in the larder, without its allergens.</Quietly>{' '}
                  <Link to={`/larder/${known}`}>Write them down</Link>
                </>
              ) : (
                <FoodQuestion name={name} />
              )}
            </li>
          );
        })}
      </ul>
    </Open>
  );
}

import { compareRecipes, type Recipe } from '@fornax/core';
import styled from 'styled-components';
import { Quietly } from './states.js';

const List = styled.ul`
  margin: 0.25rem 0 0.75rem;
  li {
    padding: 0.25rem 0;
    border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
    overflow-wrap: anywhere;
  }
  ins {
    background: ${({ theme }) => theme.colour.basilPale};
    text-decoration: underline;
  }
  del {
    background: ${({ theme }) => theme.colour.beetPale};
  }
`;
/** What differs between two versions, in words: taken out struck through, put in underlined. */
export function Differences({ before, after }: { before: Recipe; after: Recipe }) {
  const found = compareRecipes(before, after);
  if (found.length === 0) return <Quietly>No difference.</Quietly>;
  return (
    <List aria-label="Differences">
      {found.map((difference, index) => (
        <li key={index}>
          <Quietly>
            {difference.what} {difference.where}:{' '}
          </Quietly>
          {difference.parts.map((part, place) =>
            part.change === 'in' ? (
              <ins key={place}>{part.text}</ins>
            ) : part.change === 'out' ? (
              <del key={place}>{part.text}</del>
            ) : (
              part.text
            ),
          )}
        </li>
      ))}
    </List>
  );
}

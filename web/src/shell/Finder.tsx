import { useDeferredValue, useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { ListBox } from 'react-aria-components';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { classesNamedQuery, classesQuery, recipesQuery, techniquesQuery } from '../api/queries.js';
import { ListChoice } from '../parts/ListChoice.js';
import { showDateInYear } from '../parts/dates.js';
import { Dialog } from '../parts/Dialog.js';
import { Search } from '../parts/Search.js';
import { useKeys } from '../parts/useKeys.js';

const Kind = styled.span`
  float: right;
  color: ${({ theme }) => theme.colour.quiet};
  font-size: ${({ theme }) => theme.size.small};
`;
const FoundItem = styled.div`
  max-height: 20rem;
  overflow: auto;
  margin-top: 0.5rem;
`;

/** Classes, recipes and techniques by name. */
export function FindDialog({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) {
  return (
    <Dialog title="Find anything" isOpen={isOpen} onClose={onClose}>
      <Finder onDone={onClose} />
    </Dialog>
  );
}

function Finder({ onDone }: { onDone: () => void }) {
  const navigate = useNavigate();
  const [text, setText] = useState('');
  // The box would only be emptied by the first press.
  useKeys({ Escape: onDone });
  const { items, isLooking } = useFindable(useDeferredValue(text.trim()));
  const open = (key: string) => {
    onDone();
    void navigate(key);
  };
  return (
    <Search
      label="Name of a class, recipe or technique"
      text={text}
      onText={setText}
      items={items}
      onOpen={open}
    >
      <FoundItem role="group" aria-label="What was found" tabIndex={0}>
        <ListBox
          aria-label="Found"
          items={items}
          onAction={(key) => open(String(key))}
          renderEmptyState={() => (isLooking ? 'Looking …' : 'Nothing has this name.')}
        >
          {(item) => (
            <ListChoice id={item.id} textValue={item.name}>
              {item.name}
              <Kind>{item.kind}</Kind>
            </ListChoice>
          )}
        </ListBox>
      </FoundItem>
    </Search>
  );
}

/** Classes, recipes and techniques, and whether some of them are still on their way. */
function useFindable(text: string) {
  const { data: listed = [], isPending: isListing } = useQuery(classesQuery);
  const { data: named = [], isLoading: isNaming } = useQuery(classesNamedQuery(text));
  const isListed = new Set(listed.map(({ id }) => id));
  const classes = [...listed, ...named.filter(({ id }) => !isListed.has(id))];
  const { data: recipes = [], isPending: isReading } = useQuery(recipesQuery);
  const { data: techniques = [], isPending: isLearning } = useQuery(techniquesQuery);
  const items = [
    ...classes.map(({ id, title, startsAt }) => ({
      id: `/classes/${id}`,
      name: title,
      kind: `class, ${showDateInYear(startsAt)}`,
    })),
    ...recipes.map(({ id, title }) => ({ id: `/recipes/${id}`, name: title, kind: 'recipe' })),
    ...techniques.map(({ id, title }) => ({ id: `/techniques/${id}`, name: title, kind: 'technique' })),
  ];
  return { items, isLooking: isListing || isNaming || isReading || isLearning };
}

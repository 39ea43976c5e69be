import { useState } from 'react';
import { Button as AriaButton } from 'react-aria-components';
import { Search } from 'lucide-react';
import styled from 'styled-components';
import { lazyPart } from '../parts/lazy-part.js';
import { useKeys } from '../parts/useKeys.js';

/** What is found comes when it is first asked for. */
const FindDialog = lazyPart(() => import('./Finder.js').then((module) => module.FindDialog));

const Opener = styled(AriaButton)`
  display: flex;
  justify-content: space-between;
  width: 11.875rem;
  padding: 0.25rem 0;
  border: 0;
  border-bottom: 1px solid #98a29b;
  background: none;
  color: ${({ theme }) => theme.colour.quiet};
  cursor: pointer;
  > svg {
    display: none;
  }
  @media (max-width: 66.25em) {
    justify-content: center;
    align-items: center;
    width: 2.75rem;
    min-height: 2.75rem;
    border: 0;
    > span {
      display: none;
    }
    > svg {
      display: block;
    }
  }
`;
/** Ctrl+K: classes, recipes and techniques by name. */
export function FindAnything() {
  const [isOpen, setOpenNow] = useState(false);
  const [wasOpened, setOpened] = useState(false);
  const setOpen = (open: boolean) => {
    setOpenNow(open);
    if (open) setOpened(true);
  };
  useKeys({
    '$mod+k': (event) => {
      event.preventDefault();
      setOpen(true);
    },
  });
  return (
    <>
      <Opener onPress={() => setOpen(true)} aria-label="Find anything">
        <span>Find anything</span>
        <span>Ctrl K</span>
        <Search size={20} aria-hidden />
      </Opener>
      {wasOpened ? <FindDialog isOpen={isOpen} onClose={() => setOpen(false)} /> : null}
    </>
  );
}

import { useEffect, useState, type MouseEvent, type ReactNode } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { NavLink, useLocation } from 'react-router';
import { ChevronDown } from 'lucide-react';
import styled from 'styled-components';
import { call } from '../api/client.js';
import { leaveDevice, waitingHere, type WaitingHere } from '../api/leave-device.js';
import { kitchenQuery, sessionQuery } from '../api/queries.js';
import { FindAnything } from './FindAnything.js';
import { MenuButton } from '../parts/menu/MenuButton.js';
import { WaitingChanges } from './WaitingChanges.js';
import { Mark } from '../parts/Mark.js';
import { lazyPart } from '../parts/lazy-part.js';
import { keepFocus } from '../parts/keep-focus.js';
import { Announcer } from '../parts/page.js';
import { useSay } from '../parts/toasts.js';
import { phone, useMedia } from '../parts/useMedia.js';
import { useKeys, whileNotTyping } from '../parts/useKeys.js';

const Bar = styled.header`
  display: flex;
  align-items: center;
  gap: 1.75rem;
  min-height: 3rem;
  padding: 0 1.5rem;
  @media (max-width: 66.25em) {
    gap: 0.75rem;
  }
  @media ${phone} {
    padding: 0 0.75rem;
  }
  @media print {
    display: none;
  }
`;
const Word = styled(NavLink)`
  display: flex;
  align-items: center;
  gap: 0.5rem;
  margin-right: 0.75rem;
  font: 700 1.25rem/1.5rem ${({ theme }) => theme.font.heading};
  color: ${({ theme }) => theme.colour.ink};
  text-decoration: none;
  @media (max-width: 66.25em) {
    margin-right: 0;
  }
  @media ${phone} {
    min-width: 2.75rem;
    min-height: 2.75rem;
    > span {
      display: none;
    }
  }
`;
const Place = styled(NavLink)`
  padding: 0.5rem 0 0.375rem;
  color: ${({ theme }) => theme.colour.quiet};
  font-weight: 600;
  text-decoration: none;
  border-bottom: 2px solid transparent;
  &:hover {
    color: ${({ theme }) => theme.colour.ink};
  }
  &.active {
    color: ${({ theme }) => theme.colour.ink};
    border-color: ${({ theme }) => theme.colour.ink};
  }
  @media (forced-colors: active) {
    border-color: Canvas;
    &.active {
      border-color: Highlight;
    }
  }
`;
const Push = styled.div`
  flex: 1;
`;
const Initials = styled.span`
  display: flex;
  align-items: center;
  justify-content: center;
  width: 1.75rem;
  height: 1.75rem;
  border-radius: 50%;
  background: ${({ theme }) => theme.colour.aubergine};
  color: #fff;
  font-size: ${({ theme }) => theme.size.tiny};
  font-weight: 700;
`;
const Folded = styled.span`
  display: flex;
  align-items: center;
  gap: 0.375rem;
  padding: 0 0.5rem;
  font-weight: 600;
`;
const Skip = styled.a`
  position: absolute;
  left: -999px;
  &:focus {
    left: 8px;
    top: 8px;
    z-index: 50;
    background: #fff;
    padding: 0.5rem 0.75rem;
  }
`;

/** The list of keys comes when it is asked for. */
const Shortcuts = lazyPart(() => import('./Shortcuts.js').then((module) => module.Shortcuts));

/** The top bar with the places that are built, find-anything and the person. */
export function Shell({ children }: { children: ReactNode }) {
  const [areKeysOpen, setKeysOpen] = useState(false);
  useEffect(keepFocus, []);
  useLang();
  const showKeys = whileNotTyping(() => setKeysOpen(true));
  useKeys({ '?': showKeys, 'Shift+?': showKeys });
  return (
    <>
      <Skip href="#work" onClick={toHeading}>
        Skip to the page
      </Skip>
      <Bar>
        <Word to="/classes" aria-label="Fornax, to the classes">
          <Mark />
          <span>Fornax</span>
        </Word>
        <Places />
        <Push />
        <FindAnything />
        <PersonMenu onShortcuts={() => setKeysOpen(true)} />
      </Bar>
      <Announcer />
      <WaitingChanges />
      <div id="work" tabIndex={-1}>
        {children}
      </div>
      {areKeysOpen ? <Shortcuts isOpen onClose={() => setKeysOpen(false)} /> : null}
    </>
  );
}

const PlaceList = styled.ul`
  display: flex;
  gap: 0 1.5rem;
  white-space: nowrap;
  @media (max-width: 66.25em) {
    gap: 0 0.875rem;
  }
`;

/** The places side by side; on a phone behind the name of the one that is open. */
function Places() {
  const { pathname } = useLocation();
  const isPhone = useMedia(phone);
  const here = places.find(([to]) => pathname.startsWith(to))?.[1] ?? 'Places';
  return (
    <nav aria-label="Places">
      {isPhone ? (
        <MenuButton
          label={`Places, now ${here}`}
          items={places.map(([id, name]) => ({ id, name, href: id }))}
        >
          <Folded>
            {here}
            <ChevronDown size={16} aria-hidden />
          </Folded>
        </MenuButton>
      ) : (
        <PlaceList>
          {places.map(([to, name]) => (
            <li key={to}>
              <Place to={to}>{name}</Place>
            </li>
          ))}
        </PlaceList>
      )}
    </nav>
  );
}

const places = [
  ['/classes', 'Classes'],
  ['/recipes', 'Recipes'],
  ['/techniques', 'Techniques'],
  ['/bench', 'Dressing bench'],
  ['/larder', 'Larder'],
  ['/kitchen', 'Kitchen'],
] as const;

/** The page is read out in the kitchen's English. */
function useLang(): void {
  const lang = useQuery(kitchenQuery).data?.english === 'us' ? 'en-US' : 'en-GB';
  useEffect(() => {
    document.documentElement.lang = lang;
  }, [lang]);
}

/** Past the bar and the path, to the heading of what is open. */
function toHeading(event: MouseEvent): void {
  const heading = document.querySelector<HTMLElement>('main :is(h1, h2)[tabindex]');
  if (!heading) return;
  event.preventDefault();
  heading.focus();
}

const SignOut = lazyPart(() => import('./SignOut.js').then((module) => module.SignOut));

function PersonMenu({ onShortcuts }: { onShortcuts: () => void }) {
  const client = useQueryClient();
  const { data: session } = useQuery(sessionQuery);
  const name = session?.person.name ?? '';
  const initials = name
    .split(/\s+/)
    .map((part) => part.charAt(0))
    .join('')
    .slice(0, 2)
    .toUpperCase();
  const [waiting, setWaiting] = useState<WaitingHere | null>(null);
  const say = useSay();
  const leave = async () => {
    // First on the server: where that fails, nothing here is lost.
    await call('/session', { method: 'DELETE' });
    await leaveDevice();
    client.clear();
    window.location.assign('/');
  };
  const signOut = async () => {
    const found = await waitingHere();
    if (found.count > 0) setWaiting(found);
    else await leave();
  };
  const trying = (work: Promise<void>) => void work.catch((error: Error) => say(error.message));
  return (
    <>
      {waiting ? (
        <SignOut waiting={waiting} onLeave={() => trying(leave())} onStay={() => setWaiting(null)} />
      ) : null}
      <MenuButton
        label={`${name}, ${session?.kitchen.name ?? ''}`}
        items={[
          { id: 'keys', name: 'Keyboard shortcuts' },
          { id: 'out', name: `Sign out of ${session?.kitchen.name ?? ''}` },
        ]}
        onAction={(id) => (id === 'out' ? trying(signOut()) : onShortcuts())}
      >
        <Initials>{initials}</Initials>
      </MenuButton>
    </>
  );
}

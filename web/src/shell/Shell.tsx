import type { ReactNode } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button as AriaButton, Menu, MenuItem, MenuTrigger } from 'react-aria-components';
import { NavLink } from 'react-router';
import styled from 'styled-components';
import { call } from '../api/client.js';
import { sessionQuery } from '../api/queries.js';
import { FloatingList } from '../parts/Field.js';
import { FindAnything } from './FindAnything.js';
import { WaitingChanges } from './WaitingChanges.js';
import { Mark } from '../parts/Mark.js';

const Bar = styled.header`
  display: flex;
  align-items: center;
  gap: 28px;
  min-height: 48px;
  padding: 0 24px;
  flex-wrap: wrap;
  @media print {
    display: none;
  }
`;
const Word = styled(NavLink)`
  display: flex;
  align-items: center;
  gap: 8px;
  margin-right: 12px;
  font: 700 20px/24px ${({ theme }) => theme.font.heading};
  color: ${({ theme }) => theme.colour.ink};
  text-decoration: none;
`;
const Place = styled(NavLink)`
  padding: 8px 0 6px;
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
`;
const Push = styled.div`
  flex: 1;
`;
const Person = styled(AriaButton)`
  width: 28px;
  height: 28px;
  border: 0;
  border-radius: 50%;
  background: ${({ theme }) => theme.colour.aubergine};
  color: #fff;
  font-size: 12px;
  font-weight: 700;
  cursor: pointer;
  @media (pointer: coarse) {
    width: 44px;
    height: 44px;
  }
`;
const Item = styled(MenuItem)`
  padding: 8px 14px;
  cursor: pointer;
  outline: none;
  &[data-focused] {
    background: ${({ theme }) => theme.colour.basilPale};
  }
`;
const Skip = styled.a`
  position: absolute;
  left: -999px;
  &:focus {
    left: 8px;
    top: 8px;
    z-index: 50;
    background: #fff;
    padding: 8px 12px;
  }
`;

/** The top bar with the places that are built, find-anything and the person. */
export function Shell({ children }: { children: ReactNode }) {
  return (
    <>
      <Skip href="#work">Skip to the work</Skip>
      <Bar>
        <Word to="/classes" aria-label="Fornax, to the classes">
          <Mark />
          Fornax
        </Word>
        <nav aria-label="Places">
          <PlaceList>
            <li>
              <Place to="/classes">Classes</Place>
            </li>
            <li>
              <Place to="/recipes">Recipes</Place>
            </li>
            <li>
              <Place to="/techniques">Techniques</Place>
            </li>
            <li>
              <Place to="/bench">Dressing bench</Place>
            </li>
            <li>
              <Place to="/larder">Larder</Place>
            </li>
            <li>
              <Place to="/kitchen">Kitchen</Place>
            </li>
          </PlaceList>
        </nav>
        <Push />
        <FindAnything />
        <PersonMenu />
      </Bar>
      <WaitingChanges />
      <div id="work" tabIndex={-1}>
        {children}
      </div>
    </>
  );
}

const PlaceList = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 0 24px;
  white-space: nowrap;
  @media (max-width: 900px) {
    gap: 0 16px;
  }
`;

function PersonMenu() {
  const client = useQueryClient();
  const { data: session } = useQuery(sessionQuery);
  const name = session?.person.name ?? '';
  const initials = name
    .split(/\s+/)
    .map((part) => part.charAt(0))
    .join('')
    .slice(0, 2)
    .toUpperCase();
  const signOut = async () => {
    await call('/session', { method: 'DELETE' });
    client.clear();
    window.location.assign('/');
  };
  return (
    <MenuTrigger>
      <Person aria-label={`${name}, ${session?.kitchen.name ?? ''}`}>{initials}</Person>
      <FloatingList>
        <Menu onAction={() => void signOut()}>
          <Item id="out">Sign out of {session?.kitchen.name}</Item>
        </Menu>
      </FloatingList>
    </MenuTrigger>
  );
}

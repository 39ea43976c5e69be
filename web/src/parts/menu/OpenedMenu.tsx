import { Button as AriaButton, Menu, MenuItem, MenuTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { Button } from '../Button.js';
import { FloatingList } from '../FloatingList.js';
import { menuButton, type MenuProps } from './menu-style.js';

const Bare = styled(AriaButton)`
  ${menuButton}
`;
const Item = styled(MenuItem)`
  display: block;
  padding: 0.5rem 0.875rem;
  color: inherit;
  text-decoration: none;
  cursor: pointer;
  outline: none;
  @media (pointer: coarse) {
    padding: 0.75rem 1rem;
  }
  &[data-focused] {
    background: ${({ theme }) => theme.colour.basilPale};
    @media (forced-colors: active) {
      outline: 2px solid Highlight;
      outline-offset: -2px;
    }
  }
`;

/** The menu of a button, open from the start: the first press has asked for it. */
export function OpenedMenu({ label, look, items, onAction, children }: MenuProps) {
  return (
    <MenuTrigger defaultOpen>
      {look ? (
        <Button look={look} aria-label={label}>
          {children}
        </Button>
      ) : (
        <Bare aria-label={label}>{children}</Bare>
      )}
      <FloatingList>
        <Menu aria-label={label} items={items} onAction={(key) => onAction?.(String(key))}>
          {({ id, name, href }) => (
            <Item id={id} href={href}>
              {name}
            </Item>
          )}
        </Menu>
      </FloatingList>
    </MenuTrigger>
  );
}

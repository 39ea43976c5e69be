import { Button, Menu, MenuItem, MenuTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { FloatingList } from '../parts/Choice.js';
import { menuButton, type MenuProps } from './menu-style.js';

const Trigger = styled(Button)`
  ${menuButton}
`;
const Item = styled(MenuItem)`
  display: block;
  padding: 8px 14px;
  color: inherit;
  text-decoration: none;
  cursor: pointer;
  outline: none;
  @media (pointer: coarse) {
    padding: 12px 16px;
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
export function OpenedMenu({ label, items, onAction, children }: MenuProps) {
  return (
    <MenuTrigger defaultOpen>
      <Trigger aria-label={label}>{children}</Trigger>
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

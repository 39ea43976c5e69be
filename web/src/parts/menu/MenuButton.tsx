import { useState } from 'react';
import styled from 'styled-components';
import { Button } from '../Button.js';
import { lazyPart } from '../lazy-part.js';
import { menuButton, type MenuProps } from './menu-style.js';

const Plain = styled.button`
  ${menuButton}
`;

function PlainButton({ label, look, children, onClick }: MenuProps & { onClick?: () => void }) {
  return look ? (
    <Button look={look} aria-label={label} aria-haspopup="menu" onPress={onClick}>
      {children}
    </Button>
  ) : (
    <Plain type="button" aria-label={label} aria-haspopup="true" onClick={onClick}>
      {children}
    </Plain>
  );
}

/** Menus are needed by few visits: they come with the first press. */
const OpenedMenu = lazyPart(() => import('./OpenedMenu.js').then((module) => module.OpenedMenu), PlainButton);

/** A button that opens a menu. */
export function MenuButton(props: MenuProps) {
  const [wasPressed, setPressed] = useState(false);
  return wasPressed ? <OpenedMenu {...props} /> : <PlainButton {...props} onClick={() => setPressed(true)} />;
}

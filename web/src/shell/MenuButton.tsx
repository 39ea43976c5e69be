import { lazy, Suspense, useState } from 'react';
import styled from 'styled-components';
import { menuButton, type MenuProps } from './menu-style.js';

const Plain = styled.button`
  ${menuButton}
`;

/** Menus are needed by few visits: they come with the first press. */
const OpenedMenu = lazy(() => import('./OpenedMenu.js').then((module) => ({ default: module.OpenedMenu })));

/** A button that opens a menu. */
export function MenuButton(props: MenuProps) {
  const [wasPressed, setPressed] = useState(false);
  const plain = (
    <Plain type="button" aria-label={props.label} aria-haspopup="true" onClick={() => setPressed(true)}>
      {props.children}
    </Plain>
  );
  return wasPressed ? (
    <Suspense fallback={plain}>
      <OpenedMenu {...props} />
    </Suspense>
  ) : (
    plain
  );
}

import type { ReactNode } from 'react';
import { css } from 'styled-components';
import type { ButtonLook } from '../Button.js';

interface Item {
  readonly id: string;
  readonly name: string;
  readonly href?: string;
}

export interface MenuProps {
  label: string;
  /** Like a button of the page; without it, what it holds stands bare. */
  look?: ButtonLook;
  items: readonly Item[];
  onAction?: (id: string) => void;
  children: ReactNode;
}

/** How the button looks before its menu is there, and with it. */
export const menuButton = css`
  display: flex;
  align-items: center;
  justify-content: center;
  min-width: 1.75rem;
  min-height: 1.75rem;
  padding: 0;
  border: 0;
  background: none;
  font: inherit;
  cursor: pointer;
  @media (pointer: coarse) {
    min-width: 2.75rem;
    min-height: 2.75rem;
  }
`;

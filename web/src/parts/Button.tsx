import type { Ref } from 'react';
import { Button as AriaButton, type ButtonProps as AriaButtonProps } from 'react-aria-components';
import styled, { css } from 'styled-components';

export type ButtonLook = 'act' | 'plain' | 'quiet' | 'harm';

const looks = {
  act: css`
    background: ${({ theme }) => theme.colour.basil};
    border-color: ${({ theme }) => theme.colour.basil};
    color: #fff;
    &[data-hovered] {
      background: #175539;
    }
  `,
  plain: css`
    background: transparent;
    border-color: ${({ theme }) => theme.colour.basil};
    color: ${({ theme }) => theme.colour.basil};
    &[data-hovered] {
      background: ${({ theme }) => theme.colour.basilPale};
    }
  `,
  quiet: css`
    background: transparent;
    border-color: transparent;
    color: ${({ theme }) => theme.colour.quiet};
    &[data-hovered] {
      color: ${({ theme }) => theme.colour.ink};
      text-decoration: underline;
      text-underline-offset: 3px;
    }
  `,
  harm: css`
    background: transparent;
    border-color: ${({ theme }) => theme.colour.beet};
    color: ${({ theme }) => theme.colour.beet};
    &[data-hovered] {
      background: ${({ theme }) => theme.colour.beetPale};
    }
  `,
};

const Styled = styled(AriaButton)<{ $look: ButtonLook }>`
  display: inline-flex;
  align-items: center;
  gap: 0.375rem;
  min-height: 2.125rem;
  padding: 0.3125rem 0.75rem;
  border: 1px solid;
  border-radius: ${({ theme }) => theme.radius};
  font-weight: 600;
  cursor: pointer;
  white-space: nowrap;
  ${({ $look }) => looks[$look]}
  &[data-disabled] {
    opacity: 0.5;
    cursor: default;
  }
  @media (pointer: coarse) {
    min-width: 2.75rem;
    min-height: 2.75rem;
  }
  @media (forced-colors: active) {
    &[aria-pressed='true'] {
      forced-color-adjust: none;
      color: HighlightText;
      background: Highlight;
    }
  }
  @media print {
    display: none;
  }
`;

/** A button that says what it does. One `act` a screen at most. */
export function Button({
  look = 'plain',
  ...props
}: AriaButtonProps & { look?: ButtonLook; ref?: Ref<HTMLButtonElement> }) {
  return <Styled $look={look} {...props} />;
}

import type { ReactNode } from 'react';
import { Dialog as AriaDialog, Heading, Modal, ModalOverlay } from 'react-aria-components';
import styled from 'styled-components';

const Overlay = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 40;
  display: flex;
  align-items: flex-start;
  justify-content: center;
  padding: 8vh 1rem 1rem;
  background: rgb(24 35 30 / 32%);
  overflow: auto;
`;
const Sheet = styled(Modal)<{ $wide: boolean }>`
  width: 100%;
  max-width: ${({ $wide }) => ($wide ? '860px' : '520px')};
  background: ${({ theme }) => theme.colour.sheet};
  border-radius: ${({ theme }) => theme.radius};
  box-shadow: 0 12px 40px rgb(24 35 30 / 24%);
`;
const Inner = styled(AriaDialog)`
  padding: 1.5rem;
  outline: none;
  h2 {
    margin-bottom: 1rem;
  }
`;

interface DialogProps {
  title: string;
  isOpen: boolean;
  /** Absent where it stays until what it asks for is done. */
  onClose?: () => void;
  children: ReactNode;
  wide?: boolean;
}

export function Dialog({ title, isOpen, onClose, children, wide = false }: DialogProps) {
  return (
    <Overlay
      isOpen={isOpen}
      onOpenChange={(open) => {
        if (!open) onClose?.();
      }}
      isDismissable={onClose !== undefined}
      isKeyboardDismissDisabled={onClose === undefined}
    >
      <Sheet $wide={wide}>
        <Inner>
          <Heading slot="title" level={2}>
            {title}
          </Heading>
          {children}
        </Inner>
      </Sheet>
    </Overlay>
  );
}

import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { Button } from './Button.js';

interface Toast {
  readonly id: number;
  readonly sentence: string;
  readonly action?: { readonly label: string; readonly run: () => void };
}
type Say = (sentence: string, action?: Toast['action']) => void;

const ToastContext = createContext<Say>(() => undefined);
const shownMilliseconds = 12_000;

const Region = styled.div`
  position: fixed;
  right: 24px;
  bottom: 24px;
  z-index: 60;
  display: grid;
  gap: 0.5rem;
  max-width: calc(100vw - 3rem);
  @media print {
    display: none;
  }
`;
const Box = styled.div`
  display: flex;
  align-items: center;
  gap: 1rem;
  padding: 0.5rem 0.5rem 0.5rem 1rem;
  background: ${({ theme }) => theme.colour.ink};
  color: #fff;
  border-radius: ${({ theme }) => theme.radius};
  box-shadow: 0 6px 20px rgb(24 35 30 / 24%);
  button {
    color: #fff;
    border-color: #fff;
    &[data-hovered] {
      background: #33423a;
    }
  }
`;

let nextId = 1;

/** Short messages that can be undone, at the foot of the page. */
export function ToastProvider({ children }: { children: ReactNode }) {
  const [toasts, setToasts] = useState<readonly Toast[]>([]);
  const close = useCallback((id: number) => setToasts((all) => all.filter((toast) => toast.id !== id)), []);
  const say = useCallback<Say>(
    (sentence, action) => {
      const id = nextId++;
      setToasts((all) => [...all.slice(-2), { id, sentence, action }]);
      setTimeout(() => close(id), shownMilliseconds);
    },
    [close],
  );
  const region = useMemo(
    () =>
      toasts.map((toast) => (
        <Box key={toast.id}>
          <span>{toast.sentence}</span>
          {toast.action ? (
            <Button
              onPress={() => {
                toast.action?.run();
                close(toast.id);
              }}
            >
              {toast.action.label}
            </Button>
          ) : null}
        </Box>
      )),
    [toasts, close],
  );
  return (
    <ToastContext value={say}>
      {children}
      <Region role="status">{region}</Region>
    </ToastContext>
  );
}

export function useSay(): Say {
  return useContext(ToastContext);
}

import styled from 'styled-components';
import type { WaitingHere } from '../api/leave-device.js';
import { Button } from '../parts/Button.js';
import { Dialog } from '../parts/Dialog.js';
import { Row } from '../parts/states.js';

const Sentence = styled.p`
  margin-bottom: 1rem;
`;

interface SignOutProps {
  waiting: WaitingHere;
  onLeave: () => void;
  onStay: () => void;
}

/** Asks before what waits on this device is deleted: it is nowhere else. */
export function SignOut({ waiting, onLeave, onStay }: SignOutProps) {
  return (
    <Dialog title="Sign out and delete what waits here?" isOpen onClose={onStay}>
      <Sentence>{waiting.sentence}</Sentence>
      <Row>
        <Button look="harm" onPress={onLeave}>
          Sign out and delete
        </Button>
        <Button look="quiet" onPress={onStay}>
          Stay signed in
        </Button>
      </Row>
    </Dialog>
  );
}

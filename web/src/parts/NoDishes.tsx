import { useNavigate } from 'react-router';
import { Button } from './Button.js';
import { Empty } from './states.js';

/** What each stop says while the menu is empty. */
export function NoDishes({ children }: { children: string }) {
  const navigate = useNavigate();
  return (
    <Empty
      title="No dishes on the menu yet"
      action={
        <Button look="act" onPress={() => void navigate('../set-up')}>
          Choose dishes
        </Button>
      }
    >
      {children}
    </Empty>
  );
}

import styled from 'styled-components';
import { Button } from '../parts/Button.js';
import { Dialog } from '../parts/Dialog.js';

const Groups = styled.div`
  display: grid;
  gap: 1rem;
  h3 {
    margin-bottom: 0.25rem;
  }
  dl > div {
    display: flex;
    justify-content: space-between;
    gap: 1rem;
    padding: 0.25rem 0;
    border-top: 1px solid ${({ theme }) => theme.colour.hairline};
  }
  dd {
    text-align: right;
  }
  kbd {
    padding: 0 0.375rem;
    border: 1px solid ${({ theme }) => theme.colour.quiet};
    border-radius: ${({ theme }) => theme.radius};
    font: inherit;
    font-size: ${({ theme }) => theme.size.small};
  }
`;

const Foot = styled.p`
  margin-top: 1rem;
`;

const groups: readonly { name: string; keys: readonly (readonly [string, readonly string[]])[] }[] = [
  {
    name: 'Everywhere',
    keys: [
      ['Find anything', ['Ctrl K']],
      ['These shortcuts', ['?']],
      ['Undo, do again', ['Ctrl Z', 'Ctrl Shift Z']],
      ['Close what is open', ['Escape']],
    ],
  },
  {
    name: 'In a class',
    keys: [['Set up, Portion, Shop, Pack, Time', ['1', '2', '3', '4', '5']]],
  },
  {
    name: 'In tables and lists',
    keys: [
      ['From figure to figure, from row to row', ['↑', '↓', '←', '→']],
      ['In rows that are edited: along the row, up and down', ['Tab', '↑', '↓']],
      ['To the first or the last of a list', ['Home', 'End']],
      ['Past the table or list', ['Tab']],
      ['Tick, or choose', ['Space']],
    ],
  },
  {
    name: 'On Time',
    keys: [
      ['In lanes: move and pin a job by five minutes', ['←', '→']],
      ['In class: move and pin a job by five minutes', ['↑', '↓']],
      ['By one minute', ['Shift', 'arrow']],
      ['Give a pinned job back to the plan', ['Delete']],
    ],
  },
];

/** What the keyboard can do, on one page. */
export function Shortcuts({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) {
  return (
    <Dialog title="Keyboard shortcuts" isOpen={isOpen} onClose={onClose}>
      <Groups>
        {groups.map(({ name, keys }) => (
          <section key={name} aria-label={name}>
            <h3>{name}</h3>
            <dl>
              {keys.map(([what, pressed]) => (
                <div key={what}>
                  <dt>{what}</dt>
                  <dd>
                    {pressed.map((key) => (
                      <span key={key}>
                        <kbd>{key}</kbd>{' '}
                      </span>
                    ))}
                  </dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
      </Groups>
      <Foot>
        <Button onPress={onClose}>Close</Button>
      </Foot>
    </Dialog>
  );
}

import { useState } from 'react';
import { Radio, RadioGroup, Label } from 'react-aria-components';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { useOpenClass } from '../classes/class-context.js';
import { Warnings } from '../classes/Warnings.js';
import { Button } from '../parts/Button.js';
import { Empty } from '../parts/states.js';
import { VisuallyHidden } from '../theme/visually-hidden.js';
import { DishSheet } from './DishSheet.js';

export type Show = 'spoons' | 'grams';
const storedShow = 'fornax:show';

const Head = styled.div`display: flex; justify-content: space-between; align-items: baseline; gap: 16px; margin-bottom: 8px;`;
const Switch = styled(RadioGroup)`display: flex; gap: 10px; align-items: baseline;`;
const Option = styled(Radio)`padding: 4px 0 2px; cursor: pointer; color: ${({ theme }) => theme.colour.quiet}; border-bottom: 2px solid transparent; &[data-selected] { color: ${({ theme }) => theme.colour.ink}; font-weight: 700; border-color: ${({ theme }) => theme.colour.ink}; } &[data-focus-visible] { outline: 2px solid ${({ theme }) => theme.colour.basil}; outline-offset: 2px; }`;

/** How much goes on each bench? */
export default function PortionPage() {
  const { plan } = useOpenClass();
  const [show, setShow] = useState<Show>(() => (localStorage.getItem(storedShow) === 'grams' ? 'grams' : 'spoons'));
  const choose = (next: Show) => {
    localStorage.setItem(storedShow, next);
    setShow(next);
  };
  return (
    <>
      <Head>
        <h2><VisuallyHidden>Portion: </VisuallyHidden>On each bench</h2>
        <Switch value={show} onChange={(value) => choose(value as Show)} orientation="horizontal">
          <Label>Show</Label>
          <Option value="spoons">spoons and cups</Option>
          <Option value="grams">grams</Option>
        </Switch>
      </Head>
      <Warnings warnings={plan.warnings.filter((warning) => warning.place === 'portions')} />
      {plan.portions.dishes.length === 0 ? <NoDishes>The amounts for every bench appear here.</NoDishes> : null}
      {plan.portions.dishes.map((dish) => <DishSheet key={dish.dishId} dish={dish} show={show} />)}
    </>
  );
}

/** What each stop says while the menu is empty. */
export function NoDishes({ children }: { children: string }) {
  const navigate = useNavigate();
  return <Empty title="No dishes on the menu yet" action={<Button look="act" onPress={() => void navigate('../set-up')}>Choose dishes</Button>}>{children}</Empty>;
}

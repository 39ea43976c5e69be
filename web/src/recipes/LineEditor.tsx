import { useState, type ReactNode } from 'react';
import { ChevronDown, ChevronRight, X } from 'lucide-react';
import styled from 'styled-components';
import {
  capital,
  findByName,
  findIngredient,
  type Larder,
  groupWordsOf,
  isOnlyFoodOpen,
  lineOf,
  type MeasureSystem,
  parseIngredientLine,
  type RecipeChoice,
  type RecipeComponent,
  type RecipeLine,
  recognisedLine,
  type Scaling,
  showRational,
  toNumber,
  type UnitId,
  unitIds,
  unitName,
} from '@fornax/core';
import { AmountText } from '../parts/AmountText.js';
import { Button } from '../parts/Button.js';
import { Choice } from '../parts/Choice.js';
import { Field } from '../parts/Field.js';
import { FoodQuestion } from '../parts/food/FoodQuestion.js';
import { Quietly } from '../parts/states.js';
import { showAmount } from './show-amount.js';
import { WhenChoice } from './WhenChoice.js';
import { LookHere } from '../parts/kit.js';

const Row = styled.div<{ $marked: boolean }>`
  flex: 1;
  min-width: 0;
  padding: 0.3125rem 0 0.4375rem 0.5rem;
  border-left: 3px solid ${({ $marked, theme }) => ($marked ? theme.colour.lemon : 'transparent')};
`;
const Written = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 2px;
  align-items: center;
`;
const Read = styled.p`
  margin-top: 2px;
  font-size: ${({ theme }) => theme.size.small};
  line-height: 1.125rem;
  overflow-wrap: anywhere;
`;
const Correct = styled.div`
  display: grid;
  grid-template-columns: 6.25rem 6.875rem minmax(0, 1fr);
  gap: 0.625rem;
  margin-top: 0.5rem;
  @media (max-width: 32.5em) {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
`;

const unitOptions = unitIds.map((id) => ({ id, name: unitName(id, 2) || 'pieces' }));
const scalingOptions: readonly { id: Scaling; name: string }[] = [
  { id: 'linear', name: 'with the batch' },
  { id: 'whole', name: 'in whole pieces' },
  { id: 'perVessel', name: 'once a vessel' },
  { id: 'startLow', name: 'start low' },
  { id: 'toTaste', name: 'to taste' },
];

interface LineEditorProps {
  line: RecipeLine;
  index: number;
  system: MeasureSystem;
  larder: Larder;
  onChange: (line: RecipeLine) => void;
  onRemove?: () => void;
  /** Where the line may move to, and what it may belong to; none while a text is read. */
  components?: readonly RecipeComponent[];
  choices?: readonly RecipeChoice[];
  onMove?: (componentId: string) => void;
  handle?: ReactNode;
}

/** One written line with what was understood below it; read again as one types, or corrected by hand. */
export function LineEditor({
  line: written,
  index,
  system,
  larder,
  onChange,
  onRemove,
  components = [],
  choices = [],
  onMove,
  handle,
}: LineEditorProps) {
  const [isOpen, setOpen] = useState(false);
  // What the kitchen has named since it was written is known in every recipe.
  const line = recognisedLine(written, system, larder);
  const retype = (text: string) =>
    onChange({
      ...lineOf(parseIngredientLine(text, { system, larder }), index, line.componentId, larder),
      id: line.id,
      text,
      when: line.when,
    });
  const isAsked =
    line.ingredient === null && line.name !== '' && isOnlyFoodOpen(line) && groupWordsOf(line.note) === '';
  return (
    <>
      {handle}
      <Row $marked={line.unread !== ''}>
        <Written>
          <Field label={`Line ${index + 1}`} hideLabel value={line.text} onChange={retype} maxLength={400} />
          <LineButtons index={index} isOpen={isOpen} onOpen={() => setOpen(!isOpen)} onRemove={onRemove} />
        </Written>
        <Read>
          <AmountText text={understood(line, larder)} />
          {line.unread && !isAsked ? (
            <>
              {' '}
              <LookHere>{capital(line.unread)}.</LookHere>
            </>
          ) : null}
        </Read>
        {isAsked ? <FoodQuestion name={line.name} /> : null}
        {isOpen ? (
          <ByHand
            line={line}
            larder={larder}
            onChange={onChange}
            components={components}
            choices={choices}
            onMove={onMove}
          />
        ) : null}
      </Row>
    </>
  );
}

function LineButtons({
  index,
  isOpen,
  onOpen,
  onRemove,
}: {
  index: number;
  isOpen: boolean;
  onOpen: () => void;
  onRemove?: () => void;
}) {
  return (
    <span>
      <Button look="quiet" aria-expanded={isOpen} aria-label={`Correct line ${index + 1}`} onPress={onOpen}>
        {isOpen ? <ChevronDown size={15} aria-hidden /> : <ChevronRight size={15} aria-hidden />}Correct
      </Button>
      {onRemove ? (
        <Button look="quiet" aria-label={`Remove line ${index + 1}`} onPress={onRemove}>
          <X size={15} aria-hidden />
        </Button>
      ) : null}
    </span>
  );
}

/** "2–3 tbsp · cider vinegar · start low". */
function understood(line: RecipeLine, larder: Larder): string {
  const amount = line.amount ? showAmount(line.amount) : 'to taste';
  const unit =
    line.unit && line.amount ? ` ${unitName(line.unit, toNumber(line.amount.high))}`.trimEnd() : '';
  const pack = line.pack ? ` of ${showRational(line.pack.low)} ${line.pack.unit}` : '';
  const ingredient = findIngredient(larder, line.ingredient);
  const basis = line.basis === 'edible' && line.unit !== 'piece' ? 'measured ready to use' : 'as bought';
  const kept = line.keptBack ? `kept back: ${line.keptBack.words}` : '';
  return [
    `${amount}${unit}${pack}`,
    ingredient?.names.uk ?? line.name,
    line.byProducts.join(' and '),
    line.preparation.join(', '),
    basis,
    kept,
    line.optional ? 'optional' : '',
    line.alternatives.length > 0 ? `or ${line.alternatives.join(' or ')}` : '',
  ]
    .filter(Boolean)
    .join(' · ');
}

type ByHandProps = Pick<LineEditorProps, 'line' | 'larder' | 'onChange' | 'onMove'> & {
  components: readonly RecipeComponent[];
  choices: readonly RecipeChoice[];
};

function ByHand({ line, larder, onChange, components, choices, onMove }: ByHandProps) {
  const [amount, setAmount] = useState(line.amount ? showAmount(line.amount) : '');
  const [problem, setProblem] = useState('');
  const corrected = (to: Partial<RecipeLine>) =>
    onChange({ ...line, ...to, corrected: true, confidence: 1, unread: '' });
  const changeAmount = (text: string) => {
    setAmount(text);
    const to = readAmount(text, line);
    setProblem(to ? '' : `“${text}” is not an amount: write 2, ½, 1 1/2 or 2–3.`);
    if (to) corrected(to);
  };
  return (
    <Correct>
      <Field label="Amount" value={amount} onChange={changeAmount} problem={problem} />
      <Choice<UnitId>
        label="Unit"
        value={line.unit ?? 'piece'}
        options={unitOptions}
        onChange={(unit) => corrected({ unit })}
      />
      <Field
        label="Ingredient"
        value={line.name}
        onChange={(name) => onChange(named(line, name, larder))}
        maxLength={200}
        hint={
          line.ingredient ? (
            <Quietly>in the larder as {findIngredient(larder, line.ingredient)?.names.uk}</Quietly>
          ) : (
            'not in the larder: listed as written'
          )
        }
      />
      <HowCounted line={line} corrected={corrected} />
      {line.ingredient ? <FoodQuestion name={line.name} isSure /> : null}
      {onMove && components.length > 1 ? (
        <Choice
          label="Component"
          value={line.componentId}
          options={components.map(({ id, name }) => ({ id, name }))}
          onChange={onMove}
        />
      ) : null}
      <WhenChoice
        choices={choices}
        when={line.when ?? null}
        onChange={(when) => onChange({ ...line, when })}
      />
    </Correct>
  );
}

/** What an amount that was typed changes of its line; null where it cannot be read. */
function readAmount(text: string, line: RecipeLine): Partial<RecipeLine> | null {
  if (text.trim() === '') return { amount: null, toTaste: true, scaling: 'toTaste' };
  const { amount } = parseIngredientLine(`${text} x`, { system: 'metric' });
  if (!amount) return null;
  const scaling = line.scaling === 'toTaste' ? 'linear' : line.scaling;
  return { amount, unit: line.unit ?? 'piece', toTaste: false, scaling };
}

/** The line under another name, and what the larder knows by it. */
function named(line: RecipeLine, name: string, larder: Larder): RecipeLine {
  const found = findByName(name, larder);
  return {
    ...line,
    name,
    ingredient: found?.ingredient ?? null,
    corrected: true,
    confidence: found ? 1 : 0.7,
    unread: found ? '' : `“${name}” is not in the larder`,
  };
}

function HowCounted({ line, corrected }: { line: RecipeLine; corrected: (to: Partial<RecipeLine>) => void }) {
  return (
    <>
      <Choice
        label="Measured"
        value={line.basis}
        options={[
          { id: 'purchased', name: 'as bought' },
          { id: 'edible', name: 'ready to use' },
        ]}
        onChange={(basis) => corrected({ basis })}
      />
      <Choice<Scaling>
        label="Scales"
        value={line.scaling}
        options={scalingOptions}
        onChange={(scaling) => corrected({ scaling })}
      />
    </>
  );
}

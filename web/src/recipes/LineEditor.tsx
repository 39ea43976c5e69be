import { useState } from 'react';
import { findByName, findIngredient, lineOf, parseIngredientLine, showRational, standardLarder, toNumber, unitIds, unitName, type MeasureSystem, type RecipeLine, type UnitId } from '@fornax/core';
import { ChevronDown, ChevronRight } from 'lucide-react';
import styled from 'styled-components';
import { AmountText } from '../parts/AmountText.js';
import { Button } from '../parts/Button.js';
import { Choice, Field } from '../parts/Field.js';
import { Quietly } from '../parts/states.js';

const Row = styled.li<{ $marked: boolean }>`padding: 6px 0 8px 10px; border-bottom: 1px solid ${({ theme }) => theme.colour.hairline}; border-left: 3px solid ${({ $marked, theme }) => ($marked ? theme.colour.lemon : 'transparent')};`;
const Written = styled.div`display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: 8px; align-items: end;`;
const Read = styled.p`margin-top: 2px; font-size: 13px; line-height: 18px;`;
const Mark = styled.strong`color: ${({ theme }) => theme.colour.lemonText};`;
const Correct = styled.div`display: grid; grid-template-columns: 110px 120px minmax(0, 1fr); gap: 10px; margin-top: 8px;`;

const unitOptions = unitIds.map((id) => ({ id, name: unitName(id, 2) || 'pieces' }));

interface LineEditorProps {
  line: RecipeLine;
  index: number;
  system: MeasureSystem;
  onChange: (line: RecipeLine) => void;
}

/** One written line with what was understood below it; read again as one types, or corrected by hand. */
export function LineEditor({ line, index, system, onChange }: LineEditorProps) {
  const [isOpen, setOpen] = useState(false);
  const retype = (text: string) => onChange({ ...lineOf(parseIngredientLine(text, { system }), index, line.componentId), id: line.id, text });
  return (
    <Row $marked={line.unread !== ''}>
      <Written>
        <Field label={`Line ${index + 1}`} value={line.text} onChange={retype} maxLength={400} />
        <Button look="quiet" aria-expanded={isOpen} onPress={() => setOpen(!isOpen)}>{isOpen ? <ChevronDown size={15} aria-hidden /> : <ChevronRight size={15} aria-hidden />}Correct</Button>
      </Written>
      <Read><AmountText text={understood(line)} />{line.unread ? <> <Mark>{capital(line.unread)}.</Mark></> : null}</Read>
      {isOpen ? <ByHand line={line} onChange={onChange} /> : null}
    </Row>
  );
}

/** "2–3 tbsp · cider vinegar · start low". */
export function understood(line: RecipeLine): string {
  const amount = line.amount ? `${showRational(line.amount.low)}${line.amount.high === line.amount.low ? '' : `–${showRational(line.amount.high)}`}` : 'to taste';
  const unit = line.unit && line.amount ? ` ${unitName(line.unit, toNumber(line.amount.high))}`.trimEnd() : '';
  const pack = line.pack ? ` of ${showRational(line.pack.low)} ${line.pack.unit}` : '';
  const ingredient = findIngredient(standardLarder, line.ingredient);
  const basis = line.basis === 'edible' && line.unit !== 'piece' ? 'measured ready to use' : 'as bought';
  return [`${amount}${unit}${pack}`, ingredient?.names.uk ?? line.name, line.byProducts.join(' and '), line.preparation.join(', '), basis, line.optional ? 'optional' : ''].filter(Boolean).join(' · ');
}

function ByHand({ line, onChange }: { line: RecipeLine; onChange: (line: RecipeLine) => void }) {
  const [amount, setAmount] = useState(line.amount ? showAmount(line.amount) : '');
  const [problem, setProblem] = useState('');
  const corrected = (to: Partial<RecipeLine>) => onChange({ ...line, ...to, corrected: true, confidence: 1, unread: '' });
  const changeAmount = (text: string) => {
    setAmount(text);
    if (text.trim() === '') return corrected({ amount: null, toTaste: true, scaling: 'toTaste' });
    const read = parseIngredientLine(`${text} x`, { system: 'metric' }).amount;
    setProblem(read ? '' : `“${text}” is not an amount: write 2, ½, 1 1/2 or 2–3.`);
    return read ? corrected({ amount: read, unit: line.unit ?? 'piece', toTaste: false, scaling: line.scaling === 'toTaste' ? 'linear' : line.scaling }) : undefined;
  };
  const changeName = (name: string) => {
    const found = findByName(name);
    onChange({ ...line, name, ingredient: found?.ingredient ?? null, corrected: true, confidence: found ? 1 : 0.7, unread: found ? '' : `“${name}” is not in the larder` });
  };
  return (
    <Correct>
      <Field label="Amount" value={amount} onChange={changeAmount} problem={problem} />
      <Choice<UnitId> label="Unit" value={line.unit ?? 'piece'} options={unitOptions} onChange={(unit) => corrected({ unit })} />
      <Field label="Ingredient" value={line.name} onChange={changeName} maxLength={200} hint={line.ingredient ? <Quietly>in the larder as {findIngredient(standardLarder, line.ingredient)?.names.uk}</Quietly> : 'not in the larder: listed as written'} />
    </Correct>
  );
}

function showAmount({ low, high }: { low: string; high: string }): string {
  return low === high ? showRational(low) : `${showRational(low)}–${showRational(high)}`;
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

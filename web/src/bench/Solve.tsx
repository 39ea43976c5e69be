import { useState } from 'react';
import {
  type FitPart,
  fitDressing,
  type FitTarget,
  type Larder,
  type MeasureSystem,
  readParts,
  type SaidParts,
  schools,
  schoolTarget,
  solvedTexts,
} from '@fornax/core';
import styled from 'styled-components';
import { useKitchen } from '../api/useLarder.js';
import { Button } from '../parts/Button.js';
import { Choice } from '../parts/Choice.js';
import { Field } from '../parts/Field.js';
import { Row } from '../parts/states.js';
import { type BenchBowl, linesOf } from './bowls.js';

const Fields = styled.div`
  display: grid;
  grid-template-columns: minmax(10.5rem, 2fr) repeat(3, minmax(3.625rem, 1fr)) auto;
  gap: 0.5rem;
  align-items: end;
  @media (max-width: 43.75em) {
    grid-template-columns: 1fr 1fr;
  }
`;

type Open = Extract<SaidParts, { kind: 'open' }>;

/** "Three to one" is said both ways round: which is the oil? */
function WhichIsOil({
  said: { first, second, question },
  onSay,
}: {
  said: Open;
  onSay: (to: string) => void;
}) {
  const ways = [`${first} parts oil to ${second} acid`, `${first} parts acid to ${second} oil`];
  return (
    <Row $gap={1} role="group" aria-label={question}>
      <span>{question}</span>
      {ways.map((way) => (
        <Button key={way} look="quiet" onPress={() => onSay(way)}>
          {way}
        </Button>
      ))}
    </Row>
  );
}

/** "3 : 1", always oil first. */
function partsOf(ratio: number): string {
  return ratio >= 1 ? `${ratio} : 1` : `1 : ${Math.round(1 / ratio)}`;
}

const targets = schools.filter((school) => schoolTarget(school).ratio !== null);
const names: Readonly<Record<FitPart, string>> = {
  ratio: 'the ratio',
  salt: 'the salt',
  sugar: 'the sugar',
  millilitres: 'the volume',
};

interface SolveProps {
  readonly bowl: BenchBowl;
  readonly larder: Larder;
  readonly system: MeasureSystem;
  readonly onChange: (to: Partial<BenchBowl>) => void;
}

/** Meet a school, a salt, a sweetness and a volume, in measures that spoons give. */
export function Solve({ bowl, larder, system, onChange }: SolveProps) {
  const [school, setSchool] = useState<(typeof targets)[number]>('oil-led');
  const [salt, setSalt] = useState('2');
  const [sugar, setSugar] = useState('');
  const [volume, setVolume] = useState('');
  const [said, setSaid] = useState('');
  const [parts, setParts] = useState('');
  const own = useKitchen()?.schools;
  const spoken = parts.trim() ? readParts(parts) : null;
  const solve = () => {
    if (spoken?.kind === 'none') return setSaid(spoken.sentence);
    if (spoken?.kind === 'open') return setSaid(spoken.question);
    const given = linesOf(bowl.texts, system, larder);
    const target: FitTarget = {
      ratio: spoken ? spoken.oil / spoken.acid : schoolTarget(school, own).ratio!,
      ...(salt ? { salt: Number(salt.replace(',', '.')) } : {}),
      ...(sugar ? { sugar: Number(sugar.replace(',', '.')) } : {}),
      ...(volume ? { millilitres: Number(volume.replace(',', '.')) } : {}),
    };
    const lines = given.map((line, index) => ({ ...line, isFixed: bowl.fixed.includes(index) }));
    const found = fitDressing(lines, target, { larder, system, method: bowl.method });
    if (found.problem) return setSaid(found.problem);
    onChange({ texts: solvedTexts(bowl.texts, found.lines) });
    const missed = found.missed.map((part) => names[part]).join(' and ');
    setSaid(
      missed ? `The nearest that spoons give: ${missed} gives way.` : 'Met, in measures that spoons give.',
    );
  };
  return (
    <section aria-label="Meet a target">
      <h2>Meet a target</h2>
      <Fields>
        <Choice
          label="School, oil : acid"
          value={school}
          onChange={setSchool}
          options={targets.map((id) => ({ id, name: `${id}, ${partsOf(schoolTarget(id, own).ratio!)}` }))}
        />
        <Field label="Salt, %" inputMode="decimal" value={salt} onChange={setSalt} />
        <Field label="Sugar, %" inputMode="decimal" value={sugar} onChange={setSugar} />
        <Field label="Volume, ml" inputMode="decimal" value={volume} onChange={setVolume} />
        <Button onPress={solve}>Work it out</Button>
      </Fields>
      <Field
        label="Or the parts in words"
        value={parts}
        maxLength={80}
        onChange={setParts}
        placeholder="three parts oil to one part vinegar"
      />
      {spoken?.kind === 'open' ? <WhichIsOil said={spoken} onSay={setParts} /> : null}
      <p role="status">{said}</p>
    </section>
  );
}

import {
  type Balance,
  dressedBases,
  dresses,
  type OutOfWindow,
  outOfWindow,
  schoolTarget,
  type Workings,
} from '@fornax/core';
import styled from 'styled-components';
import { useKitchen } from '../api/useLarder.js';
import { Quietly } from '../parts/states.js';
import { Figure } from '../parts/workings.js';
import { LookHere } from '../parts/kit.js';

const Rows = styled.dl`
  display: grid;
  grid-template-columns: 4.75rem minmax(0, 1fr);
  gap: 0.625rem 0.75rem;
  margin: 0;
  dt {
    font-weight: 600;
  }
  dd {
    margin: 0;
  }
`;
const Track = styled.div`
  position: relative;
  height: 0.875rem;
  margin-top: 0.25rem;
  background: ${({ theme }) => theme.colour.ground};
  border: 1px solid ${({ theme }) => theme.colour.hairline};
`;
const Window = styled.span`
  position: absolute;
  top: 0;
  bottom: 0;
  background: ${({ theme }) => theme.colour.basilPale};
  border: solid ${({ theme }) => theme.colour.basil};
  border-width: 0 1px;
`;
const Needle = styled.span<{ $out: boolean }>`
  position: absolute;
  top: -3px;
  bottom: -3px;
  width: 0.25rem;
  margin-left: -2px;
  background: ${({ theme, $out }) => ($out ? theme.colour.lemonText : theme.colour.basil)};
`;

/** Salt, sugar, acid, thickness and keeping, each with the window of its school. */
export function Bars({ balance }: { balance: Balance }) {
  const target = schoolTarget(balance.school, useKitchen()?.schools);
  const { workings } = balance;
  const open = outOfWindow(balance, target);
  const outOf = (figure: OutOfWindow['figure']) => open.find((each) => each.figure === figure)?.side ?? null;
  return (
    <Rows>
      <dt>Parts</dt>
      <dd>
        <Figure id="bench:ratio" workings={workings.ratio} text={partsOf(balance.ratio)} />{' '}
        <Quietly>
          {balance.school}, suits {target.suits}. {target.why}
        </Quietly>
      </dd>
      <Bar
        name="Salt"
        value={balance.salt * 100}
        window={target.salt}
        most={5}
        out={outOf('salt')}
        workings={workings.salt}
      />
      <Bar
        name="Sugar"
        value={balance.sugar * 100}
        window={target.sugar}
        most={20}
        out={outOf('sugar')}
        workings={workings.sugar}
      />
      <Bar
        name="Acid"
        value={balance.acidity}
        window={target.acidity}
        most={6}
        out={outOf('acid')}
        workings={workings.acidity}
      />
      <dt>Thick</dt>
      <dd>
        <Figure id="bench:thick" workings={workings.thickness} text={balance.thickness} />
      </dd>
      <dt>Holds</dt>
      <dd>
        <Figure id="bench:hold" workings={workings.hold} text={workings.hold.result} />
        {balance.emulsifiers.length > 0 ? <Quietly> with {balance.emulsifiers.join(', ')}</Quietly> : null}
      </dd>
      {balance.thickness === 'pourable' ? <Reach balance={balance} /> : null}
    </Rows>
  );
}

/** How much of each base it dresses. */
function Reach({ balance }: { balance: Balance }) {
  const { isStrong } = dresses('leaves', balance);
  const strong = isStrong
    ? { bases: ['leaves'] as const, words: 'of anything: it is strong, and used sparingly' }
    : null;
  return (
    <>
      <dt>Dresses</dt>
      <dd>
        {(strong ? strong.bases : dressedBases.slice(0, 4)).map((base) => {
          const of = dresses(base, balance);
          return (
            <div key={base}>
              <Figure id={`bench:dresses:${base}`} workings={of.workings} text={of.workings.result} />{' '}
              <Quietly>{strong ? strong.words : `of ${base}`}</Quietly>
            </div>
          );
        })}
      </dd>
    </>
  );
}

function partsOf(ratio: number | null): string {
  if (ratio === null) return 'nothing sharp to measure';
  return ratio < 0.05 ? 'no free oil' : `${short(ratio)} oil : 1 acid`;
}

const short = (value: number) => String(Math.round(value * 10) / 10);

interface BarProps {
  name: string;
  value: number;
  window: readonly [number, number];
  most: number;
  out: OutOfWindow['side'] | null;
  workings: Workings;
}

function Bar({ name, value, window: [from, to], most, out, workings }: BarProps) {
  const at = (percent: number) => `${Math.min(100, (percent / most) * 100)}%`;
  return (
    <>
      <dt>{name}</dt>
      <dd>
        <Figure id={`bench:${name}`} workings={workings} text={`${short(value)} %`} />{' '}
        {out ? (
          <LookHere>
            {out} the usual {short(from)}–{short(to)} %
          </LookHere>
        ) : (
          <Quietly>
            usual {short(from)}–{short(to)} %
          </Quietly>
        )}
        <Track aria-hidden>
          <Window style={{ left: at(from), width: `calc(${at(to)} - ${at(from)})` }} />
          <Needle $out={out !== null} style={{ left: at(value) }} />
        </Track>
      </dd>
    </>
  );
}

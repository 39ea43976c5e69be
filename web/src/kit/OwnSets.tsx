import { useState } from 'react';
import styled from 'styled-components';
import { useOpenClass } from '../classes/class-context.js';
import { useDecisions } from '../classes/useDecisions.js';
import { Button } from '../parts/Button.js';
import { Choice } from '../parts/Choice.js';
import { Field } from '../parts/Field.js';
import { Quietly, Row } from '../parts/states.js';

const Head = styled.h3`
  margin-top: 1.5rem;
  span {
    font: 400 0.875rem/1.25rem ${({ theme }) => theme.font.text};
  }
`;
const Form = styled.form`
  display: grid;
  grid-template-columns: minmax(0, 8.75rem) minmax(0, 12.5rem) auto;
  gap: 0.625rem;
  align-items: end;
  max-width: 30rem;
  margin-top: 0.25rem;
  @media print {
    display: none;
  }
`;

/** Stations that must stay free of something: their own set of what the room would share. */
export function OwnSets() {
  const { plan } = useOpenClass();
  const { decisions, decide } = useDecisions();
  const stations = plan.portions.stations.sizes.map((_, index) => ({
    id: String(index + 1),
    name: `Station ${index + 1}`,
  }));
  const [station, setStation] = useState('1');
  const [without, setWithout] = useState('');
  const add = () => {
    if (!without.trim()) return;
    decide(
      { ownSets: [...decisions.ownSets, { station: Number(station), without: without.trim() }] },
      `Station ${station} has its own set, free of ${without.trim()}.`,
    );
    setWithout('');
  };
  return (
    <section aria-label="Kept apart" data-empty={decisions.ownSets.length === 0 || undefined}>
      <Head>
        Kept apart <Quietly>a set of its own, washed apart and never shared</Quietly>
      </Head>
      {decisions.ownSets.map((set, index) => (
        <Row key={index}>
          <span>
            Station {set.station}, free of {set.without}
          </span>
          <Button
            look="quiet"
            onPress={() =>
              decide(
                { ownSets: decisions.ownSets.filter((_, at) => at !== index) },
                `Station ${set.station} shares again.`,
              )
            }
          >
            Take it back
          </Button>
        </Row>
      ))}
      <Form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          add();
        }}
      >
        <Choice label="For" value={station} options={stations} onChange={setStation} />
        <Field label="Free of" value={without} onChange={setWithout} placeholder="nuts" maxLength={60} />
        <Button type="submit">Keep apart</Button>
      </Form>
    </section>
  );
}

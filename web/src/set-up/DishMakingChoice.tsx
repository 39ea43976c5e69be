import { memo, useState } from 'react';
import { Label } from 'react-aria-components';
import { dressingComponents, type DishMaking, type Maker, type Recipe } from '@fornax/core';
import styled from 'styled-components';
import { Boxes, TickBox } from '../parts/Boxes.js';
import { Button } from '../parts/Button.js';
import { Dialog } from '../parts/Dialog.js';
import { Choice } from '../parts/Choice.js';
import { Quietly, Row } from '../parts/states.js';

const Part = styled.section`
  margin-bottom: 1rem;
  h3 {
    margin-bottom: 0.25rem;
  }
  > label {
    display: flex;
  }
`;
const Opener = styled.div`
  margin-left: -0.75rem;
`;
interface Props {
  recipe: Recipe;
  maker: Maker;
  making: DishMaking;
  stations: number;
  onChange: (making: DishMaking) => void;
}

const byStations: readonly Maker[] = ['every station', 'some stations', 'in rotation'];

/** In a few words, what is special about how a dish is shared out; empty where nothing is. */
function makingWords(making: DishMaking, recipe: Recipe): string {
  const once = recipe.components
    .filter(({ id }) => making.once?.includes(id))
    .map(({ name }) => name.toLowerCase());
  return [
    making.stations && making.stations.length > 0
      ? `at ${making.stations.length === 1 ? 'station' : 'stations'} ${making.stations.join(', ')}`
      : '',
    making.shareBatch ? 'two stations share a batch' : '',
    making.flight || making.tasting ? `a ${making.tasting === 'blind' ? 'blind ' : ''}tasting flight` : '',
    once.length > 0 ? `${once.join(' and ')} made once` : '',
    making.swap ? 'with a ready-made swap' : '',
    making.spare ? 'with a spare' : '',
  ]
    .filter(Boolean)
    .join(', ');
}

/** How a dish is shared out: which stations, two to a batch, made once, a swap, a spare, a tasting flight. */
export const DishMakingChoice = memo(function MakingChoice(props: Props) {
  const [isOpen, setOpen] = useState(false);
  const words = makingWords(props.making, props.recipe);
  return (
    <Opener>
      <Button
        look="quiet"
        aria-label={`How ${props.recipe.title} is shared out`}
        onPress={() => setOpen(true)}
      >
        {words || 'How it is shared out'}
      </Button>
      <Dialog
        title={`How “${props.recipe.title}” is shared out`}
        isOpen={isOpen}
        onClose={() => setOpen(false)}
      >
        <MakingForm {...props} />
        <Row>
          <Button look="act" onPress={() => setOpen(false)}>
            Done
          </Button>
        </Row>
      </Dialog>
    </Opener>
  );
});

function MakingForm({ recipe, maker, making, stations, onChange }: Props) {
  const atStations = byStations.includes(maker);
  const numbers = Array.from({ length: stations }, (_, index) => String(index + 1));
  const parts = recipe.components.filter((component) =>
    recipe.lines.some((line) => line.componentId === component.id),
  );
  return (
    <>
      {maker === 'some stations' ? (
        <Part>
          <Boxes
            value={(making.stations ?? [1]).map(String)}
            onChange={(chosen) => onChange({ ...making, stations: chosen.map(Number).sort((a, b) => a - b) })}
          >
            <Label>Made at station</Label>
            {numbers.map((number) => (
              <TickBox key={number} value={number}>
                {number}
              </TickBox>
            ))}
          </Boxes>
        </Part>
      ) : null}
      {atStations && parts.length > 1 ? (
        <MadeOnce parts={parts} once={making.once ?? []} onChange={(once) => onChange({ ...making, once })} />
      ) : null}
      <Part>
        {atStations ? (
          <TickBox
            isSelected={making.shareBatch ?? false}
            onChange={(shareBatch) => onChange({ ...making, shareBatch })}
          >
            Two stations share one batch
          </TickBox>
        ) : null}
        <TickBox isSelected={making.swap ?? false} onChange={(swap) => onChange({ ...making, swap })}>
          A ready-made swap, finished before class
        </TickBox>
        <TickBox isSelected={making.spare ?? false} onChange={(spare) => onChange({ ...making, spare })}>
          A spare batch
        </TickBox>
      </Part>
      <Flights recipe={recipe} making={making} atStations={atStations} onChange={onChange} />
    </>
  );
}

/** Ways dealt out to the stations, and dressings tasted beside each other. */
function Flights({
  recipe,
  making,
  atStations,
  onChange,
}: Pick<Props, 'recipe' | 'making' | 'onChange'> & { atStations: boolean }) {
  return (
    <>
      {atStations && recipe.choices.length > 0 ? (
        <Part>
          <Choice
            label="Tasting flight: each station another way of"
            value={making.flight ?? ''}
            options={[{ id: '', name: 'no flight' }, ...recipe.choices.map(({ id, name }) => ({ id, name }))]}
            onChange={(flight) => onChange({ ...making, flight: flight || null })}
          />
        </Part>
      ) : null}
      {dressingComponents(recipe).length > 1 ? (
        <Part>
          <Choice
            label="Dressings tasted beside each other"
            value={making.tasting ?? ''}
            options={[
              { id: '', name: 'no' },
              { id: 'open', name: 'by letter and name, with a sheet to mark' },
              { id: 'blind', name: 'blind, by letter alone' },
            ]}
            onChange={(tasting) => onChange({ ...making, tasting: tasting || undefined })}
          />
        </Part>
      ) : null}
    </>
  );
}

function MadeOnce({
  parts,
  once,
  onChange,
}: {
  parts: Recipe['components'];
  once: readonly string[];
  onChange: (once: string[]) => void;
}) {
  return (
    <Part>
      <Boxes
        value={[...once]}
        onChange={(chosen) => onChange(chosen.length < parts.length ? chosen : chosen.slice(0, -1))}
      >
        <Label>Made once for all</Label>
        {parts.map((component) => (
          <TickBox key={component.id} value={component.id}>
            {component.name}
          </TickBox>
        ))}
      </Boxes>
      <Quietly>What is not ticked is made at every station.</Quietly>
    </Part>
  );
}

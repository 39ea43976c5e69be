import { memo, useState } from 'react';
import { ArrowDown, ArrowUp, X } from 'lucide-react';
import { Link } from 'react-router';
import { capital, optionTaken, type DishMaking, type Maker, type Portion } from '@fornax/core';
import styled from 'styled-components';
import { Button } from '../parts/Button.js';
import { lazyPart } from '../parts/lazy-part.js';
import { Dialog } from '../parts/Dialog.js';
import { Choice } from '../parts/Choice.js';
import { Loading, Row } from '../parts/states.js';
import { OpenLinesOf } from '../classes/OpenLines.js';
import { NotKnownFoods } from '../parts/food/NotKnownFoods.js';
import type { Dish } from './dish.js';
import { DishMakingChoice } from './DishMakingChoice.js';
import { LongWaitChoice } from './LongWaitChoice.js';

/** Names of foods out of the whole larder, for dishes that some station makes in a way of its own. */
const StationSubstitutes = lazyPart(() =>
  import('./StationSubstitutes.js').then((module) => module.StationSubstitutes),
);
/** Word by word, for those who ask what has changed. */
const Differences = lazyPart(
  () => import('../parts/Differences.js').then((module) => module.Differences),
  () => <Loading what="what has changed" />,
);

const noMaking: DishMaking = {};

const portionNames: readonly { id: Portion; name: string }[] = [
  { id: 'taste', name: 'a taste' },
  { id: 'side', name: 'a side' },
  { id: 'main', name: 'a main' },
];

const makerNames: readonly { id: Maker; name: string }[] = [
  { id: 'every station', name: 'every station' },
  { id: 'some stations', name: 'some stations' },
  { id: 'in rotation', name: 'in rotation' },
  { id: 'one big batch', name: 'one big batch' },
  { id: 'demonstration', name: 'demonstration only' },
  { id: 'made ahead', name: 'made ahead' },
];

const Item = styled.li`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 7.25rem 11.625rem auto;
  align-items: start;
  gap: 0.75rem;
  padding: 0.5625rem 0;
  border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  @media (max-width: 50em) {
    grid-template-columns: 1fr 1fr;
    > :first-child {
      grid-column: 1 / -1;
    }
  }
`;

const Title = styled.div`
  min-width: 0;
  padding-top: 0.375rem;
  overflow-wrap: anywhere;
  a {
    color: inherit;
    font-weight: 700;
  }
`;

const Way = styled.div`
  max-width: 21.25rem;
  margin-top: 0.25rem;
`;

const NoneListed = styled.p`
  font-size: ${({ theme }) => theme.size.small};
  color: ${({ theme }) => theme.colour.quiet};
`;
const Contains = styled.p`
  font-size: ${({ theme }) => theme.size.small};
  color: ${({ theme }) => theme.colour.beet};
`;

interface DishItemProps {
  dish: Dish;
  index: number;
  count: number;
  /** What it contains, as a sentence. */
  contents: string;
  /** Names of lines that are not known, one a row. */
  notKnown: string;
  stations: number;
  setDishes: (change: (dishes: readonly Dish[]) => readonly Dish[]) => void;
}

/** One dish. Drawn again only when it changes itself: a number typed above must not wait for its lists. */
export const DishItem = memo(function DishOnMenu({
  dish,
  index,
  count,
  contents,
  notKnown,
  stations,
  setDishes,
}: DishItemProps) {
  const change = (to: Partial<Dish>) =>
    setDishes((dishes) => dishes.map((each) => (each.id === dish.id ? { ...each, ...to } : each)));
  const move = (by: number) =>
    setDishes((dishes) => {
      const moved = [...dishes];
      moved.splice(index + by, 0, ...moved.splice(index, 1));
      return moved;
    });
  return (
    <Item>
      <DishTitle
        dish={dish}
        contents={contents}
        notKnown={notKnown}
        stations={stations}
        onMaking={(making) => change({ making })}
        onChoose={(choices) => change({ choices })}
        onNewest={() => change({ useNewest: true, recipe: dish.newest ?? dish.recipe, newest: null })}
      />
      <Choice
        label={`Portion of ${dish.recipe.title}`}
        hideLabel
        value={dish.portion}
        options={portionNames}
        onChange={(portion) => change({ portion })}
      />
      <Choice
        label={`Who makes ${dish.recipe.title}`}
        hideLabel
        value={dish.maker}
        options={makerNames}
        onChange={(maker) => change({ maker })}
      />
      <Moves
        title={dish.recipe.title}
        index={index}
        count={count}
        onMove={move}
        onRemove={() => setDishes((dishes) => dishes.filter((each) => each.id !== dish.id))}
      />
    </Item>
  );
});

interface DishTitleProps {
  dish: Dish;
  contents: string;
  notKnown: string;
  stations: number;
  onMaking: (making: DishMaking) => void;
  onNewest: () => void;
  onChoose: (choices: Dish['choices']) => void;
}

function Moves({
  title,
  index,
  count,
  onMove,
  onRemove,
}: {
  title: string;
  index: number;
  count: number;
  onMove: (by: number) => void;
  onRemove: () => void;
}) {
  return (
    <Row $gap={0}>
      <Button
        look="quiet"
        aria-label={`Move ${title} up`}
        isDisabled={index === 0}
        onPress={() => onMove(-1)}
      >
        <ArrowUp size={15} aria-hidden />
      </Button>
      <Button
        look="quiet"
        aria-label={`Move ${title} down`}
        isDisabled={index === count - 1}
        onPress={() => onMove(1)}
      >
        <ArrowDown size={15} aria-hidden />
      </Button>
      <Button look="quiet" aria-label={`Take ${title} off the menu`} onPress={onRemove}>
        <X size={15} aria-hidden />
      </Button>
    </Row>
  );
}

function DishTitle({ dish, contents, notKnown, stations, onMaking, onNewest, onChoose }: DishTitleProps) {
  return (
    <Title>
      <Link to={`/recipes/${dish.recipeId}`}>{dish.recipe.title}</Link>
      {contents.startsWith('no listed') ? (
        <NoneListed>{capital(contents)}.</NoneListed>
      ) : (
        <Contains>{capital(contents)}.</Contains>
      )}
      {notKnown ? <NotKnownFoods names={notKnown.split('\n')} /> : null}
      <OpenLinesOf dishId={dish.id} />
      <LongWaitChoice dishId={dish.id} making={dish.making ?? noMaking} onMaking={onMaking} />
      {dish.making?.forStations?.length ? (
        <StationSubstitutes making={dish.making} onMaking={onMaking} />
      ) : null}
      {dish.recipe.choices.map((choice) => (
        <Way key={choice.id}>
          <Choice
            label={`${choice.name}, ${dish.recipe.title}`}
            hideLabel
            value={optionTaken(choice, dish.choices)}
            options={choice.options.map(({ id, name }) => ({ id, name: `${choice.name}: ${name}` }))}
            onChange={(option) => onChoose({ ...dish.choices, [choice.id]: option })}
          />
        </Way>
      ))}
      <DishMakingChoice
        recipe={dish.recipe}
        maker={dish.maker}
        making={dish.making ?? noMaking}
        stations={stations}
        onChange={onMaking}
      />
      {dish.newest ? <Newer dish={dish} newest={dish.newest} onNewest={onNewest} /> : null}
    </Title>
  );
}

/** A newer version of the recipe: what has changed since, and the button that takes it. */
function Newer({ dish, newest, onNewest }: { dish: Dish; newest: Dish['recipe']; onNewest: () => void }) {
  const [isComparing, setComparing] = useState(false);
  return (
    <>
      <Button look="quiet" onPress={() => setComparing(true)}>
        The recipe has changed since: see what, and take it
      </Button>
      <Dialog
        title={`${dish.recipe.title}: what has changed`}
        wide
        isOpen={isComparing}
        onClose={() => setComparing(false)}
      >
        <Differences before={dish.recipe} after={newest} />
        <Row>
          <Button
            look="act"
            onPress={() => {
              onNewest();
              setComparing(false);
            }}
          >
            Use the newest
          </Button>
          <Button look="quiet" onPress={() => setComparing(false)}>
            Stay on version {dish.version}
          </Button>
        </Row>
      </Dialog>
    </>
  );
}

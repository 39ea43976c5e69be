import { memo, useCallback, useRef, useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { ArrowDown, ArrowUp, X } from 'lucide-react';
import { Autocomplete, Input, Label, ListBox, SearchField, useFilter } from 'react-aria-components';
import { Link } from 'react-router';
import type { RecipeView } from '@fornax/contract';
import { optionTaken, type DishMaking, type Maker, type Portion } from '@fornax/core';
import styled from 'styled-components';
import { v7 as uuid } from 'uuid';
import { call } from '../api/client.js';
import { recipesQuery } from '../api/queries.js';
import { useOpenClass } from '../classes/class-context.js';
import { Button } from '../parts/Button.js';
import { Dialog } from '../parts/Dialog.js';
import { Choice, ListChoice } from '../parts/Field.js';
import { Empty, Quietly, Row } from '../parts/states.js';
import { useSay } from '../parts/toasts.js';
import { Differences } from '../recipes/Versions.js';
import { VisuallyHidden } from '../theme/visually-hidden.js';
import { DishMakingChoice } from './DishMakingChoice.js';

type Dish = ReturnType<typeof useOpenClass>['view']['dishes'][number];

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

const Head = styled(Row)`
  justify-content: space-between;
  margin-bottom: 4px;
`;
const List = styled.ol`
  border-top: 1px solid ${({ theme }) => theme.colour.ink};
`;
const Item = styled.li`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 116px 186px auto;
  align-items: center;
  gap: 12px;
  padding: 9px 0;
  border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  @media (max-width: 800px) {
    grid-template-columns: 1fr 1fr;
  }
`;
const Title = styled.div`
  min-width: 0;
  overflow-wrap: anywhere;
  a {
    color: inherit;
    font-weight: 700;
  }
`;
const Way = styled.div`
  max-width: 340px;
  margin-top: 4px;
`;
const Contains = styled.p`
  font-size: 13px;
  color: ${({ theme }) => theme.colour.beet};
`;

/** The menu: which dish, what portion, who makes it. */
export function MenuEditor() {
  const { view, plan, editor } = useOpenClass();
  const [isChoosing, setChoosing] = useState(false);
  const latest = useRef({ view, editor });
  latest.current = { view, editor };
  const setDishes = useCallback(
    (change: (dishes: readonly Dish[]) => readonly Dish[]) =>
      latest.current.editor.edit({ dishes: change(latest.current.view.dishes) }),
    [],
  );
  return (
    <>
      <Head>
        <h2>Menu</h2>
        <Button look={view.dishes.length === 0 ? 'act' : 'plain'} onPress={() => setChoosing(true)}>
          Add a dish
        </Button>
      </Head>
      {view.dishes.length === 0 ? (
        <Empty title="No dishes yet">
          Add a dish from the library. Amounts, shopping, kit and times follow at once.
        </Empty>
      ) : null}
      <List aria-label="Dishes">
        {view.dishes.map((dish, index) => (
          <DishItem
            key={dish.id}
            dish={dish}
            index={index}
            count={view.dishes.length}
            stations={plan.portions.stations.sizes.length}
            contains={(plan.allergens.find((each) => each.dish === dish.recipe.title)?.contains ?? []).join(
              ', ',
            )}
            setDishes={setDishes}
          />
        ))}
      </List>
      <ChooseDish
        isOpen={isChoosing}
        onClose={() => setChoosing(false)}
        onChoose={(dish) => setDishes((dishes) => [...dishes, dish])}
      />
    </>
  );
}

interface DishItemProps {
  dish: Dish;
  index: number;
  count: number;
  contains: string;
  stations: number;
  setDishes: (change: (dishes: readonly Dish[]) => readonly Dish[]) => void;
}

/** One dish. Drawn again only when it changes itself: a number typed above must not wait for its lists. */
const DishItem = memo(function DishItem({
  dish,
  index,
  count,
  contains,
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
        contains={contains}
        stations={stations}
        onMaking={(making) => change({ making })}
        onChoose={(choices) => change({ choices })}
        onNewest={() => change({ version: dish.newestVersion + 1, recipe: dish.newest ?? dish.recipe })}
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
      <Row $gap={0}>
        <Button
          look="quiet"
          aria-label={`Move ${dish.recipe.title} up`}
          isDisabled={index === 0}
          onPress={() => move(-1)}
        >
          <ArrowUp size={15} aria-hidden />
        </Button>
        <Button
          look="quiet"
          aria-label={`Move ${dish.recipe.title} down`}
          isDisabled={index === count - 1}
          onPress={() => move(1)}
        >
          <ArrowDown size={15} aria-hidden />
        </Button>
        <Button
          look="quiet"
          aria-label={`Take ${dish.recipe.title} off the menu`}
          onPress={() => setDishes((dishes) => dishes.filter((each) => each.id !== dish.id))}
        >
          <X size={15} aria-hidden />
        </Button>
      </Row>
    </Item>
  );
});

interface DishTitleProps {
  dish: Dish;
  contains: string;
  stations: number;
  onMaking: (making: DishMaking) => void;
  onNewest: () => void;
  onChoose: (choices: Dish['choices']) => void;
}

function DishTitle({ dish, contains, stations, onMaking, onNewest, onChoose }: DishTitleProps) {
  const [isComparing, setComparing] = useState(false);
  return (
    <Title>
      <Link to={`/recipes/${dish.recipeId}`}>{dish.recipe.title}</Link>
      {contains ? (
        <Contains>Contains {contains}. Check the labels.</Contains>
      ) : (
        <Quietly>No listed allergens; check the labels.</Quietly>
      )}
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
      {dish.newest ? (
        <Button look="quiet" onPress={() => setComparing(true)}>
          The recipe has changed since: see what, and take it
        </Button>
      ) : null}
      {dish.newest ? (
        <Dialog
          title={`${dish.recipe.title}: what has changed`}
          wide
          isOpen={isComparing}
          onClose={() => setComparing(false)}
        >
          <Differences before={dish.recipe} after={dish.newest} />
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
      ) : null}
    </Title>
  );
}

function ChooseDish({
  isOpen,
  onClose,
  onChoose,
}: {
  isOpen: boolean;
  onClose: () => void;
  onChoose: (dish: Dish) => void;
}) {
  const { data: recipes = [] } = useQuery(recipesQuery);
  const { contains } = useFilter({ sensitivity: 'base' });
  const client = useQueryClient();
  const say = useSay();
  const choose = async (recipeId: string) => {
    onClose();
    const recipe = await client.fetchQuery({
      queryKey: ['recipe', recipeId],
      queryFn: () => call<RecipeView>(`/recipes/${recipeId}`),
    });
    onChoose({
      id: uuid(),
      recipeId,
      version: 1,
      newestVersion: 1,
      draftDiffers: false,
      newest: null,
      choices: {},
      portion: recipe.content.portion,
      maker: 'every station',
      recipe: recipe.whole,
    });
  };
  return (
    <Dialog title="Add a dish" isOpen={isOpen} onClose={onClose}>
      <Autocomplete filter={contains}>
        <SearchField autoFocus>
          <Label>
            <VisuallyHidden>Search the library</VisuallyHidden>
          </Label>
          <SearchBox placeholder="Search the library" />
        </SearchField>
        <Scrolling>
          <ListBox
            aria-label="Recipes"
            items={recipes}
            onAction={(key) => void choose(String(key)).catch((error: Error) => say(error.message))}
            renderEmptyState={() => 'No recipe has this name.'}
          >
            {(recipe) => (
              <ListChoice id={recipe.id} textValue={recipe.title}>
                {recipe.title}{' '}
                <Quietly>
                  {recipe.kind}, serves {recipe.serves}
                </Quietly>
              </ListChoice>
            )}
          </ListBox>
        </Scrolling>
      </Autocomplete>
    </Dialog>
  );
}

const SearchBox = styled(Input)`
  width: 100%;
  padding: 8px 10px;
  border: 1px solid #98a29b;
  border-radius: ${({ theme }) => theme.radius};
`;
const Scrolling = styled.div`
  max-height: 360px;
  margin-top: 8px;
  overflow: auto;
`;

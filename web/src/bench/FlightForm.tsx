import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { v7 as uuid } from 'uuid';
import {
  flightBowls,
  flightChoice,
  flightRecipe,
  type FlightSharing,
  flightSharings,
  letterOf,
  showDate,
  tastedOn,
  type TastedOn,
} from '@fornax/core';
import { call } from '../api/client.js';
import { classesQuery } from '../api/queries.js';
import { useKitchen, useLarder } from '../api/useLarder.js';
import { Boxes, TickBox } from '../parts/Boxes.js';
import { Button } from '../parts/Button.js';
import { Choice } from '../parts/Choice.js';
import { Loading, Quietly, Row } from '../parts/states.js';
import { usePutOnMenu } from '../api/usePutOnMenu.js';
import { type BenchBowl, textsWith } from './bowls.js';
import { Stack } from '../parts/kit.js';

const wayNames: Readonly<Record<FlightSharing, string>> = {
  'each another': 'each station makes another bowl, for everybody',
  'every station all': 'every station makes all of them',
};

/** Which bowls are tasted, on what, how, and in which class. */
export function FlightForm({ bowls }: { bowls: readonly BenchBowl[] }) {
  const [chosen, setChosen] = useState(() => bowls.map((_, index) => String(index)));
  const [way, setWay] = useState<FlightSharing>('each another');
  const [on, setOn] = useState<TastedOn>('little gem leaves');
  const [isBlind, setBlind] = useState(true);
  const [classId, setClassId] = useState<string | null>(null);
  const { problem, isBusy, send } = useSending();
  const { coming, isPending } = useComing();
  const target = classId ?? coming[0]?.id ?? '';
  if (isPending) return <Loading what="the classes" />;
  if (coming.length === 0) return <p>There is no class to come. Make one under Classes.</p>;
  const of = bowls.filter((_, index) => chosen.includes(String(index)));
  return (
    <Stack>
      <Boxes value={chosen} onChange={setChosen} aria-label="Bowls of the flight">
        {bowls.map(({ title }, index) => (
          <TickBox key={index} value={String(index)}>
            {chosen.includes(String(index)) ? `${letterOf(chosen.indexOf(String(index)))}: ` : ''}
            {title}
          </TickBox>
        ))}
      </Boxes>
      <Choice
        label="Who makes what"
        value={way}
        onChange={setWay}
        options={flightSharings.map((id) => ({ id, name: wayNames[id] }))}
      />
      <Choice
        label="Tasted on"
        value={on}
        onChange={setOn}
        options={tastedOn.map((id) => ({ id, name: id }))}
      />
      <TickBox isSelected={isBlind} onChange={setBlind}>
        Blind: cards and sheets name letters alone
      </TickBox>
      <Choice
        label="Class"
        value={target}
        onChange={setClassId}
        options={coming.map(({ id, title, startsAt }) => ({ id, name: `${title}, ${showDate(startsAt)}` }))}
      />
      <Row>
        <Button
          look="act"
          isDisabled={isBusy || of.length < flightBowls.least}
          onPress={() => void send(of, { way, on, isBlind, classId: target })}
        >
          Put it on the class
        </Button>
        <Quietly role="status">
          {problem || (of.length < flightBowls.least ? 'A flight takes two bowls at least.' : '')}
        </Quietly>
      </Row>
    </Stack>
  );
}

/** The classes from today on, the next one first. */
function useComing() {
  const { data: classes = [], isPending } = useQuery(classesQuery);
  const today = new Date().toISOString().slice(0, 10);
  const coming = classes
    .filter(({ startsAt }) => startsAt >= today)
    .sort((a, b) => a.startsAt.localeCompare(b.startsAt));
  return { coming, isPending };
}

interface Sending {
  readonly way: FlightSharing;
  readonly on: TastedOn;
  readonly isBlind: boolean;
  readonly classId: string;
}

/** Keeps the flight as a recipe, and puts that on the menu. */
function useSending() {
  const larder = useLarder();
  const system = useKitchen()!.system;
  const putOnMenu = usePutOnMenu();
  const navigate = useNavigate();
  const [problem, setProblem] = useState('');
  const [isBusy, setBusy] = useState(false);
  // The same flight sent once more after a fault is the same recipe.
  const [recipeId] = useState(() => uuid());
  const send = async (bowls: readonly BenchBowl[], { way, on, isBlind, classId }: Sending) => {
    const written = bowls.map((bowl) => ({ ...bowl, texts: textsWith(bowl, system, larder) }));
    const recipe = flightRecipe(written, { way, on, larder, system });
    if (!recipe) return setProblem('A bowl has no amount that is known: look at its lines.');
    setBusy(true);
    setProblem('');
    try {
      await call('/recipes', { method: 'POST', body: { id: recipeId, content: recipe } });
      const making = {
        tasting: isBlind ? ('blind' as const) : ('open' as const),
        ...(way === 'each another' ? { flight: flightChoice } : {}),
      };
      await putOnMenu(classId, { recipeId, portion: 'taste', making });
      void navigate(`/classes/${classId}/portion`);
    } catch (failure) {
      setProblem((failure as Error).message);
    } finally {
      setBusy(false);
    }
  };
  return { problem, isBusy, send };
}

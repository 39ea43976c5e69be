import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import { borders, mapPoint, type Balance, type MapPoint } from '@fornax/core';
import styled, { useTheme } from 'styled-components';
import { corners, edgeAt, placeOf, type Place, pointAt, size } from './map-geometry.js';

const Drawing = styled.svg`
  width: 100%;
  max-width: 520px;
  touch-action: none;
  text {
    font-size: 13px;
    fill: ${({ theme }) => theme.colour.ink};
  }
  [data-quiet] {
    fill: ${({ theme }) => theme.colour.quiet};
    font-size: 12px;
  }
  [data-bowl] {
    cursor: grab;
    outline: none;
  }
  [data-bowl]:focus-visible circle {
    stroke: ${({ theme }) => theme.colour.ink};
    stroke-width: 4;
  }
`;

/** A bowl on the map: where it lies, and where it lay before each addition. */
interface MappedBowl {
  readonly title: string;
  readonly balance: Balance;
  readonly trail: readonly Balance[];
}

interface BalanceMapProps {
  readonly bowls: readonly MappedBowl[];
  readonly chosen: number;
  readonly onMove: (point: MapPoint) => void;
}

const regions: readonly (readonly [name: string, from: number, to: number])[] = [
  ['oil-led', Infinity, borders.oilLed],
  ['moderate', borders.oilLed, borders.moderate],
  ['even', borders.moderate, borders.even],
  ['acid-led', borders.even, 0],
];

/** Share that an arrow key moves a bowl by. */
const step = 0.04;

/**
 * Oil, acid and the rest by weight, with the schools as named fields: the bowl is a point that is drawn or
 * moved by the arrow keys, each addition a short step of its trail.
 */
export function BalanceMap({ bowls, chosen, onMove }: BalanceMapProps) {
  const svg = useRef<SVGSVGElement>(null);
  const { colour } = useTheme();
  const fills = [colour.lemonPale, colour.ground, colour.seaPale, colour.beetPale];
  const toPoint = ({ clientX, clientY }: PointerEvent): MapPoint => {
    const box = svg.current!.getBoundingClientRect();
    return pointAt({
      x: ((clientX - box.left) / box.width) * size.width,
      y: ((clientY - box.top) / box.height) * size.height,
    });
  };
  return (
    <Drawing
      ref={svg}
      viewBox={`0 0 ${size.width} ${size.height}`}
      role="group"
      aria-label="Balance map: oil, acid and the rest by weight"
    >
      {regions.map(([name, from, to], index) => (
        <Region
          key={name}
          points={[corners.rest, edge(from), edge(to)]}
          fill={fills[index]!}
          line={colour.hairline}
        />
      ))}
      <Region points={noOil} fill={colour.basilPale} line={colour.hairline} />
      {regions.map(([name, from, to], index) => (
        <Name key={name} at={between(edge(from), edge(to), index % 2 === 0 ? 0.2 : 0.32)}>
          {name}
        </Name>
      ))}
      <Name at={placeOf({ oil: 0.26, acid: 0.16, rest: 0.58 })}>creamy, dips</Name>
      <Name at={placeOf({ oil: 0.02, acid: 0.28, rest: 0.7 })} anchor="start">
        no oil
      </Name>
      <Corner at={corners.oil} name="oil" anchor="start" below />
      <Corner at={corners.acid} name="acid" anchor="end" below />
      <Corner at={corners.rest} name="the rest" anchor="middle" />
      {chosenOnTop(bowls, chosen).map(({ title, balance, trail, index }) => (
        <Bowl
          key={index}
          number={index + 1}
          title={title}
          at={placeOf(mapPoint(balance))}
          trail={[...trail.map((each) => placeOf(mapPoint(each))), placeOf(mapPoint(balance))]}
          isChosen={index === chosen}
          onPointerMove={(event) => {
            if (index === chosen && event.buttons === 1) onMove(toPoint(event));
          }}
          onArrow={(oil, acid) => onMove(shifted(mapPoint(balance), oil, acid))}
        />
      ))}
    </Drawing>
  );
}

/** What is drawn last lies on top: bowls in one place must not keep the chosen one from being drawn. */
function chosenOnTop(
  bowls: readonly MappedBowl[],
  chosen: number,
): (MappedBowl & { readonly index: number })[] {
  return bowls
    .map((bowl, index) => ({ ...bowl, index }))
    .sort((a, b) => Number(a.index === chosen) - Number(b.index === chosen));
}

function edge(ratio: number): Place {
  if (ratio === Infinity) return corners.oil;
  return ratio === 0 ? corners.acid : edgeAt(ratio);
}

function shifted({ oil, acid }: MapPoint, byOil: number, byAcid: number): MapPoint {
  const next = { oil: Math.max(0.001, oil + byOil * step), acid: Math.max(0.001, acid + byAcid * step) };
  const rest = Math.max(0.001, 1 - next.oil - next.acid);
  const sum = next.oil + next.acid + rest;
  return { oil: next.oil / sum, acid: next.acid / sum, rest: rest / sum };
}

/** Less than 5 % of oil: a strip along the edge between acid and the rest. */
const noOil = [
  corners.acid,
  placeOf({ oil: 0.05, acid: 0.95, rest: 0 }),
  placeOf({ oil: 0.05, acid: 0, rest: 0.95 }),
  corners.rest,
];

/** From the middle of a part of the lower edge so far towards the top. */
function between(from: Place, to: Place, up: number): Place {
  const { rest } = corners;
  const middle = { x: (from.x + to.x) / 2, y: from.y };
  return { x: middle.x + (rest.x - middle.x) * up, y: middle.y + (rest.y - middle.y) * up };
}

function Region({ points, fill, line }: { points: readonly Place[]; fill: string; line: string }) {
  return (
    <polygon
      aria-hidden
      points={points.map(({ x, y }) => `${x},${y}`).join(' ')}
      fill={fill}
      stroke={line}
      strokeWidth="1"
    />
  );
}

function Name({
  at,
  children,
  anchor = 'middle',
}: {
  at: Place;
  children: string;
  anchor?: 'start' | 'middle';
}) {
  return (
    <text x={at.x} y={at.y} textAnchor={anchor} data-quiet aria-hidden>
      {children}
    </text>
  );
}

function Corner({
  at,
  name,
  anchor,
  below = false,
}: {
  at: Place;
  name: string;
  anchor: 'start' | 'middle' | 'end';
  below?: boolean;
}) {
  return (
    <text x={at.x} y={at.y + (below ? 22 : -10)} textAnchor={anchor} fontWeight={700} aria-hidden>
      {name}
    </text>
  );
}

interface BowlProps {
  number: number;
  title: string;
  at: Place;
  trail: readonly Place[];
  isChosen: boolean;
  onPointerMove: (event: PointerEvent<SVGGElement>) => void;
  onArrow: (oil: number, acid: number) => void;
}

function Bowl({ number, title, at, trail, isChosen, onPointerMove, onArrow }: BowlProps) {
  const { colour } = useTheme();
  const ink = isChosen ? colour.basil : colour.quiet;
  const onKeyDown = (event: KeyboardEvent) => {
    const by = { ArrowLeft: [1, -1], ArrowRight: [-1, 1], ArrowUp: [-0.5, -0.5], ArrowDown: [0.5, 0.5] }[
      event.key
    ];
    if (!by || !isChosen) return;
    event.preventDefault();
    onArrow(by[0]!, by[1]!);
  };
  return (
    <g
      data-bowl
      tabIndex={isChosen ? 0 : -1}
      role="img"
      aria-label={`${title}: ${isChosen ? 'the arrow keys move it' : 'beside it'}`}
      onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
      onPointerMove={onPointerMove}
      onKeyDown={onKeyDown}
    >
      <polyline
        points={trail.map(({ x, y }) => `${x},${y}`).join(' ')}
        fill="none"
        stroke={ink}
        strokeWidth="2"
        strokeDasharray="3 3"
      />
      {trail.slice(0, -1).map(({ x, y }, index) => (
        <circle key={index} cx={x} cy={y} r={3} fill={ink} />
      ))}
      <circle cx={at.x} cy={at.y} r={18} fill="transparent" />
      <circle cx={at.x} cy={at.y} r={11} fill={ink} stroke={colour.sheet} strokeWidth="2" />
      <text
        x={at.x}
        y={at.y + 4.5}
        textAnchor="middle"
        fontWeight={700}
        style={{ fill: colour.sheet, fontSize: 12 }}
      >
        {number}
      </text>
    </g>
  );
}

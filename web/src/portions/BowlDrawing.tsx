import { widthAt, type BowlSection, type SectionLayer } from '@fornax/core';
import { useId } from 'react';
import styled, { useTheme } from 'styled-components';
import { Figure } from '../parts/workings.js';
import { letterOf, Patterns, patternOf, Swatch } from './LayerPatterns.js';

const Frame = styled.figure`
  width: 13rem;
  margin: 0;
  text-align: center;
  break-inside: avoid;
  > svg {
    display: block;
    margin: 0 auto;
  }
`;
const Caption = styled.figcaption`
  margin-top: 0.25rem;
  strong {
    font-size: ${({ theme }) => theme.size.body};
    line-height: 1.25rem;
  }
  p {
    color: ${({ theme }) => theme.colour.quiet};
    font-size: ${({ theme }) => theme.size.small};
    line-height: 1.125rem;
  }
`;
const Problem = styled.p`
  color: ${({ theme }) => theme.colour.emberText} !important;
  font-weight: 600;
`;
const Layers = styled.ol`
  margin-top: 0.375rem;
  text-align: left;
  li {
    display: flex;
    gap: 0.375rem;
    align-items: center;
    color: ${({ theme }) => theme.colour.quiet};
    font-size: ${({ theme }) => theme.size.small};
    line-height: 1.125rem;
  }
`;

const width = 190;
const tallest = 150;
const margin = 9;
/** Layers thinner than this have their letter below the drawing alone. */
const namedFrom = 15;
const slices = 12;

interface Scale {
  readonly height: number;
  readonly middle: number;
  y: (at: number) => number;
  half: (at: number) => number;
}

/** True proportion: as wide or as tall as there is room. */
function scaleOf(section: BowlSection): Scale {
  const height = Math.min(tallest, (width - margin * 2) / section.widthToHeight);
  const top = margin + 14 + Math.max(0, section.level - 1) * height;
  return {
    height,
    middle: width / 2,
    y: (at) => top + (1 - at) * height,
    half: (at) => (widthAt(at, section) * section.widthToHeight * height) / 2,
  };
}

/** The level up to which it may be filled, and how much room is left. */
function Limit({ section, scale, free }: { section: BowlSection; scale: Scale; free: number }) {
  const { colour } = useTheme();
  const { y, half, middle } = scale;
  return (
    <>
      <line
        x1={middle - half(section.limitLevel) - 7}
        x2={middle + half(section.limitLevel) + 7}
        y1={y(section.limitLevel)}
        y2={y(section.limitLevel)}
        stroke={section.fits ? colour.ink : colour.ember}
        strokeWidth={1.5}
        strokeDasharray="2 3"
      />
      {y(section.level) - labelTop(section, y) > 26 ? (
        <text x={middle} y={labelTop(section, y) + 14} textAnchor="middle" fontSize={12} fill={colour.quiet}>
          {showVolume(free)} free
        </text>
      ) : null}
    </>
  );
}

/** Where the dotted line would run through the label at the rim, the label stands under it. */
function labelTop({ limitLevel }: BowlSection, y: (level: number) => number): number {
  return y(limitLevel) - y(1) < 18 ? y(limitLevel) + 2 : y(1);
}

/**
 * A vessel in section with its layers from the bottom up, the room that is left, and the level up to which it
 * may be filled.
 */
export function BowlDrawing({ section, dishTitle }: { section: BowlSection; dishTitle: string }) {
  const { colour } = useTheme();
  const scale = scaleOf(section);
  const { y } = scale;
  const drawing = useId();
  const free =
    section.millilitres *
    Math.max(0, 1 - section.layers.reduce((sum, layer) => sum + layer.millilitres, 0) / section.millilitres);
  const wall = outline(scale, 0, 1);
  return (
    <Frame>
      <svg
        width={width}
        height={y(0) + margin}
        role="img"
        aria-label={
          `${dishTitle}: ${section.sentence}. ` +
          `${section.layers.map((layer) => `${layer.name} ${showVolume(layer.millilitres)}`).join(', ')}`
        }
      >
        <Patterns id={drawing} count={section.layers.length} />
        {section.layers.map((layer, index) => (
          <Layer
            key={layer.lineId}
            layer={layer}
            scale={scale}
            letter={letterOf(index)}
            fill={patternOf(drawing, index)}
          />
        ))}
        <polyline points={wall} fill="none" stroke={colour.ink} strokeWidth={2} strokeLinejoin="round" />
        <Limit section={section} scale={scale} free={free} />
      </svg>
      <Caption>
        <strong>
          <Figure
            id={`section:${section.batchId}`}
            workings={section.workings}
            text={`${section.vessel}, ${showVolume(section.millilitres)}`}
            label={`Vessel of ${dishTitle}`}
          />
        </strong>
        <p>{section.heading}</p>
        {section.fits ? (
          <p>Filled no higher than the dotted line.</p>
        ) : (
          <Problem>{section.sentence}.</Problem>
        )}
        <LayerList section={section} />
      </Caption>
    </Frame>
  );
}

/** What is in it from the top down, with the letter that its layer has in the drawing. */
function LayerList({ section: { layers } }: { section: BowlSection }) {
  if (layers.length === 0) return null;
  return (
    <Layers reversed aria-label="Layers, from the top">
      {layers
        .map((layer, index) => (
          <li key={layer.lineId}>
            <Swatch index={index} />
            <span>
              {letterOf(index)}: {layer.name}, {showVolume(layer.millilitres)}
            </span>
          </li>
        ))
        .reverse()}
    </Layers>
  );
}

interface LayerProps {
  layer: SectionLayer;
  scale: Scale;
  letter: string;
  fill: string;
}

function Layer({ layer, scale, letter, fill }: LayerProps) {
  const { colour } = useTheme();
  const { y, middle } = scale;
  return (
    <g>
      <polygon
        points={outline(scale, layer.from, layer.to)}
        fill={fill}
        stroke={layer.estimated ? colour.quiet : 'none'}
        strokeDasharray="2 2"
        strokeWidth={0.75}
      />
      {(layer.to - layer.from) * scale.height >= namedFrom ? (
        <text
          x={middle}
          y={(y(layer.from) + y(layer.to)) / 2 + 4}
          textAnchor="middle"
          fontSize={12}
          fontWeight={700}
          fill={colour.ink}
          stroke="#fff"
          strokeWidth={3}
          paintOrder="stroke"
        >
          {letter}
        </text>
      ) : null}
    </g>
  );
}

/**
 * The points around a slice of the vessel: down the left side and up the right one. Over the rim it stands
 * straight.
 */
function outline({ middle, y, half }: Scale, from: number, to: number): string {
  const heights = Array.from({ length: slices + 1 }, (_, index) => to - ((to - from) * index) / slices);
  const left = heights.map((at) => `${middle - half(at)},${y(at)}`);
  const right = [...heights].reverse().map((at) => `${middle + half(at)},${y(at)}`);
  return [...left, ...right].join(' ');
}

function showVolume(millilitres: number): string {
  return millilitres >= 1000 ? `${(millilitres / 1000).toFixed(1)} l` : `${Math.round(millilitres)} ml`;
}

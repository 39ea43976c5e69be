import { widthAt, type BowlSection, type SectionLayer } from '@fornax/core';
import styled, { useTheme } from 'styled-components';
import { Figure } from '../parts/workings.js';

const Frame = styled.figure`
  width: 208px;
  margin: 0;
  text-align: center;
  break-inside: avoid;
  svg {
    display: block;
    margin: 0 auto;
  }
`;
const Caption = styled.figcaption`
  margin-top: 4px;
  h4 {
    margin: 0;
    font-size: 14px;
    line-height: 20px;
  }
  p {
    color: ${({ theme }) => theme.colour.quiet};
    font-size: 13px;
    line-height: 18px;
  }
`;
const Problem = styled.p`
  color: ${({ theme }) => theme.colour.emberText} !important;
  font-weight: 600;
`;
const Thin = styled.ul`
  margin-top: 6px;
  text-align: left;
  li {
    display: flex;
    gap: 6px;
    align-items: baseline;
    color: ${({ theme }) => theme.colour.quiet};
    font-size: 13px;
    line-height: 18px;
  }
  i {
    flex: none;
    width: 9px;
    height: 9px;
    border: 1px solid ${({ theme }) => theme.colour.ink};
  }
`;

const width = 190;
const tallest = 150;
const margin = 9;
/** Layers thinner than this have their name below the drawing. */
const namedFrom = 15;
/** A bold letter of 12 px, a little more than it takes on average. */
const letterWidth = 6.6;
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
  const fill = (index: number) => colour.layers[index % colour.layers.length]!;
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
        {section.layers.map((layer, index) => (
          <Layer key={layer.lineId} layer={layer} scale={scale} fill={fill(index)} />
        ))}
        <polyline points={wall} fill="none" stroke={colour.ink} strokeWidth={2} strokeLinejoin="round" />
        <Limit section={section} scale={scale} free={free} />
      </svg>
      <Caption>
        <h4>
          <Figure
            id={`section:${section.batchId}`}
            workings={section.workings}
            text={`${section.vessel}, ${showVolume(section.millilitres)}`}
            label={`Vessel of ${dishTitle}`}
          />
        </h4>
        <p>{section.heading}</p>
        {section.fits ? (
          <p>Filled no higher than the dotted line.</p>
        ) : (
          <Problem>{section.sentence}.</Problem>
        )}
        <ThinLayers section={section} scale={scale} fill={fill} />
      </Caption>
    </Frame>
  );
}

/** Layers too thin to hold their name, named beside the drawing. */
function ThinLayers({
  section,
  scale,
  fill,
}: {
  section: BowlSection;
  scale: Scale;
  fill: (index: number) => string;
}) {
  const thin = section.layers
    .map((layer, index) => ({ layer, index }))
    .filter(({ layer }) => !isNamed(layer, scale));
  if (thin.length === 0) return null;
  return (
    <Thin aria-label="Thin layers">
      {[...thin].reverse().map(({ layer, index }) => (
        <li key={layer.lineId}>
          <i style={{ background: fill(index) }} aria-hidden />
          {layer.name}, {showVolume(layer.millilitres)}
        </li>
      ))}
    </Thin>
  );
}

function Layer({ layer, scale, fill }: { layer: BowlSection['layers'][number]; scale: Scale; fill: string }) {
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
      {isNamed(layer, scale) ? (
        <text
          x={middle}
          y={(y(layer.from) + y(layer.to)) / 2 + 4}
          textAnchor="middle"
          fontSize={12}
          fontWeight={600}
          fill={colour.ink}
        >
          {labelOf(layer)}
        </text>
      ) : null}
    </g>
  );
}

/** A name stands in its layer where it fits, in height and in width. */
function isNamed(layer: SectionLayer, { height, half }: Scale): boolean {
  return (
    (layer.to - layer.from) * height >= namedFrom &&
    half((layer.from + layer.to) / 2) * 2 - 8 >= labelOf(layer).length * letterWidth
  );
}

function labelOf(layer: SectionLayer): string {
  return `${short(layer.name)} ${showVolume(layer.millilitres)}`;
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

function short(name: string): string {
  return name.length > 14 ? `${name.slice(0, 13)}…` : name;
}

function showVolume(millilitres: number): string {
  return millilitres >= 1000 ? `${(millilitres / 1000).toFixed(1)} l` : `${Math.round(millilitres)} ml`;
}

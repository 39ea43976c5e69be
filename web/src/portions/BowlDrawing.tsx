import type { BowlSection, SectionLayer } from '@fornax/core';
import styled, { useTheme } from 'styled-components';
import { Figure } from '../parts/workings.js';

const Layout = styled.figure`display: flex; gap: 8px; align-items: center; flex-wrap: wrap; margin: 12px 0 4px; break-inside: avoid;`;
const Caption = styled.figcaption`min-width: 200px; max-width: 340px; h4 { margin: 0 0 2px; font-size: 14px; } p { color: ${({ theme }) => theme.colour.quiet}; font-size: 13px; line-height: 18px; }`;
const Problem = styled.p`color: ${({ theme }) => theme.colour.emberText} !important; font-weight: 600;`;

const height = 130;
const margin = 14;
const labelGap = 14;
/** Layers thinner than this are named together. */
const thinnest = 5;

/** The outline's half width at a height, both as shares of the vessel's height. */
function halfWidth(section: BowlSection, at: number): number {
  const rim = section.widthToHeight / 2;
  return rim * (section.baseToRim + (1 - section.baseToRim) * Math.min(at, 1));
}

/** A vessel in section, at true proportion, with its layers from the bottom up, the rim, and the level up to which it may be filled. */
export function BowlDrawing({ section, dishTitle }: { section: BowlSection; dishTitle: string }) {
  const { colour } = useTheme();
  const width = section.widthToHeight * height;
  const top = margin + Math.max(0, section.level - 1) * height;
  const middle = margin + width / 2;
  const y = (at: number) => top + (1 - at) * height;
  const wall = (side: 1 | -1) => `${middle + side * halfWidth(section, 1) * height},${y(1)} ${middle + side * halfWidth(section, 0) * height},${y(0)}`;
  const fills = [colour.basilPale, colour.lemonPale, colour.seaPale, colour.beetPale, colour.hairline];
  const labels = placed(section.layers, y);
  return (
    <Layout>
      <svg width={width + margin * 2 + 170} height={top + height + margin} role="img" aria-label={`${dishTitle}: ${section.sentence}. ${section.layers.map((layer) => `${layer.name} ${Math.round(layer.millilitres)} ml`).join(', ')}`}>
        {section.layers.map((layer, index) => <Layer key={layer.lineId} layer={layer} section={section} fill={fills[index % fills.length]!} stroke={colour.ink} middle={middle} y={y} />)}
        <polyline points={wall(-1)} fill="none" stroke={colour.ink} strokeWidth={2} />
        <polyline points={wall(1)} fill="none" stroke={colour.ink} strokeWidth={2} />
        <line x1={middle - halfWidth(section, 0) * height} x2={middle + halfWidth(section, 0) * height} y1={y(0)} y2={y(0)} stroke={colour.ink} strokeWidth={2} />
        <line x1={middle - halfWidth(section, section.limitLevel) * height - 6} x2={middle + halfWidth(section, section.limitLevel) * height + 6} y1={y(section.limitLevel)} y2={y(section.limitLevel)} stroke={section.fits ? colour.basil : colour.ember} strokeWidth={1.5} strokeDasharray="5 3" />
        {labels.map(({ layer, at, text }) => (
          <g key={layer.lineId} fontSize={12}>
            <line x1={middle + halfWidth(section, (layer.from + layer.to) / 2) * height} x2={margin * 2 + width - 2} y1={y((layer.from + layer.to) / 2)} y2={at} stroke={colour.quiet} strokeWidth={0.75} />
            <text x={margin * 2 + width} y={at + 4} fill={colour.ink}>{text}</text>
          </g>
        ))}
      </svg>
      <Caption>
        <h4>{section.vessel}, {section.heading.toLowerCase()}</h4>
        <p><Figure id={`section:${section.batchId}`} workings={section.workings} text={section.fits ? `${Math.round(section.level * 100)} % of its height` : 'too full'} label={`${section.vessel} of ${dishTitle}`} /></p>
        {section.fits ? <p>{section.sentence}. The dashed line is as far as it may be filled.</p> : <Problem>{section.sentence}.</Problem>}
      </Caption>
    </Layout>
  );
}

interface LayerProps { layer: SectionLayer; section: BowlSection; fill: string; stroke: string; middle: number; y: (at: number) => number }

/** One layer as wide as the vessel at its height; over the rim it stands straight up. */
function Layer({ layer, section, fill, stroke, middle, y }: LayerProps) {
  const edge = (at: number, side: 1 | -1) => `${middle + side * (halfWidth(section, at) * height - 1)},${y(at)}`;
  return <polygon points={[edge(layer.from, -1), edge(layer.to, -1), edge(layer.to, 1), edge(layer.from, 1)].join(' ')} fill={fill} stroke={stroke} strokeWidth={0.6} strokeDasharray={layer.estimated ? '2 2' : undefined} />;
}

interface PlacedLabel { layer: SectionLayer; at: number; text: string }

/** Names beside their layers, from the top down, that never stand on each other; layers too thin for a name are counted with the one below. */
function placed(layers: readonly SectionLayer[], y: (at: number) => number): PlacedLabel[] {
  const named: { layer: SectionLayer; also: number }[] = [];
  for (const layer of layers) {
    const thick = (layer.to - layer.from) * height >= thinnest || layers.length <= 5;
    if (thick || named.length === 0) named.push({ layer, also: 0 });
    else named[named.length - 1]!.also++;
  }
  let last = Number.NEGATIVE_INFINITY;
  return [...named].reverse().map(({ layer, also }) => {
    const at = Math.max(y((layer.from + layer.to) / 2), last + labelGap);
    last = at;
    return { layer, at, text: `${layer.name.length > 22 ? `${layer.name.slice(0, 21)}…` : layer.name}${also > 0 ? ` + ${also}` : ''}, ${showMillilitres(layer.millilitres)}` };
  });
}

function showMillilitres(millilitres: number): string {
  return millilitres >= 1000 ? `${(millilitres / 1000).toFixed(1)} l` : `${Math.round(millilitres)} ml`;
}

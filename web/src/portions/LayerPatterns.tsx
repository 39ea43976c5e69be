import { useId, type ReactNode } from 'react';
import { useTheme } from 'styled-components';

/** Marks that tell layers apart without their colours; one less than the colours, so that pairs differ. */
const marks: readonly ReactNode[] = [
  null,
  <path key="up" d="M-2 2 L2 -2 M0 8 L8 0 M6 10 L10 6" />,
  <path key="dots" d="M2 2 h0.01 M6 6 h0.01" strokeWidth={2.2} strokeLinecap="round" />,
  <path key="level" d="M0 3 H8 M0 7 H8" />,
  <path key="net" d="M0 4 H8 M4 0 V8" />,
];

/** The letter of a layer, from the bottom up. */
export function letterOf(index: number): string {
  return String.fromCharCode(65 + (index % 26));
}

function nameOf(id: string, index: number): string {
  return `${id}-${index}`;
}

/** What the layer is filled with, of the patterns of a drawing. */
export function patternOf(id: string, index: number): string {
  return `url(#${nameOf(id, index)})`;
}

function Pattern({ id, index }: { id: string; index: number }) {
  const { colour } = useTheme();
  return (
    <pattern id={nameOf(id, index)} width={8} height={8} patternUnits="userSpaceOnUse">
      <rect width={8} height={8} fill={colour.layers[index % colour.layers.length]} />
      <g stroke={colour.ink} strokeWidth={1} strokeOpacity={0.55} fill="none">
        {marks[index % marks.length]}
      </g>
    </pattern>
  );
}

/** The patterns of all layers of one drawing. */
export function Patterns({ id, count }: { id: string; count: number }) {
  return (
    <defs>
      {Array.from({ length: count }, (_, index) => (
        <Pattern key={index} id={id} index={index} />
      ))}
    </defs>
  );
}

/** A little of a layer beside its name. */
export function Swatch({ index }: { index: number }) {
  const id = useId();
  const { colour } = useTheme();
  return (
    <svg width={16} height={16} aria-hidden style={{ flex: 'none' }}>
      <defs>
        <Pattern id={id} index={index} />
      </defs>
      <rect x={0.5} y={0.5} width={15} height={15} fill={patternOf(id, index)} stroke={colour.ink} />
    </svg>
  );
}

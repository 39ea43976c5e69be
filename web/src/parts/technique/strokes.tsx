import type { ReactNode } from 'react';
import { theme } from '../../theme/theme.js';

/** What the drawings are drawn with. */
const { ink, basil, ember } = theme.colour;
export const { quiet, sea } = theme.colour;

export const line = {
  fill: 'none',
  stroke: ink,
  strokeWidth: 1.6,
  strokeLinejoin: 'round',
  strokeLinecap: 'round',
} as const;
export const cut = { ...line, stroke: ember, strokeDasharray: '5 4' } as const;
export const arrow = { ...line, stroke: basil, strokeWidth: 2 } as const;
export const faint = { ...line, stroke: quiet, strokeWidth: 1 } as const;

export function Words({ x, y, children }: { x: number; y: number; children: string }) {
  return (
    <text x={x} y={y} fontSize="12" textAnchor="middle" fill={quiet}>
      {children}
    </text>
  );
}

/** An arrow from one stage to the next. */
export function Next({ x }: { x: number }) {
  return <path d={`M${x} 60h14m-5 -5l5 5l-5 5`} {...arrow} />;
}

/** A drawing, and what it shows in words. */
export interface TechniqueDrawing {
  readonly says: string;
  readonly art: ReactNode;
}

import styled, { css, type DefaultTheme } from 'styled-components';
import type { TimelineEntry } from '@fornax/core';

const threadWidth = 36;

export const Scroll = styled.div`
  overflow-x: auto;
  margin-top: 8px;
  padding: 2px;
`;

export const Score = styled.div<{ $threads: number }>`
  --thread: ${threadWidth}px;
  --axis: 54px;
  display: grid;
  grid-template-columns:
    calc(${({ $threads }) => $threads} * var(--thread)) minmax(0, 1fr) var(--axis)
    minmax(0, 2.1fr);
  min-width: 330px;
  @media (max-width: 43.75em) {
    --thread: 15px;
    --axis: 34px;
    grid-template-columns:
      calc(${({ $threads }) => $threads} * var(--thread)) minmax(0, 1fr) var(--axis)
      minmax(0, 2.4fr);
  }
  @media print {
    --thread: 46px;
    --axis: 44px;
    color: #000;
  }
`;

export const VoiceName = styled.div`
  padding: 0 2px 4px;
  font-weight: 700;
  font-size: 13px;
  line-height: 18px;
  overflow: hidden;
  text-overflow: ellipsis;
  &[data-voice='you'] {
    text-align: right;
    padding-right: 12px;
  }
  @media (max-width: 43.75em) {
    &[data-voice='thread'] {
      writing-mode: vertical-rl;
      height: 62px;
      font-size: 12px;
    }
    align-self: end;
  }
  &[data-voice='stations'] {
    padding-left: 10px;
  }
`;

export const Voice = styled.div<{ $at?: 1 | 2 | 3 | 4 }>`
  position: relative;
  min-width: 0;
  ${({ $at }) => ($at ? `grid-area: 2 / ${$at};` : '')}
`;

/** The welcome, eating and clearing lie across both voices. */
export const Across = styled.div`
  position: relative;
  grid-area: 2 / 2 / 3 / 5;
  pointer-events: none;
  > * {
    pointer-events: auto;
  }
`;

export const Hour = styled.div`
  position: absolute;
  left: 0;
  right: 0;
  border-top: 1px solid ${({ theme }) => theme.colour.hairline};
`;

export const Mark = styled.div`
  position: absolute;
  left: 0;
  right: 0;
  transform: translateY(-50%);
  text-align: center;
  font-size: 12px;
  line-height: 14px;
  font-variant-numeric: tabular-nums;
  color: ${({ theme }) => theme.colour.quiet};
  span {
    background: ${({ theme }) => theme.colour.sheet};
    padding: 0 1px;
  }
`;

export const Stem = styled.div`
  position: absolute;
  top: 0;
  bottom: 0;
  left: 50%;
  border-left: 2px solid ${({ theme }) => theme.colour.quiet};
`;

export const Spell = styled.div<{ $watching: boolean }>`
  position: absolute;
  left: 12px;
  right: 0;
  display: flex;
  align-items: center;
  justify-content: center;
  overflow: hidden;
  font-size: 12px;
  line-height: 14px;
  color: ${({ theme, $watching }) => ($watching ? theme.colour.lemonText : theme.colour.quiet)};
  background: repeating-linear-gradient(
    -45deg,
    ${({ theme, $watching }) => ($watching ? theme.colour.lemonPale : theme.colour.ground)} 0 6px,
    ${({ theme }) => theme.colour.sheet} 6px 12px
  );
  span {
    background: ${({ theme }) => theme.colour.sheet};
    padding: 0 4px;
  }
  @media print {
    background: repeating-linear-gradient(-45deg, #ddd 0 1px, #fff 1px 7px);
    print-color-adjust: exact;
    color: #000;
  }
`;

/** What is shown ends in a point towards those who watch. */
const pointed = css`
  clip-path: polygon(0 0, calc(100% - 10px) 0, 100% 50%, calc(100% - 10px) 100%, 0 100%);
  padding-right: 16px;
  border-radius: 0;
`;

type Look = 'shown' | 'prep' | 'students' | 'heat' | 'cold' | 'resting' | 'frame';

export function lookOf({ kind, lane }: TimelineEntry): Look {
  if (kind === 'demonstration') return 'shown';
  if (kind === 'students') return 'students';
  if (kind === 'class') return 'frame';
  if (lane === 'fridge') return 'cold';
  if (lane === 'resting') return 'resting';
  return kind === 'wait' ? 'heat' : 'prep';
}

function colours(theme: DefaultTheme, look: Look): { ground: string; text: string; edge: string } {
  const { colour } = theme;
  const solid = (ground: string) => ({ ground, text: colour.sheet, edge: ground });
  switch (look) {
    case 'shown':
      return solid(colour.aubergine);
    case 'students':
      return solid(colour.thymeText);
    case 'heat':
      return solid(colour.emberText);
    case 'cold':
      return { ground: colour.seaPale, text: colour.ink, edge: colour.sea };
    case 'resting':
      return { ground: colour.ground, text: colour.ink, edge: colour.quiet };
    case 'prep':
      return { ground: colour.basilPale, text: colour.ink, edge: colour.basil };
    case 'frame':
      return { ground: colour.sheet, text: colour.ink, edge: colour.ink };
  }
}

export const Block = styled.button<{ $look: Look; $chosen: boolean; $lines: number }>`
  position: absolute;
  box-sizing: border-box;
  margin: 0;
  padding: 0 7px;
  border: 1px solid ${({ theme, $look }) => colours(theme, $look).edge};
  border-radius: ${({ theme }) => theme.radius};
  background: ${({ theme, $look }) => colours(theme, $look).ground};
  color: ${({ theme, $look }) => colours(theme, $look).text};
  font: inherit;
  font-size: 12.5px;
  line-height: 15px;
  text-align: ${({ $look }) => ($look === 'shown' || $look === 'prep' ? 'right' : 'left')};
  cursor: pointer;
  overflow: hidden;
  display: flex;
  flex-direction: column;
  justify-content: ${({ $lines }) => ($lines > 1 ? 'flex-start' : 'center')};
  ${({ $lines }) => ($lines > 1 ? 'padding-top: 3px;' : '')}
  ${({ $look }) => ($look === 'shown' ? pointed : '')}
  ${({ $look }) => ($look === 'frame' ? 'font-weight: 700; text-align: center;' : '')}
  [data-shown] {
    @media (max-width: 43.75em) {
      display: none;
    }
  }
  @media (max-width: 43.75em) {
    padding-left: 4px;
    padding-right: ${({ $look }) => ($look === 'shown' ? '11px' : '3px')};
    font-size: 11px;
    line-height: 13px;
  }
  strong {
    display: -webkit-box;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: ${({ $lines }) => Math.max(1, $lines)};
    overflow: hidden;
    font-weight: 600;
  }
  small {
    font-size: 11.5px;
    line-height: 14px;
    overflow: hidden;
    white-space: nowrap;
    text-overflow: ellipsis;
  }
  outline: ${({ theme, $chosen }) => ($chosen ? `2px solid ${theme.colour.ink}` : 'none')};
  outline-offset: 1px;
  ${({ $chosen }) => ($chosen ? 'z-index: 2;' : '')}
  &:focus-visible {
    outline: 3px solid ${({ theme }) => theme.colour.ink};
    z-index: 2;
  }
  &[data-thread] {
    text-align: left;
    padding: 5px 1px;
    justify-content: flex-start;
    font-size: 12px;
    line-height: 13px;
    writing-mode: vertical-rl;
    @media (max-width: 43.75em) {
      padding: 3px 0;
      font-size: 10.5px;
      line-height: 12px;
    }
  }
  @media print {
    padding: 0 4px;
    border-color: #000;
    background: #fff;
    color: #000;
    clip-path: none;
    font-size: 10.5px;
    line-height: 12px;
    /* What has no room ends with its line and stands in full below; nothing is cut with dots. */
    strong,
    small {
      display: block;
      text-overflow: clip;
      overflow-wrap: anywhere;
    }
    &[data-thread] {
      padding: 1px 3px;
      font-size: 9.5px;
      line-height: 11px;
    }
  }
`;

/** Washing up at the foot of a job. */
export const Foot = styled.span`
  position: absolute;
  left: 0;
  right: 0;
  bottom: 0;
  border-top: 1px dashed currentColor;
  background: repeating-linear-gradient(90deg, transparent 0 5px, currentColor 5px 6px);
  opacity: 0.45;
`;

/** How long the result stays good: it thins from the foot of its block to the moment it is no longer. */
export const Tail = styled.div<{ $colour: string; $broken: boolean }>`
  position: absolute;
  width: 9px;
  pointer-events: none;
  background: ${({ $colour }) => $colour};
  opacity: ${({ $broken }) => ($broken ? 0.55 : 0.3)};
  clip-path: polygon(0 0, 100% 0, 50% 100%);
`;

import type { CSSProperties } from 'react';
import { NavLink, useLocation } from 'react-router';
import styled from 'styled-components';
import { phone, useMedia } from '../parts/useMedia.js';
import { theme } from '../theme/theme.js';
import type { Stop } from './stops.js';

/**
 * The whole path is seen, on a phone too: there only the open stop has its note. Its drawing has units of its
 * own, 16 to the size that the reader chose for texts.
 */
const wideStop = 116;
const narrowStop = 57;
const heights = [30, 17, 26, 13, 24];
const lineHeight = 42;
const rem = (units: number) => `${units / 16}rem`;

const Nav = styled.nav`
  position: relative;
  flex: none;
  align-self: flex-end;
  @media (max-width: 56.25em) {
    align-self: flex-start;
    max-width: 100%;
    overflow-x: auto;
  }
`;
const Line = styled.svg`
  display: block;
`;
const Stops = styled.ol`
  display: flex;
`;
const StopLink = styled(NavLink)`
  position: relative;
  display: block;
  width: var(--stop);
  padding: 0 0 0.3125rem;
  margin-top: -${rem(lineHeight)};
  padding-top: ${rem(lineHeight)};
  text-align: center;
  text-decoration: none;
  color: ${({ theme: t }) => t.colour.quiet};
  font-weight: 600;
  line-height: 1.125rem;
  small {
    display: block;
    min-height: 1.125rem;
    font-size: ${theme.size.small};
    font-weight: 500;
  }
  &:hover {
    color: ${({ theme: t }) => t.colour.ink};
  }
  &.active {
    color: ${({ theme: t }) => t.colour.ink};
    font-weight: 800;
  }
  @media ${phone} {
    small {
      display: none;
    }
  }
  &.active::after {
    content: '';
    position: absolute;
    left: 18%;
    right: 18%;
    bottom: 0;
    height: 3px;
    background: ${({ theme: t }) => t.colour.ink};
    @media (forced-colors: active) {
      background: Highlight;
    }
  }
`;
const Here = styled.p`
  display: none;
  font-size: ${theme.size.small};
  line-height: 1.125rem;
  @media ${phone} {
    display: block;
  }
`;
const Urgent = styled.small`
  color: ${({ theme: t }) => t.colour.emberText};
`;

/** The path: stops on one bent line, each empty, half or full, with what is open at it. */
export function Path({ stops, classId }: { stops: readonly Stop[]; classId: string }) {
  const { pathname } = useLocation();
  const stopWidth = useMedia(phone) ? narrowStop : wideStop;
  const here = stops.find((stop) => pathname.endsWith(`/${stop.path}`));
  const points = stops.map(
    (_, index) => [index * stopWidth + stopWidth / 2, heights[index % heights.length]!] as const,
  );
  return (
    <Nav aria-label="Stops of this class">
      <Line
        viewBox={`0 0 ${stops.length * stopWidth} ${lineHeight}`}
        style={{ width: rem(stops.length * stopWidth), height: rem(lineHeight) }}
        aria-hidden
      >
        <polyline
          points={points.map((point) => point.join(',')).join(' ')}
          fill="none"
          stroke={theme.colour.ink}
          strokeWidth="1.4"
        />
        {stops.map((stop, index) => (
          <Point key={stop.path} stop={stop} at={points[index]!} here={pathname.endsWith(`/${stop.path}`)} />
        ))}
      </Line>
      <Stops style={{ '--stop': rem(stopWidth) } as CSSProperties}>
        {stops.map((stop) => (
          <li key={stop.path}>
            <StopLink to={`/classes/${classId}/${stop.path}`} aria-keyshortcuts={stop.digit}>
              {stop.name}
              {stop.urgent ? <Urgent>{stop.note}</Urgent> : <small>{stop.note}</small>}
            </StopLink>
          </li>
        ))}
      </Stops>
      {here?.note ? <Here>{`${here.name}: ${here.note}`}</Here> : null}
    </Nav>
  );
}

function Point({ stop, at: [x, y], here }: { stop: Stop; at: readonly [number, number]; here: boolean }) {
  const radius = here ? 10 : 7;
  const inner = radius - 3;
  return (
    <g>
      <circle cx={x} cy={y} r={radius} fill="#fff" stroke={theme.colour.ink} strokeWidth={here ? 2.6 : 1.6} />
      {stop.state === 'full' ? <circle cx={x} cy={y} r={inner} fill={theme.colour.basil} /> : null}
      {stop.state === 'half' ? (
        <path
          d={`M${x - inner} ${y} A${inner} ${inner} 0 0 0 ${x + inner} ${y} Z`}
          fill={theme.colour.basil}
        />
      ) : null}
    </g>
  );
}

import styled from 'styled-components';
import { theme } from '../theme/theme.js';

const benchWidth = 92;
const Plan = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
`;
const Bench = styled.li`
  text-align: center;
  font-size: 13px;
  color: ${({ theme: t }) => t.colour.quiet};
`;

/** The benches from above, with a place for each person. */
export function StationsPlan({ sizes }: { sizes: readonly number[] }) {
  return (
    <Plan aria-label="Stations">
      {sizes.map((size, index) => (
        <Bench key={index}>
          <svg width={benchWidth} height="62" role="img" aria-label={`Station ${index + 1}: ${size} people`}>
            <rect
              x="8"
              y="19"
              width={benchWidth - 16}
              height="24"
              fill="#fff"
              stroke={theme.colour.ink}
              strokeWidth="1.4"
              rx="2"
            />
            <text
              x={benchWidth / 2}
              y="36"
              textAnchor="middle"
              fontSize="13"
              fontWeight="700"
              fill={theme.colour.ink}
            >
              {index + 1}
            </text>
            {Array.from({ length: size }, (_, person) => (
              <Person key={person} person={person} size={size} />
            ))}
          </svg>
        </Bench>
      ))}
    </Plan>
  );
}

/** People stand on both sides, evenly. */
function Person({ person, size }: { person: number; size: number }) {
  const above = Math.ceil(size / 2);
  const isAbove = person < above;
  const inRow = isAbove ? above : size - above;
  const place = isAbove ? person : person - above;
  const x = 8 + ((benchWidth - 16) * (place + 0.5)) / inRow;
  return <circle cx={x} cy={isAbove ? 10 : 52} r="5.5" fill={theme.colour.basil} />;
}

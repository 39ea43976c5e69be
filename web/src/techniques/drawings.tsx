import type { ReactNode } from 'react';
import styled from 'styled-components';
import { theme } from '../theme/theme.js';

const Figure = styled.figure`
  margin: 12px 0;
  svg {
    display: block;
    width: 100%;
    max-width: 420px;
    height: auto;
  }
  @media print {
    break-inside: avoid;
  }
`;
const { ink, basil, ember, quiet, sea } = theme.colour;

const line = {
  fill: 'none',
  stroke: ink,
  strokeWidth: 1.6,
  strokeLinejoin: 'round',
  strokeLinecap: 'round',
} as const;
const cut = { ...line, stroke: ember, strokeDasharray: '5 4' } as const;
const arrow = { ...line, stroke: basil, strokeWidth: 2 } as const;
const faint = { ...line, stroke: quiet, strokeWidth: 1 } as const;

function Words({ x, y, children }: { x: number; y: number; children: string }) {
  return (
    <text x={x} y={y} fontSize="12" textAnchor="middle" fill={quiet}>
      {children}
    </text>
  );
}

/** An arrow from one stage to the next. */
function Next({ x }: { x: number }) {
  return <path d={`M${x} 60h14m-5 -5l5 5l-5 5`} {...arrow} />;
}

/**
 * Line drawings, where one teaches more than words: what is cut along the dashes, and the order of the
 * stages.
 */
const drawings: Readonly<Record<string, { readonly says: string; readonly art: ReactNode }>> = {
  dice: {
    says:
      'An onion half is sliced lengthways, then the slices are ' +
      'cut into sticks, then across into even dice.',
    art: (
      <>
        <path d="M20 80a42 42 0 0 1 84 0z" {...line} />
        <path d="M41 80V46M62 80V38M83 80V46" {...cut} />
        <Next x={116} />
        <path d="M144 80a42 42 0 0 1 84 0z" {...line} />
        <path d="M165 80V46M186 80V38M207 80V46" {...faint} />
        <path d="M148 68h76M156 55h60" {...cut} />
        <Next x={240} />
        <path
          d="M268 50h14v14h-14zM286 66h14v14h-14zM304 48h14v14h-14zM322 66h14v14h-14zM340 50h14v14h-14z"
          {...line}
        />
        <Words x={62} y={104}>
          slices
        </Words>
        <Words x={186} y={104}>
          sticks
        </Words>
        <Words x={311} y={104}>
          dice
        </Words>
      </>
    ),
  },
  ribbons: {
    says: 'Leaves are stacked, rolled along their length, and cut across into ribbons.',
    art: (
      <>
        <path d="M20 74q42 -54 84 0q-42 16 -84 0zM26 66q38 -50 72 0M34 58q30 -42 58 0" {...line} />
        <Next x={116} />
        <path d="M144 58q42 -14 84 0v18q-42 14 -84 0z" {...line} />
        <path d="M228 58q8 9 0 18q-8 -9 0 -18M160 54v26M176 52v30M192 52v30M208 54v26" {...cut} />
        <Next x={246} />
        <path
          d="M274 50q14 12 0 28M290 46q14 14 0 34M306 50q14 12 0 28M322 46q14 14 0 34M338 50q14 12 0 28"
          {...line}
        />
        <Words x={62} y={104}>
          stack
        </Words>
        <Words x={186} y={104}>
          roll, cut across
        </Words>
        <Words x={312} y={104}>
          shake loose
        </Words>
      </>
    ),
  },
  'fillet-citrus': {
    says:
      'Top and bottom come off, the peel is cut away in strips along the ' +
      'curve, and each fillet is cut out between its two skins.',
    art: (
      <>
        <circle cx="62" cy="54" r="38" {...line} />
        <path d="M24 32h76M24 76h76" {...cut} />
        <Next x={116} />
        <path d="M160 28h52M160 80h52M160 28q-22 26 0 52M212 28q22 26 0 52" {...line} />
        <path d="M172 24q-20 30 0 60M186 22v64M200 24q20 30 0 60" {...cut} />
        <Next x={246} />
        <circle cx="312" cy="54" r="34" {...line} />
        <path
          d="M312 54l0 -34M312 54l29 -17M312 54l29 17M312 54l0 34M312 54l-29 17M312 54l-29 -17"
          {...faint}
        />
        <path d="M314 52l2 -30M316 53l24 -14" {...cut} />
        <Words x={62} y={112}>
          ends off
        </Words>
        <Words x={186} y={112}>
          peel off, down the curve
        </Words>
        <Words x={312} y={112}>
          between two skins
        </Words>
      </>
    ),
  },
  'open-avocado': {
    says:
      'The fruit lies on the board; the knife goes round the stone, the ' +
      'halves are twisted apart, and a spoon lifts the stone.',
    art: (
      <>
        <path d="M20 84h88" {...line} />
        <path d="M30 62q10 -34 46 -30q32 6 26 32q-8 22 -42 20q-26 -2 -30 -22z" {...line} />
        <path d="M34 56q34 12 66 4" {...cut} />
        <Next x={116} />
        <path
          d="M150 60q8 -30 30 -30t28 30q0 22 -28 22t-30 -22zM164 60a15 15 0 1 0 30 0a15 15 0 1 0 -30 0"
          {...line}
        />
        <path d="M214 44q14 14 2 32m6 -8l-6 8l-8 -4" {...arrow} />
        <Next x={246} />
        <path d="M276 66q8 -32 34 -32t32 32q0 20 -32 20t-34 -20z" {...line} />
        <path d="M294 62a16 14 0 0 0 32 0" {...faint} />
        <path d="M322 58q18 -8 32 -34" {...line} />
        <circle cx="306" cy="54" r="11" {...line} />
        <Words x={62} y={108}>
          round the stone
        </Words>
        <Words x={190} y={108}>
          twist
        </Words>
        <Words x={312} y={108}>
          spoon, never a knife
        </Words>
      </>
    ),
  },
  'core-pepper': {
    says: 'The four sides are sliced off round the core; each is laid skin down and cut into strips.',
    art: (
      <>
        <path d="M62 16v12M36 30q26 -10 52 0q14 26 2 50q-28 14 -56 0q-12 -24 2 -50z" {...line} />
        <path d="M46 22v66M78 22v66" {...cut} />
        <Next x={116} />
        <path
          d={
            'M150 32q12 -6 20 0v48q-10 6 -20 0zM182 32q12 -6 20 ' +
            '0v48q-10 6 -20 0zM214 40q6 -4 12 0l-2 32q-4 3 -8 0z'
          }
          {...line}
        />
        <path d="M218 48v16M222 46v18" {...faint} />
        <Next x={246} />
        <path d="M270 44h84v28h-84z" {...line} />
        <path d="M284 40v36M298 40v36M312 40v36M326 40v36M340 40v36" {...cut} />
        <Words x={62} y={110}>
          sides off, core stays
        </Words>
        <Words x={190} y={110}>
          sides and core
        </Words>
        <Words x={312} y={110}>
          skin down
        </Words>
      </>
    ),
  },
  'shake-dressing': {
    says: 'A jar filled to two thirds at most, acid below and oil above, is shaken until it looks cloudy.',
    art: (
      <>
        <path d="M36 26h52v8h-52zM40 34v10q-6 4 -6 10v36h56v-36q0 -6 -6 -10v-10" {...line} />
        <path d="M34 58h56" {...cut} />
        <path d="M34 76h56" {...faint} />
        <text x="98" y="62" fontSize="12" fill={quiet}>
          ⅔ at most
        </text>
        <text x="98" y="74" fontSize="12" fill={quiet}>
          oil
        </text>
        <text x="98" y="88" fontSize="12" fill={quiet}>
          acid, salt, mustard
        </text>
        <path d="M236 26h52v8h-52zM240 34v10q-6 4 -6 10v36h56v-36q0 -6 -6 -10v-10" {...line} />
        <path d="M244 64l6 4M262 60l6 4M276 70l6 4M250 80l6 4M268 80l6 4" {...faint} />
        <path d="M222 44v34m-5 -7l5 7l5 -7M302 78v-34m-5 7l5 -7l5 7" {...arrow} />
        <Words x={262} y={110}>
          until it looks cloudy
        </Words>
      </>
    ),
  },
  'whisk-dressing': {
    says: 'The bowl stands on a damp cloth; oil runs in a thin thread while the whisk never stops.',
    art: (
      <>
        <path d="M60 44h160q-4 42 -44 46h-72q-40 -4 -44 -46z" {...line} />
        <path d="M40 94q100 12 200 0" {...line} stroke={sea} />
        <path d="M250 14l-30 14l4 8M222 34q-36 8 -44 40" {...line} />
        <path d="M100 10l34 50q12 16 20 12t-4 -22l-40 -44M122 40q16 16 32 30" {...line} />
        <path d="M92 70q44 22 92 0m-8 -4l8 4l-5 8" {...arrow} />
        <text x="264" y="36" fontSize="12" fill={quiet}>
          oil in a thread
        </text>
        <text x="256" y="104" fontSize="12" fill={quiet}>
          damp cloth
        </text>
      </>
    ),
  },
  toss: {
    says:
      'The bowl holds twice the volume of the salad; the dressing ' +
      'goes round the rim, and hands lift from below.',
    art: (
      <>
        <path d="M70 20h180q-4 70 -56 76h-68q-52 -6 -56 -76z" {...line} />
        <path d="M82 60h156" {...faint} />
        <path d="M96 20q64 12 128 0" {...cut} />
        <path d="M110 84q-20 -14 -14 -38m-6 8l6 -8l8 6M210 84q20 -14 14 -38m6 8l-6 -8l-8 6" {...arrow} />
        <text x="262" y="44" fontSize="12" fill={quiet}>
          room to toss
        </text>
        <text x="262" y="78" fontSize="12" fill={quiet}>
          salad, half the bowl
        </text>
      </>
    ),
  },
  layer: {
    says:
      'From the bottom of a clear vessel: dressing, what may soak in ' +
      'it, grains, firm vegetables, soft things, leaves.',
    art: (
      <>
        <path d="M100 10v86h120v-86" {...line} />
        <path d="M100 86h120M100 72h120M100 58h120M100 44h120M100 30h120" {...faint} />
        {['leaves', 'soft things', 'firm vegetables', 'grains', 'pulses, what may soak', 'dressing'].map(
          (words, index) => (
            <text key={words} x="230" y={26 + index * 14} fontSize="12" fill={quiet}>
              {words}
            </text>
          ),
        )}
      </>
    ),
  },
  fold: {
    says:
      'A wide spoon cuts down the middle, turns up along the ' +
      'side, and the bowl is turned a little each time.',
    art: (
      <>
        <path d="M80 24h160q-4 64 -50 70h-60q-46 -6 -50 -70z" {...line} />
        <path d="M160 12v66q4 12 30 8q28 -8 30 -48m-7 7l7 -7l7 7" {...arrow} />
        <path d="M62 60q-12 22 8 38m-9 -1l9 1l1 -9" {...arrow} />
        <text x="256" y="44" fontSize="12" fill={quiet}>
          down the middle, up the side
        </text>
        <text x="18" y="112" fontSize="12" fill={quiet}>
          turn the bowl
        </text>
      </>
    ),
  },
};

/** The drawing of a technique, if it has one, with what it shows in words. */
export function Drawing({ id, title }: { id: string; title: string }) {
  const drawing = Object.hasOwn(drawings, id) ? drawings[id] : undefined;
  if (!drawing) return null;
  return (
    <Figure>
      <svg viewBox="0 0 440 120" role="img" aria-label={`${title}. ${drawing.says}`}>
        {drawing.art}
      </svg>
    </Figure>
  );
}

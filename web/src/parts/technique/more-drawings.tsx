import { quiet, sea, arrow, cut, faint, line, type TechniqueDrawing, Words } from './strokes.js';

/** Drawings of shake-dressing, whisk-dressing, toss, layer, fold. */
export const moreDrawings: Readonly<Record<string, TechniqueDrawing>> = {
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

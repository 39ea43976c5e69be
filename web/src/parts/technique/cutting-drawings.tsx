import { arrow, cut, faint, line, Next, type TechniqueDrawing, Words } from './strokes.js';

/** Drawings of cuts: dice, ribbons, fillet-citrus, open-avocado, core-pepper. */
export const cuttingDrawings: Readonly<Record<string, TechniqueDrawing>> = {
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
};

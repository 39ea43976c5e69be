/** The look of Fornax: every colour, size and font of the interface. */
export const theme = {
  colour: {
    ground: '#F7F8F3',
    sheet: '#FFFFFF',
    ink: '#18231E',
    quiet: '#56635B',
    hairline: '#DDE2D8',
    basil: '#1D6A48',
    basilPale: '#E3EFE8',
    ember: '#D9481C',
    emberText: '#B83A12',
    lemon: '#F2C230',
    lemonPale: '#FCF3D3',
    lemonText: '#7A5C00',
    beet: '#98194B',
    beetPale: '#F7E4EC',
    /** Layers of food in a drawing, from the bottom up: pale enough for ink on them. */
    layers: ['#D8A3B7', '#F0B597', '#F2C230', '#B4C1A2', '#A6C8DA', '#BFADC5'],
    sea: '#2A6C8E',
    seaPale: '#E4EFF5',
    thyme: '#6E7F5A',
    thymeText: '#5A6A48',
    aubergine: '#4A2C54',
  },
  font: {
    heading: '"Bricolage Grotesque Variable", sans-serif',
    text: '"Atkinson Hyperlegible Next Variable", sans-serif',
  },
  /** Sizes of type, as shares of the size that the reader has chosen for texts. */
  size: {
    tiny: '0.75rem',
    small: '0.8125rem',
    body: '0.875rem',
    lead: '1rem',
    section: '1.3125rem',
    title: '1.6875rem',
  },
  radius: '4px',
  workingsWidth: '19rem',
} as const;

export type Theme = typeof theme;

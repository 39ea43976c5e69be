import { createGlobalStyle } from 'styled-components';

/** Icons grow with the text that they stand beside, whatever size they were given. */
const iconSizes = [11, 12, 13, 14, 15, 16, 18, 20]
  .map((size) => `svg.lucide[width='${size}'] { width: ${size / 16}rem; height: ${size / 16}rem; }`)
  .join('\n  ');

export const GlobalStyle = createGlobalStyle`
  *, *::before, *::after { box-sizing: border-box; }
  html {
    color: ${({ theme }) => theme.colour.ink};
    background: ${({ theme }) => theme.colour.ground};
    -webkit-font-smoothing: antialiased;
  }
  /* The root has the size that its reader chose: all others are shares of it. */
  body { margin: 0; font: ${({ theme }) => theme.size.body}/1.25rem ${({ theme }) => theme.font.text}; }
  h1, h2, h3, p, ul, ol, dl, dd, figure { margin: 0; padding: 0; }
  ul, ol { list-style: none; }
  h1, h2, h3 { font-family: ${({ theme }) => theme.font.heading}; font-weight: 700; letter-spacing: -0.01em; }
  h1 { font-size: ${({ theme }) => theme.size.title}; line-height: 2rem; }
  h2 { font-size: ${({ theme }) => theme.size.section}; line-height: 1.75rem; }
  h3 { font-size: ${({ theme }) => theme.size.lead}; line-height: 1.375rem; }
  ${iconSizes}
  button, input, select, textarea { font: inherit; color: inherit; }
  table { border-collapse: collapse; font-variant-numeric: tabular-nums; }
  a { color: ${({ theme }) => theme.colour.basil}; text-underline-offset: 3px; }
  :focus-visible { outline: 2px solid ${({ theme }) => theme.colour.basil}; outline-offset: 2px; }
  @media (prefers-reduced-motion: reduce) {
    *, *::before, *::after { transition: none !important; animation: none !important; }
  }
  /* What is touched with wet hands is as large as a fingertip. Links within a sentence stay in their line. */
  @media (pointer: coarse) {
    summary { padding-block: 0.75rem !important; }
    main td { vertical-align: middle !important; }
    main :is(li, td, h2, h3, div) > a { display: inline-flex; align-items: center; min-height: 2.75rem; }
  }
  /* Drawings bring their own paper: their ink would not be seen on another. */
  @media (forced-colors: active) {
    svg:not(.lucide) {
      forced-color-adjust: none;
      color: ${({ theme }) => theme.colour.ink};
      background: ${({ theme }) => theme.colour.sheet};
    }
  }
  @media print {
    html, body { background: #fff; }
    *, *::before, *::after {
      color: #000 !important;
      border-color: #777 !important;
      box-shadow: none !important;
    }
    h1, h2, h3, h4 { break-after: avoid; }
    tr, li, figure { break-inside: avoid; }
    /* A heading of rows stays with its rows. */
    tr:has(> th[scope='rowgroup']) { break-after: avoid; }
    thead { display: table-header-group; }
    /* What is folded on the screen is open on paper: nobody can open it there. */
    details::details-content { content-visibility: visible; block-size: auto; }
    summary { list-style: none; }
    summary::-webkit-details-marker { display: none; }
    [data-empty], [role='searchbox'], input[type='search'], a[download] { display: none; }
    @page {
      margin: 21mm 14mm 16mm;
      @top-left {
        width: 100%;
        padding-bottom: 4mm;
        font: 10pt/1.25 ${({ theme }) => theme.font.text};
        vertical-align: bottom;
      }
      @bottom-right {
        content: 'Page ' counter(page) ' of ' counter(pages);
        font: 10pt ${({ theme }) => theme.font.text};
      }
    }
  }
`;

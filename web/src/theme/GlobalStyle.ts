import { createGlobalStyle } from 'styled-components';

export const GlobalStyle = createGlobalStyle`
  *, *::before, *::after { box-sizing: border-box; }
  html {
    color: ${({ theme }) => theme.colour.ink};
    background: ${({ theme }) => theme.colour.ground};
    font: 14px/20px ${({ theme }) => theme.font.text};
    -webkit-font-smoothing: antialiased;
  }
  body { margin: 0; }
  h1, h2, h3, p, ul, ol, dl, dd, figure { margin: 0; padding: 0; }
  ul, ol { list-style: none; }
  h1, h2, h3 { font-family: ${({ theme }) => theme.font.heading}; font-weight: 700; letter-spacing: -0.01em; }
  h1 { font-size: 27px; line-height: 32px; }
  h2 { font-size: 21px; line-height: 28px; }
  h3 { font-size: 16px; line-height: 22px; }
  button, input, select, textarea { font: inherit; color: inherit; }
  table { border-collapse: collapse; font-variant-numeric: tabular-nums; }
  a { color: ${({ theme }) => theme.colour.basil}; text-underline-offset: 3px; }
  :focus-visible { outline: 2px solid ${({ theme }) => theme.colour.basil}; outline-offset: 2px; }
  @media (prefers-reduced-motion: reduce) {
    *, *::before, *::after { transition: none !important; animation: none !important; }
  }
  /* What is touched with wet hands is as large as a fingertip. Links within a sentence stay in their line. */
  @media (pointer: coarse) {
    summary { padding-block: 12px !important; }
    main td { vertical-align: middle !important; }
    main :is(li, td, h2, h3, div) > a { display: inline-flex; align-items: center; min-height: 44px; }
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

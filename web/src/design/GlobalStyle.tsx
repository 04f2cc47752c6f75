import './accidentals.css';
import '@fontsource/source-sans-3/latin-400.css';
import '@fontsource/source-sans-3/latin-600.css';
import '@fontsource/source-serif-4/latin-400.css';
import '@fontsource/source-serif-4/latin-600.css';
import '@fontsource/source-serif-4/latin-400-italic.css';
import { createGlobalStyle, css } from 'styled-components';

const paper = css`
  --ground: #fbf9f3;
  --side: #f0ede4;
  --sheet: #fffefb;
  --ink: #1d2a3a;
  --soft: #5c6878;
  --rule: #dfe4ea;
  --margin-rule: #d98e86;
  --step: #b4544a;
  --mark: #0b5fa5;
  --mark-ground: #e7f0f8;
  --correction: #b3261e;
  --playing: #d5e6f5;
  --key-white: #fffefb;
  --key-black: #1d2a3a;
  --key-line: #a9b2bd;
  --key-pressed: #cfe2f3;
  --key-pressed-ink: #0a3f6e;
  color-scheme: light;
`;

const board = css`
  --ground: #16211d;
  --side: #121b18;
  --sheet: #1b2723;
  --ink: #edf0e8;
  --soft: #a5b3a8;
  --rule: #33423b;
  --margin-rule: #c77f72;
  --step: #e39b8d;
  --mark: #f2c14e;
  --mark-ground: #2c3527;
  --correction: #ff9a8b;
  --playing: #3d4a30;
  --key-white: #dfe3da;
  --key-black: #0c1310;
  --key-line: #5d6b63;
  --key-pressed: #f2c14e;
  --key-pressed-ink: #16211d;
  color-scheme: dark;
`;

/** Surfaces, type and the few rules that hold everywhere. */
export const GlobalStyle = createGlobalStyle`
  :root { ${paper} font-size: 16px; }
  @media (prefers-color-scheme: dark) { :root:not([data-theme='paper']) { ${board} } }
  :root[data-theme='board'] { ${board} }
  :root[data-size='board'] { font-size: 19px; }
  *, *::before, *::after { box-sizing: border-box; }
  body {
    margin: 0;
    background: var(--ground);
    color: var(--ink);
    font: 400 1rem/1.45 'Accidentals', 'Source Sans 3', sans-serif;
    -webkit-font-smoothing: antialiased;
  }
  h1, h2, h3 { font-family: 'Accidentals', 'Source Serif 4', serif; font-weight: 600; margin: 0; }
  button, input, select { font: inherit; color: inherit; }
  /* What is pressed is never smaller than a fingertip needs (WCAG 2.2, target size). */
  button, input:not([type='checkbox']), select, nav.contents a { min-width: 24px; min-height: 24px; }
  :focus-visible { outline: 2px solid var(--mark); outline-offset: 1px; }
  .visually-hidden {
    position: absolute; width: 1px; height: 1px; overflow: hidden; clip-path: inset(50%); white-space: nowrap;
  }
  @media print {
    :root, :root[data-theme='board'] { ${paper} font-size: 13px; }
    body { background: #fff; --ground: #fff; --side: #fff; }
    nav.contents, header.strap, aside.margin, .no-print, .skip { display: none !important; }
    .place { height: auto !important; }
    main.work { overflow: visible !important; padding: 0 !important; }
    .grid-column.selected { background: none !important; }
  }
  /* Where the system gives the colours, what is chosen is outlined and black keys stay black. */
  @media (forced-colors: active) {
    .grid-column.selected { outline: 2px solid Highlight; outline-offset: -2px; }
    .grid-column.playing { outline: 3px solid Highlight; outline-offset: -3px; }
    [data-selected], [aria-pressed='true'], [aria-current='page'] {
      outline: 2px solid Highlight !important; outline-offset: -2px;
    }
    button.black { forced-color-adjust: none; background: CanvasText !important; }
    button.white { border: 1px solid CanvasText !important; }
  }
  @media (prefers-reduced-motion: reduce) {
    *, *::before, *::after { transition: none !important; animation: none !important; }
  }
`;

import './nonce.js';
import '@fontsource-variable/bricolage-grotesque/index.css';
import '@fontsource-variable/atkinson-hyperlegible-next/index.css';
import { createRoot } from 'react-dom/client';
import { App } from './App.js';

createRoot(document.getElementById('root')!).render(<App />);

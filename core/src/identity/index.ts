export * from './ids.js';
export * from './moments.js';
export * from './keys.js';
export { rememberByText, rememberLast } from './remember.js';

import 'styled-components';
import type { Theme } from './theme.js';

declare module 'styled-components' {
  export interface DefaultTheme extends Theme {}
}

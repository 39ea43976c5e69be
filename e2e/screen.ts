/** What a browser context of these tests is like. */
export const screen = {
  viewport: { width: 1280, height: 800 },
  locale: 'en-GB',
  timezoneId: 'Europe/London',
  reducedMotion: 'reduce',
} as const;

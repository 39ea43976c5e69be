import { chromium } from '@playwright/test';

/** Debian's Chromium, quiet on a closed network. */
const chromiumOptions = {
  executablePath: '/usr/bin/chromium-headless-shell',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
};

export function launchChromium() {
  return chromium.launch(chromiumOptions);
}

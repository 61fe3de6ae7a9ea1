/** Debian's Chromium without a screen or a network of its own. */
export const chromiumOptions = {
  executablePath: '/usr/bin/chromium',
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

/** The fixed clock of tests, pictures and benches: Thu 24 Dec 2026 09:00 in London. */
export const demoClock = '2026-12-24T09:00:00Z';

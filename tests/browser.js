// @ts-check

/**
 * What the browser leaves out. The first two are pages it makes beside every window for the suggestions of its address bar, which nobody
 * sees here: they cost as much as a page of ours. The others are left out by Playwright too, whose list this one takes the place of.
 */
const LEFT_OUT = [
  'WebUIOmniboxPopup',
  'WebUIOmniboxAimPopup',
  'AimEnabled',
  'AvoidCorsURLLoaderRestartOnRedirect',
  'AvoidUnnecessaryBeforeUnloadCheckSync',
  'DestroyProfileOnBrowserClose',
  'HttpsFirstBalancedModeAutoEnable',
  'HttpsUpgrades',
  'LensOverlay',
  'MediaRouter',
  'NetworkTimeServiceQuerying',
  'OptimizationHints',
  'PaintHolding',
  'PreconnectToSearch',
  'ThirdPartyStoragePartitioning',
]

/**
 * How the tests start a browser.
 *
 * @param {string[]} flags
 */
export const chromiumWith = (...flags) => ({
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-quic',
    '--disable-sync',
    '--no-first-run',
    `--disable-features=${LEFT_OUT.join(',')}`,
    ...flags,
  ],
})

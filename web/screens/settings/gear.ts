/** What lies behind the gear, each with its own address. */
export const GEAR = [
  { part: 'settings', path: '/settings', name: 'Settings' },
  { part: 'approaches', path: '/settings/approaches', name: 'Approaches' },
  { part: 'rules', path: '/rules', name: 'Rules' },
  { part: 'waters', path: '/settings/waters', name: 'Waters' },
  { part: 'backup', path: '/settings/backup', name: 'Backup' },
  { part: 'phones', path: '/settings/phones', name: 'Phones' },
  { part: 'help', path: '/settings/help', name: 'Help' },
] as const

export type GearPart = (typeof GEAR)[number]['part']

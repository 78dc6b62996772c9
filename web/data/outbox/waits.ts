const MARK = 'kontrast.waits'

/** Whether this device had something left to send when it was last open: told without opening its database. */
export function hasLeftWaiting(): boolean {
  try {
    return localStorage.getItem(MARK) !== null
  } catch {
    return false
  }
}

export function markWaiting(isWaiting: boolean): void {
  try {
    if (isWaiting) localStorage.setItem(MARK, '1')
    else localStorage.removeItem(MARK)
  } catch {
    // It is found a moment later then.
  }
}

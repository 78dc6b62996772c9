const cell = (value: unknown) => {
  const text = value === null || value === undefined ? '' : String(value)
  return /[",\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text
}

/** Records of one shape as a table (RFC 4180), columns named after their fields. */
export function tableOf(rows: readonly object[]): string {
  const fields = Object.keys(rows[0] ?? {})
  return [fields, ...rows.map((row) => fields.map((field) => (row as Record<string, unknown>)[field]))]
    .map((line) => line.map(cell).join(','))
    .join('\r\n')
    .concat('\r\n')
}

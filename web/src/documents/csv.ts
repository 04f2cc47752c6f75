/** Rows as a table for other programs. A cell that begins like a formula is kept a text. */
export function toCsv(rows: readonly (readonly (string | number)[])[]): string {
  return rows.map((row) => row.map(cell).join(',')).join('\r\n');
}

function cell(value: string | number): string {
  const plain = String(value);
  const safe = /^[=+\-@]/.test(plain) ? `'${plain}` : plain;
  return /[",\n]/.test(safe) ? `"${safe.replace(/"/g, '""')}"` : safe;
}

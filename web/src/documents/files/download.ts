/** Hands the browser a file to save. */
export function download(content: string | Blob, name: string, type: string): void {
  const address = URL.createObjectURL(new Blob([content], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(address), 10_000);
}

export const MUSICXML_TYPE = 'application/vnd.recordare.musicxml+xml';

/** A title as the name of a file, without its ending. */
export function fileName(title: string): string {
  return (
    title
      .trim()
      .replace(/[^\p{L}\p{N}]+/gu, '-')
      .replace(/^-|-$/g, '')
      .slice(0, 60) || 'untitled'
  );
}

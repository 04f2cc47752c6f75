/** Lets the teacher choose a file; null where none was chosen. */
export async function pickFile(accept: string): Promise<File | null> {
  return (await pickFiles(accept, false))[0] ?? null;
}

/** Lets the teacher choose files; none where none was chosen. */
export function pickFiles(accept: string, several = true): Promise<readonly File[]> {
  const input = document.createElement('input');
  input.type = 'file';
  input.accept = accept;
  input.multiple = several;
  return new Promise((resolve) => {
    input.addEventListener('change', () => resolve([...(input.files ?? [])]), { once: true });
    input.addEventListener('cancel', () => resolve([]), { once: true });
    input.click();
  });
}

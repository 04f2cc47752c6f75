/**
 * Lets the teacher choose a file; null where none was chosen. For entries of menus: a menu closes when one is chosen,
 * and would take a file trigger along with it.
 */
export function pickFile(accept: string): Promise<File | null> {
  const input = document.createElement('input');
  input.type = 'file';
  input.accept = accept;
  return new Promise((resolve) => {
    input.addEventListener('change', () => resolve(input.files?.[0] ?? null), { once: true });
    input.addEventListener('cancel', () => resolve(null), { once: true });
    input.click();
  });
}

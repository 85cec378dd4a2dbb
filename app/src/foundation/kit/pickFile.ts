const PICTURES = 'image/jpeg,image/png,image/webp';

/**
 * Lets the person take or choose a picture, or another kind of file.
 *
 * @param accept kinds of files, as the web names them
 * @returns null when nothing was chosen
 */
export function pickFile(accept = PICTURES): Promise<File | null> {
  return new Promise((resolve) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = accept;
    input.addEventListener('change', () => resolve(input.files?.[0] ?? null));
    input.addEventListener('cancel', () => resolve(null));
    input.click();
  });
}

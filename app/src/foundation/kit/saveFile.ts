/** Hands a file of the studio over to the person: the browser fetches it itself, however large it is. */
export function saveFrom(address: string, name: string): void {
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
}

/** Hands a file over to the person, under a name. */
export function saveFile(content: Blob, name: string): void {
  const url = URL.createObjectURL(content);
  saveFrom(url, name);
  URL.revokeObjectURL(url);
}

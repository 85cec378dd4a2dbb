/** What the server says in the window that it was started from. */
export const terminalWords = {
  ready: (url: string) => `Open Palm is ready: ${url}`,
  begin: (url: string) =>
    `This studio has no owner yet. Begin it with this link, which works once and only on this machine:\n\n    ${url}\n`,
  phonesLater: 'Phones are let in as soon as the studio has a passphrase.',
  phones: (origins: readonly string[]) => `Phones reach it at ${origins.join(' or ')}`,
  proxy: (origin: string, port: number) =>
    `${origin} is answered at port ${port}, for a proxy on this machine.`,
  moved: (origins: readonly string[]) =>
    `This machine has another address in its network now. Phones reach the studio at ${origins.join(' or ')}`,
  phonesFailed: (reason: string) => `Phones are not let in: ${reason}`,
  passphrase: (name: string, url: string) =>
    `${name} sets a new passphrase with this link. It works once, for an hour, and only on this machine:\n\n    ${url}\n`,
  noPort: (port: string) =>
    `“${port}” is no port: a number from 1 to 65535 is needed, such as PORT=8081.`,
  notOpened: (folder: string, why: string) => `The studio in ${folder} could not be opened: ${why}`,
  noFolder: 'a file stands where its folder should be.',
  diskFull: 'its disk is full.',
  diskReadOnly: 'nothing can be written there.',
  readingOnly: (folder: string, trouble: 'full' | 'readOnly') =>
    `${trouble === 'full' ? 'The disk is full' : 'Nothing can be written'} in ${folder}: the studio can be read, and nothing is taken. What phones write waits on them. As soon as there is room it goes on by itself.`,
  noStudio: (folder: string) =>
    `There is no studio of your own in ${folder} yet: "npm start" begins one.`,
  whichPerson: (names: readonly string[]) =>
    `Whose passphrase? Add the name: npm run passphrase -- "${names[0]}" (here are ${names.join(', ')}).`,
};

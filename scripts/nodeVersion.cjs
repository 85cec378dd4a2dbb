// Written so that every Node can read it: an old one is told so in one sentence before it stumbles over newer words.
const wanted = [20, 19];
const own = process.versions.node.split('.').map(Number);
if (own[0] < wanted[0] || (own[0] === wanted[0] && own[1] < wanted[1])) {
  console.error(
    'Open Palm needs Node ' +
      wanted.join('.') +
      ' or newer, and this is ' +
      process.versions.node +
      ": install a newer one (nvm install 22, or your system's package), then run the command again.",
  );
  process.exit(1);
}

const { createHash } = require('node:crypto');
const { readFileSync } = require('node:fs');
const { transformSync } = require('esbuild');

const own = readFileSync(require.resolve('./esbuild-jest.cjs'));

/** Jest runs CommonJS: modules are turned into it one by one, with the address of the file kept. */
module.exports = {
  /** What was turned by another version of this file is turned anew. */
  getCacheKey: (source, file) =>
    createHash('sha256').update(own).update(file).update(source).digest('hex'),
  process(source, file) {
    const { code } = transformSync(source, {
      loader: /\.[cm]?ts$/.test(file) ? 'ts' : 'js',
      format: 'cjs',
      target: 'node20',
      sourcefile: file,
      sourcemap: 'inline',
      define: { 'import.meta.url': '__fileUrl' },
      // Jest has no loader for them; they become a promise of a require.
      supported: { 'dynamic-import': false },
      // In Jest's sandbox a global is looked up anew each time, which costs more than the sums around it: a file's own name is not.
      banner:
        "const __fileUrl = require('node:url').pathToFileURL(__filename).href, Math = globalThis.Math;",
    });
    return { code };
  },
};

const { transformSync } = require('esbuild');

/** Jest runs CommonJS: modules are turned into it one by one, with the address of the file kept. */
module.exports = {
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
      banner: "const __fileUrl = require('node:url').pathToFileURL(__filename).href;",
    });
    return { code };
  },
};

// Turns TypeScript into CommonJS for Jest with the esbuild that also builds the server.
const { transformSync } = require('esbuild');

module.exports = {
  process(source, filename) {
    const { code, map } = transformSync(source, {
      loader: filename.endsWith('.tsx') ? 'tsx' : filename.endsWith('.ts') ? 'ts' : 'js',
      format: 'cjs',
      target: 'node20',
      sourcefile: filename,
      sourcemap: 'both',
    });
    return { code, map };
  },
};

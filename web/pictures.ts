import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Plugin } from 'vite';

const find = createRequire(import.meta.url).resolve;

/** The codes of the pictures that words have, as data/pictures.tsv names them. */
const codes = () =>
  new Set(
    readFileSync(new URL('../data/pictures.tsv', import.meta.url), 'utf8')
      .split('\n')
      .filter((x) => x !== '' && !x.startsWith('#'))
      .map((x) => x.split('\t')[1] ?? ''),
  );

const drawing = (code: string) => readFileSync(find(`openmoji/color/svg/${code}.svg`));

/** The pictures that words have, and no others of the package, at `/pictures/CODE.svg`. */
export function pictures(): Plugin {
  return {
    name: 'pictures',
    generateBundle() {
      for (const code of codes())
        this.emitFile({ type: 'asset', fileName: `pictures/${code}.svg`, source: drawing(code) });
      const licence = readFileSync(find('openmoji/LICENSE.txt'));
      this.emitFile({ type: 'asset', fileName: 'pictures/LICENSE.txt', source: licence });
    },
    configureServer(server) {
      server.middlewares.use('/pictures', (request, response, next) => {
        const code = request.url?.match(/^\/([0-9A-F-]+)\.svg$/)?.[1];
        if (!code || !codes().has(code)) return next();
        response.setHeader('Content-Type', 'image/svg+xml');
        response.end(drawing(code));
      });
    },
  };
}

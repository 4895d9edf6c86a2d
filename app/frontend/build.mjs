// Builds the style sheet and gathers scripts and fonts into the static resources of the application.
import { execFileSync } from 'node:child_process';
import { cpSync, existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const out = join(process.env.STATIC_OUT ?? 'out', 'assets');
mkdirSync(join(out, 'fonts'), { recursive: true });

execFileSync(
  join('node_modules', '.bin', 'tailwindcss'),
  ['--input', join('styles', 'pelluna.css'), '--output', join(out, 'pelluna.css'), '--minify'],
  { stdio: ['ignore', 'inherit', 'inherit'] },
);

cpSync('node_modules/@alpinejs/csp/dist/cdn.min.js', join(out, 'alpine.js'));
execFileSync(
  join('node_modules', '.bin', 'esbuild'),
  [
    join('src', 'main.js'),
    '--bundle',
    '--format=iife',
    '--target=es2022',
    '--minify',
    '--legal-comments=none',
    `--outfile=${join(out, 'pelluna.js')}`,
    '--log-level=warning',
  ],
  { stdio: ['ignore', 'inherit', 'inherit'] },
);
cpSync('offline.js', join(out, 'offline.js'));
const fonts = [
  ['@fontsource-variable/alegreya', 'alegreya-latin-wght-normal.woff2'],
  ['@fontsource-variable/alegreya', 'alegreya-latin-wght-italic.woff2'],
  ['@fontsource/alegreya-sans', 'alegreya-sans-latin-400-normal.woff2'],
  ['@fontsource/alegreya-sans', 'alegreya-sans-latin-500-normal.woff2'],
  ['@fontsource/alegreya-sans', 'alegreya-sans-latin-700-normal.woff2'],
];
for (const [pack, file] of fonts) {
  cpSync(join('node_modules', pack, 'files', file), join(out, 'fonts', file));
}

// The style of a drawing that stands by itself: the day's colours, the rules of the reef, and its type.
const theme = readFileSync(join('styles', 'tokens.css'), 'utf8').match(/@theme \{[^}]*\}/)[0];
const colours = theme.match(/--color-[\w-]+: [^;]+;/g).join('');
const type = readFileSync(join(out, 'fonts', 'alegreya-sans-latin-400-normal.woff2')).toString('base64');
writeFileSync(
  join(out, 'plate.css'),
  `svg{${colours}--font-sans:"Alegreya Sans","Gill Sans",sans-serif}` +
    `@font-face{font-family:"Alegreya Sans";src:url(data:font/woff2;base64,${type}) format("woff2")}` +
    readFileSync(join('styles', 'reef.css'), 'utf8')
      .replace(/\/\*[\s\S]*?\*\//g, '')
      .replace(/\s+/g, ' '),
);

// What is shipped of others' work beside the Java libraries, with its licence; the page of licences shows it.
const text = (pack) =>
  ['LICENSE', 'LICENSE.md', 'LICENSE.txt', 'LICENCE']
    .map((name) => join('node_modules', pack, name))
    .find((file) => existsSync(file));
const shipped = [
  '@alpinejs/csp',
  ...new Set(fonts.map(([pack]) => pack)),
  'd3-scale',
  'd3-selection',
  'd3-zoom',
  'idb-keyval',
  'tailwindcss',
];
writeFileSync(
  join(out, 'licences.json'),
  JSON.stringify(
    shipped.map((name) => {
      const { version, license } = JSON.parse(readFileSync(join('node_modules', name, 'package.json'), 'utf8'));
      const file = text(name);
      return { name, version, licence: license, text: file ? readFileSync(file, 'utf8') : '' };
    }),
  ),
);

// Builds the style sheet and gathers scripts and fonts into the static resources of the application.
import { execFileSync } from 'node:child_process';
import { cpSync, mkdirSync } from 'node:fs';
import { join } from 'node:path';

const out = join(process.env.STATIC_OUT ?? 'out', 'assets');
mkdirSync(join(out, 'fonts'), { recursive: true });

execFileSync(
  join('node_modules', '.bin', 'tailwindcss'),
  ['--input', 'pelluna.css', '--output', join(out, 'pelluna.css'), '--minify'],
  { stdio: ['ignore', 'inherit', 'inherit'] },
);

cpSync('node_modules/@alpinejs/csp/dist/cdn.min.js', join(out, 'alpine.js'));
cpSync('pelluna.js', join(out, 'pelluna.js'));
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

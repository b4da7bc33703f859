// Builds styles and scripts into public/build under names that carry a fingerprint, and the manifest that maps them.
import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { cpSync, mkdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { buildSync } from 'esbuild';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const out = join(root, 'public/build.new');
const fonts = {
    'bricolage-grotesque.woff2':
        '@fontsource-variable/bricolage-grotesque/files/bricolage-grotesque-latin-wght-normal.woff2',
    'atkinson-next.woff2':
        '@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2',
};

rmSync(out, { recursive: true, force: true });
mkdirSync(out, { recursive: true });
for (const [name, source] of Object.entries(fonts)) cpSync(join(root, 'node_modules', source), join(out, name));
execFileSync(
    join(root, 'node_modules/.bin/tailwindcss'),
    ['--input', 'assets/styles/app.css', '--output', join(out, 'app.css'), '--minify'],
    { cwd: root, stdio: ['ignore', 'inherit', 'pipe'] },
);
buildSync({
    entryPoints: [join(root, 'assets/scripts/app.js')],
    outfile: join(out, 'app.js'),
    bundle: true,
    minify: true,
    format: 'esm',
    target: 'es2022',
    legalComments: 'none',
});

const manifest = {};

/** A file under a name that changes with it, since browsers keep it for a year; back comes where it is. */
function keep(name) {
    const print = createHash('sha256')
        .update(readFileSync(join(out, name)))
        .digest('hex')
        .slice(0, 12);
    const hashed = name.replace('.', `.${print}.`);
    renameSync(join(out, name), join(out, hashed));
    return (manifest[`build/${name}`] = `/build/${hashed}`);
}

// The styles name the fonts, so that theirs come first.
const styles = join(out, 'app.css');
for (const name of Object.keys(fonts))
    writeFileSync(styles, readFileSync(styles, 'utf8').replaceAll(`/build/${name}`, keep(name)));
for (const name of ['app.css', 'app.js']) keep(name);
writeFileSync(join(out, 'manifest.json'), JSON.stringify(manifest, null, 2));
rmSync(join(root, 'public/build'), { recursive: true, force: true });
renameSync(out, join(root, 'public/build'));

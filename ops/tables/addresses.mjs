// Writes the forms of addresses by country, and the parts that addresses name, as PHP data files: npm run tables
import { readFileSync, writeFileSync } from 'node:fs';

const version = (name) => JSON.parse(readFileSync(`node_modules/${name}/package.json`, 'utf8')).version;
// The package gives its formats to nobody but itself.
const source = readFileSync('node_modules/localized-address-format/dist/index.esm.js', 'utf8');
const forms = [...source.matchAll(/\['([A-Z]{2})', \{ local: '([^']*)'(?:, latin: '([^']*)')? \}\]/g)];
const { iso31662 } = await import('iso-3166');

const head = (words) => `<?php

declare(strict_types=1);

${words}
return [
`;
const quoted = (text) => `'${text.replaceAll('\\', '\\\\').replaceAll("'", "\\'")}'`;

writeFileSync(
  'core/Delivery/Address/address-forms.php',
  head(`// Lines of addresses as they are written in Latin letters, by ISO 3166 country: %N name, %O company, %A street, %D and %X
// districts, %C town, %S part of the country, %Z postcode, %n the next line.
// From localized-address-format ${version('localized-address-format')} (npm, MIT), by ops/tables/addresses.mjs; not written by hand.`) +
    forms.map(([, country, local, latin]) => `    '${country}' => '${latin ?? local}',`).join('\n') +
    '\n];\n',
);

// Where the post can't do without it; elsewhere the postcode or the town says it.
const named = new Set(['AU', 'BR', 'CA', 'CN', 'IN', 'JP', 'MX', 'MY', 'US']);
const parts = {};
for (const { code, name, parent } of iso31662) {
  const country = code.slice(0, 2);
  if (named.has(country) && parent === country) (parts[country] ??= []).push([code, name]);
}
writeFileSync(
  'core/Delivery/Address/parts.php',
  head(`// Parts of the countries whose post can't do without one: ISO 3166-2 code → name, by country.
// From iso-3166 ${version('iso-3166')} (npm, MIT), by ops/tables/addresses.mjs; not written by hand.`) +
    Object.keys(parts)
      .sort()
      .map((country) => {
        const rows = parts[country]
          .sort(([, a], [, b]) => a.localeCompare(b, 'en'))
          .map(([code, name]) => `        '${code}' => ${quoted(name)},`);
        return `    '${country}' => [\n${rows.join('\n')}\n    ],`;
      })
      .join('\n') +
    '\n];\n',
);

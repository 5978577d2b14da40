// Writes the forms of postcodes by country from the package postcode-validator as a PHP data file: npm run tables
import { readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';

const require = createRequire(import.meta.url);
const { POSTCODE_REGEXES: forms } = require('postcode-validator/lib/cjs/postcode-regexes.js');
const { version } = JSON.parse(readFileSync('node_modules/postcode-validator/package.json', 'utf8'));

const rows = [...forms]
  .filter(([country]) => /^[A-Z]{2}$/.test(country) && country !== 'UK')
  .sort(([a], [b]) => (a < b ? -1 : 1))
  .map(([country, form]) => `    '${country}' => '${form.source.replaceAll("'", "\\'")}',`);
writeFileSync(
  'core/Delivery/postcode-forms.php',
  `<?php

declare(strict_types=1);

// Forms of postcodes, in capitals: regular expressions by ISO 3166 country.
// From postcode-validator ${version} (npm, MIT), by ops/tables/postcodes.mjs; not written by hand.
return [
${rows.join('\n')}
];
`,
);

// Writes public holidays on weekdays, by country and part of it, from the package date-holidays as a PHP data file:
// npm run tables
import { readFileSync, writeFileSync } from 'node:fs';
import Holidays from 'date-holidays';

const { version } = JSON.parse(readFileSync('node_modules/date-holidays/package.json', 'utf8'));
const YEARS = [2026, 2027, 2028, 2029, 2030];
const COUNTED = new Set(['public', 'bank']);

/** @returns {string[]} YYYYMMDD, each once */
function days(...where) {
  const known = new Holidays(...where);
  const days = YEARS.flatMap((year) => known.getHolidays(year) ?? [])
    .filter(({ type }) => COUNTED.has(type))
    .flatMap(({ start, end, date }) => {
      // As local dates: a holiday of several days has its end at the midnight after the last.
      const first = new Date(`${date.slice(0, 10)}T12:00:00Z`);
      const count = Math.max(1, Math.round((end - start) / 86_400_000));
      return Array.from({ length: count }, (_, n) => new Date(first.getTime() + n * 86_400_000));
    })
    .filter((day) => day.getUTCDay() > 0 && day.getUTCDay() < 6 && YEARS.includes(day.getUTCFullYear()))
    .map((day) => day.toISOString().slice(0, 10).replaceAll('-', ''));
  return [...new Set(days)].sort();
}

const rows = [];
const say = (where, found) => {
  if (found.length > 0) {
    const years = YEARS.map((year) => [
      year,
      found.filter((day) => day.startsWith(String(year))).map((day) => day.slice(4)),
    ]);
    rows.push(`    '${where}' => [`);
    rows.push(...years.filter(([, some]) => some.length > 0).flatMap(([year, some]) => lines(year, some)));
    rows.push('    ],');
  }
};
const lines = (year, some) => {
  const parts = [];
  for (let n = 0; n < some.length; n += 16) parts.push(`'${some.slice(n, n + 16).join(' ')}`);
  return parts.map((part, n) => {
    const last = n === parts.length - 1;
    return `${n === 0 ? `        ${year} => ` : '            .'}${part}${last ? "'," : " '"}`;
  });
};

for (const country of Object.keys(new Holidays().getCountries()).sort()) {
  const parts = Object.keys(new Holidays().getStates(country) ?? {}).sort();
  const own = parts.map((part) => days(country, part));
  // Where no part is named, what most of them have counts, too.
  const most = [...new Set(own.flat())].filter(
    (day) => own.filter((some) => some.includes(day)).length > parts.length / 2,
  );
  const whole = [...new Set([...days(country), ...most])].sort();
  say(country, whole);
  parts.forEach((part, n) => {
    const more = own[n].filter((day) => !whole.includes(day));
    const less = whole.filter((day) => !own[n].includes(day)).map((day) => `${day.slice(0, 4)}-${day.slice(4)}`);
    say(`${country}-${part}`, [...more, ...less]);
  });
}
writeFileSync(
  'core/Delivery/holidays.php',
  `<?php

declare(strict_types=1);

// Public and bank holidays on weekdays, as MMDD by year: by ISO 3166-1 country what all of it or most of its parts have,
// and by ISO 3166-2 part what it has besides, and with a minus what it hasn't.
// From date-holidays ${version} (npm, ISC and CC BY 3.0), by ops/tables/holidays.mjs; not written by hand.
return [
${rows.join('\n')}
];
`,
);

// Keeps html-validate ready: a page on each line, as JSON, and back a line with what is wrong with it.
import { readFileSync } from 'node:fs';
import { createInterface } from 'node:readline';
import { HtmlValidate } from 'html-validate';

const rules = new HtmlValidate(JSON.parse(readFileSync('.htmlvalidate.json', 'utf8')));

for await (const page of createInterface({ input: process.stdin })) {
  const report = await rules.validateString(JSON.parse(page));
  const found = report.results.flatMap((result) =>
    result.messages.map((m) => `${m.line}:${m.column} ${m.message} (${m.ruleId})`),
  );
  process.stdout.write(JSON.stringify(found) + '\n');
}

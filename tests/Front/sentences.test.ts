import { describe, expect, it } from 'vitest';
import { withoutSentences } from '@/bench/listing/withoutSentences';

describe('cutting sentences out of a description', () => {
  it.each([
    ['<p>Ash handle. Contact us first!</p>', ['Contact us first!'], '<p>Ash handle.</p>'],
    ['<p>Ash handle.</p><p>Contact us first!</p>', ['Contact us first!'], '<p>Ash handle.</p>'],
    ['<ul><li>Contact us first!</li></ul><p>Ash.</p>', ['Contact us first!'], '<p>Ash.</p>'],
    ['<p>Contact  us\n first! Ash.</p>', ['Contact us first!'], '<p>Ash.</p>'],
    ['<p>Made of <strong>ash</strong>.</p>', ['Contact us first!'], '<p>Made of <strong>ash</strong>.</p>'],
    ['<p>One. Two. Three.</p>', ['One.', 'Three.'], '<p>Two.</p>'],
    ['<blockquote><p>One. Two.</p></blockquote>', ['Two.'], '<blockquote><p>One.</p></blockquote>'],
  ])('%s', (html, sentences, left) => {
    expect(withoutSentences(html, sentences)).toBe(left);
  });
});

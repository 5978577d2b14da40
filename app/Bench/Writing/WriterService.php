<?php

declare(strict_types=1);

namespace WindowStall\Bench\Writing;

use WindowStall\Core\Words\DraftCheck;
use WindowStall\Core\Words\ItemFacts;
use WindowStall\Support\Refusal;
use WindowStall\Support\RichText;

/** Asks the writing help for drafts. It is given facts and nothing else, and what it writes is held against them. */
final class WriterService
{
    private const TASK = <<<'TEXT'
        You write for a small shop. You are given facts about one of its goods as JSON, and a manner: plain, warm or brisk.
        Write a title of at most 60 letters, a description of one to four sentences and a list as HTML (p, ul, li), a title
        and a text for search engines, and a text that tells a picture of it to who can't see it. Say only what the facts
        say, each fact in its place in a sentence; where a fact isn't given, say nothing of it. If "own" is true, the name
        is the title. Name in "used" the facts you used, and in "missing" those you would have liked to have.
        TEXT;

    private const SCHEMA = [
        'type' => 'object',
        'properties' => [
            'title' => ['type' => 'string'],
            'words' => ['type' => 'string'],
            'search_title' => ['type' => 'string'],
            'search_words' => ['type' => 'string'],
            'alt' => ['type' => 'string'],
            'used' => ['type' => 'array', 'items' => ['type' => 'string']],
            'missing' => ['type' => 'array', 'items' => ['type' => 'string']],
        ],
        'required' => ['title', 'words', 'search_title', 'search_words', 'alt', 'used', 'missing'],
        'additionalProperties' => false,
    ];

    public function __construct(private readonly WritingHelp $help)
    {
    }

    /**
     * @throws Refusal when the service is away, answers what can't be used, or says what isn't known
     */
    public function draft(ItemFacts $facts, Manner $manner): Draft
    {
        $draft = Draft::read($this->help->ask(self::TASK, ['manner' => $manner->value, 'facts' => $facts->toArray()], self::SCHEMA))
            ?? throw new Refusal('The writing help answered what can’t be used. Try again later.');
        $faults = DraftCheck::faults($draft->title, RichText::plain($draft->words).' '.$draft->searchWords, $facts);
        if ($faults !== []) {
            throw new Refusal('The draft wasn’t taken. '.$faults[0].' Write it yourself, or try another manner.');
        }

        return $draft;
    }
}

<?php

declare(strict_types=1);

namespace WindowStall\Drift\Views;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Guards\Weighed;
use WindowStall\Core\Drift\Standing;
use WindowStall\Runs\Run;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;

/** One pull, opened: what came, what was done with it, and by which rule. */
final readonly class RunDoneView
{
    /** Listings that are named of each rule. */
    private const NAMED = 8;

    private const DONE = <<<'SQL'
        SELECT COALESCE(change.stood, change.standing) AS ruled,
               change.rule,
               change.kind,
               count(*) AS changes,
               count(DISTINCT change.listing_id) AS listings,
               (array_agg(DISTINCT listing.shown_title))[1:%d] AS titles,
               count(*) FILTER (WHERE change.decided_at IS NOT NULL AND change.standing = 'agreed') AS agreed,
               count(*) FILTER (WHERE change.decided_at IS NOT NULL AND change.standing = 'kept') AS kept
        FROM drift_changes AS change
        JOIN listings AS listing ON listing.id = change.listing_id
        WHERE change.stall_id = :stall
          AND change.run_id = :run
        GROUP BY 1, 2, 3
        ORDER BY 1, 4 DESC, 2, 3
        SQL;

    /**
     * @param  list<string>  $came  what came, in sentences
     * @param  list<RuleDoneView>  $done
     */
    public function __construct(public string $when, public array $came, public array $done)
    {
    }

    public static function of(Stall $stall, Run $run): self
    {
        $rows = DB::select(sprintf(self::DONE, self::NAMED), ['stall' => $stall->id, 'run' => $run->id]);

        return new self(
            when: Clock::of($stall)->moment($run->started_at ?? $run->created_at ?? now()),
            came: self::came($run),
            done: array_map(self::row(...), array_values($rows)),
        );
    }

    /** @return list<string> */
    private static function came(Run $run): array
    {
        $counts = $run->counts + ['new' => 0, 'changed' => 0, 'same' => 0, 'gone' => 0];
        $weighed = Weighed::from((array) ($run->subject['weighed'] ?? []));
        $sentences = [sprintf(
            '%s goods: %s new, %s that said something else, %s as before; %s had gone.',
            number_format($counts['new'] + $counts['changed'] + $counts['same']),
            number_format($counts['new']),
            number_format($counts['changed']),
            number_format($counts['same']),
            number_format($counts['gone']),
        )];
        if ($weighed->goods > 0) {
            $sentences[] = sprintf(
                'As a whole it was weighed before any of it was used: %d of %d goods missing, '
                    .'%d of %d variants in stock sold out, %d costs halved, %d barcodes elsewhere.',
                $weighed->missing,
                $weighed->goods,
                $weighed->emptied,
                $weighed->inStock,
                $weighed->halved,
                $weighed->moved,
            );
        }
        if ($run->rejects > 0) {
            $sentences[] = sprintf('%s rows couldn’t be used.', number_format($run->rejects));
        }

        return array_values(array_filter([...$sentences, ...$run->notes, (string) $run->trouble]));
    }

    private static function row(\stdClass $row): RuleDoneView
    {
        $kind = ChangeKind::from((string) $row->kind);
        $titles = str_getcsv(trim((string) $row->titles, '{}'), ',', '"', '\\');
        $decided = array_filter([
            (int) $row->agreed > 0 ? sprintf('%d agreed to since', $row->agreed) : '',
            (int) $row->kept > 0 && $row->ruled !== Standing::Kept->value
                ? sprintf('%d kept as they were since', $row->kept)
                : '',
        ]);

        return new RuleDoneView(
            standing: (string) $row->ruled,
            words: sprintf('%s: %s', ucfirst($kind->fact()->words()), number_format((int) $row->changes)),
            rule: (string) $row->rule,
            decided: implode(', ', $decided),
            titles: implode(', ', array_map(strval(...), $titles)).((int) $row->listings > self::NAMED ? ' …' : ''),
        );
    }
}

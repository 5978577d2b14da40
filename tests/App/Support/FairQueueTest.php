<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Support;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\Job;
use Illuminate\Contracts\Queue\Queue as JobQueue;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;
use PDO;
use WindowStall\Stall\OneStall;
use WindowStall\Support\Queue\Arrivals;
use WindowStall\Support\Queue\FairConnector;
use WindowStall\Tests\App\AppTestCase;

/** The queue in the database: stalls take turns, what was never ended comes again, and workers are told. */
final class FairQueueTest extends AppTestCase
{
    public function test_stalls_take_turns_however_many_jobs_one_of_them_sets(): void
    {
        [$many, $few] = [$this->world->stall(), $this->world->stall()];
        foreach ([$many, $many, $many, $many, $few, $few] as $n => $stall) {
            OneStall::within($stall->id, fn () => $this->queue()->push(new Noted($n), '', 'turns'));
        }
        $this->queue()->pushOn('turns', new Noted(6));
        $taken = [];
        while (($job = $this->queue()->pop('turns')) instanceof Job) {
            $taken[] = unserialize($job->payload()['data']['command'])->n;
            $job->delete();
        }
        self::assertSame([0, 4, 6, 1, 5, 2, 3], $taken);
    }

    public function test_a_job_whose_worker_was_killed_comes_again_after_what_its_own_queue_may_take(): void
    {
        foreach (['looks' => 90, 'pulls' => 1900, 'turns' => 90] as $queue => $patience) {
            $this->queue()->push(new Noted(1), '', $queue);
            self::assertNotNull($this->queue()->pop($queue));
            $this->travel($patience - 5)->seconds();
            self::assertNull($this->queue()->pop($queue), $queue.': it may still be at work');
            $this->travel(10)->seconds();
            self::assertSame(2, $this->attempt($queue), $queue);
            $this->travelBack();
        }
    }

    public function test_what_a_job_carries_may_hold_any_sign(): void
    {
        $stall = $this->world->stall();
        OneStall::within($stall->id, fn () => $this->queue()->push(new Noted(1, "\0*\0 {\"stall\":7} „\u{2028}“"), '', 'turns'));
        self::assertSame($stall->id, (int) DB::table('jobs')->where('queue', 'turns')->value('turn_of'));
    }

    public function test_a_resting_worker_is_told_when_a_job_comes_into_its_queue_and_not_for_others(): void
    {
        // Listening and telling begin where a transaction ends, so neither happens in the test's own.
        $arrivals = new Arrivals(DB::connection('owner'), ['told']);
        $notes = DB::connection('owner')->getPdo();
        $tell = 'usleep(400000); $db = new PDO($argv[1], $argv[2], $argv[3]);'.
            'foreach (["other", "told"] as $queue) { $db->query("SELECT pg_notify(\'jobs\', \'$queue\')"); usleep(400000); }';
        $of = config('database.connections.owner');
        $other = Process::start(['php', '-r', $tell, '--',
            sprintf('pgsql:host=%s;port=%s;dbname=%s', $of['host'], $of['port'], $of['database']),
            $of['username'],
            $of['password'],
        ]);
        $begun = microtime(true);
        $arrivals->wait();
        self::assertFalse($notes->pgsqlGetNotify(PDO::FETCH_ASSOC, 0), 'both were heard, the first passed over');
        self::assertLessThan(12.0, microtime(true) - $begun, 'sooner than it would have looked by itself');
        self::assertTrue($other->wait()->successful());
    }

    public function test_a_resting_worker_wakes_when_a_job_that_was_put_off_is_due(): void
    {
        $this->queue()->later(2, new Noted(1), '', 'told');
        (new Arrivals(DB::connection(), ['told']))->wait();
        self::assertNotNull($this->queue()->pop('told'));
    }

    public function test_inserting_a_job_tells(): void
    {
        self::assertSame(1, DB::table('pg_trigger')->where('tgname', 'tell_of_job')->where('tgenabled', 'O')->count());
    }

    /** @phpstan-impure the how-manieth try of the job that comes next this is; 0 where none comes */
    private function attempt(string $queue): int
    {
        return $this->queue()->pop($queue)?->attempts() ?? 0;
    }

    private function queue(): JobQueue
    {
        $queue = (new FairConnector($this->app['db']))->connect(config('queue.connections.database'));
        $queue->setContainer($this->app);
        $queue->setConnectionName('database');

        return $queue;
    }
}

final class Noted implements ShouldQueue
{
    use Queueable;

    public function __construct(public int $n, public string $words = '')
    {
    }

    public function handle(): void
    {
    }
}

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Written pages are dressed in the galley: of sections, saved and laid together as the front page is. */
return new class extends Migration
{
    private const ONE_OF_EACH = <<<'SQL'
        CREATE UNIQUE INDEX window_saves_one
            ON window_saves (stall_id, COALESCE(page_id, 0), version)
        SQL;

    public function up(): void
    {
        Schema::table('written_pages', function (Blueprint $table): void {
            $table->json('sections')->default('[]');
            // Findings that were waved away.
            $table->jsonb('waved')->default('[]');
        });
        foreach (DB::table('written_pages')->orderBy('id')->get() as $page) {
            DB::table('written_pages')->where('id', $page->id)->update(self::dressed($page));
        }
        Schema::table('written_pages', fn (Blueprint $table) => $table->dropColumn(['words', 'asked']));
        Schema::table('window_saves', function (Blueprint $table): void {
            $table->foreignId('page_id')->nullable()->index()->constrained('written_pages')->cascadeOnDelete();
            $table->dropPrimary(['stall_id', 'version']);
        });
        DB::statement(self::ONE_OF_EACH);
    }

    /** @return array<string, string|null> columns */
    private static function dressed(stdClass $page): array
    {
        $shown = json_decode((string) $page->shown, true);
        $said = ['title' => $page->title, 'words' => $page->words, 'asked' => json_decode($page->asked, true)];

        return [
            'sections' => json_encode(self::sections($page->kind, $said), JSON_THROW_ON_ERROR),
            'shown' => ! is_array($shown) ? null : json_encode(
                ['title' => $shown['title'], 'sections' => self::sections($page->kind, $shown)],
                JSON_THROW_ON_ERROR,
            ),
        ];
    }

    /**
     * @param  array<string, mixed>  $said  title, words and asked, as pages were kept before
     * @return list<array{id: string, kind: string, settings: array<string, mixed>}>
     */
    private static function sections(string $kind, array $said): array
    {
        $sections = [['id' => 'heading', 'kind' => 'heading', 'settings' => ['words' => $said['title']]]];
        if ($said['words'] !== '' || $kind !== 'questions') {
            $sections[] = ['id' => 'writing', 'kind' => 'writing', 'settings' => ['words' => $said['words']]];
        }
        if ($said['asked'] !== [] || $kind === 'questions') {
            $sections[] = ['id' => 'questions', 'kind' => 'questions', 'settings' => ['asked' => $said['asked']]];
        }
        if ($kind === 'contact') {
            $sections[] = ['id' => 'letter', 'kind' => 'letter', 'settings' => []];
        }

        return $sections;
    }
};

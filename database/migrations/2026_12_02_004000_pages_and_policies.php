<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Who runs a stall and how it takes things back; what its policies said and when; pages of its own. */
return new class extends Migration
{
    private const TABLES = ['particulars', 'policy_versions', 'written_pages'];

    public function up(): void
    {
        Schema::create('particulars', function (Blueprint $table): void {
            $table->foreignId('stall_id')->primary()->constrained()->cascadeOnDelete();
            foreach (['trader' => 120, 'street' => 120, 'town' => 80, 'postcode' => 20, 'email' => 200] as $name => $most) {
                $table->string($name, $most)->nullable();
            }
            $table->string('phone', 40)->nullable();
            $table->string('register', 120)->nullable();
            $table->string('tax_number', 40)->nullable();
            $table->unsignedSmallInteger('return_days')->nullable();
            $table->string('return_by', 10)->nullable();
            $table->unsignedSmallInteger('keep_years')->nullable();
            // What the seller adds to each policy, by kind.
            $table->jsonb('besides')->default('{}');
            $table->timestamps();
        });
        Schema::create('policy_versions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 12);
            $table->unsignedInteger('number');
            // Clause by clause, in their order: what it is about → its words.
            $table->json('words');
            $table->foreignId('published_by')->nullable()->index()->constrained('users')->nullOnDelete();
            $table->timestamp('published_at');
            $table->unique(['stall_id', 'kind', 'number']);
        });
        Schema::create('written_pages', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 12);
            $table->string('title', 80);
            $table->string('slug', 80);
            $table->text('words')->default('');
            $table->json('asked')->default('[]');
            $table->string('search_title', 200)->nullable();
            $table->string('search_words', 400)->nullable();
            $table->boolean('hidden')->default(false);
            $table->unsignedInteger('version')->default(0);
            // As shoppers see it; null until it is published.
            $table->json('shown')->nullable();
            $table->timestamp('shown_at')->nullable();
            $table->timestamps();
            $table->unique(['stall_id', 'slug']);
        });
        // Which version of each policy an order was bought under.
        Schema::table('orders', fn (Blueprint $table) => $table->jsonb('policies')->default('{}'));
        foreach (self::TABLES as $name) {
            DB::statement("ALTER TABLE $name ENABLE ROW LEVEL SECURITY");
            DB::statement("CREATE POLICY one_stall ON $name USING (stall_id = (SELECT current_stall()))");
        }
    }

    public function down(): void
    {
        Schema::table('orders', fn (Blueprint $table) => $table->dropColumn('policies'));
        foreach (array_reverse(self::TABLES) as $name) {
            Schema::drop($name);
        }
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

// What was changed is kept as a key of the catalogue with its arguments, which takes more room than a sentence.

return new class () extends Migration {
    private const TABLES = ['plan_revisions', 'clip_revisions'];

    public function up(): void
    {
        foreach (self::TABLES as $table) {
            Schema::table($table, static function (Blueprint $table): void {
                $table->text('reason')->comment('What was changed: a key of the catalogue with its arguments, or a text from before')->change();
            });
        }
    }

    public function down(): void
    {
        foreach (self::TABLES as $table) {
            DB::statement("alter table {$table} alter column reason type varchar(300) using left(reason, 300)");
        }
    }
};

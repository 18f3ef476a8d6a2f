<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('clip_revisions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shot_id')->constrained()->cascadeOnDelete();
            $table->foreignId('parent_id')->nullable()->constrained('clip_revisions')->cascadeOnDelete();
            $table->text('list')->comment('evrent.clip/1');
            $table->string('reason', 300)->comment('What was changed');
            $table->timestampTz('created_at');
            $table->index(['shot_id', 'id']);
        });
        Schema::table('shots', static function (Blueprint $table): void {
            $table->foreignId('clip_revision_id')->nullable()->comment('The clip’s list as it stands')->constrained()->nullOnDelete();
        });
        Schema::create('films', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shot_id')->constrained()->cascadeOnDelete();
            $table->foreignId('card_reading_id')->constrained()->cascadeOnDelete();
            $table->text('list')->comment('evrent.clip/1, of which it is made');
            $table->string('status', 20)->default('waiting')->comment('waiting, making, done, failed or stopped');
            $table->string('trouble', 500)->default('')->comment('Why it failed');
            $table->integer('frames')->comment('Those to be made');
            $table->integer('done')->default(0)->comment('Those that are');
            $table->smallInteger('begun')->default(0)->comment('How often it was begun: more than once after a crash');
            $table->integer('width')->default(0)->comment('Pixels');
            $table->integer('height')->default(0);
            $table->string('file', 200)->default('')->comment('Its name in the folder of films');
            $table->bigInteger('bytes')->default(0);
            $table->string('sha256', 64)->default('');
            $table->timestampTz('created_at');
            $table->timestampTz('begun_at', 3)->nullable();
            $table->timestampTz('ended_at', 3)->nullable();
            $table->index(['shot_id', 'id']);
        });
        Schema::table('card_readings', static function (Blueprint $table): void {
            $table->text('developed_folder')->default('')->comment('Where photos lie that were developed elsewhere');
            $table->jsonb('exposures')->nullable()->comment('What each photo let in, stops, by number');
            $table->jsonb('developed')->default('{}')->comment('Their paths from that folder on, by number');
        });
        Schema::create('folder_works', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('card_reading_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 10)->comment('check, links or copies');
            $table->text('folder')->comment('The copy, or where numbered links or copies are made');
            $table->string('status', 20)->default('waiting')->comment('waiting, working, done, failed or stopped');
            $table->string('trouble', 500)->default('')->comment('Why it failed');
            $table->integer('files')->default(0)->comment('Those to be done');
            $table->integer('done')->default(0)->comment('Those that are');
            $table->longText('manifest')->default('')->comment('Checksums of the photos, or of what was made');
            $table->jsonb('missing')->default('[]')->comment('Paths that the copy does not have');
            $table->jsonb('changed')->default('[]')->comment('Paths under which the copy has something else');
            $table->timestampTz('created_at');
            $table->timestampTz('begun_at', 3)->nullable();
            $table->timestampTz('ended_at', 3)->nullable();
            $table->index(['card_reading_id', 'kind', 'id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('folder_works');
        Schema::table('card_readings', static fn (Blueprint $table) => $table->dropColumn(['developed_folder', 'developed', 'exposures']));
        Schema::dropIfExists('films');
        Schema::table('shots', static fn (Blueprint $table) => $table->dropConstrainedForeignId('clip_revision_id'));
        Schema::dropIfExists('clip_revisions');
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('shots', function (Blueprint $table): void {
            $table->string('follows', 10)->default('shooting')->comment('Which of photos, interval and shooting follows from the other two');
        });
        Schema::table('runs', function (Blueprint $table): void {
            $table->integer('photos_planned')->nullable();
            $table->integer('photos_usable')->nullable();
        });
        Schema::table('run_photos', function (Blueprint $table): void {
            $table->text('faults')->default('')->comment('Why it cannot be used; empty when it can');
        });
        Schema::create('presets', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120)->unique();
            $table->string('kind', 10)->comment('move, shot or recipe');
            $table->text('note');
            $table->jsonb('content')->comment('A plan for moves and shots; interval_s, open_share and clip_s for recipes');
            $table->timestampsTz();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('presets');
        Schema::table('run_photos', static fn (Blueprint $table) => $table->dropColumn('faults'));
        Schema::table('runs', static fn (Blueprint $table) => $table->dropColumn(['photos_planned', 'photos_usable']));
        Schema::table('shots', static fn (Blueprint $table) => $table->dropColumn('follows'));
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('test_grids', static function (Blueprint $table): void {
            $table->comment('A test shoot that is shot on devices, over the move of a shot');
            $table->id();
            $table->foreignId('trial_id')->constrained()->cascadeOnDelete();
            $table->foreignId('shot_id')->constrained()->cascadeOnDelete();
            $table->foreignId('plan_revision_id')->constrained('plan_revisions')->cascadeOnDelete();
            $table->string('rig_address', 200)->nullable();
            $table->jsonb('rig_words');
            $table->string('camera_address', 200);
            $table->float('speed')->default(1.0)->comment('At which simulated devices run their world');
            $table->string('status', 20)->default('waiting')->comment('waiting, running, done, failed or stopped');
            $table->boolean('is_stopped')->default(false);
            $table->string('says', 500)->default('')->comment('Why it failed');
            $table->string('cell', 10)->default('')->comment('The one that is being shot');
            $table->integer('taken')->default(0)->comment('Photos of that cell');
            $table->timestampTz('created_at', 6)->useCurrent();
            $table->timestampTz('beat_at', 6)->nullable();
        });
        Schema::create('test_grid_cells', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('test_grid_id')->constrained()->cascadeOnDelete();
            $table->string('cell', 10)->comment('Places of interval and shutter time, such as 2:0');
            $table->text('film')->nullable()->comment('MP4 in base64; null where nothing is to be seen');
            $table->text('still')->nullable()->comment('JPEG in base64');
            $table->string('says', 500)->default('');
            $table->unique(['test_grid_id', 'cell']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('test_grid_cells');
        Schema::dropIfExists('test_grids');
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('card_readings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shot_id')->constrained()->cascadeOnDelete();
            $table->foreignId('plan_revision_id')->constrained()->cascadeOnDelete();
            $table->foreignId('take_id')->nullable()->constrained()->nullOnDelete();
            $table->text('folder')->comment('On this machine');
            $table->string('status', 20)->default('waiting')->comment('waiting, reading, done, failed or stopped');
            $table->string('trouble', 500)->default('')->comment('Why it failed');
            $table->integer('files')->default(0)->comment('Photos to be read');
            $table->integer('done')->default(0)->comment('Photos that were');
            $table->jsonb('names')->default('[]')->comment('Their paths from the folder on, in the order in which they are read');
            $table->jsonb('others')->default('[]')->comment('Files that are no photos');
            $table->longText('told')->default('')->comment('What exiftool tells, a JSON list in each line');
            $table->jsonb('lumas')->default('{}')->comment('How bright each photo is, 0 to 1, by its path');
            $table->jsonb('marks')->default('{}')->comment('mark and why, by number');
            $table->longText('matched')->nullable()->comment('evrent.match/1');
            $table->timestampTz('created_at');
            $table->timestampTz('begun_at', 3)->nullable();
            $table->timestampTz('ended_at', 3)->nullable();
            $table->index(['shot_id', 'id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('card_readings');
    }
};

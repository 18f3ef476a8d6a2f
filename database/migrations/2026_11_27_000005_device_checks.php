<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('device_checks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shot_id')->constrained()->cascadeOnDelete();
            $table->foreignId('plan_revision_id')->constrained()->cascadeOnDelete();
            $table->string('what', 20);
            $table->string('rig_address', 200)->nullable();
            $table->string('camera_address', 200);
            $table->string('status', 20)->default('waiting')->comment('waiting, running, done, failed or stopped');
            $table->boolean('is_stopped')->default(false)->comment('Somebody asked it to stop');
            $table->jsonb('said')->default('[]')->comment('Sentences');
            $table->jsonb('found')->default('{}')->comment('What devices say of each thing to look at, by its name');
            $table->jsonb('pictures')->default('[]')->comment('Test photos: name of the keyframe, photo, file, small JPEG in base64');
            $table->timestampTz('created_at');
            $table->timestampTz('beat_at', 3)->nullable()->comment('When its worker was last heard of');
            $table->index(['shot_id', 'id']);
            $table->index('status');
        });
        Schema::table('preflight_ticks', static function (Blueprint $table): void {
            $table->boolean('is_by_devices')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('preflight_ticks', static function (Blueprint $table): void {
            $table->dropColumn('is_by_devices');
        });
        Schema::dropIfExists('device_checks');
    }
};

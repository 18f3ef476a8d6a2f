<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('takes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shot_id')->constrained()->cascadeOnDelete();
            $table->foreignId('plan_revision_id')->constrained()->cascadeOnDelete();
            $table->string('rig_address', 200)->nullable()->comment('Null for a camera on legs alone');
            $table->string('camera_address', 200);
            $table->jsonb('setting')->comment('What it was started with, as in the header of evrent.run-log/2');
            $table->double('speed')->default(1)->comment('Of a simulated world');
            $table->jsonb('preflight')->default('[]')->comment('What was ticked, and when');
            $table->string('reason', 300)->nullable()->comment('Why it was started though the plan falls short');
            $table->string('status', 20)->default('prepared');
            $table->string('ending', 20)->nullable();
            $table->jsonb('now')->nullable()->comment('Where it stands, as its worker last said');
            $table->timestampTz('beat_at', 3)->nullable()->comment('When its worker was last heard of');
            $table->timestampTz('begun_at', 3)->nullable()->comment('When its log began');
            $table->timestampTz('ended_at', 3)->nullable();
            $table->smallInteger('rating')->nullable();
            $table->text('notes')->default('');
            $table->uuid('key')->nullable()->unique()->comment('The same request twice is one take');
            $table->timestampTz('created_at');
            $table->index(['shot_id', 'id']);
            $table->index('status');
        });
        Schema::create('take_lines', static function (Blueprint $table): void {
            $table->foreignId('take_id')->constrained()->cascadeOnDelete();
            $table->integer('number');
            $table->double('seconds');
            $table->string('kind', 20);
            $table->integer('photo')->nullable();
            $table->jsonb('more');
            $table->primary(['take_id', 'number']);
        });
        Schema::create('take_orders', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('take_id')->constrained()->cascadeOnDelete();
            $table->string('said', 20);
            $table->jsonb('more');
            $table->uuid('key')->nullable()->unique();
            $table->timestampTz('created_at', 3);
            $table->index(['take_id', 'id']);
        });
        Schema::create('preflight_ticks', static function (Blueprint $table): void {
            $table->foreignId('shot_id')->constrained()->cascadeOnDelete();
            $table->string('item', 40);
            $table->timestampTz('ticked_at');
            $table->primary(['shot_id', 'item']);
        });
    }

    public function down(): void
    {
        array_map(Schema::dropIfExists(...), ['preflight_ticks', 'take_orders', 'take_lines', 'takes']);
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('backdrops', static function (Blueprint $table): void {
            $table->comment('Photos from the ends of a move, which the finder shows in place of its drawing');
            $table->id();
            $table->foreignId('shot_id')->constrained()->cascadeOnDelete();
            $table->string('end', 5)->comment('first or last keyframe');
            $table->string('whence', 20)->comment('camera, check or file');
            $table->text('jpeg')->comment('in base64');
            $table->jsonb('pose')->comment('x in metres; yaw, pitch and roll in degrees');
            $table->jsonb('positions')->comment('mm or degrees by axis id');
            $table->boolean('is_stood')->comment('Whether the rig said that it stood there');
            $table->float('half_width', 53)->comment('Tangents of half the angles that it takes in');
            $table->float('half_height', 53);
            $table->timestampTz('created_at', 6)->useCurrent();
            $table->unique(['shot_id', 'end']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('backdrops');
    }
};

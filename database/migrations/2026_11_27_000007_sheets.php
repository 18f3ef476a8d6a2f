<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('card_readings', static function (Blueprint $table): void {
            $table->jsonb('shifts')->default('{}')->comment('How much farther right and down each picture lies than the one read before it, by its path');
            $table->jsonb('torn')->default('{}')->comment('Files whose end is not there, by path');
            $table->longText('sheet')->nullable()->comment('What is drawn of each photo');
            $table->smallInteger('rating')->nullable()->comment('How it came out, from 1 to 5; null or 0 where nobody said');
            $table->jsonb('placed')->nullable()->comment('A photo that somebody put to its place: file, number');
        });
    }

    public function down(): void
    {
        Schema::table('card_readings', static function (Blueprint $table): void {
            $table->dropColumn(['shifts', 'torn', 'sheet', 'rating', 'placed']);
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('card_readings', static function (Blueprint $table): void {
            $table->jsonb('unread')->default('{}')->comment('Why a file was left out, by its path');
        });
    }

    public function down(): void
    {
        Schema::table('card_readings', static function (Blueprint $table): void {
            $table->dropColumn('unread');
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('shoots', static function (Blueprint $table): void {
            $table->jsonb('tags')->default('[]')->comment('By which it is found again');
        });
        Schema::create('settings', static function (Blueprint $table): void {
            $table->string('name', 60)->primary();
            $table->text('value');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('settings');
        Schema::table('shoots', static fn (Blueprint $table) => $table->dropColumn('tags'));
    }
};

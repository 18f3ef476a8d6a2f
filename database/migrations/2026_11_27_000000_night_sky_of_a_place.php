<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('shoots', static function (Blueprint $table): void {
            $table->double('sky_mag')->default(21.3)->comment('How dark its night sky is, magnitudes in each square arc second');
        });
    }

    public function down(): void
    {
        Schema::table('shoots', static fn (Blueprint $table) => $table->dropColumn('sky_mag'));
    }
};

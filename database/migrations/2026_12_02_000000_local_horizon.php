<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('shoots', static function (Blueprint $table): void {
            $table->text('horizon')->default('')->comment('Bearings from true north with the heights of what stands there: "80 5, 110 12"');
        });
    }

    public function down(): void
    {
        Schema::dropColumns('shoots', ['horizon']);
    }
};

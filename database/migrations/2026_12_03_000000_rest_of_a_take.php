<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('shots', static function (Blueprint $table): void {
            $table->foreignId('follows_take_id')->nullable()->comment('The take that ended early, of which this shot is the rest')
                ->constrained('takes')->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('shots', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('follows_take_id');
        });
    }
};

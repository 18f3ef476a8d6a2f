<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('take_pictures', static function (Blueprint $table): void {
            $table->foreignId('take_id')->primary()->constrained()->cascadeOnDelete();
            $table->integer('photo')->comment('The one that was shown last');
            $table->text('jpeg')->comment('Small, in base64');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('take_pictures');
    }
};

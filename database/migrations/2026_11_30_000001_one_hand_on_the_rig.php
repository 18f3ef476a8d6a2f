<?php

declare(strict_types=1);

use Evrent\Devices\Links\DeviceAddress;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('takes', static function (Blueprint $table): void {
            $table->bigInteger('token')->default(0)->comment('Rises with each who drives it; lines under a lower one are refused');
            $table->string('driven_from', 40)->nullable()->comment('The machine whose lock its driver holds');
            $table->string('rig_key', 200)->nullable()->comment('What its address leads to, however it is written');
            $table->string('camera_key', 200)->nullable();
            $table->jsonb('begun_mark')->nullable()->comment('When its log began, on a clock that nobody sets: boot, seconds since');
            $table->string('waits_for', 200)->default('')->comment('Why no worker drives it; empty when one does');
        });
        Schema::table('take_lines', static function (Blueprint $table): void {
            $table->bigInteger('token')->default(0);
        });
        DB::statement('drop sequence if exists take_tokens');
        // It goes with the table.
        DB::statement('create sequence take_tokens owned by takes.token');
        $taken = [];
        foreach (DB::table('takes')->where('status', '!=', 'ended')->orderBy('id')->get(['id', 'rig_address', 'camera_address']) as $take) {
            $keys = [
                'rig_key' => is_string($take->rig_address) ? DeviceAddress::ofRig($take->rig_address) : null,
                'camera_key' => DeviceAddress::ofCamera(is_string($take->camera_address) ? $take->camera_address : ''),
            ];
            // Of two that were started on one, the first has it.
            $keys = array_filter($keys, static fn (?string $key): bool => $key !== null && !isset($taken[$key]));
            $taken += array_fill_keys($keys, true);
            DB::table('takes')->where('id', $take->id)->update([...$keys, 'token' => DB::raw("nextval('take_tokens')")]);
        }
        foreach (['rig_key', 'camera_key'] as $key) {
            DB::statement("create unique index takes_one_hand_on_{$key} on takes ({$key}) where status not in ('ended', 'interrupted') and {$key} is not null");
        }
    }

    public function down(): void
    {
        Schema::table('take_lines', static function (Blueprint $table): void {
            $table->dropColumn('token');
        });
        DB::statement('drop index takes_one_hand_on_rig_key');
        DB::statement('drop index takes_one_hand_on_camera_key');
        Schema::table('takes', static function (Blueprint $table): void {
            $table->dropColumn(['token', 'driven_from', 'rig_key', 'camera_key', 'waits_for', 'begun_mark']);
        });
        DB::statement('drop sequence if exists take_tokens');
    }
};

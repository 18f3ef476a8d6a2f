<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class () extends Migration {
    private const NOTE = 'simulated, runs beside Evrent';

    public function up(): void
    {
        // They were kept by the port that they had at the first start; where they are now, the copy itself knows.
        foreach (['Simulated rig' => '127.0.0.1:%', 'Simulated body' => 'ptp:127.0.0.1:%'] as $name => $address) {
            DB::update("update kit_items set content = jsonb_set(content::jsonb, '{address}', '\"sim\"')
                where name = ? and content::jsonb->>'note' = ? and content::jsonb->>'address' like ?", [$name, self::NOTE, $address]);
        }
    }

    public function down(): void
    {
        // An earlier Evrent knows no such name: it is told where they are reached.
        foreach (['Simulated rig' => 'evrent.rig_address', 'Simulated body' => 'evrent.camera_address'] as $name => $setting) {
            $address = explode('#', config()->string($setting))[0];
            DB::update("update kit_items set content = jsonb_set(content::jsonb, '{address}', to_jsonb(?::text))
                where name = ? and content::jsonb->>'address' = 'sim'", [$address, $name]);
        }
    }
};

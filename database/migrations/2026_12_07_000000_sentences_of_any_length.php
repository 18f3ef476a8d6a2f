<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

// What failed is kept as a key of the catalogue with its arguments, and things in the bags go by their keys too.

return new class () extends Migration {
    private const COLUMNS = [['card_readings', 'trouble'], ['films', 'trouble'], ['folder_works', 'trouble'],
        ['test_grids', 'says'], ['test_grid_cells', 'says']];

    private const PACKED = [
        'care: blower and lens cloth' => 'care: day.packing_list.blower',
        'care: spirit level and compass' => 'care: day.packing_list.level',
        'rig: weight to hang, and pegs' => 'rig: day.packing_list.weight',
        'light: red lamp and a spare' => 'light: day.packing_list.lamp',
        'safety: tide table and a second way off' => 'safety: day.packing_list.tide',
        'clothes: something that is seen' => 'clothes: day.packing_list.visible',
        'safety: line to tie rig and bag' => 'safety: day.packing_list.line',
        'safety: line on the carriage' => 'safety: day.packing_list.carriage',
        'safety: tape and a lamp for cables and legs' => 'safety: day.packing_list.tape',
        'clothes: water, food, something to sit on' => 'clothes: day.packing_list.food',
        'camera battery: fully charged' => 'camera_battery: day.packing_list.charged',
        'rig battery: fully charged' => 'rig_battery: day.packing_list.charged',
    ];

    private const KINDS = ['ND filter: ' => 'filter: ', 'camera battery: ' => 'camera_battery: ', 'rig battery: ' => 'rig_battery: ',
        'power bank: ' => 'power_bank: '];

    public function up(): void
    {
        foreach (self::COLUMNS as [$table, $column]) {
            Schema::table($table, static function (Blueprint $table) use ($column): void {
                $table->text($column)->default('')->comment('Why it failed: a key of the catalogue with its arguments, or a text from before')->change();
            });
        }
        self::rename(self::PACKED, self::KINDS);
    }

    public function down(): void
    {
        foreach (self::COLUMNS as [$table, $column]) {
            DB::statement("alter table {$table} alter column {$column} type varchar(500) using left({$column}, 500)");
        }
        self::rename(array_flip(self::PACKED), array_flip(self::KINDS));
    }

    /**
     * @param array<string, string> $items
     * @param array<string, string> $begins how others begin
     */
    private static function rename(array $items, array $begins): void
    {
        foreach ($items as $from => $to) {
            DB::table('packed_items')->where('item', $from)->update(['item' => $to]);
        }
        foreach ($begins as $from => $to) {
            DB::statement('update packed_items set item = ? || substr(item, ?) where item like ?', [$to, strlen($from) + 1, "{$from}%"]);
        }
    }
};

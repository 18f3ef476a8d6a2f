<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\KitItem;
use App\Models\Preset;
use App\Models\Shoot;
use App\Models\Shot;
use App\Models\Take;
use Database\Seeders\DemoSeeder;
use Database\Seeders\KitSeeder;
use Database\Seeders\RecipeSeeder;
use Database\Seeders\TrialSeeder;
use Evrent\Words\Catalogue;
use Evrent\Words\Words;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Console\Input\InputOption;

/**
 * Lays out the demo shoot: on the first start, and again when asked to put it back.
 */
final class LayOutDemo extends Command
{
    protected $name = 'evrent:demo';

    protected function configure(): void
    {
        $this->setDescription(Words::of('cli.demo.about'))->addOption('reset', null, InputOption::VALUE_NONE, Words::of('cli.demo.reset'));
    }

    public function handle(DemoSeeder $seeder, RecipeSeeder $recipes, KitSeeder $kit, TrialSeeder $trial): int
    {
        $language = getenv('EVRENT_LANGUAGE');
        app()->setLocale(Catalogue::nearest(is_string($language) ? $language : ''));
        $code = self::SUCCESS;
        DB::transaction(function () use ($seeder, $recipes, $kit, $trial, &$code): void {
            if ($this->option('reset') === true) {
                $demo = Shoot::withTrashed()->where('is_demo', true);
                if (Take::underWayOf(Shot::withTrashed()->whereIn('shoot_id', $demo->clone()->pluck('id')->all()))->isNotEmpty()) {
                    $this->error(Words::of('cli.demo.under_way'));

                    $code = self::FAILURE;

                    return;
                }
                $demo->forceDelete();
            }
            // What was thrown away stays away.
            if (Shoot::withTrashed()->where('is_demo', true)->doesntExist()) {
                $seeder->run();
                $recipes->run();
                $trial->run();
            } elseif (Preset::withTrashed()->doesntExist()) {
                // A demo from before there were presets has none yet; single ones that were thrown away stay away.
                $recipes->run();
            }
            // Where the bag is empty there is something to start from.
            if (KitItem::withTrashed()->doesntExist()) {
                $kit->run();
            }
        });

        return $code;
    }
}
